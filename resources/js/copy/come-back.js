import { Away, requestPage } from '../lib/request';

/** The session has ended, with somebody still at work: they come in again without leaving their page. */
export class ComeBack {
    /**
     * @param {HTMLFormElement} form as the door's
     * @param {() => void} back what is done when they are in again
     */
    constructor(form, back) {
        this.form = form;
        this.said = form.querySelector('[data-come-back-said]');
        form.addEventListener('submit', async (event) => {
            event.preventDefault();
            if (await this.#comeIn()) back();
        });
    }

    ask() {
        if (!this.form.hidden) return;
        this.form.hidden = false;
        this.form.querySelector('[data-come-back-words]').textContent =
            'You were signed out. Your work is kept on this device. Type your PIN, then it is sent.';
    }

    async #comeIn() {
        const { student, pin } = this.form.elements;
        this.said.textContent = '';
        try {
            // The old token ended with the session; the door gives a new one, to whoever asks for it as a page.
            await fetch('/class', { credentials: 'same-origin' }).catch((cause) => {
                throw new Away('No connection.', { cause });
            });
            await requestPage('POST', this.form.action, { student: student.value, pin: pin.value });
        } catch (problem) {
            this.said.textContent =
                problem instanceof Away ? 'There is no connection just now. Try again in a moment.' : problem.message;
            pin.select();
            return false;
        }
        this.done();
        return true;
    }

    /** In again, here or in another tab. */
    done() {
        this.form.hidden = true;
        this.form.elements.pin.value = '';
    }
}
