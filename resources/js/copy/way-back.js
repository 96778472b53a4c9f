/** After a link within the copy: one press goes back to where it was followed. */
export class WayBack {
    #from = null;

    /** @param {HTMLElement} root with the pages in it */
    constructor(root) {
        this.scroll = root.querySelector('[data-scroll]');
        this.button = document.querySelector('[data-way-back]');
        root.addEventListener('click', (event) => {
            const link = event.target.closest('a[href^="#page-"]');
            if (link) this.#leave(link);
        });
        this.button.addEventListener('click', () => this.#return());
    }

    #leave(link) {
        this.#from ??= { link, top: this.scroll.scrollTop, left: this.scroll.scrollLeft };
        this.button.textContent = `Back to page ${this.#from.link.closest('[data-page]').dataset.page}`;
        this.button.hidden = false;
    }

    #return() {
        const { link, top, left } = this.#from;
        this.#from = null;
        this.button.hidden = true;
        this.scroll.scrollTo({ top, left });
        link.focus({ preventScroll: true });
    }
}
