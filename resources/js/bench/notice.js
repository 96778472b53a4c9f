const AWAY =
    'There is no connection. Your change is kept here and is sent when the server is back; leave this screen open.';

/** Says what went wrong, and offers to do again what was not done. */
export class Notice {
    #lost = [];
    #isWaiting = false;

    /** @param again ({ edit, then }) each of what was lost */
    constructor(notice, again) {
        this.notice = notice;
        this.words = notice.querySelector('[data-problem-words]');
        this.button = notice.querySelector('[data-again]');
        notice.querySelector('[data-dismiss]').addEventListener('click', () => this.show(''));
        this.button.addEventListener('click', () => {
            const lost = this.#lost;
            this.show('');
            lost.forEach(again);
        });
    }

    show(words, lost = []) {
        this.#lost = lost;
        this.notice.hidden = words === '';
        this.words.textContent = words;
        this.button.hidden = lost.length === 0;
    }

    wait(isWaiting) {
        if (isWaiting) this.show(AWAY);
        else if (this.#isWaiting) this.show('');
        this.#isWaiting = isWaiting;
    }
}
