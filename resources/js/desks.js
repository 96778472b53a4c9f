import { reload } from './lib/reload';
import { Idiomorph } from 'idiomorph';
import { fitAll } from './lib/fit';
import { markLonger } from './lib/overflow';
import { request } from './lib/request';

const EVERY = 3000;
const WORDS = { not_opened: 'not opened', working: 'working', handed_in: 'handed in' };

/** Keeps the desks as they are now: asks every few seconds what has changed, and draws only that. */
class Desks {
    #longer = new Set(); // pages with an answer that is longer than its box

    constructor(root) {
        this.root = root;
        this.large = root.dataset.reload === 'yes';
        this.#tally();
        document.fonts.ready.then(() => this.#fit());
        setTimeout(() => this.#look(), EVERY);
    }

    #copies() {
        return [...this.root.querySelectorAll('[data-copy]')];
    }

    async #look() {
        if (document.visibilityState === 'visible') {
            try {
                const seen = this.#copies()
                    .map((copy) => `${copy.dataset.copy}.${copy.dataset.version}`)
                    .join(',');
                const only = this.large ? `&only=${this.#copies()[0].dataset.copy}` : '';
                const answer = await request(
                    'GET',
                    `${this.root.dataset.changes}?item=${this.root.dataset.item}&page=${this.root.dataset.page ?? 0}&seen=${seen}${only}`,
                );
                if (answer) await this.#draw(answer.copies);
                this.#pulse(true);
            } catch {
                this.#pulse(false);
            }
        }
        setTimeout(() => this.#look(), EVERY);
    }

    async #draw(copies) {
        if (this.large) {
            const page = new DOMParser().parseFromString(await (await fetch(window.location.href)).text(), 'text/html');
            const open = new Map(this.#inWords().map((one) => [one.dataset.inWords, one.open]));
            Idiomorph.morph(this.root.querySelector('[data-large]'), page.querySelector('[data-large]').outerHTML);
            this.#inWords().forEach((one) => {
                one.open = open.get(one.dataset.inWords) ?? false;
            });
            this.#fit();
            return;
        }
        for (const { id, html } of copies) {
            const desk = this.root.querySelector(`[data-copy="${id}"]`);
            if (!desk) {
                // Someone has joined: the server knows in which class they sit.
                reload();
                return;
            }
            Idiomorph.morph(desk, html.trim());
            fitAll(this.root.querySelector(`[data-copy="${id}"]`));
            this.#flash(this.root.querySelector(`[data-copy="${id}"]`));
        }
        this.#tally();
    }

    #fit() {
        fitAll(this.root);
        if (!this.large) return;
        // Whoever reads one copy reads all of it; what they have shut stays shut.
        const longer = markLonger(this.root).filter((page) => !this.#longer.has(page));
        longer.forEach((page) => this.#longer.add(page));
        this.#inWords()
            .filter((one) => longer.includes(Number(one.dataset.inWords)))
            .forEach((one) => {
                one.open = true;
            });
    }

    #inWords() {
        return [...this.root.querySelectorAll('[data-in-words]')];
    }

    #flash(desk) {
        desk.classList.add('is-new');
        setTimeout(() => desk.classList.remove('is-new'), EVERY - 500);
    }

    #tally() {
        const tally = this.root.querySelector('[data-tally]');
        if (!tally) return;
        const counts = Object.entries(WORDS).map(([state, words]) => [
            this.root.querySelectorAll(`[data-state="${state}"]`).length,
            words,
        ]);
        const said = counts.map(([count, words]) => `${count} ${words}`).join(' · ');
        if (tally.textContent !== said) tally.textContent = said;
    }

    #pulse(live) {
        const pulse = this.root.querySelector('[data-pulse]');
        if (!pulse) return;
        pulse.classList.toggle('is-away', !live);
        pulse.textContent = live ? 'Live' : 'No connection; trying again';
    }
}

const root = document.querySelector('[data-desks]');
if (root) new Desks(root);
