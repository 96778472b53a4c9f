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
    #reading = null; // what is read now, with the button that stops it

    constructor(root, places) {
        const language = root.querySelector('[data-pages]').lang;
        Object.assign(this, { root, places, language, voice: window.speechSynthesis });
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

    /** Reads a word of the teacher, before all else. */
    say(words) {
        if (!this.isOffered) return;
        this.#stop();
        const said = new SpeechSynthesisUtterance(words);
        said.lang = this.language;
        this.voice.speak(said);
    }

    #here() {
        const view = this.root.querySelector('[data-scroll]').getBoundingClientRect();
        const [top, bottom] = [Math.max(0, view.top), Math.min(window.innerHeight, view.bottom)];
        const pages = [...this.root.querySelectorAll('[data-page]')];
        const page = pages.find((one) => one.getBoundingClientRect().bottom > top + (bottom - top) / 3) ?? pages[0];
        const isOn = ({ field }) => field.closest('[data-page]') === page;
        if (this.at && isOn(this.at)) return wordsAt(this.at);
        const words = wordsOn(page);
        return words.length > 0 ? words : this.places.filter(isOn).flatMap(wordsAt);
    }

    #press(button, words) {
        const wasReading = this.#reading?.button;
        this.#stop();
        if (wasReading !== button) this.#read(button, words());
    }

    /** Line by line: some browsers give up what is long. */
    #read(button, lines) {
        const reading = { button };
        this.#reading = reading;
        button.textContent = STOP;
        const all = lines.filter(Boolean);
        all.forEach((line, at) => {
            const said = new SpeechSynthesisUtterance(line);
            said.lang = this.language;
            said.onerror = () => this.#ended(reading);
            if (at === all.length - 1) said.onend = () => this.#ended(reading);
            this.voice.speak(said);
        });
        if (all.length === 0) this.#ended(reading);
    }

    #stop() {
        this.voice.cancel();
        if (this.#reading) this.#ended(this.#reading);
    }

    /** Voices say that they were cut off after something else has begun: only what is read now can end. */
    #ended(reading) {
        if (this.#reading !== reading) return;
        reading.button.textContent = READ;
        this.#reading = null;
    }
}
