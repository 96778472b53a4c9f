import { around, held } from './geometry';

// The page on the bench as geometry: points to and from pixels, frames of elements. Measures are points.

// What is shifted, however much it is, is moved by one rule that changes in every frame. A style that elements inherit
// would have the browser work out the looks of the whole page anew each time, and a style on each of them tells all
// who watch the document.
const sheet = new CSSStyleSheet();
sheet.replaceSync('.is-shifted { translate: 0 0; }');
document.adoptedStyleSheets = [...document.adoptedStyleSheets, sheet];
const SHIFT = sheet.cssRules[0].style;

/** What an edit makes of an element: of the properties that it has. */
function after(element, { kind, ids, table, cells, set }) {
    if (kind === 'change' && ids.includes(element.id)) return given(element, set);
    if (kind !== 'cells' || table !== element.id) return element;
    return { ...element, cells: element.cells.map((cell, at) => (cells.includes(at) ? given(cell, set) : cell)) };
}

function given(what, set) {
    return { ...what, ...Object.fromEntries(Object.entries(set).filter(([name]) => name in what)) };
}

export class Stage {
    #box = null;
    #shifted = [];
    #foreseen = [];

    constructor(root) {
        this.root = root;
        // What scrolls moves the page below the pointer.
        document.addEventListener(
            'scroll',
            (event) => {
                if (event.target.contains(root)) this.#box = null;
            },
            true,
        );
    }

    /**
     * Measures where the page is, once for all moves of a pointer until something scrolls: asking makes the browser
     * lay it out.
     */
    measure() {
        this.#box = this.layer.getBoundingClientRect();
    }
    forget() {
        this.#box = null;
    }

    get layer() {
        return this.root.querySelector('.sheet__layer');
    }
    get width() {
        return Number(this.layer.dataset.width);
    }
    get height() {
        return Number(this.layer.dataset.height);
    }
    get scale() {
        return (this.#box ?? this.layer.getBoundingClientRect()).width / this.width;
    }

    elements() {
        return [...this.layer.querySelectorAll('.element')];
    }
    element(id) {
        return this.layer.querySelector(`.element[data-id="${CSS.escape(id)}"]`);
    }
    /** What an element is, with what was changed of it and is still on its way. */
    data(id) {
        return this.#foreseen.reduce(after, JSON.parse(this.element(id).dataset.element));
    }

    /**
     * Keeps what an edit will make of its elements until that is drawn: what is written next is written on it, and who
     * comes back to a place finds there what he wrote.
     */
    foresee(edit) {
        this.#foreseen.push(edit);
    }

    /** The page is drawn as the server has it, or nothing more will be. */
    drawn() {
        this.#foreseen = [];
    }

    /** Scrolls to the first of them where none is to be seen. */
    bring(ids) {
        const view = this.root.closest('.desk').getBoundingClientRect();
        const isSeen = (id) => {
            const box = this.element(id).getBoundingClientRect();
            return (
                box.bottom > Math.max(0, view.top) &&
                box.top < Math.min(window.innerHeight, view.bottom) &&
                box.right > view.left &&
                box.left < view.right
            );
        };
        if (!ids.some(isSeen)) this.element(ids[0]).scrollIntoView({ block: 'center', inline: 'center' });
    }

    point(event) {
        const box = this.#box ?? this.layer.getBoundingClientRect();
        return { x: (event.clientX - box.left) / this.scale, y: (event.clientY - box.top) / this.scale };
    }

    frame(id) {
        const { x, y, width, height } = this.data(id);
        return { x, y, width, height };
    }

    bounds(ids) {
        return around(ids.map((id) => this.frame(id)));
    }

    get page() {
        return { x: 0, y: 0, width: this.width, height: this.height };
    }

    /** The page and the tray beside it. */
    get whole() {
        const [x, y, width, height] = JSON.parse(this.layer.dataset.whole ?? 'null') ?? [0, 0, this.width, this.height];
        return { x, y, width, height };
    }

    /** Where things may lie: parts also in the tray. */
    reach(ids) {
        return ids.every((id) => this.element(id).classList.contains('element--part')) ? this.whole : this.page;
    }

    /** As much of a move as keeps a frame where it may lie. */
    held(frame, dx, dy, within = this.page) {
        return held(frame, dx, dy, within);
    }

    /**
     * Shows things dx and dy points from where they are, until they settle; the same things all through one gesture.
     */
    shift(things, dx, dy) {
        SHIFT.translate = `${dx * this.scale}px ${dy * this.scale}px`;
        if (this.#shifted.length > 0) return;
        this.#shifted = things;
        things.forEach((thing) => thing.classList.add('is-shifted'));
    }

    settle() {
        this.#shifted.forEach((thing) => thing.classList.remove('is-shifted'));
        this.#shifted = [];
    }

    /** Shows a frame at once, before the server has said so. */
    show(id, frame) {
        const element = this.element(id);
        if (!element) return;
        const style = element.style;
        style.setProperty('--x', frame.x);
        style.setProperty('--y', frame.y);
        style.setProperty('--w', frame.width);
        style.setProperty('--h', frame.height);
        element.dataset.element = JSON.stringify({ ...JSON.parse(element.dataset.element), ...frame });
    }
}
