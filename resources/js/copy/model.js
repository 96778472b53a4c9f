import { Guides } from '../lib/guides';
import { smaller } from '../lib/pictures';
import { request } from '../lib/request';
import { upload } from '../lib/upload';
import { Dragging, NEAR_FINGER } from './parts/dragging';
import { Large } from './parts/large';
import { Pieces, tidy } from './parts/pieces';

const STEP_REST = 350; // milliseconds after the last arrow key before a run of them is one move
const MOST_PAST = 100;
const GUIDES_REST = 120; // milliseconds after a move before the lines to hold to are asked for
const MOST_BYTES = 5 * 1048576; // of a picture

const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
const parse = (text) => {
    try {
        const { near: _near, moved: _moved, ...placed } = JSON.parse(text || '{}');
        return placed;
    } catch {
        return {};
    }
};

/** The parts that are elsewhere in one model than in another. */
const elsewhere = (from, to) =>
    Object.keys({ ...from, ...to }).filter((key) => JSON.stringify(from[key]) !== JSON.stringify(to[key]));

/**
 * The parts of a page, as OpenSlate\Assembly\Model has them. A part is moved by dragging it; by choosing it and then a
 * place, with taps or keys; or with the arrows. Here it lies where it was dropped; the server says where it settles.
 */
export class ModelPlace {
    #past = [];
    #future = [];
    #chosen = null; // { key, end } of what goes to the place that is chosen next
    #stepTimer = 0;

    /** It is looked at as a whole: touching a part must not make the page larger. */
    isLaidOut = true;

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
        const guides = new Guides(this.pieces);
        this.dragging = new Dragging(this.pieces, guides, {
            begins: () => this.#flushSteps(),
            lines: () => this.lines ?? JSON.parse(field.dataset.guides),
            drops: (...where) => {
                this.#let();
                this.#move(...where);
            },
        });
        this.large = new Large(this.pieces, this.page, this.bar, (words) => this.#say(words));
        this.#listen();
        this.#buttons();
    }

    get value() {
        return this.text;
    }
    set value(text) {
        this.confirmed = null;
        this.pieces.carried = {};
        this.#become(parse(text));
    }

    get filled() {
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
        (piece.querySelector('[data-end]') ?? piece).focus();
    }
    holds(target) {
        return this.field.contains(target);
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
            this.lines = await request('GET', `${this.work.guidesUrl}/${this.page.dataset.page}`).catch(
                () => this.lines,
            );
        }, GUIDES_REST);
    }

    /** The same where more was moved while it was on its way: what was not touched since is where the server has it. */
    rebased(sent, text) {
        const [was, now] = [parse(sent), parse(text)];
        const { placed } = this.pieces;
        const touched = elsewhere(was, placed);
        const { near } = JSON.parse(this.text || '{}');
        const untouched = Object.entries(now).filter(([key]) => !touched.includes(key));
        this.confirmed = now;
        this.pieces.carried = {};
        this.#become(
            Object.fromEntries([
                ...untouched,
                ...touched.filter((key) => key in placed).map((key) => [key, placed[key]]),
            ]),
            near,
        );
        return this.text;
    }

    note(words) {
        this.#say(words);
    }

    // --- moving ---

    /** @param placed as the model has it; null puts it back where the teacher had it */
    #put(key, placed, near) {
        this.#past.push(this.text);
        if (this.#past.length > MOST_PAST) this.#past.shift();
        this.#future = [];
        const { [key]: _, ...others } = this.pieces.placed;
        delete this.pieces.carried[key];
        this.#become(placed === null ? others : { ...others, [key]: placed }, near);
        this.changed();
        this.last = key;
    }

    #become(placed, near) {
        this.pieces.placed = placed;
        const moved = this.confirmed ? elsewhere(this.confirmed, placed) : undefined;
        this.text =
            Object.keys(placed).length === 0 ? '' : JSON.stringify({ ...placed, near: near && tidy(near), moved });
        this.pieces.show();
        this.#buttons();
    }

    /** A part, or one end of a connector, to a point: of a part, its middle. */
    #move(key, end, x, y, near) {
        const now = this.pieces.at(key);
        if (!this.pieces.isConnector(key)) {
            const { width, height } = this.pieces.box(key);
            this.#put(key, this.#kept(key, x - width / 2, y - height / 2), near);
        } else if (end === null) {
            const box = this.pieces.box(key);
            const [dx, dy] = [x - box.x - box.width / 2, y - box.y - box.height / 2];
            this.#put(
                key,
                [tidy(now[0] + dx), tidy(now[1] + dy), '', '', tidy(now[4] + dx), tidy(now[5] + dy), ''],
                near,
            );
        } else {
            this.#put(
                key,
                end === 0
                    ? [tidy(x), tidy(y), '', '', now[4], now[5], '']
                    : [now[0], now[1], '', '', tidy(x), tidy(y), ''],
                near,
            );
        }
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
            if (!this.pieces.layer.contains(event.target) && this.#chosen) this.#toPoint(event);
        });
        const does = {
            undo: () => this.#step(this.#past, this.#future),
            redo: () => this.#step(this.#future, this.#past),
            back: () => this.#askToPutBack(),
            tray: () => this.#toggleTray(),
            large: (button) => this.large.open(button.dataset.large),
            small: () => this.large.shut(),
        };
        this.bar.addEventListener('click', (event) => {
            const button = event.target.closest('[data-move]');
            does[button?.dataset.move]?.(button);
        });
        this.own = this.bar.querySelector('[data-moves-own]');
        this.own.querySelector('input').addEventListener('change', (event) => this.#write(event.target.value));
        this.picture = this.bar.querySelector('[data-moves-picture]');
        this.picture.querySelector('input').addEventListener('change', (event) => this.#send(event.target));
        this.picture.querySelector('[data-moves-set]').addEventListener('click', (event) => {
            const button = event.target.closest('button');
            if (button) this.#write(button.value);
        });
    }

    #press(event) {
        if (this.dragging.isEndOf(event)) return;
        const piece = event.target.closest('[data-piece]');
        const end = event.target.closest('[data-end]');
        if (piece && this.field.contains(piece)) {
            const key = piece.dataset.piece;
            const chosen = this.#chosen;
            if (chosen && chosen.end !== null && chosen.key !== key && this.#toJoint(key, this.pieces.point(event)))
                return;
            if (chosen?.key === key && chosen.end === (end ? Number(end.dataset.end) : null)) this.#let();
            else if (!('fixed' in piece.dataset)) this.#choose(key, end ? Number(end.dataset.end) : null);
            else if (chosen) this.#toPoint(event);
        } else if (this.#chosen) {
            this.#toPoint(event);
        }
    }

    #toPoint(event) {
        const { key, end } = this.#chosen;
        const { x, y } = this.pieces.point(event);
        this.#let();
        this.#move(key, end, x, y, NEAR_FINGER / this.pieces.seen);
    }

    /** The chosen end to that joint of a part that is nearest to a point. */
    #toJoint(key, at) {
        const joints = this.pieces
            .joints(key)
            .sort((a, b) => Math.hypot(a[1] - at.x, a[2] - at.y) - Math.hypot(b[1] - at.x, b[2] - at.y));
        if (joints.length === 0) return false;
        const chosen = this.#chosen;
        this.#let();
        this.#move(chosen.key, chosen.end, joints[0][1], joints[0][2], 1);
        return true;
    }

    #choose(key, end = null) {
        this.#let();
        this.#chosen = { key, end };
        const piece = this.pieces.piece(key);
        piece.classList.add('is-chosen');
        this.#pressed(this.#chosen)?.setAttribute('aria-pressed', 'true');
        this.pieces.spots.forEach((spot) => {
            spot.tabIndex = 0;
            spot.setAttribute('role', 'button');
            spot.setAttribute('aria-label', `Put it in ${spot.dataset.said}`);
        });
        if (end !== null)
            this.pieces.fixed.forEach((one) => {
                one.tabIndex = 0;
                one.setAttribute('role', 'button');
            });
        this.own.hidden = !('own' in piece.dataset);
        this.own.querySelector('input').value = this.pieces.placed[key]?.[3] ?? '';
        this.picture.hidden = !('picture' in piece.dataset);
        if (!this.picture.hidden) this.#offer(JSON.parse(piece.dataset.set));
        this.#say(
            `${piece.dataset.name} chosen${end === null ? '' : ', one end of it'}. ${matchMedia('(pointer: coarse)').matches ? 'Now tap the place where it goes.' : 'Now choose a place, or move it with the arrow keys.'}`,
        );
    }

    /** The button of what is chosen: a part, or an end of a connector. */
    #pressed({ key, end }) {
        const piece = this.pieces.piece(key);
        return this.pieces.isConnector(key) ? piece.querySelector(`[data-end="${end}"]`) : piece;
    }

    #let() {
        if (!this.#chosen) return;
        const piece = this.pieces.piece(this.#chosen.key);
        piece.classList.remove('is-chosen');
        this.#pressed(this.#chosen)?.setAttribute('aria-pressed', 'false');
        this.#chosen = null;
        this.own.hidden = true;
        this.picture.hidden = true;
        this.pieces.fixed.forEach((one) => {
            one.removeAttribute('tabindex');
            one.setAttribute('role', 'img');
        });
        this.pieces.spots.forEach((spot) => {
            ['tabindex', 'role', 'aria-label'].forEach((name) => spot.removeAttribute(name));
        });
    }

    #offer(addresses) {
        this.picture.querySelector('[data-moves-set]').replaceChildren(
            ...addresses.map((address, at) => {
                const button = document.createElement('button');
                Object.assign(button, { type: 'button', value: address.split('/').at(-1), className: 'moves__choice' });
                button.setAttribute('aria-label', `Picture ${at + 1} of ${addresses.length}`);
                button.append(Object.assign(new Image(), { src: address, alt: '' }));
                return button;
            }),
        );
    }

    async #send(input) {
        const [file] = input.files;
        const chosen = this.#chosen;
        input.value = '';
        if (!file || !chosen) return;
        this.#say('The picture is on its way.');
        try {
            await this.work.saved?.();
            const { value } = await upload(await smaller(file), this.work.picturesUrl, MOST_BYTES, {
                place: this.key,
                ...this.work.stamp(),
            });
            this.#chosen ??= chosen;
            this.#write(value);
        } catch (problem) {
            this.#say(problem.message);
        }
    }

    #write(words) {
        if (!this.#chosen) return;
        const { key } = this.#chosen;
        const [x, y, held] = this.pieces.at(key);
        this.#put(key, words === '' ? [x, y, held ?? ''] : [x, y, held ?? '', words.slice(0, 120)]);
    }

    // --- keys ---

    #keyDown(event) {
        const target = event.target;
        const command = event.ctrlKey || event.metaKey;
        if (command && event.key.toLowerCase() === 'z' && this.field.contains(target)) {
            if (event.shiftKey) this.#step(this.#future, this.#past);
            else this.#step(this.#past, this.#future);
            event.preventDefault();
            return;
        }
        if (command || event.altKey) return;
        if (event.key === 'Escape' && this.large.isOpen && !this.#chosen && !this.dragging.busy) {
            this.large.shut();
            event.preventDefault();
            return;
        }
        if (event.key === 'Escape' && (this.#chosen || this.dragging.busy)) {
            this.dragging.cancel();
            this.#let();
            this.#say('Let go.');
            event.preventDefault();
            return;
        }
        const piece = target.closest('[data-piece]');
        const spot = target.closest('[data-spot]');
        const enter = event.key === 'Enter' || event.key === ' ';
        if (piece && enter) this.#pressPiece(piece.dataset.piece, target.closest('[data-end]'));
        else if (spot && enter && this.#chosen) this.#toSpot(spot);
        else if (piece && 'fixed' in piece.dataset) return;
        else if (piece && ARROWS[event.key])
            this.#nudge(piece.dataset.piece, target.closest('[data-end]'), ARROWS[event.key], event.shiftKey ? 10 : 1);
        else if (
            piece &&
            (event.key === 'Delete' || event.key === 'Backspace') &&
            piece.dataset.piece in this.pieces.placed
        ) {
            this.#let();
            this.#put(piece.dataset.piece, null);
        } else return;
        event.preventDefault();
        event.stopPropagation();
    }

    #pressPiece(key, end) {
        const which = end ? Number(end.dataset.end) : null;
        const box = this.pieces.box(key);
        if (
            this.#chosen &&
            this.#chosen.end !== null &&
            this.#chosen.key !== key &&
            this.#toJoint(key, { x: box.x + box.width / 2, y: box.y + box.height / 2 })
        )
            return;
        if (this.#chosen?.key === key && this.#chosen.end === which) this.#let();
        else if (!('fixed' in this.pieces.piece(key).dataset)) this.#choose(key, which);
    }

    #toSpot(spot) {
        const { key, end } = this.#chosen;
        const at = spot.getBoundingClientRect();
        const middle = this.pieces.point({ clientX: at.left + at.width / 2, clientY: at.top + at.height / 2 });
        // A ring has its places on its line: the top of it is one.
        if (spot.classList.contains('spot--ring')) middle.y -= at.height / this.pieces.scale / 2 - 1;
        this.#let();
        this.#move(key, end, middle.x, middle.y, 1);
        this.pieces.piece(key).focus();
    }

    /** A run of arrow keys is one move; it holds to nothing, so that a part can be put between. */
    #nudge(key, end, [dx, dy], by) {
        this.run ??= { key, from: this.text, placed: [...this.pieces.at(key)] };
        if (this.run.key !== key) {
            this.#flushSteps();
            this.run = { key, from: this.text, placed: [...this.pieces.at(key)] };
        }
        const ends = this.pieces.isConnector(key) ? (end ? [end.dataset.end === '0' ? 0 : 4] : [0, 4]) : [0];
        ends.forEach((at) => {
            this.run.placed[at] = tidy(this.run.placed[at] + dx * by);
            this.run.placed[at + 1] = tidy(this.run.placed[at + 1] + dy * by);
        });
        this.pieces.draw(key, this.run.placed);
        clearTimeout(this.#stepTimer);
        this.#stepTimer = setTimeout(() => this.#flushSteps(), STEP_REST);
    }

    #flushSteps() {
        clearTimeout(this.#stepTimer);
        const run = this.run;
        this.run = null;
        if (!run) return;
        if (this.pieces.isConnector(run.key)) {
            run.placed[2] = '';
            run.placed[6] = '';
        } else if (run.placed.length > 2) run.placed[2] = '';
        this.#put(run.key, run.placed, 1);
    }

    // --- the bar above the page ---

    #step(from, to) {
        this.#flushSteps();
        if (from.length === 0) return;
        to.push(this.text);
        const text = from.pop();
        this.last = null;
        this.pieces.carried = {};
        this.#become(parse(text), 1);
        this.changed();
        this.#say(from === this.#past ? 'The last move is taken back.' : 'Done again.');
    }

    #askToPutBack() {
        const dialog = document.querySelector('[data-put-back]');
        dialog.returnValue = '';
        dialog.addEventListener(
            'close',
            () => {
                if (dialog.returnValue !== 'yes') return;
                this.#let();
                this.#past.push(this.text);
                this.#future = [];
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
        this.#buttons();
    }

    #buttons() {
        if (!this.bar) return;
        const button = (name) => this.bar.querySelector(`[data-move=${name}]`);
        button('undo').disabled = this.#past.length === 0;
        button('redo').disabled = this.#future.length === 0;
        button('back').disabled = !this.filled;
        const tray = button('tray');
        if (tray) tray.textContent = this.sheet.classList.contains('is-shut') ? 'Open the tray' : 'Shut the tray';
    }

    #say(words) {
        this.bar.querySelector('[data-moves-said]').textContent = words;
    }
}
