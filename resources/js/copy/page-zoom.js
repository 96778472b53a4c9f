import { isPhone } from '../lib/phone';

const READABLE = 15; // pixels of text below which nobody types gladly
const COMFORTABLE = 17;
const TARGET = 24; // pixels that whatever is touched is high and wide at least: WCAG 2.2, 2.5.8
const MOST_FOR_TARGETS = 2;

/** How far the middle of one is from that of another, along the axis on which they are further apart. */
const distance = (one, other) =>
    Math.max(
        Math.abs(one.left + one.width / 2 - other.left - other.width / 2),
        Math.abs(one.top + one.height / 2 - other.top - other.height / 2),
    );

/** How large the page is shown: by the buttons, and by itself when a box would be too small to read on a phone. */
export class PageZoom {
    #zoom = 1;

    constructor(root) {
        this.pages = root.querySelector('[data-pages]');
        this.scroll = root.querySelector('[data-scroll]');
        document
            .querySelectorAll('[data-zoom]')
            .forEach((button) =>
                button.addEventListener('click', () =>
                    this.to(this.#zoom * (button.dataset.zoom === 'in' ? 1.25 : 0.8)),
                ),
            );
        // With the keyboard open, some browsers shrink only what is seen, not the page: the page follows.
        window.visualViewport?.addEventListener('resize', () => this.#fit());
    }

    /** On a phone: so large that whatever is touched can be. Where the page is not to be seen, nothing. */
    fitTargets() {
        if (!isPhone() || this.#zoom > 1) return;
        const boxes = (what) =>
            [...this.pages.querySelectorAll(what)]
                .map((one) => one.getBoundingClientRect())
                .filter(({ width, height }) => width > 0 && height > 0);
        const answers = boxes('.answer');
        const targets = [...answers, ...boxes('.piece[tabindex="0"]:not(.is-under)')];
        const sides = targets.flatMap(({ width, height }) => [width, height]);
        // Made higher than they are, two that follow one another may overlap.
        const apart = answers.slice(1).map((one, at) => distance(answers[at], one));
        this.to(Math.min(MOST_FOR_TARGETS, TARGET / Math.min(TARGET, ...sides, ...apart)));
    }

    to(zoom) {
        this.#zoom = Math.min(4, Math.max(1, zoom));
        this.pages.style.setProperty('--zoom', this.#zoom);
    }

    /**
     * On a phone: shows something so large that it fills the window.
     *
     * @returns {() => void} shows the page as it was
     */
    fill(element) {
        const before = this.#zoom;
        if (!isPhone()) return () => {};
        const [box, view] = [element.getBoundingClientRect(), this.scroll.getBoundingClientRect()];
        this.to(before * Math.min((0.96 * view.width) / box.width, (0.8 * view.height) / box.height));
        return () => this.to(before);
    }

    /** Brings a box to where it can be read and typed in: not under a bar, not under the keyboard. */
    reveal(field) {
        const size = parseFloat(getComputedStyle(field).fontSize);
        if (size < READABLE && isPhone()) this.to(this.#zoom * (COMFORTABLE / size));
        requestAnimationFrame(() => this.#center(field));
    }

    #center(field) {
        const box = field.getBoundingClientRect();
        if (box.width === 0 && box.height === 0) return; // It is hidden by now.
        const view = this.scroll.getBoundingClientRect();
        const margin = 40;
        if (box.top < view.top + margin || box.bottom > view.bottom - margin)
            this.scroll.scrollTop += box.top + box.height / 2 - (view.top + view.height / 2);
        if (box.left < view.left || box.right > view.right)
            this.scroll.scrollLeft +=
                box.width > view.width
                    ? box.left - view.left - 12
                    : box.left + box.width / 2 - (view.left + view.width / 2);
    }

    #fit() {
        const seen = window.visualViewport;
        document.body.style.height = seen.scale === 1 && seen.height < window.innerHeight - 1 ? `${seen.height}px` : '';
        if (seen.scale !== 1) return; // Two fingers are enlarging it: what is looked at is theirs to choose.
        if (document.activeElement?.dataset?.place) this.#center(document.activeElement);
    }
}
