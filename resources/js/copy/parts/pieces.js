import { connectorLine } from '../../lib/connector-line';
import { followers, hold, tidy } from './model-text';

/** The parts of a page as they are drawn: where each is, what holds it, and what it is called there. */
export class Pieces {
    /**
     * Where parts are that were moved, as OpenSlate\Assembly\Model has it: [x, y, held, words, x2, y2, held2] by key,
     * the lowest first.
     */
    placed = {};

    /** What went along with a part that was dropped, until the server says where it rests. */
    carried = {};

    /** Pictures laid on parts that are on their way to the server: addresses by key. */
    waiting = new Map();

    constructor(field) {
        this.field = field;
        this.layer = field.closest('.sheet__layer');
        [this.width, this.height] = [Number(this.layer.dataset.width), Number(this.layer.dataset.height)];
        this.all = new Map([...field.querySelectorAll('[data-piece]')].map((piece) => [piece.dataset.piece, piece]));
        this.fixed = [...field.querySelectorAll('[data-fixed]')];
        this.spots = [...this.layer.querySelectorAll('[data-spot]')];
    }

    piece(key) {
        return this.all.get(key);
    }

    home(key) {
        return JSON.parse(this.all.get(key).dataset.home);
    }
    isConnector(key) {
        return this.all.get(key).classList.contains('piece--connector');
    }

    /** As the model has it. */
    at(key) {
        const home = this.home(key);
        return (
            this.carried[key] ??
            this.placed[key] ??
            (this.isConnector(key) ? [home[0], home[1], '', '', home[2], home[3], ''] : home)
        );
    }

    box(key) {
        const [x, y, , , x2, y2] = this.at(key);
        if (x2 !== undefined)
            return { x: Math.min(x, x2), y: Math.min(y, y2), width: Math.abs(x2 - x), height: Math.abs(y2 - y) };
        const style = this.all.get(key).style;
        return { x, y, width: Number(style.getPropertyValue('--w')), height: Number(style.getPropertyValue('--h')) };
    }

    middle(key) {
        const { x, y, width, height } = this.box(key);
        return { x: x + width / 2, y: y + height / 2 };
    }

    joints(key) {
        const { x, y, width, height } = this.box(key);
        return JSON.parse(this.all.get(key).dataset.joints).map(([id, across, down]) => [
            id,
            x + across * width,
            y + down * height,
        ]);
    }

    /** Of all parts on the page but one and what goes along with it; the newest part's last. */
    otherJoints(key) {
        const along = [key, ...this.followers(key).parts];
        const moved = Object.keys(this.placed);
        const others = [...[...this.all.keys()].filter((one) => !moved.includes(one)), ...moved];
        return others
            .filter((one) => this.all.has(one) && !along.includes(one) && !this.#isBeside(one))
            .flatMap((one) => this.joints(one).map(([, x, y]) => ({ x, y })));
    }

    // --- what goes along ---

    followers(key) {
        return followers(this.placed, key);
    }

    /** Where that is, once the part has been moved so far. */
    along({ parts, connectors }, dx, dy) {
        const moved = (at, ends) =>
            ends.reduce(
                (placed, end) => placed.with(end, tidy(placed[end] + dx)).with(end + 1, tidy(placed[end + 1] + dy)),
                at,
            );
        return Object.fromEntries([
            ...parts.map((key) => [key, moved(this.at(key), [0])]),
            ...connectors.map(([key, ends]) => [key, moved(this.at(key), ends)]),
        ]);
    }

    // --- the screen ---

    get scale() {
        return this.layer.getBoundingClientRect().width / this.width;
    }

    /** Pixels of the screen to a point: two fingers may have enlarged what the page is laid out in. */
    get seen() {
        return this.scale * (window.visualViewport?.scale ?? 1);
    }

    /** The shorter side of the smallest part that is moved, in points. */
    get smallest() {
        const sides = [...this.all]
            .filter(([key, piece]) => !('fixed' in piece.dataset) && !this.isConnector(key))
            .flatMap(([key]) => Object.values(this.box(key)).slice(2));
        return Math.min(...sides);
    }

    point(event) {
        const box = this.layer.getBoundingClientRect();
        return { x: (event.clientX - box.left) / this.scale, y: (event.clientY - box.top) / this.scale };
    }

    // --- showing ---

    show() {
        const order = Object.keys(this.placed);
        const isShut = this.layer.closest('.sheet').classList.contains('is-shut');
        this.all.forEach((piece, key) => {
            piece.inert = isShut && this.#isBeside(key); // What is in a shut tray cannot be seen, nor reached by keys.
            this.draw(key, this.at(key));
            piece.style.setProperty('--z', key in this.placed ? 600 + order.indexOf(key) : Number(piece.dataset.level));
            piece.setAttribute('aria-label', this.said(key));
            const words = this.placed[key]?.[3];
            if ('own' in piece.dataset) this.#ownWords(piece, words);
            if ('picture' in piece.dataset) this.#ownPicture(piece, words, this.waiting.get(key));
        });
        this.#stocks();
    }

    draw(key, [x, y, , , x2, y2]) {
        const piece = this.all.get(key);
        if (x2 === undefined) {
            piece.style.setProperty('--x', x);
            piece.style.setProperty('--y', y);
            return;
        }
        const [left, top] = [Math.min(x, x2), Math.min(y, y2)];
        const [width, height] = [Math.abs(x2 - x), Math.abs(y2 - y)];
        Object.entries({ x: left, y: top, w: width, h: height }).forEach(([name, value]) =>
            piece.style.setProperty(`--${name}`, value),
        );
        piece.querySelector('svg').setAttribute('viewBox', `0 0 ${Math.max(1, width)} ${Math.max(1, height)}`);
        piece.querySelectorAll('[data-course]').forEach((line) => {
            const ends = [x - left, y - top, x2 - left, y2 - top];
            line.setAttribute('d', connectorLine(line.dataset.course, ends));
        });
        piece.querySelectorAll('[data-end]').forEach((end) => {
            const second = end.dataset.end === '1';
            end.style.setProperty('--ex', (second ? x2 : x) - left);
            end.style.setProperty('--ey', (second ? y2 : y) - top);
        });
    }

    #ownWords(piece, words = '') {
        let shown = piece.querySelector('.part__words');
        if (!shown) {
            shown = document.createElement('span');
            shown.className = 'part__words type';
            shown.style.setProperty('--size', 14);
            piece.append(shown);
        }
        piece.dataset.words ??= words === '' ? shown.textContent : '';
        shown.textContent = words === '' ? piece.dataset.words : words;
    }

    #ownPicture(piece, source = '', waiting = '') {
        const picture = piece.querySelector('img');
        const shown = source || piece.dataset.source;
        const address = waiting || (shown && `/pictures/${shown}`);
        picture.hidden = address === '';
        if (address !== '' && !picture.src.endsWith(address)) picture.src = address;
    }

    /** Whether it lies in the tray. */
    #isBeside(key) {
        const { x, y } = this.middle(key);
        return x < 0 || y < 0 || x > this.width || y > this.height;
    }

    /** How many of a stock are left; said on the one that lies on top, which alone is seen. */
    #stocks() {
        const left = new Map();
        this.all.forEach((piece, key) => {
            if (!(key in this.placed)) left.set(key.split('.')[0], [...(left.get(key.split('.')[0]) ?? []), piece]);
        });
        this.all.forEach((piece) => {
            const badge = piece.querySelector('[data-left]');
            if (badge) badge.hidden = true;
        });
        this.all.forEach((piece, key) =>
            piece.classList.toggle('is-under', !(key in this.placed) && left.get(key.split('.')[0]).at(-1) !== piece),
        );
        left.forEach((pieces) => {
            const badge = pieces.at(-1).querySelector('[data-left]');
            if (badge && pieces.length > 1) {
                badge.hidden = false;
                badge.textContent = pieces.length;
            }
        });
    }

    said(key) {
        const piece = this.all.get(key);
        const [id, number] = key.split('.');
        const placed = this.placed[key];
        const of = [...this.all.keys()].filter((other) => other.split('.')[0] === id).length;
        const holds = [hold(placed?.[2]), hold(placed?.[6])];
        const spot = holds[0].spot && this.spots.find((one) => one.dataset.spot === holds[0].spot);
        const beside = this.#isBeside(key);
        const joined = holds.filter((held) => held.part).map((held) => this.all.get(held.part)?.dataset.name);
        const where = spot
            ? `in ${spot.dataset.said}`
            : joined.length > 0
              ? `joined to ${joined.join(' and ')}`
              : beside
                ? 'in the tray'
                : placed
                  ? 'on the page'
                  : '';
        const picture = 'picture' in piece.dataset;
        return [
            (!picture && placed?.[3]) || piece.dataset.name,
            picture && (placed?.[3] || this.waiting.has(key)) ? 'with a picture' : '',
            of > 1 ? `${number} of ${of}` : '',
            where,
        ]
            .filter(Boolean)
            .join(', ');
    }
}
