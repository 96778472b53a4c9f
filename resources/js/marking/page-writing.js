import { TeachersDrawing } from '../copy/drawing';
import { Away, request } from '../lib/request';

const REST = 400; // milliseconds after the last stroke before it is sent
const STEP = 10; // points that a key moves a spot by

/** What a teacher writes on the pages of a copy beside its places: with pens, and in words at spots. */
export class PageWriting {
    #at = null; // the spot that is written at
    #carried = null; // the sign of a spot that is being put somewhere

    /** @param {Element} large the pages; @param {() => Promise<void>} draw shows them as the server has them */
    constructor(large, draw) {
        Object.assign(this, { large, draw });
        this.box = document.querySelector('[data-note-box]');
        this.form = this.box.querySelector('form');
        large.querySelectorAll('[data-page-ink]').forEach((field) => this.#pen(field));
        large.addEventListener('click', (event) => this.#click(event));
        document.addEventListener('keydown', (event) => this.#key(event));
        this.form.addEventListener('submit', (event) => {
            event.preventDefault();
            this.#send(this.form.elements.words.value.trim());
        });
        this.form.querySelector('[data-note-off]').addEventListener('click', () => this.#send(''));
        this.form.querySelector('[data-note-shut]').addEventListener('click', () => this.#shut());
    }

    // --- pens ---

    #pen(field) {
        const number = field.dataset.pageInk;
        let timer = 0;
        const drawing = new TeachersDrawing(
            field,
            () => {
                clearTimeout(timer);
                timer = setTimeout(() => this.#keep(number, drawing), REST);
            },
            {},
        );
    }

    async #keep(number, drawing) {
        try {
            await request('PUT', this.#address(this.form.dataset.inkAddress, number), { ink: drawing.value });
        } catch (problem) {
            drawing.say(
                problem instanceof Away ? 'No connection: the last strokes are not saved yet.' : problem.message,
            );
            if (problem instanceof Away) setTimeout(() => this.#keep(number, drawing), REST * 8);
        }
    }

    #address(pattern, number) {
        return pattern.replace(/\/0\/(ink|words)$/, `/${number}/$1`);
    }

    // --- words at a spot ---

    #click(event) {
        const note = event.target.closest('[data-note]');
        const on = event.target.closest('[data-note-on]');
        const layer = event.target.closest('.sheet__layer');
        if (note) {
            const { x, y, pageNumber, note: comment } = note.dataset;
            this.#open({ number: pageNumber, x: Number(x), y: Number(y), comment, words: note.textContent }, note);
        } else if (on) this.#carry(on.dataset.noteOn);
        else if (this.#carried && layer?.closest('[id^=page-]')?.id === `page-${this.#carried.number}`) {
            const box = layer.getBoundingClientRect();
            this.#put(
                ((event.clientX - box.left) / box.width) * layer.dataset.width,
                ((event.clientY - box.top) / box.height) * layer.dataset.height,
            );
            this.#openCarried();
        }
    }

    /** A sign that is put somewhere by a press, or by the arrows. */
    #carry(number) {
        this.#drop();
        const layer = this.large.querySelector(`#page-${number} .sheet__layer`);
        const sign = document.createElement('button');
        sign.type = 'button';
        sign.className = 'spot-note__sign';
        sign.textContent = '+';
        sign.setAttribute(
            'aria-label',
            'Where your words stand: press the page, or move it with the arrows; Enter writes',
        );
        sign.addEventListener('click', (event) => {
            event.stopPropagation();
            this.#openCarried();
        });
        this.#carried = { number, layer, sign };
        layer.append(sign);
        layer.classList.add('is-spotting');
        const { width, height } = layer.dataset;
        const box = layer.getBoundingClientRect();
        const middle = (window.innerHeight / 2 - box.top) / box.height;
        this.#put(width / 2, Math.min(0.95, Math.max(0.05, middle)) * height);
        sign.focus({ preventScroll: true });
    }

    #put(x, y) {
        const { layer, sign } = this.#carried;
        const { width, height } = layer.dataset;
        Object.assign(this.#carried, {
            x: Math.max(0, Math.min(Number(width), x)),
            y: Math.max(0, Math.min(Number(height), y)),
        });
        sign.style.left = `${(this.#carried.x / width) * 100}%`;
        sign.style.top = `${(this.#carried.y / height) * 100}%`;
    }

    #openCarried() {
        const { number, x, y, sign } = this.#carried;
        this.#open({ number, x, y, words: '' }, sign);
    }

    #drop() {
        this.#carried?.sign.remove();
        this.#carried?.layer.classList.remove('is-spotting');
        this.#carried = null;
    }

    #key(event) {
        if (event.key === 'Escape' && !this.box.hidden) {
            this.#shut();
            return;
        }
        if (!this.#carried || event.target !== this.#carried.sign) return;
        const by = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
        if (event.key === 'Escape') this.#drop();
        if (!by) return;
        event.preventDefault();
        event.stopPropagation();
        this.#put(this.#carried.x + by[0] * STEP, this.#carried.y + by[1] * STEP);
    }

    #open(spot, sign) {
        this.#at = spot;
        this.form.elements.words.value = spot.words;
        this.form.querySelector('[data-note-off]').hidden = spot.comment === undefined;
        this.#say('');
        this.box.hidden = false;
        const box = sign.getBoundingClientRect();
        const left = Math.min(box.left, document.documentElement.clientWidth - this.box.offsetWidth - 8);
        this.box.style.left = `${Math.max(8, left) + window.scrollX}px`;
        this.box.style.top = `${box.bottom + 6 + window.scrollY}px`;
        this.form.elements.words.focus();
        this.box.scrollIntoView({ block: 'nearest' });
    }

    #shut() {
        this.box.hidden = true;
        this.#drop();
    }

    async #send(words) {
        const { number, x, y, comment } = this.#at;
        try {
            if (words !== '' || comment !== undefined)
                await request('POST', this.#address(this.form.dataset.address, number), { words, x, y, comment });
            this.#shut();
            await this.draw();
        } catch (problem) {
            this.#say(problem instanceof Away ? 'No connection: that is not written. Try it again.' : problem.message);
        }
    }

    #say(words) {
        this.form.querySelector('[data-note-said]').textContent = words;
    }
}
