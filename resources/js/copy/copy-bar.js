const WAITS = 'Your work waits here until it can be sent.';

/** What a student always sees of how their copy stands: how much is filled, whether it is saved, and what is wrong. */
export class CopyBar {
    /** @param {Element} root the copy; data-places says how many places it has */
    constructor(root) {
        this.root = root;
        this.tally = document.querySelector('[data-tally]');
        this.saved = document.querySelector('[data-saved]');
        this.told = document.querySelector('[data-told]');
        this.notice = root.querySelector('[data-trouble]');
    }

    filled(count) {
        this.tally.textContent = `${count} of ${this.root.dataset.places} filled`;
    }

    /** @param {'saved'|'unsaved'|'away'} is */
    status(is, words) {
        if (this.saved.dataset.is === is) return;
        this.saved.dataset.is = is;
        this.saved.textContent = words;
        // That all is well is not worth a word after every answer; that it is not, or is again, is.
        if (is === 'away') this.told.textContent = WAITS;
        else if (is === 'saved')
            this.told.textContent = this.told.textContent === WAITS ? 'All of it is sent now.' : '';
    }

    /** @param {string} words none takes it away */
    trouble(words) {
        this.notice.hidden = words === '';
        this.notice.querySelector('[data-trouble-words]').textContent = words;
    }
}
