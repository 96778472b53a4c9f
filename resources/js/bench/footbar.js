/** The bar at the foot of narrow windows: what keys do elsewhere, by touch. */
export class Footbar {
    /** @param does `done`, which leaves tool and selection; `several` (on), when presses add to what is selected */
    constructor(bar, does) {
        this.bar = bar;
        this.several = false;
        this.button = bar.querySelector('[data-several]');
        this.button.addEventListener('click', () => {
            this.#severally(!this.several);
            does.several(this.several);
        });
        bar.querySelector('[data-done]').addEventListener('click', () => {
            this.#severally(false);
            does.several(false);
            this.down();
            does.done();
        });
    }

    /** Lets the sheet down, so that the page can be seen. */
    down() {
        this.bar.dispatchEvent(new CustomEvent('sheet-down'));
    }

    show(selected) {
        this.bar.querySelector('[data-selected]').disabled = selected === 0;
    }

    #severally(on) {
        this.several = on;
        this.button.setAttribute('aria-pressed', String(on));
    }
}
