import { addressOf } from '../lib/address';

/** A link is asked for its words and where it leads, before it is laid. */
export class Linking {
    #link = null;

    /** @param place (element) */
    constructor(dialog, place) {
        this.dialog = dialog;
        this.place = place;
        this.form = dialog.querySelector('form');
        this.form.elements.page.addEventListener('change', () => {
            this.form.elements.target.required = this.form.elements.page.value === '';
        });
        dialog.querySelector('[data-link-no]').addEventListener('click', () => dialog.close());
        this.form.addEventListener('submit', (event) => {
            event.preventDefault();
            this.#take();
        });
    }

    askFor(link) {
        this.#link = link;
        this.dialog.showModal();
    }

    #take() {
        const { text, target, page } = Object.fromEntries(new FormData(this.form));
        const to = page === '' ? addressOf(target) : page;
        this.form.querySelector('[data-link-problem]').textContent =
            to === null ? 'That is no address. It should look like https://… or mailto:…, or choose a page.' : '';
        if (to === null) return;
        this.dialog.close();
        this.place({ ...this.#link, text, target: to });
    }
}
