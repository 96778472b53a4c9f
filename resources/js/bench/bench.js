import { Idiomorph } from 'idiomorph';
import { request } from '../lib/request';
import { Guides } from '../lib/guides';
import { keep, kept, scrollBack } from '../lib/kept-view';
import { smallPages } from '../lib/small-pages';
import { drawChanges } from './changes';
import { Clipboard } from './clipboard';
import { Clipping } from './clipping';
import { Edits } from './edits';
import { clamp, tidy } from './geometry';
import { Footbar } from './footbar';
import { Gestures } from './gestures';
import { Ghosts } from './ghosts';
import { JobCounts } from './job-counts';
import { labelOf, LONGEST_LABEL } from './labels';
import { jointsPressed } from './joints';
import { Keys } from './keys';
import { Kits } from './kits';
import { Laying } from './laying';
import { Linking } from './linking';
import { Many } from './many';
import { Measures } from './measures';
import { Notice } from './notice';
import { Nudging } from './nudging';
import { Pictures } from './pictures';
import { Recording } from './recording';
import { Rows } from './rows';
import { Selection } from './selection';
import { Stage } from './stage';
import { Tables } from './tables';
import { Tools } from './tools';
import { Traits } from './traits';
import { Tray } from './tray';
import { Writing } from './writing';

const GUIDES_REST = 120; // milliseconds after an edit before the lines to hold to are asked for
const LOOKING = '[data-looking]';
const TYPED = 'input:not([type=checkbox]):not([type=radio]), textarea, select, [contenteditable]';
const LOOK_AGAIN = 2000; // milliseconds
const GAP = 4; // points between a thing and its first repeat

/**
 * The stations where things are laid on a page: puts gestures, keys and fields to edits, and shows what the server
 * makes of them.
 */
export class Bench {
    #lastRepeat = null;

    constructor(table, ledger) {
        this.table = table;
        this.ledger = ledger;
        this.desk = table.querySelector('[data-desk]');
        this.stage = new Stage(table.querySelector('[data-stage]'));
        this.notice = new Notice(table.querySelector('[data-problem]'), ({ edit, then }) =>
            this.edits.send(edit, then),
        );
        this.selection = new Selection(this.stage, ledger, (ids) => this.#selected(ids));
        this.edits = new Edits(table.dataset.pageId, Number(table.dataset.revision), {
            drawn: (answer) => this.#draw(answer),
            stale: (words, lost) => this.notice.show(words, lost),
            refused: (problem) => {
                this.stage.drawn();
                this.notice.show(problem.message);
            },
            waiting: (isWaiting) => this.notice.wait(isWaiting),
            sending: (isSending) => table.toggleAttribute('data-sending', isSending),
        });
        this.counts = new JobCounts(this.stage.elements());
        this.guides = new Guides(this.stage);
        this.#guided(JSON.parse(table.dataset.guides));
        this.#panels();
        this.#page();
        this.footbar = new Footbar(document.querySelector('[data-footbar]'), {
            done: () => {
                this.does('leave');
            },
            several: (on) => table.classList.toggle('is-several', on),
        });
        new Keys(this, document.querySelector('[data-keys-list]'));
        this.#listen();
        this.#steps(table.dataset.undo === 'yes', table.dataset.redo === 'yes');
        this.#zoom(kept('zoom', 1));
        scrollBack();
        this.#sentTo(/^#on=([\w-]+)$/.exec(window.location.hash)?.[1]);
        this.#showPaste();
        this.#await();
    }

    /** Blanks are found, and words of pictures read, while one works here already; then they are shown. */
    async #await(shown = null) {
        if (!this.ledger.querySelector(LOOKING)) return;
        await new Promise((later) => {
            setTimeout(later, LOOK_AGAIN);
        });
        const page = document.hidden || this.#isBusy ? null : await this.edits.look();
        const isNew = page && page.ledger !== shown && !this.#isBusy;
        if (isNew) this.#draw(page);
        this.#await(isNew ? page.ledger : shown);
    }

    /** Whether something is dragged or typed, which what is drawn anew would end. */
    get #isBusy() {
        return this.gestures.busy || document.activeElement.matches(TYPED);
    }

    /** What the ledger and the dialogs do to what is selected. */
    #panels() {
        const { ledger, stage, selection } = this;
        const means = {
            send: (edit, then) => this.#send(edit, then),
            say: (words) => this.#say(words),
            problem: (words) => this.notice.show(words),
            place: (element) => this.#send({ kind: 'place', elements: [element] }),
        };
        const panel = ledger.querySelector('[data-traits]');
        this.traits = new Traits(panel, stage, (ids, set) => this.#send({ kind: 'change', ids, set }));
        this.tables = new Tables(panel, stage, means);
        this.many = new Many(panel, stage, selection, means);
        this.measures = new Measures(panel, stage, (frames) => this.#send({ kind: 'resize', frames }), means.problem);
        this.clipping = new Clipping(document.querySelector('[data-clipping]'), means.send, means.problem);
        this.linking = new Linking(document.querySelector('[data-linking]'), means.place);
        const file = ledger.querySelector('[data-picture-file]');
        this.pictures = new Pictures(file, this.table.dataset.pictures, stage, means);
        const recording = document.querySelector('[data-recording-dialog]');
        this.recording = recording && new Recording(recording, this.table.dataset.recordings, stage, means);
        const kits = ledger.querySelector('[data-kits]');
        this.kits = kits && new Kits(kits, ledger.querySelector('[data-kit-naming]'), selection, means);
        const tray = ledger.querySelector('[data-tray]');
        this.tray = tray && new Tray(tray, stage, means.send);
        this.rows = new Rows(ledger.querySelector('[data-ledger]'), stage, selection, means.send);
        this.writing = new Writing(this.desk, stage, this.rows.list, panel, {
            ...means,
            chosen: (place) => this.#writes(place),
        });
        this.ghosts = new Ghosts(stage.root, this.rows.list, means.send);
        this.clipboard = new Clipboard(stage, selection, this.table.dataset.pageId, {
            ...means,
            before: () => this.#flush(),
            picture: (file) => this.pictures.take(file),
            text: (words) => this.#pasteWords(words),
            changed: () => this.#showPaste(),
        });
    }

    /** What pointers and keys do on the page. */
    #page() {
        const { stage, selection } = this;
        const tools = new Tools(this.ledger.querySelector('[data-tools]').dataset.tools);
        this.laying = new Laying(this.ledger, stage, selection, tools, {
            send: (edit) => this.#send(edit),
            say: (words) => this.#say(words),
            clip: () => this.clipping.open(),
            recording: (frame) => this.recording.open(frame),
            picture: (frame, kind) => this.pictures.choose(frame, kind),
            link: (element) => this.linking.askFor(element),
            joint: (id, at) => this.#joint(id, at),
            changed: () => {
                this.table.classList.toggle('is-drawing', this.laying.chosen !== null);
                if (this.laying.chosen !== null) this.footbar.down();
                this.#makeRoom();
            },
        });
        this.gestures = new Gestures(stage, selection, this.guides, {
            tool: () => this.laying.chosen,
            within: (tool) => this.laying.within(tool),
            ratio: (tool) => tools.ratioOf(tool),
            moved: (ids, dx, dy) => {
                if (dx !== 0 || dy !== 0) this.#send({ kind: 'move', ids, dx, dy });
            },
            resized: (id, frame) => this.#send({ kind: 'resize', frames: { [id]: frame } }),
            laid: (frame, from, to) => this.laying.lay(frame, from, to),
            jointed: (id, at) => this.#joint(id, at),
            optionMoved: (id, option, by) => this.#moveOption(id, option, by),
            room: (at, by) => this.#send({ path: 'room', body: { at, by } }),
            pressed: (event) => this.tables.press(event.target, event.shiftKey),
            leaveTool: () => this.laying.choose(null),
            adds: (event) => event.shiftKey || this.footbar.several,
        });
        this.nudging = new Nudging(stage, selection, {
            send: (edit) => this.edits.send(edit),
            shown: () => this.gestures.showHandles(),
        });
    }

    #listen() {
        const pressed = (root, name, does) =>
            root
                .querySelectorAll(`[data-${name}]`)
                .forEach((button) => button.addEventListener('click', () => does(button.getAttribute(`data-${name}`))));
        const first = () => this.selection.ids[0];
        pressed(document, 'verb', (verb) => this.does(verb));
        pressed(this.table, 'zoom', (to) => {
            this.#zoom({ in: this.zoom * 1.25, out: this.zoom / 1.25, fit: 1 }[to]);
            keep('zoom', this.zoom);
        });
        pressed(this.table, 'keys', () => document.querySelector('[data-keys-list]').showModal());
        pressed(this.ledger, 'set', (what) => this.#give(what));
        pressed(this.ledger, 'make-part', () => this.#send({ path: 'clip-part', body: { id: first() } }));
        pressed(this.ledger, 'loosen', () => this.#send({ kind: 'loosen', organiser: first() }));
        pressed(this.ledger, 'lay-out', () => this.#send({ kind: 'lay-out', part: first() }));
        this.makePart = this.ledger.querySelector('[data-make-part]');
        new ResizeObserver(() => this.#zoom(this.zoom)).observe(this.desk);
        this.stage.root.addEventListener('dblclick', (event) => {
            // What is dragged by holds the pointer, so that the event does not say what is below it.
            const [pressed] = document
                .elementsFromPoint(event.clientX, event.clientY)
                .filter((one) => one.closest('.element'));
            const place = pressed && this.writing.placeOf(pressed);
            if (place) this.writing.begin(place);
            else if (pressed) this.traits.focus();
        });
        // Several lines that are pasted into a field beside the page fill several things, as on the page.
        this.ledger.addEventListener('paste', (event) => {
            const id = event.target.matches('[data-row-trait]') && event.target.closest('[data-row]').dataset.row;
            const cell = event.target.matches('[data-cell-text]') ? this.tables.place : null;
            if (id || cell) this.writing.pasted(event, cell ?? { id });
        });
        // Leaving with something unsent asks first.
        window.addEventListener('beforeunload', (event) => {
            this.#flush();
            if (!this.edits.idle) event.preventDefault();
        });
    }

    /** Who comes from a finding of the Check station finds what it is about selected. */
    #sentTo(id) {
        if (!id || !this.stage.element(id)) return;
        this.selection.only([id]);
        this.stage.bring([id]);
    }

    // --- what can be done, by buttons and keys ---

    does(verb) {
        this.#flush();
        ({
            undo: () => this.#send('undo'),
            redo: () => this.#send('redo'),
            repeat: () => this.#repeat(),
            copy: () => this.clipboard.copy(),
            cut: () => {
                this.clipboard.copy();
                this.#remove();
            },
            paste: () => this.clipboard.paste(),
            remove: () => this.#remove(),
            leave: () => {
                this.laying.choose(null);
                this.selection.clear();
            },
            group: () => this.many.does('group'),
            ungroup: () => this.many.does('ungroup'),
            all: () => this.selection.only(this.stage.elements().map((element) => element.dataset.id)),
        })[verb]();
    }

    /** Whether there is nothing to undo, or to do again. */
    hasNothingTo(verb) {
        const button = ['undo', 'redo'].includes(verb) && this.table.querySelector(`[data-verb=${verb}]`);
        return button && button.disabled && this.edits.idle && !this.nudging.busy;
    }

    /** Begins to write on what is selected: a chosen cell, or the first that can be written on in it. */
    write() {
        const [id] = this.selection.ids;
        const place = this.tables.place ?? this.writing.placesIn(id)[0];
        if (place) this.writing.begin(place);
        else this.traits.focus();
    }

    /** @param sibling of the page in the rail that is gone to */
    turn(sibling) {
        this.table.querySelector('.rail [aria-current]')[sibling]?.click();
    }

    takeAllBlanks() {
        this.ledger.querySelector('[data-blanks=take]')?.click();
    }

    // --- what the server says ---

    #draw(answer) {
        this.stage.drawn();
        this.gestures.handles.remove();
        this.guides.end();
        this.#askForGuides();
        if (answer.said) this.notice.show(answer.said);
        if (answer.page) {
            Idiomorph.morph(this.stage.root, answer.page.trim(), { morphStyle: 'innerHTML' });
            Idiomorph.morph(this.rows.list, answer.ledger.trim(), { morphStyle: 'innerHTML', ignoreActiveValue: true });
        } else {
            drawChanges(this.stage.layer, this.rows.list, answer);
        }
        this.#steps(answer.undo, answer.redo);
        this.tray?.show();
        this.ghosts.show();
        if (answer.new?.length) {
            this.selection.only(answer.new);
            this.stage.bring(answer.new);
        } else this.selection.show();
        this.counts.show(this.stage.elements());
    }

    /** The lines to hold to have changed with the page: they are asked for when it rests. */
    #askForGuides() {
        clearTimeout(this.guidesTimer);
        this.guidesTimer = setTimeout(async () => {
            const lines = await request('GET', `/pages/${this.table.dataset.pageId}/guides`).catch(() => null);
            if (!lines || !this.edits.idle) return;
            this.#guided(lines);
            const small = this.table.querySelector('.rail [aria-current] [data-small]');
            if (small) smallPages.now(small, this.edits.small);
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

    #say(words) {
        this.table.querySelector('[data-said]').textContent = words;
    }

    // --- edits ---

    #send(edit, then) {
        this.nudging.flush();
        this.stage.foresee(edit);
        this.edits.send(edit, then);
    }

    #flush() {
        this.writing.end();
        this.traits.flush();
        this.nudging.flush();
    }

    #joint(id, at) {
        const part = this.stage.data(id);
        if (!part.joints || part.form === 'connector')
            this.notice.show('Joints are for parts. A connector holds with its ends by itself.');
        else this.#send({ kind: 'change', ids: [id], set: { joints: jointsPressed(part, at) } });
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

    #moveOption(id, option, { dx, dy }) {
        const { options, width, height } = this.stage.data(id);
        const held = (share, size, by, side) => Math.round(clamp(share + by / side, 0, 1 - size) * 100000) / 100000;
        const moved = (one) => ({
            ...one,
            left: held(one.left, one.across, dx, width),
            top: held(one.top, one.down, dy, height),
        });
        const set = { options: options.map((one) => (one.id === option ? moved(one) : one)) };
        this.#send({ kind: 'change', ids: [id], set });
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

    #remove() {
        if (this.selection.empty) return;
        this.#send({ kind: 'remove', ids: this.selection.ids });
        this.#say('Taken off the page.');
    }

    // --- what is shown ---

    #selected(ids) {
        if (ids.join() !== this.shown?.join()) this.#leaveField(ids);
        this.shown = ids;
        this.footbar?.show(ids.length);
        this.nudging.settle(ids);
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

    /** What is half typed goes to what it was typed for; a field shows what is selected, and nothing else. */
    #leaveField([first]) {
        const field = document.activeElement;
        if (!this.ledger.querySelector('[data-traits]').contains(field)) return;
        field.blur();
        this.stage.element(first)?.focus({ preventScroll: true });
    }

    #writes({ id, cell }) {
        if (this.selection.ids.join() !== id) this.selection.only([id]);
        if (cell !== undefined) this.tables.choose(cell);
    }

    #makeRoom() {
        const busy = !this.selection.empty && this.laying.chosen === null;
        if (busy === this.wasBusy) return;
        this.wasBusy = busy;
        this.ledger.querySelectorAll('[data-laying]').forEach((tools) => {
            tools.open = !busy;
        });
    }

    /** Words from elsewhere become a label in the middle of what is seen. */
    #pasteWords(text) {
        if (text.length > LONGEST_LABEL) {
            this.notice.show(`These are ${text.length} letters; a label takes ${LONGEST_LABEL}. Paste them in pieces.`);
            return;
        }
        const box = this.desk.getBoundingClientRect();
        const middle = { clientX: box.left + box.width / 2, clientY: box.top + box.height / 2 };
        this.#send({ kind: 'place', elements: [labelOf(text, this.stage.point(middle), this.stage.page)] });
        this.#say('Pasted as a label.');
    }

    #showPaste() {
        this.ledger.querySelector('[data-verb=paste]').hidden = this.clipboard.empty;
    }

    #zoom(zoom) {
        this.zoom = clamp(zoom ?? 1, 0.4, 4);
        const style = this.desk.style;
        const sides = 2 * parseFloat(getComputedStyle(this.desk).paddingLeft);
        style.setProperty('--fit', `${Math.max(200, Math.min(1100, this.desk.clientWidth - sides))}px`);
        style.setProperty('--zoom', this.zoom);
        this.gestures.showHandles();
    }
}
