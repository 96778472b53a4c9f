import { Idiomorph } from 'idiomorph';
import { request } from '../lib/request';
import { Edits } from './edits';
import { drawChanges } from './changes';
import { Clipping } from './clipping';
import { Gestures } from './gestures';
import { Guides } from '../lib/guides';
import { Kits } from './kits';
import { Many } from './many';
import { Measures } from './measures';
import { Pictures } from './pictures';
import { Selection } from './selection';
import { around, clamp, Stage, tidy } from './stage';
import { Tables } from './tables';
import { Tools } from './tools';
import { Traits } from './traits';

const CLIP = 'open-slate.clip';
const REST = 180; // milliseconds after the last nudge of a run, before it is sent as one move
const GUIDES_REST = 120; // milliseconds after an edit before the lines to hold to are asked for
const GAP = 4; // points between a thing and its first repeat
const JOINT_NEAR = 6; // points from a joint, an edge or a middle within which that is meant
const OFFSET = 12; // points that a paste on the same page is set off

// What the job sheet counts, on this page: the rest of the worksheet stays as it was.
const COUNTED = {
    boxes: {
        one: 'answer box',
        many: 'answer boxes',
        count: (elements) =>
            elements.reduce(
                (count, element) =>
                    count +
                    (element.classList.contains('element--box')
                        ? 1
                        : element.querySelectorAll('.table-cell--fill, .organiser__box').length),
                0,
            ),
    },
    parts: {
        one: 'part',
        many: 'parts',
        count: (elements) => elements.filter((element) => element.classList.contains('element--part')).length,
    },
};

const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** The Boxes station: puts gestures, keys and fields to edits, and shows what the server makes of them. */
export class Bench {
    #tool = null;
    #nudge = null;
    #nudgeTimer = 0;
    #lastRepeat = null;

    constructor(table, ledger) {
        this.table = table;
        this.ledger = ledger;
        this.desk = table.querySelector('[data-desk]');
        this.stage = new Stage(table.querySelector('[data-stage]'));
        this.traits = new Traits(ledger.querySelector('[data-traits]'), this.stage, (ids, set) =>
            this.#send({ kind: 'change', ids, set }),
        );
        this.selection = new Selection(this.stage, ledger, (ids) => this.#selected(ids));
        const panel = ledger.querySelector('[data-traits]');
        const means = {
            send: (edit, then) => this.#send(edit, then),
            say: (words) => this.#say(words),
            problem: (words) => this.#problem(words),
            place: (element) => this.#send({ kind: 'place', elements: [element] }),
        };
        this.tables = new Tables(panel, this.stage, means);
        this.many = new Many(panel, this.stage, this.selection, means);
        this.measures = new Measures(
            panel,
            this.stage,
            (frames) => this.#send({ kind: 'resize', frames }),
            means.problem,
        );
        this.clipping = new Clipping(document.querySelector('[data-clipping]'), means.send, means.problem);
        this.pictures = new Pictures(
            ledger.querySelector('[data-picture-file]'),
            table.dataset.pictures,
            this.stage,
            means,
        );
        const kits = ledger.querySelector('[data-kits]');
        this.kits = kits && new Kits(kits, ledger.querySelector('[data-kit-naming]'), this.selection, means);
        this.guides = new Guides(this.stage);
        this.#guided(JSON.parse(table.dataset.guides));
        this.tools = new Tools(ledger.querySelector('[data-tools]').dataset.tools);
        this.gestures = new Gestures(this.stage, this.selection, this.guides, {
            tool: () => this.#tool,
            within: (tool) => (this.tools.isBeside(tool) ? this.stage.whole : this.stage.page),
            ratio: (tool) => this.tools.ratioOf(tool),
            moved: (ids, dx, dy) => {
                if (dx !== 0 || dy !== 0) this.#send({ kind: 'move', ids, dx, dy });
            },
            resized: (id, frame) => this.#send({ kind: 'resize', frames: { [id]: frame } }),
            laid: (frame, from, to) => this.#place(frame, from, to),
            jointed: (id, at) => this.#joint(id, at),
            optionMoved: (id, option, by) => this.#moveOption(id, option, by),
            room: (at, by) => this.#send({ path: 'room', body: { at, by } }),
            pressed: (event) => this.tables.press(event.target, event.shiftKey),
            leaveTool: () => this.#choose(null),
        });
        this.edits = new Edits(table.dataset.pageId, Number(table.dataset.revision), {
            drawn: (answer) => this.#draw(answer),
            stale: (words, lost) => this.#problem(words, lost),
            refused: (problem) => this.#problem(problem.message),
            waiting: (isWaiting) => this.#wait(isWaiting),
        });
        this.#steps(table.dataset.undo === 'yes', table.dataset.redo === 'yes');
        this.elsewhere = Object.fromEntries(
            Object.entries(COUNTED).map(([station, { count }]) => [
                station,
                parseInt(this.#jobState(station).textContent, 10) - count(this.stage.elements()),
            ]),
        );
        this.#listen();
        this.#zoom(1);
        this.#showPaste();
    }

    #listen() {
        this.ledger
            .querySelectorAll('[data-tool]')
            .forEach((button) =>
                button.addEventListener('click', () =>
                    this.#choose(button.dataset.tool === this.#tool ? null : button.dataset.tool),
                ),
            );
        document
            .querySelectorAll('[data-verb]')
            .forEach((button) => button.addEventListener('click', () => this.#verb(button.dataset.verb)));
        this.table
            .querySelectorAll('[data-zoom]')
            .forEach((button) =>
                button.addEventListener('click', () =>
                    this.#zoom({ in: this.zoom * 1.25, out: this.zoom / 1.25, fit: 1 }[button.dataset.zoom]),
                ),
            );
        this.table.querySelector('[data-dismiss]').addEventListener('click', () => this.#problem(''));
        this.table.querySelector('[data-again]').addEventListener('click', () => this.#again());
        const keys = document.querySelector('[data-keys-list]');
        this.table.querySelector('[data-keys]').addEventListener('click', () => keys.showModal());
        document.addEventListener('keydown', (event) => this.#key(event, keys));
        this.#linking();
        this.#tray();
        this.ledger
            .querySelectorAll('[data-set]')
            .forEach((button) => button.addEventListener('click', () => this.#give(button.dataset.set)));
        this.makePart = this.ledger.querySelector('[data-make-part]');
        this.makePart.addEventListener('click', () =>
            this.#send({ path: 'clip-part', body: { id: this.selection.ids[0] } }),
        );
        this.ledger
            .querySelector('[data-loosen]')
            .addEventListener('click', () => this.#send({ kind: 'loosen', organiser: this.selection.ids[0] }));
        this.ledger
            .querySelector('[data-lay-out]')
            .addEventListener('click', () => this.#send({ kind: 'lay-out', part: this.selection.ids[0] }));
        new ResizeObserver(() => this.#zoom(this.zoom)).observe(this.desk);
        const rows = this.ledger.querySelector('[data-ledger]');
        rows.addEventListener('click', (event) => {
            const id = event.target.closest('[data-row-select]')?.closest('[data-row]').dataset.row;
            if (id) {
                if (event.shiftKey) this.selection.toggle(id);
                else this.selection.only([id]);
                this.stage.element(id).scrollIntoView({ block: 'nearest' });
            }
        });
        rows.addEventListener('focusin', (event) => {
            const row = event.target.matches('[data-row-trait]') && event.target.closest('[data-row]');
            if (row && !this.selection.has(row.dataset.row)) this.selection.only([row.dataset.row]);
        });
        rows.addEventListener('change', (event) => {
            const field = event.target;
            if (!field.readOnly)
                this.#send({
                    kind: 'change',
                    ids: [field.closest('[data-row]').dataset.row],
                    set: { [field.dataset.rowTrait]: field.value },
                });
        });
        this.#ghosts(rows);
        this.stage.root.addEventListener('dblclick', (event) => {
            if (event.target.closest('.element')) this.traits.focus();
        });
        // Leaving with something unsent asks first.
        window.addEventListener('beforeunload', (event) => {
            this.#flush();
            if (!this.edits.idle) event.preventDefault();
        });
        window.addEventListener('storage', () => this.#showPaste());
    }

    // --- proposed blanks ---

    #ghosts(rows) {
        const root = this.stage.root;
        const all = () => [...root.querySelectorAll('[data-ghost]')];
        const does = (verb, ghost) => {
            const next = all()[all().indexOf(ghost) + 1] ?? all().at(-2);
            this.#send({ path: `blanks/${verb}`, body: { which: [Number(ghost.dataset.ghost)] } }, () =>
                (next && root.querySelector(`[data-ghost="${next.dataset.ghost}"]`))?.focus(),
            );
        };
        // A press takes it; a drag that begins on it selects what it is drawn round, as anywhere on the page.
        let pressed = null;
        root.addEventListener(
            'pointerdown',
            (event) => {
                const ghost = event.target.closest('[data-ghost]');
                pressed = ghost && event.button === 0 ? { ghost, x: event.clientX, y: event.clientY } : null;
            },
            true,
        );
        window.addEventListener('pointerup', (event) => {
            const now = pressed;
            pressed = null;
            if (now && Math.hypot(event.clientX - now.x, event.clientY - now.y) < 4) does('take', now.ghost);
        });
        root.addEventListener(
            'keydown',
            (event) => {
                const ghost = event.target.closest('[data-ghost]');
                if (!ghost || event.ctrlKey || event.metaKey || event.altKey) return;
                const step = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 }[event.key];
                if (step) all()[all().indexOf(ghost) + step]?.focus();
                else if (event.key === 'Enter' || event.key === ' ') does('take', ghost);
                else if (event.key === 'Delete' || event.key === 'Backspace') does('refuse', ghost);
                else return;
                event.preventDefault();
                event.stopImmediatePropagation();
            },
            true,
        );
        rows.addEventListener('click', (event) => {
            const verb = event.target.closest('[data-blanks]')?.dataset.blanks;
            if (verb) this.#send({ path: `blanks/${verb}`, body: {} });
        });
    }

    // --- what the server says ---

    #draw(answer) {
        this.gestures.handles.remove();
        this.guides.end();
        this.#askForGuides();
        if (answer.said) this.#problem(answer.said);
        if (answer.page) {
            Idiomorph.morph(this.stage.root, answer.page.trim(), { morphStyle: 'innerHTML' });
            Idiomorph.morph(this.ledger.querySelector('[data-ledger]'), answer.ledger.trim(), {
                morphStyle: 'innerHTML',
                ignoreActiveValue: true,
            });
        } else {
            drawChanges(this.stage.layer, this.ledger.querySelector('[data-ledger]'), answer);
        }
        this.#steps(answer.undo, answer.redo);
        this.showTray();
        if (answer.new?.length) this.selection.only(answer.new);
        else this.selection.show();
        Object.entries(COUNTED).forEach(([station, { count, one, many }]) => {
            const all = this.elsewhere[station] + count(this.stage.elements());
            this.#jobState(station).textContent = all === 1 ? `1 ${one}` : `${all} ${many}`;
        });
    }

    /** The lines to hold to have changed with the page: they are asked for when it rests. */
    #askForGuides() {
        clearTimeout(this.guidesTimer);
        this.guidesTimer = setTimeout(async () => {
            const lines = await request('GET', `/pages/${this.table.dataset.pageId}/guides`).catch(() => null);
            if (lines && this.edits.idle) this.#guided(lines);
        }, GUIDES_REST);
    }

    #guided(lines) {
        this.guides.lines = lines;
        const warning = this.ledger.querySelector('[data-overlaps]');
        warning.hidden = lines.overlaps === '';
        if (warning.textContent !== lines.overlaps) warning.textContent = lines.overlaps;
    }

    #steps(undo, redo) {
        this.table.querySelector('[data-verb=undo]').disabled = !undo;
        this.table.querySelector('[data-verb=redo]').disabled = !redo;
    }

    #jobState(station) {
        return document.querySelector(`[data-job-state=${station}]`);
    }

    #problem(words, lost = []) {
        const notice = this.table.querySelector('[data-problem]');
        notice.hidden = words === '';
        notice.querySelector('[data-problem-words]').textContent = words;
        this.lost = lost;
        notice.querySelector('[data-again]').hidden = lost.length === 0;
    }

    #again() {
        const lost = this.lost;
        this.#problem('');
        lost.forEach(({ edit, then }) => this.edits.send(edit, then));
    }

    #wait(isWaiting) {
        if (isWaiting)
            this.#problem(
                'There is no connection. Your change is kept here and is sent when the server is back; leave this screen open.',
            );
        else if (this.waiting) this.#problem('');
        this.waiting = isWaiting;
    }

    #say(words) {
        this.table.querySelector('[data-said]').textContent = words;
    }

    // --- edits ---

    #send(edit, then) {
        this.#flushNudge();
        this.edits.send(edit, then);
    }

    #flush() {
        this.traits.flush();
        this.#flushNudge();
    }

    #place(frame, from, to) {
        const kind = this.tools.newOf(this.#tool);
        if (this.#tool === 'picture' || this.#tool === 'part-picture') {
            this.pictures.choose(frame.width ? frame : null, kind);
            this.#choose(null);
            return;
        }
        const within = this.tools.isBeside(this.#tool) ? this.stage.whole : this.stage.page;
        const width = frame.width ?? Math.min(kind.width, within.width);
        const height = frame.height ?? Math.min(kind.height, within.height);
        const element = {
            ...kind,
            width,
            height,
            x: tidy(clamp(frame.x, within.x, within.x + within.width - width)),
            y: tidy(clamp(frame.y, within.y, within.y + within.height - height)),
        };
        if (this.#tool === 'link') {
            this.#askForLink(element);
            return;
        }
        if (this.#tool === 'choice') {
            const { kind: _, ...region } = element;
            this.#send({ kind: 'choice', ...region });
        } else {
            this.#send({ kind: 'place', elements: [{ ...element, ...this.tools.layOf(this.#tool, frame, from, to) }] });
        }
        // One fills a page; what it is like is chosen next.
        if (this.#tool === 'organiser') this.#choose(null);
        this.#say('Laid on the page.');
    }

    /** A link is asked for its words and where it leads, before it is laid. */
    #linking() {
        const dialog = document.querySelector('[data-linking]');
        const form = dialog.querySelector('form');
        const page = form.elements.page;
        page.addEventListener('change', () => {
            form.elements.target.required = page.value === '';
        });
        dialog.querySelector('[data-link-no]').addEventListener('click', () => dialog.close());
        form.addEventListener('submit', async (event) => {
            event.preventDefault();
            const { text, target, page: to } = Object.fromEntries(new FormData(form));
            const address =
                to !== '' ? to : /^[a-z]+:/i.test(target.trim()) ? target.trim() : `https://${target.trim()}`;
            form.querySelector('[data-link-problem]').textContent = '';
            if (to === '' && !/^(https?:\/\/[^\s/?#@:]+\.?\S*|mailto:[^\s@]+@[^\s@]+)$/i.test(address)) {
                form.querySelector('[data-link-problem]').textContent =
                    'That is no address. It should look like https://… or mailto:…, or choose a page.';
                return;
            }
            dialog.close();
            this.#send({ kind: 'place', elements: [{ ...this.link, text, target: address }] });
        });
    }

    /**
     * A joint where a part was pressed; one that is there already goes. It keeps to the edges, middles and quarters
     * that are near.
     */
    #joint(id, at) {
        const { x, y, width, height, joints, form } = this.stage.data(id);
        if (!joints || form === 'connector') {
            this.#problem('Joints are for parts. A connector holds with its ends by itself.');
            return;
        }
        const share = (along, from, size) => {
            const exact = clamp((along - from) / size, 0, 1);
            const even = Math.round(exact * 4) / 4;
            return Math.abs(exact - even) * size <= JOINT_NEAR ? even : Math.round(exact * 1000) / 1000;
        };
        const near = joints.find(
            (joint) => Math.hypot(x + joint.x * width - at.x, y + joint.y * height - at.y) <= JOINT_NEAR,
        );
        const free = [...'abcdefghijklmnop'].find((letter) => !joints.some((joint) => joint.id === letter));
        this.#send({
            kind: 'change',
            ids: [id],
            set: {
                joints: near
                    ? joints.filter((joint) => joint !== near)
                    : [...joints, { id: free, x: share(at.x, x, width), y: share(at.y, y, height) }],
            },
        });
    }

    /** Pictures that students choose from for a part: one more of the teacher's, or none. */
    #give(what) {
        const ids = this.selection.ids.filter((id) => this.stage.data(id).set);
        if (what === 'none') {
            this.#send({ kind: 'change', ids, set: { set: [] } });
            return;
        }
        const { set } = this.stage.data(ids[0]);
        this.pictures.choose(null, (source) =>
            this.#send({ kind: 'change', ids, set: { own: true, set: [...set, { source }] } }),
        );
    }

    /** The tray beside the page: on which side, how deep, and whether students find it open. */
    #tray() {
        const form = this.ledger.querySelector('[data-tray]');
        this.showTray = () => {
            const tray = JSON.parse(this.stage.layer.dataset.tray);
            if (!form) return;
            form.elements.side.value = tray?.side ?? '';
            if (tray) {
                form.elements.depth.value = tray.depth;
                form.elements.open.checked = tray.open;
            }
        };
        form?.addEventListener('change', () => {
            const { side, depth } = Object.fromEntries(new FormData(form));
            const tray =
                side === ''
                    ? null
                    : { side, depth: clamp(Number(depth) || 150, 40, 800), open: form.elements.open.checked };
            this.#send({ kind: 'tray', tray });
        });
    }

    #askForLink(element) {
        this.link = element;
        document.querySelector('[data-linking]').showModal();
    }

    #moveOption(id, option, { dx, dy }) {
        const { options, width, height } = this.stage.data(id);
        const held = (share, size, by, side) => Math.round(clamp(share + by / side, 0, 1 - size) * 100000) / 100000;
        this.#send({
            kind: 'change',
            ids: [id],
            set: {
                options: options.map((one) =>
                    one.id === option
                        ? {
                              ...one,
                              left: held(one.left, one.across, dx, width),
                              top: held(one.top, one.down, dy, height),
                          }
                        : one,
                ),
            },
        });
    }

    #placeInMiddle() {
        if (this.#tool === 'room') return;
        if (this.#tool === 'joint') {
            // From the keyboard: in the middle of what is selected.
            this.selection.ids.forEach((id) => {
                const { x, y, width, height } = this.stage.frame(id);
                this.#joint(id, { x: x + width / 2, y: y + height / 2 });
            });
            return;
        }
        if (this.#tool === 'picture' || this.#tool === 'part-picture') {
            this.#place({});
            return;
        }
        const desk = this.desk.getBoundingClientRect();
        const kind = this.tools.newOf(this.#tool);
        const at = this.stage.point({ clientX: desk.left + desk.width / 2, clientY: desk.top + desk.height / 2 });
        this.#place({ x: at.x - kind.width / 2, y: at.y - kind.height / 2 });
    }

    #nudgeBy(dx, dy) {
        const ids = this.selection.ids;
        const step = this.stage.held(this.stage.bounds(ids), dx, dy, this.stage.reach(ids));
        ids.forEach((id) => {
            const frame = this.stage.frame(id);
            this.stage.show(id, { ...frame, x: tidy(frame.x + step.dx), y: tidy(frame.y + step.dy) });
        });
        this.gestures.showHandles();
        this.#nudge ??= { ids, dx: 0, dy: 0 };
        this.#nudge.dx += step.dx;
        this.#nudge.dy += step.dy;
        clearTimeout(this.#nudgeTimer);
        this.#nudgeTimer = setTimeout(() => this.#flushNudge(), REST);
    }

    #flushNudge() {
        clearTimeout(this.#nudgeTimer);
        const nudge = this.#nudge;
        this.#nudge = null;
        if (nudge && (nudge.dx !== 0 || nudge.dy !== 0))
            this.edits.send({ kind: 'move', ids: nudge.ids, dx: tidy(nudge.dx), dy: tidy(nudge.dy) });
    }

    #stretchBy(dx, dy) {
        const within = this.stage.reach(this.selection.ids);
        const frames = Object.fromEntries(
            this.selection.ids.map((id) => {
                const { x, y, width, height } = this.stage.frame(id);
                return [
                    id,
                    {
                        x,
                        y,
                        width: tidy(clamp(width + dx, 4, within.x + within.width - x)),
                        height: tidy(clamp(height + dy, 4, within.y + within.height - y)),
                    },
                ];
            }),
        );
        Object.entries(frames).forEach(([id, frame]) => this.stage.show(id, frame));
        this.gestures.showHandles();
        this.#send({ kind: 'resize', frames });
    }

    /** The first repeat lies just below; moved from there, the next ones keep that step. */
    #repeat() {
        const ids = this.selection.ids;
        if (ids.length === 0) return;
        const bounds = this.stage.bounds(ids);
        const last = this.#lastRepeat;
        const follows = last && last.ids.length === ids.length && last.ids.every((id) => this.selection.has(id));
        const step = follows
            ? { dx: tidy(bounds.x - last.bounds.x), dy: tidy(bounds.y - last.bounds.y) }
            : { dx: 0, dy: tidy(bounds.height + GAP) };
        this.#send({ kind: 'repeat', ids, ...step, times: 1 }, (answer) => {
            this.#lastRepeat = { ids: answer.new, bounds };
        });
    }

    #copy() {
        const elements = this.selection.ids.map((id) => {
            const { id: _id, group: _group, ...rest } = this.stage.data(id);
            return rest;
        });
        if (elements.length === 0) return;
        localStorage.setItem(CLIP, JSON.stringify({ page: this.table.dataset.pageId, elements }));
        this.#showPaste();
        this.#say(elements.length === 1 ? 'Copied.' : `${elements.length} copied.`);
    }

    #paste() {
        const clip = this.#clip();
        if (!clip) return;
        const frame = around(clip.elements);
        const off = clip.page === this.table.dataset.pageId ? OFFSET : 0;
        const { dx, dy } = this.stage.held(
            frame,
            off,
            off,
            clip.elements.every((element) => element.kind === 'part') ? this.stage.whole : this.stage.page,
        );
        this.#send({
            kind: 'place',
            elements: clip.elements.map((element) => ({
                ...element,
                x: tidy(element.x + dx),
                y: tidy(element.y + dy),
            })),
        });
        if (off)
            localStorage.setItem(
                CLIP,
                JSON.stringify({
                    ...clip,
                    elements: clip.elements.map((element) => ({
                        ...element,
                        x: tidy(element.x + dx),
                        y: tidy(element.y + dy),
                    })),
                }),
            );
    }

    #clip() {
        try {
            return JSON.parse(localStorage.getItem(CLIP));
        } catch {
            return null;
        }
    }
    #showPaste() {
        this.ledger.querySelector('[data-verb=paste]').hidden = !this.#clip();
    }

    #remove() {
        if (!this.selection.empty) {
            this.#send({ kind: 'remove', ids: this.selection.ids });
            this.#say('Taken off the page.');
        }
    }

    #verb(verb) {
        this.#flush();
        ({
            undo: () => this.#send('undo'),
            redo: () => this.#send('redo'),
            repeat: () => this.#repeat(),
            copy: () => this.#copy(),
            cut: () => {
                this.#copy();
                this.#remove();
            },
            paste: () => this.#paste(),
            remove: () => this.#remove(),
            group: () => this.many.does('group'),
            ungroup: () => this.many.does('ungroup'),
            all: () => this.selection.only(this.stage.elements().map((element) => element.dataset.id)),
        })[verb]();
    }

    // --- tools, keys, zoom ---

    #choose(tool) {
        if (tool === 'clip') {
            this.#choose(null);
            this.clipping.open();
            return;
        }
        this.#tool = tool;
        this.table.classList.toggle('is-drawing', tool !== null);
        this.#makeRoom();
        this.ledger
            .querySelectorAll('[data-tool]')
            .forEach((button) => button.setAttribute('aria-pressed', String(button.dataset.tool === tool)));
        this.ledger.querySelector('[data-hint]').textContent =
            tool === 'room'
                ? 'Press on the page where room is wanted, and drag down or up.'
                : tool === 'joint'
                  ? 'Press a part where it should hold; press a joint to take it away. Esc when done.'
                  : tool
                    ? 'Draw it on the page, as often as you like. Esc when done.'
                    : 'Choose one, then draw it on the page.';
    }

    #selected(ids) {
        if (this.#nudge && ids.join() !== this.#nudge.ids.join()) this.#flushNudge();
        this.traits.show(ids);
        if (ids.length > 0) {
            this.measures.show(ids);
            this.many.show(ids);
        }
        this.tables.show(ids);
        if (this.makePart)
            this.makePart.hidden = ids.length !== 1 || !['picture', 'clip'].includes(this.stage.data(ids[0]).kind);
        this.gestures.showHandles();
        // What is selected needs the room; the tools are a press or a key away.
        this.#makeRoom();
    }

    #makeRoom() {
        const busy = !this.selection.empty && this.#tool === null;
        if (busy === this.wasBusy) return;
        this.wasBusy = busy;
        this.ledger.querySelectorAll('[data-laying]').forEach((tools) => {
            tools.open = !busy;
        });
    }

    #key(event, keys) {
        if (keys.open || this.gestures.busy || event.target.closest('input, textarea, select, dialog')) return;
        const command = event.ctrlKey || event.metaKey;
        const handled = command ? this.#commandKey(event) : this.#plainKey(event, keys);
        if (handled) event.preventDefault();
    }

    #commandKey(event) {
        const key = event.key.toLowerCase();
        const verb = {
            d: 'repeat',
            c: 'copy',
            x: 'cut',
            v: 'paste',
            a: 'all',
            y: 'redo',
            g: event.shiftKey ? 'ungroup' : 'group',
            z: event.shiftKey ? 'redo' : 'undo',
        }[key];
        if (!verb || (key === 'c' && String(window.getSelection()) !== '')) return false;
        if (
            (verb === 'undo' || verb === 'redo') &&
            this.table.querySelector(`[data-verb=${verb}]`).disabled &&
            this.edits.idle &&
            !this.#nudge
        )
            return true;
        this.#verb(verb);
        return true;
    }

    #plainKey(event, keys) {
        const key = event.key;
        const element = event.target.closest('.element');
        // Letters work only while the page, or nothing, has the focus, so that they never surprise in the ledger.
        const onPage = this.desk.contains(event.target) || event.target === document.body;
        const arrow = ARROWS[key];
        if (arrow && !this.selection.empty && onPage) {
            const [dx, dy] = arrow.map((value) => value * (event.shiftKey ? 10 : 1));
            if (event.altKey) this.#stretchBy(dx, dy);
            else this.#nudgeBy(dx, dy);
            return true;
        }
        if ((key === '[' || key === ']') && onPage && !this.selection.empty) {
            this.many.does('order', key === '[' ? 'backward' : 'forward');
            return true;
        }
        if ((key === 'Delete' || key === 'Backspace') && onPage && !this.selection.empty) {
            this.#remove();
            return true;
        }
        if (key === 'Escape') {
            if (this.#tool) this.#choose(null);
            else this.selection.clear();
            return true;
        }
        if (key === 'Enter' && this.#tool && (onPage || event.target.closest('[data-tool]'))) {
            this.#placeInMiddle();
            return true;
        }
        if (element && (key === 'Enter' || key === ' ')) {
            if (event.shiftKey) this.selection.toggle(element.dataset.id);
            else if (this.selection.has(element.dataset.id) && key === 'Enter') this.traits.focus();
            else this.selection.only([element.dataset.id]);
            return true;
        }
        if (key === 'PageUp' || key === 'PageDown') {
            const here = this.table.querySelector('.rail [aria-current]');
            (key === 'PageUp' ? here.previousElementSibling : here.nextElementSibling)?.click();
            return true;
        }
        if (onPage && this.tools.byKey[key]) {
            this.#choose(this.tools.byKey[key] === this.#tool ? null : this.tools.byKey[key]);
            return true;
        }
        if (onPage && key === 't') {
            this.ledger.querySelector('[data-blanks=take]')?.click();
            return true;
        }
        if (onPage && key === '?') {
            keys.showModal();
            return true;
        }
        return false;
    }

    #zoom(zoom) {
        this.zoom = clamp(zoom ?? 1, 0.4, 4);
        const style = this.desk.style;
        style.setProperty('--fit', `${Math.max(200, Math.min(1100, this.desk.clientWidth - 36))}px`);
        style.setProperty('--zoom', this.zoom);
        this.gestures.showHandles();
    }
}
