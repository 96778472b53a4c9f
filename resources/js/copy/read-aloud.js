import { nameOf } from './places';

const READ = 'Read aloud';
const STOP = 'Stop reading';

const textOf = (element) => element.textContent.replace(/\s+/g, ' ').trim();

/** What is asked at a place, with its choices and its help. */
function wordsAt({ field }) {
    const box = field.closest('.element') ?? field;
    const choices = [...field.querySelectorAll('input[aria-label]')].map((input) => input.getAttribute('aria-label'));
    const options = [...field.querySelectorAll('option[value=""] ~ option, option:not([value])')].map(textOf);
    const help = [...box.querySelectorAll('.help__words p')].map(textOf);
    return [nameOf(field), ...choices, ...options, ...help];
}

/** What is printed and written on a page, line by line. */
const wordsOn = (page) => [...page.querySelectorAll('.sheet__words text, .label, .asked--table')].map(textOf);

/** Reads with the browser's own voice: what is asked where the student is, or else the page that is in sight. */
export class ReadAloud {
    #reading = null; // the button that says it can be stopped

    constructor(root, places) {
        Object.assign(this, { root, places, voice: window.speechSynthesis });
        if (!this.isOffered) return;
        root.addEventListener('focusin', ({ target }) => {
            this.at = places.find((place) => place.holds(target)) ?? this.at;
        });
        this.button = document.querySelector('[data-read-aloud]');
        this.button.hidden = false;
        this.button.addEventListener('click', () => this.#press(this.button, () => this.#here()));
        window.addEventListener('pagehide', () => this.#stop());
    }

    get isOffered() {
        return this.voice !== undefined && 'readsAloud' in this.root.dataset;
    }

    /** A button that reads what is asked at one place. */
    buttonFor(place) {
        const button = document.createElement('button');
        button.type = 'button';
        button.className = 'btn btn-plain';
        button.textContent = READ;
        button.setAttribute('aria-label', `${READ}: ${nameOf(place.field)}`);
        button.addEventListener('click', () => this.#press(button, () => wordsAt(place)));
        return button;
    }

    #here() {
        const view = this.root.querySelector('[data-scroll]').getBoundingClientRect();
        const pages = [...this.root.querySelectorAll('[data-page]')];
        const page = pages.find((one) => one.getBoundingClientRect().bottom > view.top + view.height / 3) ?? pages[0];
        return this.at?.field.closest('[data-page]') === page ? wordsAt(this.at) : wordsOn(page);
    }

    #press(button, words) {
        const wasReading = this.#reading;
        this.#stop();
        if (wasReading !== button) this.#read(button, words());
    }

    /** Line by line: some browsers give up what is long. */
    #read(button, lines) {
        this.#reading = button;
        button.textContent = STOP;
        const all = lines.filter(Boolean);
        all.forEach((line, at) => {
            const said = new SpeechSynthesisUtterance(line);
            said.lang = document.documentElement.lang;
            said.onerror = () => this.#ended(button);
            if (at === all.length - 1) said.onend = () => this.#ended(button);
            this.voice.speak(said);
        });
        if (all.length === 0) this.#ended(button);
    }

    #stop() {
        this.voice.cancel();
        if (this.#reading) this.#ended(this.#reading);
    }

    #ended(button) {
        if (this.#reading !== button) return;
        button.textContent = READ;
        this.#reading = null;
    }
}
