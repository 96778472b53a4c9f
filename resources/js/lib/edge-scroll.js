const EDGE = 56; // pixels from an edge within which it scrolls
const FASTEST = 14; // pixels a frame, at the edge itself

/** Scrolls what is dragged over while the pointer is near one of its edges. */
export class EdgeScroll {
    #frame = 0;

    /** @param {() => void} scrolled */
    constructor(scrolled) {
        this.scrolled = scrolled;
    }

    /** How far it has scrolled since it began, in pixels. */
    get x() {
        return this.root ? this.root.scrollLeft - this.from.x : 0;
    }
    get y() {
        return this.root ? this.root.scrollTop - this.from.y : 0;
    }

    /** @param {Element|null} root what scrolls; null where nothing does */
    begin(root) {
        this.root = root;
        if (!root) return;
        this.from = { x: root.scrollLeft, y: root.scrollTop };
        this.box = root.getBoundingClientRect();
    }

    follow({ clientX, clientY }) {
        if (!this.root) return;
        const { left, right, top, bottom } = this.box;
        this.step = { x: speed(clientX, left, right), y: speed(clientY, top, bottom) };
        if (this.step.x === 0 && this.step.y === 0) this.#stop();
        else this.#frame ||= requestAnimationFrame(() => this.#scroll());
    }

    end() {
        this.#stop();
        this.root = null;
    }

    #scroll() {
        this.#frame = 0;
        const before = [this.x, this.y];
        this.root.scrollBy(this.step.x, this.step.y);
        if (this.x !== before[0] || this.y !== before[1]) this.scrolled(); // It is followed again, and scrolls on.
    }

    #stop() {
        cancelAnimationFrame(this.#frame);
        this.#frame = 0;
    }
}

/** Pixels a frame: more the nearer the edge is. */
function speed(at, start, end) {
    const edge = Math.min(EDGE, (end - start) / 4);
    if (at < start + edge) return -Math.ceil(FASTEST * Math.min(1, (start + edge - at) / edge));
    if (at > end - edge) return Math.ceil(FASTEST * Math.min(1, (at - end + edge) / edge));
    return 0;
}
