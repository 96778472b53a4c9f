import { nameOf } from './places';

const KEPT = 'open-slate.list';
const NARROW = '(max-width: 480px)';
const PAGES = 'Pages';

const made = (tag, className, text = '') =>
    Object.assign(document.createElement(tag), { className, textContent: text });

const bare = (words) =>
    words
        .toLowerCase()
        .replace(/[^\p{L}\p{N}]+/gu, ' ')
        .trim();

/**
 * The copy as a list: each place below what is asked there, in the order of reading. The fields are the page's own,
 * laid out by css/_list.scss, so that they have the same answers. Narrow windows begin with it: a phone, or a page
 * enlarged to 400 %.
 */
export class QuestionList {
    #isLaid = false;

    /**
     * @param {ReadAloud} reading reads what is asked, where it may
     * @param {string} who the student: what they choose is theirs
     * @param {() => void} onPages called whenever the pages are shown
     */
    constructor(root, places, reading, who, onPages) {
        Object.assign(this, { root, places, reading, onPages, key: `${KEPT}.${who}` });
        this.button = document.querySelector('[data-list]');
        this.words = this.button.innerHTML;
        root.addEventListener('focusin', ({ target }) => {
            this.last = places.find((place) => place.holds(target)) ?? this.last;
        });
        this.button.addEventListener('click', () => this.#choose(!this.isOn));
        this.#show(this.#chosen() ?? this.#suits());
        root.dataset.laid = ''; // Until now, a narrow window had nothing to show: see css/_list.scss.
    }

    /** Where most is done on the page itself, a list would be only ways to it. */
    #suits() {
        const onPage = this.places.filter((place) => place.needsPage).length;
        return matchMedia(NARROW).matches && onPage < this.places.length / 2;
    }

    get isOn() {
        return this.root.classList.contains('is-list');
    }

    /** To a place; to the way there, where it can be filled on the page alone. */
    goTo(place) {
        if (this.isOn && place.needsPage) this.#hostOf(place).querySelector('[data-to-page]').focus();
        else place.focus();
    }

    #choose(isOn) {
        try {
            localStorage.setItem(this.key, isOn ? 'yes' : 'no');
        } catch {
            /* Then it begins as before. */
        }
        this.#show(isOn);
        if (this.last) this.#hostOf(this.last).scrollIntoView({ block: 'center' });
    }

    #chosen() {
        try {
            const kept = localStorage.getItem(this.key);
            return kept && kept === 'yes';
        } catch {
            return null;
        }
    }

    #show(isOn) {
        if (isOn && !this.#isLaid) this.#lay();
        this.root.classList.toggle('is-list', isOn);
        document.body.classList.toggle('has-list', isOn);
        // What was written on the pages is there in words.
        document.querySelector('[data-marks-in-words]')?.toggleAttribute('open', isOn);
        if (isOn) this.button.textContent = PAGES;
        else {
            this.button.innerHTML = this.words;
            this.onPages();
        }
    }

    // --- what is in the list and not on the page ---

    #lay() {
        this.#isLaid = true;
        this.root.querySelectorAll('[data-page]').forEach((page) => this.#printed(page));
        this.root.querySelectorAll('[role=table]').forEach((table) => {
            const name = made('p', 'asked asked--table', table.getAttribute('aria-label'));
            table.before(name);
        });
        this.places.forEach((place) => this.#ask(place));
        this.root.querySelectorAll('.option-at').forEach((option) => this.#wordOption(option.querySelector('input')));
        this.#leaveOutAsked();
    }

    /** Labels with which what is asked at a place begins, or that are its choices, would be read twice. */
    #leaveOutAsked() {
        const choices = [...this.root.querySelectorAll('.choices')].map((choice) =>
            [...choice.querySelectorAll('label')].map((label) => label.textContent).join(' '),
        );
        const asked = [...this.places.map(({ field }) => nameOf(field)), ...choices].map(bare);
        this.root.querySelectorAll('.element--label').forEach((label) => {
            const words = bare(label.textContent);
            label.classList.toggle('is-asked', words !== '' && asked.some((one) => `${one} `.startsWith(`${words} `)));
        });
    }

    /** Before a place: what is asked there, and the way to it on its page. */
    #ask(place) {
        const name = nameOf(place.field);
        const head = made('div', 'asked');
        const words = made('p', 'asked__words', name);
        words.setAttribute('aria-hidden', 'true'); // Its field has it for a name.
        const button = made('button', 'btn btn-plain', place.needsPage ?? 'On the page');
        button.type = 'button';
        button.dataset.toPage = '';
        button.setAttribute('aria-label', `${button.textContent}: ${name}`);
        button.addEventListener('click', () => {
            this.#choose(false);
            place.focus();
        });
        const ways = made('div', 'asked__ways');
        ways.append(...(this.reading.isOffered ? [this.reading.buttonFor(place)] : []), button);
        head.append(words, ways);
        this.#hostOf(place).prepend(head);
    }

    #wordOption(input) {
        const label = made('label', 'asked__option', input.getAttribute('aria-label'));
        input.id ||= `${input.name}-${input.value}`;
        label.htmlFor = input.id;
        label.setAttribute('aria-hidden', 'true');
        input.after(label);
    }

    /** What is printed on a page, as text that flows. */
    #printed(page) {
        const lines = [...page.querySelectorAll('.sheet__words text')].map((line) => line.textContent);
        if (lines.length === 0) return;
        const all = made('details', 'printed');
        all.append(
            made('summary', '', `What is printed on page ${page.dataset.page}`),
            ...lines.map((line) => made('p', '', line)),
        );
        page.querySelector('h2').after(all);
    }

    #hostOf({ field }) {
        return field.closest('.table-cell, .organiser__box, .element, .parts');
    }
}
