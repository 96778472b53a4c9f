import { Guides } from '../lib/guides';
import { request } from '../lib/request';
import { Chosen } from './parts/chosen';
import { Dragging, NEAR_FINGER } from './parts/dragging';
import { Large } from './parts/large';
import { elsewhere, parse, rebased, tidy, written } from './parts/model-text';
import { Past } from './parts/past';
import { Pieces } from './parts/pieces';
import { Resting } from './parts/resting';
import { Steps } from './parts/steps';

const GUIDES_REST = 120; // milliseconds after a move before the lines to hold to are asked for

const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/**
 * The parts of a page, as OpenSlate\Assembly\Model has them. A part is moved by dragging it; by choosing it and then a
 * place, with taps or keys; or with the arrows. Here it lies where it was dropped; the server says where it settles.
 */
export class ModelPlace {
    #past = new Past();
    #lines;

    /** It is looked at as a whole: touching a part must not make the page larger. */
    isLaidOut = true;
    needsPage = 'Move the parts';

    constructor(field, changed, work) {
        this.field = field;
        this.work = work;
        this.key = field.dataset.place;
        this.text = field.dataset.model;
        this.pieces = new Pieces(field);
        this.pieces.placed = parse(this.text);
        this.confirmed = this.pieces.placed; // where the server has all parts; null when that is not known
        this.sheet = field.closest('.sheet');
        this.page = field.closest('[data-page]');
        this.bar = this.page?.querySelector('[data-moves]');
        if (!this.bar) return; // Handed in: it can be looked at.
        this.changed = () => changed(this);
        this.chosen = new Chosen(this.pieces, this.bar, (words) => this.#say(words));
        this.steps = new Steps(this.pieces, (key, placed) => this.#put(key, placed, 1));
        const guides = new Guides(this.pieces);
        this.resting = new Resting(this.pieces);
        this.lines = JSON.parse(field.dataset.guides);
        this.dragging = new Dragging(this.pieces, guides, this.resting, {
            begins: () => this.steps.flush(),
            cancels: () => this.#say('Let go.'),
            lines: () => this.#lines,
            drops: (...where) => {
                this.chosen.let();
                this.#move(...where);
            },
        });
        this.large = new Large(this.pieces, this.page, this.bar, (words) => this.#say(words));
        this.#listen();
        this.#buttons();
        if (this.sheet.classList.contains('is-shut')) this.pieces.show();
    }

    get value() {
        return this.text;
    }
    set value(text) {
        this.confirmed = null;
        this.pieces.carried = {};
        this.#become(parse(text));
        if (this.resting) this.#restUnsent(text);
    }

    /** What parts may hold to and where they come to rest, as they are now. */
    set lines(lines) {
        this.#lines = lines;
        this.resting.worked = lines.rests;
    }

    get filled() {
        return Object.keys(this.pieces.placed).length >= this.toPlace;
    }
    get filledCount() {
        const moved = Object.keys(this.pieces.placed).length;
        return 'each' in this.field.dataset ? Math.min(moved, this.toPlace) : Number(this.filled);
    }
    get toPlace() {
        return Number(this.field.dataset.toPlace);
    }
    get #isMoved() {
        return Object.keys(this.pieces.placed).length > 0;
    }
    words(value) {
        const count = Object.keys(parse(value)).length;
        return count === 1 ? '1 part moved' : `${count} parts moved`;
    }
    focus() {
        const all = [...this.pieces.all.values()].filter((piece) => !('fixed' in piece.dataset));
        const piece =
            all.find((one) => !(one.dataset.piece in this.pieces.placed) && !one.classList.contains('is-under')) ??
            all.find((one) => !one.classList.contains('is-under'));
        if (piece.inert) this.bar.querySelector('[data-move=tray]').focus();
        else (piece.querySelector('[data-end]') ?? piece).focus();
    }
    holds(target) {
        return this.field.contains(target);
    }

    get isBusy() {
        return this.field.querySelector('.is-dragged') !== null;
    }

    /** What others have moved; what was moved here can still be undone, and theirs stays where it is. */
    adopt(text) {
        const after = parse(text);
        const theirs = elsewhere(this.pieces.placed, after);
        this.#past.map((past) => {
            const placed = { ...parse(past) };
            theirs.forEach((key) => {
                if (key in after) placed[key] = after[key];
                else delete placed[key];
            });
            return written(placed);
        });
        this.value = text;
        this.confirmed = this.pieces.placed;
        this.#askForGuides();
    }

    /** Where the server has let the parts come to rest; and what it says of those that went back. */
    settled(text) {
        const last = this.last;
        this.value = text;
        this.confirmed = this.pieces.placed;
        if (last && this.pieces.all.has(last)) this.#say(this.pieces.piece(last).getAttribute('aria-label'));
        this.last = null;
        this.#askForGuides();
    }

    #askForGuides() {
        if (!this.work.guidesUrl) return;
        clearTimeout(this.guidesTimer);
        this.guidesTimer = setTimeout(async () => {
            const now = `${this.work.guidesUrl}/${this.page.dataset.page}`;
            this.lines = await request('GET', now).catch(() => this.#lines);
        }, GUIDES_REST);
    }

    /** The same where more was moved while it was on its way: what was not touched since is where the server has it. */
    rebased(sent, text) {
        const { near } = JSON.parse(this.text || '{}');
        this.confirmed = parse(text);
        this.pieces.carried = {};
        this.#become(rebased(parse(sent), this.confirmed, this.pieces.placed), near);
        return this.text;
    }

    note(words) {
        this.#say(words);
    }

    // --- moving ---

    /** @param placed as the model has it; null puts it back where the teacher had it */
    #put(key, placed, near) {
        this.#past.keep(this.text);
        const { [key]: _, ...others } = this.pieces.placed;
        delete this.pieces.carried[key];
        this.#become(placed === null ? others : { ...others, [key]: placed }, near);
        this.changed();
        this.last = key;
    }

    #become(placed, near) {
        this.pieces.placed = placed;
        const moved = this.confirmed ? elsewhere(this.confirmed, placed) : undefined;
        this.text = written(placed, near, moved);
        this.pieces.show();
        this.#buttons();
    }

    /**
     * A part, or one end of a connector, to a point: of a part, its middle. It is told where it was dropped, and shows
     * where it comes to rest.
     */
    #move(key, end, x, y, near) {
        const now = this.pieces.at(key);
        if (!this.pieces.isConnector(key)) {
            const { width, height } = this.pieces.box(key);
            const rest = this.resting.of(key, { x, y }, near);
            this.#put(key, this.#kept(key, x - width / 2, y - height / 2), near);
            if (rest?.x !== undefined) this.#rest(key, rest.x - width / 2, rest.y - height / 2);
        } else if (end === null) {
            const box = this.pieces.box(key);
            const [dx, dy] = [x - box.x - box.width / 2, y - box.y - box.height / 2];
            this.#put(
                key,
                [tidy(now[0] + dx), tidy(now[1] + dy), '', '', tidy(now[4] + dx), tidy(now[5] + dy), ''],
                near,
            );
        } else {
            const rest = this.resting.ofEnd(key, { x, y }, near);
            this.#put(
                key,
                end === 0
                    ? [tidy(x), tidy(y), '', '', now[4], now[5], '']
                    : [now[0], now[1], '', '', tidy(x), tidy(y), ''],
                near,
            );
            if (rest) this.#restEnd(key, end, rest);
        }
    }

    /** What was moved and is not sent yet lies where it is about to rest. */
    #restUnsent(text) {
        const { near = 1, moved = [] } = JSON.parse(text || '{}');
        moved
            .filter((key) => key in this.pieces.placed && !this.pieces.isConnector(key))
            .forEach((key) => {
                const { width, height } = this.pieces.box(key);
                const rest = this.resting.of(key, this.pieces.middle(key), near);
                if (rest?.x !== undefined) this.#rest(key, rest.x - width / 2, rest.y - height / 2);
            });
    }

    /** Shows it where the server is about to put it. */
    #rest(key, x, y) {
        const [, , ...others] = this.pieces.placed[key];
        this.pieces.carried[key] = [x, y, ...others];
        this.pieces.draw(key, this.pieces.carried[key]);
    }

    #restEnd(key, end, { x, y }) {
        const first = end === 0 ? 0 : 4;
        this.pieces.carried[key] = this.pieces.placed[key].with(first, x).with(first + 1, y);
        this.pieces.draw(key, this.pieces.carried[key]);
    }

    #kept(key, x, y) {
        const words = this.pieces.placed[key]?.[3] ?? '';
        return words === '' ? [tidy(x), tidy(y)] : [tidy(x), tidy(y), '', words];
    }

    // --- what is pressed ---

    #listen() {
        this.pieces.layer.addEventListener('click', (event) => this.#press(event));
        this.page.addEventListener('keydown', (event) => this.#keyDown(event));
        this.sheet.addEventListener('click', (event) => {
            if (!this.pieces.layer.contains(event.target) && !this.chosen.isNone) this.#toPoint(event);
        });
        const does = {
            undo: () => this.#undo(),
            redo: () => this.#redo(),
            back: () => this.#askToPutBack(),
            tray: () => this.#toggleTray(),
            large: (button) => this.large.open(button.dataset.large),
            small: () => this.large.shut(),
        };
        this.bar.addEventListener('click', (event) => {
            const button = event.target.closest('[data-move]');
            does[button?.dataset.move]?.(button);
        });
        const { own, picture } = this.chosen;
        own.querySelector('input').addEventListener('change', (event) => this.#write(event.target.value));
        picture.querySelector('input')?.addEventListener('change', (event) => this.#choose(event.target));
        picture.querySelector('[data-moves-set]').addEventListener('click', (event) => {
            const button = event.target.closest('button');
            if (button) this.#write(button.value);
        });
    }

    #press(event) {
        if (this.dragging.isEndOf(event)) return;
        const piece = event.target.closest('[data-piece]');
        if (piece && this.field.contains(piece)) {
            const isFixed = 'fixed' in piece.dataset;
            const end = event.target.closest('[data-end]');
            const done = this.#pressPiece(piece.dataset.piece, end, this.pieces.point(event));
            if (!done && isFixed && !this.chosen.isNone) this.#toPoint(event);
        } else if (!this.chosen.isNone) {
            this.#toPoint(event);
        }
    }

    /** @returns whether that chose it, let it go, or joined the chosen end to it */
    #pressPiece(key, end, at) {
        const which = end ? Number(end.dataset.end) : null;
        if (this.chosen.isEnd && this.chosen.key !== key && this.#toJoint(key, at)) return true;
        if (this.chosen.is(key, which)) this.chosen.let();
        else if (!('fixed' in this.pieces.piece(key).dataset)) {
            this.large.openFor(this.pieces.piece(key));
            this.chosen.choose(key, which);
        } else return false;
        return true;
    }

    #toPoint(event) {
        const { key, end } = this.chosen;
        const { x, y } = this.pieces.point(event);
        this.chosen.let();
        this.#move(key, end, x, y, NEAR_FINGER / this.pieces.seen);
    }

    /** The chosen end to that joint of a part that is nearest to a point. */
    #toJoint(key, at) {
        const joints = this.pieces
            .joints(key)
            .sort((a, b) => Math.hypot(a[1] - at.x, a[2] - at.y) - Math.hypot(b[1] - at.x, b[2] - at.y));
        if (joints.length === 0) return false;
        const { key: connector, end } = this.chosen;
        this.chosen.let();
        this.#move(connector, end, joints[0][1], joints[0][2], 1);
        return true;
    }

    #choose(input) {
        const [file] = input.files;
        const { key } = this.chosen;
        input.value = '';
        if (file && key !== null) this.work.files.put(this, file, key);
    }

    waits(address, key) {
        this.pieces.waiting.set(key, address);
        this.pieces.show();
        this.#say('The picture is on its way.');
    }
    arrived(sha256, key) {
        this.pieces.waiting.delete(key);
        if (this.pieces.all.has(key)) this.#writeOn(key, sha256);
    }
    sentBack(words, key) {
        this.pieces.waiting.delete(key);
        this.pieces.show();
        this.#say(words);
    }

    #write(words) {
        if (!this.chosen.isNone) this.#writeOn(this.chosen.key, words);
    }

    #writeOn(key, words) {
        const [x, y, held] = this.pieces.at(key);
        this.#put(key, words === '' ? [x, y, held ?? ''] : [x, y, held ?? '', words.slice(0, 120)]);
    }

    // --- keys ---

    #keyDown(event) {
        const target = event.target;
        const command = event.ctrlKey || event.metaKey;
        if (command && event.key.toLowerCase() === 'z' && this.field.contains(target)) {
            if (event.shiftKey) this.#redo();
            else this.#undo();
            event.preventDefault();
            return;
        }
        if (command || event.altKey) return;
        if (event.key === 'Escape' && this.large.isOpen && this.chosen.isNone) {
            this.large.shut();
            event.preventDefault();
            return;
        }
        if (event.key === 'Escape' && !this.chosen.isNone) {
            const piece = this.pieces.piece(this.chosen.key);
            this.chosen.let();
            if (target.closest('[data-spot]')) piece.focus();
            this.#say('Let go.');
            event.preventDefault();
            return;
        }
        const piece = target.closest('[data-piece]');
        const spot = target.closest('[data-spot]');
        const enter = event.key === 'Enter' || event.key === ' ';
        const end = target.closest('[data-end]');
        const key = piece?.dataset.piece;
        if (piece && enter) {
            this.#pressPiece(key, end, this.pieces.middle(key));
            if (this.chosen.is(key, null)) this.chosen.walk()[0]?.focus();
        } else if (spot && !this.chosen.isNone && ARROWS[event.key])
            this.chosen.walkFrom(spot, Math.sign(ARROWS[event.key][0] + ARROWS[event.key][1]));
        else if (spot && enter && !this.chosen.isNone) this.#toSpot(spot);
        else if (!piece || 'fixed' in piece.dataset) return;
        else if (ARROWS[event.key]) {
            const by = event.shiftKey ? 10 : 1;
            this.steps.by(
                key,
                end,
                ARROWS[event.key].map((value) => value * by),
            );
        } else if ((event.key === 'Delete' || event.key === 'Backspace') && key in this.pieces.placed) {
            this.chosen.let();
            this.#put(key, null);
        } else return;
        event.preventDefault();
        event.stopPropagation();
    }

    #toSpot(spot) {
        const { key, end } = this.chosen;
        const at = spot.getBoundingClientRect();
        const middle = this.pieces.point({ clientX: at.left + at.width / 2, clientY: at.top + at.height / 2 });
        // A ring has its places on its line: the top of it is one.
        if (spot.classList.contains('spot--ring')) middle.y -= at.height / this.pieces.scale / 2 - 1;
        this.chosen.let();
        this.#move(key, end, middle.x, middle.y, 1);
        this.pieces.piece(key).focus();
    }

    // --- the bar above the page ---

    #undo() {
        this.steps.flush();
        this.#goTo(this.#past.back(this.text), 'The last move is taken back.');
    }

    #redo() {
        this.steps.flush();
        this.#goTo(this.#past.forth(this.text), 'Done again.');
    }

    #goTo(text, said) {
        if (text === undefined) return;
        this.last = null;
        this.pieces.carried = {};
        this.#become(parse(text), 1);
        this.changed();
        this.#say(said);
    }

    #askToPutBack() {
        const dialog = document.querySelector('[data-put-back]');
        dialog.returnValue = '';
        dialog.addEventListener(
            'close',
            () => {
                if (dialog.returnValue !== 'yes') return;
                this.chosen.let();
                this.#past.keep(this.text);
                this.pieces.carried = {};
                this.#become({});
                this.changed();
                this.#say('All parts are back.');
            },
            { once: true },
        );
        dialog.showModal();
    }

    #toggleTray() {
        this.sheet.classList.toggle('is-shut');
        this.pieces.show();
        this.#buttons();
    }

    #buttons() {
        if (!this.bar) return;
        const button = (name) => this.bar.querySelector(`[data-move=${name}]`);
        button('undo').disabled = !this.#past.canGoBack;
        button('redo').disabled = !this.#past.canGoForth;
        button('back').disabled = !this.#isMoved;
        const tray = button('tray');
        if (tray) tray.textContent = this.sheet.classList.contains('is-shut') ? 'Open the tray' : 'Shut the tray';
    }

    #say(words) {
        this.bar.querySelector('[data-moves-said]').textContent = words;
    }
}
