import { request, serverTime } from '../lib/request';
import { blankIn, filledIn, nameOf } from './places';

/** Asks before a copy is handed in, with a way to all that is blank; and hands in what is with the server. */
export class HandingIn {
    /** @param {CopyWork} work */
    constructor(work) {
        this.work = work;
        this.dialog = document.querySelector('[data-ask]');
        this.form = document.querySelector('[data-hand-in-form]');
        document.querySelector('[data-hand-in]').addEventListener('click', () => this.#ask());
        document.querySelector('[data-not-yet]').addEventListener('click', () => this.dialog.close());
        this.form.addEventListener('submit', (event) => {
            event.preventDefault();
            this.#handIn();
        });
    }

    #ask() {
        const { places, root } = this.work;
        const all = Number(root.dataset.places);
        const left = all - filledIn(places);
        this.dialog.querySelector('[data-ask-words]').textContent =
            left === 0
                ? `All ${all} places are filled.`
                : `${all - left} of ${all} places are filled; ${left === 1 ? '1 is' : `${left} are`} still blank.`;
        const others = this.dialog.querySelector('[data-ask-others]');
        if (others) others.textContent = this.work.company?.words ?? '';
        this.dialog
            .querySelector('[data-ask-blanks]')
            .replaceChildren(...blankIn(places).map((place) => this.#wayTo(place)));
        this.#sayWhetherItCanBeTakenBack();
        this.dialog.showModal();
    }

    /** By the server's clock: a device's own may be wrong, and the page may have been open for days. */
    #sayWhetherItCanBeTakenBack() {
        const back = this.dialog.querySelector('[data-taking-back]');
        const due = Number(back.dataset.takingBack);
        if (!due) return;
        const tell = () => {
            if (serverTime() > due) back.textContent = back.dataset.over;
        };
        tell();
        request('GET', '/who')
            .then(tell)
            .catch(() => {});
    }

    #wayTo(place) {
        const button = document.createElement('button');
        button.type = 'button';
        button.className = 'btn btn-plain';
        button.textContent = nameOf(place.field);
        button.addEventListener('click', () => {
            this.dialog.close();
            this.work.list.goTo(place);
        });
        const item = document.createElement('li');
        item.append(button);
        return item;
    }

    async #handIn() {
        const { work } = this;
        const isSent = await work.saved();
        if (isSent && !work.isDisputed) {
            this.form.submit();
            return;
        }
        this.dialog.close();
        if (work.refused) {
            work.bar.trouble(
                'It is not handed in: one of your answers could not be saved. It says at its place what to do.',
            );
            work.list.goTo(work.refused);
        } else if (!isSent)
            work.bar.trouble(
                'It is not handed in: there is no connection just now. Your work is kept on this device. Try again in a moment.',
            );
    }
}
