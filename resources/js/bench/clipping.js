import { PointerDrag } from '../lib/pointer-drag';
import { request } from '../lib/request';
import { between, clamp } from './geometry';

const SMALLEST = 6; // pixels of a side

/** Choosing a piece of any page to lay on this one. */
export class Clipping {
    constructor(dialog, lay, problem) {
        Object.assign(this, { dialog, lay, problem });
        this.select = dialog.querySelector('[data-clip-worksheet]');
        this.pages = dialog.querySelector('[data-clip-pages]');
        this.page = dialog.querySelector('[data-clip-page]');
        this.form = dialog.querySelector('[data-clip-form]');
        this.select.addEventListener('change', () => this.#load());
        dialog.querySelector('[data-clip-close]').addEventListener('click', () => dialog.close());
        this.pages.addEventListener('click', (event) => {
            const button = event.target.closest('[data-clip-choose]');
            if (button) this.#choose(button);
        });
        this.marquee = document.createElement('div');
        this.marquee.className = 'marquee marquee--draw';
        new PointerDrag(this.page, {
            begins: (event) => this.#begin(event),
            follows: (drag, event) => this.#follow(drag, event),
            ends: () => this.marquee.remove(),
            drops: (drag) => this.#drop(drag),
        });
        this.form.addEventListener('submit', (event) => {
            event.preventDefault();
            const shares = Object.fromEntries(
                [...new FormData(this.form)].map(([side, value]) => [
                    side,
                    Number(String(value).replace(',', '.')) / 100,
                ]),
            );
            this.#take({
                x: shares.x * this.width,
                y: shares.y * this.height,
                width: shares.width * this.width,
                height: shares.height * this.height,
            });
        });
    }

    open() {
        if (!this.pages.childElementCount) this.#load();
        this.dialog.showModal();
    }

    async #load() {
        const wanted = this.select.value;
        try {
            const answer = await request('GET', this.dialog.dataset.from.replace(/\/0$/, `/${wanted}`));
            if (wanted !== this.select.value) return; // Another one was chosen meanwhile.
            this.pages.innerHTML = answer.html;
            this.page.replaceChildren();
            this.form.hidden = true;
            const [first] = this.pages.querySelectorAll('[data-clip-choose]');
            if (first) this.#choose(first);
            else this.page.textContent = 'The pages of this worksheet have no print to clip.';
        } catch (problem) {
            this.page.textContent = problem.message;
        }
    }

    #choose(button) {
        this.pages.querySelectorAll('[aria-current]').forEach((one) => one.removeAttribute('aria-current'));
        button.setAttribute('aria-current', 'true');
        this.from = Number(button.dataset.clipChoose);
        [this.width, this.height] = [Number(button.dataset.width), Number(button.dataset.height)];
        const sheet = button.querySelector('.sheet').cloneNode(true);
        sheet.querySelectorAll('img').forEach((picture) => {
            picture.loading = 'eager';
            picture.sizes = '700px';
        });
        this.page.replaceChildren(sheet);
        this.form.hidden = false;
    }

    #begin(event) {
        const sheet = this.page.firstElementChild;
        if (!sheet) return null;
        event.preventDefault();
        const box = sheet.getBoundingClientRect();
        return { holder: this.page, sheet, box, from: this.#at(event, box) };
    }

    #at(event, box) {
        return { x: clamp(event.clientX - box.left, 0, box.width), y: clamp(event.clientY - box.top, 0, box.height) };
    }

    #follow(drag, event) {
        drag.region = between(drag.from, this.#at(event, drag.box));
        if (!this.marquee.isConnected) drag.sheet.append(this.marquee);
        Object.assign(this.marquee.style, {
            left: `${drag.region.x}px`,
            top: `${drag.region.y}px`,
            width: `${drag.region.width}px`,
            height: `${drag.region.height}px`,
        });
    }

    #drop({ region, box }) {
        if (!region || region.width <= SMALLEST || region.height <= SMALLEST) return;
        const scale = this.width / box.width;
        this.#take(Object.fromEntries(Object.entries(region).map(([side, value]) => [side, value * scale])));
    }

    #take(region) {
        this.lay({ path: 'clips', body: { from: this.from, ...region } });
        this.dialog.close();
    }
}
