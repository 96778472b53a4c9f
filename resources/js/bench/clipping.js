import { request } from '../lib/request';

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
        this.page.addEventListener('pointerdown', (event) => this.#drag(event));
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

    #drag(event) {
        if (event.button !== 0 || !this.page.firstElementChild) return;
        event.preventDefault();
        const box = this.page.firstElementChild.getBoundingClientRect();
        const at = (now) => ({
            x: Math.max(0, Math.min(box.width, now.clientX - box.left)),
            y: Math.max(0, Math.min(box.height, now.clientY - box.top)),
        });
        const from = at(event);
        const frame = document.createElement('div');
        frame.className = 'marquee marquee--draw';
        this.page.firstElementChild.append(frame);
        let region = null;
        const move = (now) => {
            const to = at(now);
            region = {
                x: Math.min(from.x, to.x),
                y: Math.min(from.y, to.y),
                width: Math.abs(to.x - from.x),
                height: Math.abs(to.y - from.y),
            };
            Object.assign(frame.style, {
                left: `${region.x}px`,
                top: `${region.y}px`,
                width: `${region.width}px`,
                height: `${region.height}px`,
            });
        };
        this.page.setPointerCapture(event.pointerId);
        this.page.addEventListener('pointermove', move);
        this.page.addEventListener(
            'pointerup',
            () => {
                this.page.removeEventListener('pointermove', move);
                frame.remove();
                const scale = this.width / box.width;
                if (region && region.width > 6 && region.height > 6)
                    this.#take({
                        x: region.x * scale,
                        y: region.y * scale,
                        width: region.width * scale,
                        height: region.height * scale,
                    });
            },
            { once: true },
        );
    }

    #take(region) {
        this.lay({ path: 'clips', body: { from: this.from, ...region } });
        this.dialog.close();
    }
}
