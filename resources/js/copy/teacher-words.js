import { serverTime } from '../lib/request';
import { here } from '../lib/who';

const SHUT = `open-slate.heard.${here}`; // ids of the words that this student has read, in this tab
const LET_GO = 60000; // milliseconds without a word from the server after which nobody is held any more

const shut = () => new Set(JSON.parse(sessionStorage.getItem(SHUT) ?? '[]'));

/** What the teacher says while students are at it: a word above their page, and that they wait. */
export class TeacherWords {
    #shown = new Map();
    #until = null; // by the server's clock, in seconds; Infinity where only the teacher ends it
    #heardAt = Date.now();

    /**
     * @param {Element} list where words show
     * @param {HTMLDialogElement} dialog that holds the copy
     * @param {ReadAloud} reading
     * @param {() => void} beforeWaiting sends what is unsent
     */
    constructor(list, dialog, reading, beforeWaiting) {
        Object.assign(this, { list, dialog, reading, beforeWaiting });
        dialog.addEventListener('cancel', (event) => event.preventDefault());
        setInterval(() => this.#tick(), 1000);
    }

    hear({ words, hold }) {
        this.#heardAt = Date.now();
        this.#say(words);
        this.#hold(hold);
    }

    #say(words) {
        const read = shut();
        const wanted = words.filter(({ id }) => !read.has(id));
        [...this.#shown].forEach(([id, note]) => {
            if (!wanted.some((one) => one.id === id)) {
                note.remove();
                this.#shown.delete(id);
            }
        });
        wanted
            .filter(({ id }) => !this.#shown.has(id))
            .forEach((one) => {
                const note = this.#note(one);
                this.#shown.set(one.id, note);
                this.list.append(note);
                this.reading.say(one.words);
            });
        this.#place();
    }

    #note({ id, words }) {
        const note = document.createElement('div');
        note.className = 'said-now__word';
        const said = document.createElement('p');
        const who = document.createElement('b');
        who.textContent = 'Your teacher says:';
        const what = document.createElement('span');
        what.dir = 'auto';
        what.textContent = words;
        said.append(who, ' ', what);
        const button = document.createElement('button');
        button.type = 'button';
        button.className = 'btn btn-plain';
        button.textContent = 'I have read it';
        button.addEventListener('click', () => {
            sessionStorage.setItem(SHUT, JSON.stringify([...shut(), id]));
            note.remove();
            this.#shown.delete(id);
        });
        note.append(said, button);
        return note;
    }

    /** Who waits sees what is said there. */
    #place() {
        const to = this.dialog.open ? this.dialog.querySelector('[data-wait-words]') : this.list;
        this.#shown.forEach((note) => note.parentElement === to || to.append(note));
    }

    #hold(hold) {
        if (!hold) {
            this.#goOn();
            return;
        }
        this.#until = hold.left === null ? Infinity : serverTime() + hold.left;
        if (!this.dialog.open) {
            this.beforeWaiting();
            this.dialog.showModal();
            this.#place();
        }
        this.#tick();
    }

    #goOn() {
        this.#until = null;
        if (!this.dialog.open) return;
        this.dialog.close();
        this.#place();
    }

    #tick() {
        if (this.#until === null) return;
        const left = this.#until - serverTime();
        // A network that is away must not hold a copy for ever.
        if (left <= 0 || Date.now() - this.#heardAt > LET_GO) {
            this.#goOn();
            return;
        }
        const minutes = Math.ceil(left / 60);
        const words = left < 60 ? 'in less than a minute' : `in about ${minutes} minutes`;
        const said = left === Infinity ? 'It goes on when your teacher says so.' : `It goes on by itself ${words}.`;
        const at = this.dialog.querySelector('[data-wait-left]');
        if (at.textContent !== said) at.textContent = said;
    }
}
