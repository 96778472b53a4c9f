import { reload } from './lib/reload';
import { Idiomorph } from 'idiomorph';
import { fitAll } from './lib/fit';
import { markLonger } from './lib/overflow';
import { request, serverTime } from './lib/request';

const EVERY = 3000;

const PLACE = 'open-slate.large-place';
const SIZE = 'open-slate.large-size';
const SIZES = [0.7, 1, 1.4, 2];
const RIGHT = 'open-slate.right-so-far';

const STILL = 5 * 60; // seconds without a change, in the middle of the work

/** Which desks are seen, and in which order: by how they stand, by name, with names or without. */
class Sieve {
    #only = null;

    constructor(bar, root) {
        Object.assign(this, { bar, root });
        bar.hidden = false;
        this.order = bar.querySelector('[data-order]');
        this.find = bar.querySelector('[data-find-desk]');
        this.names = bar.querySelector('[data-hide-names]');
        this.right = bar.querySelector('[data-show-right]');
        if (this.right) this.right.checked = localStorage.getItem(RIGHT) === 'yes';
        this.right?.addEventListener('change', () => {
            localStorage.setItem(RIGHT, this.right.checked ? 'yes' : 'no');
            this.sift();
        });
        bar.addEventListener('click', (event) => {
            const only = event.target.closest('[data-only]')?.dataset.only;
            if (!only) return;
            this.#only = this.#only === only ? null : only;
            this.sift();
        });
        this.order.addEventListener('change', () => this.sift());
        this.find.addEventListener('input', () => this.sift());
        this.names.addEventListener('change', () => this.sift());
    }

    sift() {
        const desks = [...this.root.querySelectorAll('.pupil')];
        this.bar.querySelectorAll('[data-only]').forEach((button) => {
            const { only } = button.dataset;
            button.setAttribute('aria-pressed', String(this.#only === only));
            button.querySelector('[data-count]').textContent = desks.filter((desk) => this.#is(desk, only)).length;
        });
        const wanted = this.find.value.trim().toLowerCase();
        desks.forEach((desk) => {
            desk.hidden =
                (this.#only !== null && !this.#is(desk, this.#only)) ||
                !desk.dataset.name.toLowerCase().includes(wanted);
        });
        this.root.classList.toggle('has-no-names', this.names.checked);
        // What hangs on the wall is nobody's but the student's to know.
        this.root.classList.toggle('has-right', this.right?.checked === true && !this.names.checked);
        this.root.querySelectorAll('.desks').forEach((list) => this.#sort(list));
        const seen = desks.filter((desk) => !desk.hidden).length;
        const said = seen === desks.length ? '' : `${seen} of ${desks.length} desks are shown.`;
        const status = this.bar.querySelector('[data-sieved]');
        if (status.textContent !== said) status.textContent = said;
    }

    #is(desk, what) {
        const { state, changed } = desk.dataset;
        if (what !== 'still') return state === what;
        const now = serverTime() ?? Date.now() / 1000;
        return state === 'working' && changed !== '' && now - Number(changed) > STILL;
    }

    /** Moved only where the order is another, so that what has the focus keeps it. */
    #sort(list) {
        const keys = {
            name: (desk) => [desk.dataset.name.toLowerCase()],
            filled: (desk) => [Number(desk.dataset.filled), desk.dataset.name.toLowerCase()],
            still: (desk) => [Number(desk.dataset.changed || Infinity), desk.dataset.name.toLowerCase()],
        };
        const key = keys[this.order.value];
        const before = [...list.children];
        const after = [...before].sort((one, other) => {
            const [a, b] = [key(one), key(other)];
            const at = a.findIndex((value, index) => value !== b[index]);
            if (at < 0) return 0;
            return typeof a[at] === 'string' ? a[at].localeCompare(b[at]) : a[at] - b[at];
        });
        if (after.some((desk, index) => desk !== before[index])) list.append(...after);
    }
}

/** Keeps the desks as they are now: asks every few seconds what has changed, and draws only that. */
class Desks {
    #longer = new Set(); // pages with an answer that is longer than its box

    constructor(root) {
        this.root = root;
        this.large = root.dataset.reload === 'yes';
        const sieve = root.querySelector('[data-sieve]');
        this.sieve = sieve && new Sieve(sieve, root);
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
                this.#goOn();
            } catch {
                this.#pulse(false);
            }
        }
        setTimeout(() => this.#look(), EVERY);
    }

    async #draw(copies) {
        if (this.large) {
            // What is being drawn, or put somewhere, is not on the server yet.
            if (document.querySelector('.is-inking, .is-spotting')) return;
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
        this.sieve?.sift();
    }

    /** Whoever waited goes on by themselves when it is time. */
    #goOn() {
        const held = this.root.querySelector('[data-ends]');
        if (held?.dataset.ends && serverTime() > Number(held.dataset.ends)) held.remove();
    }

    #pulse(live) {
        const pulse = this.root.querySelector('[data-pulse]');
        if (!pulse) return;
        pulse.classList.toggle('is-away', !live);
        pulse.textContent = live ? 'Live' : 'No connection; trying again';
    }
}

/** From student to student, at the same place of the same page. */
class SamePlace {
    constructor(root) {
        document
            .querySelectorAll('[data-before], [data-next]')
            .forEach((way) =>
                way.addEventListener('click', () => sessionStorage.setItem(PLACE, String(window.scrollY))),
            );
        const place = Number(sessionStorage.getItem(PLACE));
        sessionStorage.removeItem(PLACE);
        if (place > 0) document.fonts.ready.then(() => window.scrollTo(0, place));
        this.#size(root);
    }

    /** How large the pages are, for all copies of this tab. */
    #size(root) {
        const buttons = [...root.querySelectorAll('[data-size]')];
        const show = (size) => {
            root.style.setProperty('--large', size);
            sessionStorage.setItem(SIZE, size);
            buttons.forEach((button) => (button.disabled = !SIZES.includes(this.#next(size, button))));
            fitAll(root);
        };
        buttons.forEach((button) =>
            button.addEventListener('click', () => show(this.#next(Number(sessionStorage.getItem(SIZE)), button))),
        );
        show(Number(sessionStorage.getItem(SIZE)) || 1);
    }

    #next(size, button) {
        return SIZES[SIZES.indexOf(size) + Number(button.dataset.size)];
    }
}

const root = document.querySelector('[data-desks]');
if (root) new Desks(root);
if (root?.querySelector('[data-size]')) new SamePlace(root);
