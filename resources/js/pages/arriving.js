import { request } from '../lib/request';

const EVERY = 500;

/** Files whose pages are still on their way into this worksheet: how far each is, and what went wrong. */
export class Arriving {
    #root;
    #arrived;

    constructor(root, arrived) {
        this.#root = root;
        this.#arrived = arrived;
        JSON.parse(root.dataset.arriving).forEach((file) => this.add(file));
    }

    add({ url, remove, name }) {
        const notice = document.createElement('div');
        notice.className = 'notice arriving';
        const words = Object.assign(document.createElement('p'), { textContent: `${name}: on its way in` });
        words.setAttribute('role', 'status');
        const bar = document.createElement('progress');
        bar.setAttribute('aria-label', `${name}, pages prepared`);
        bar.removeAttribute('value');
        notice.append(words, bar);
        this.#root.append(notice);
        this.#look({ url, remove, name, notice, words, bar });
    }

    async #look(file) {
        let answer = null;
        try {
            answer = await request('GET', file.url);
        } catch (problem) {
            if (problem.status === 404) {
                // It has joined: what it was prepared as is gone.
                file.notice.remove();
                this.#arrived(file.name);
                return;
            }
        }
        if (answer?.state === 'failed') {
            this.#stays(file, `${file.name} could not be added. ${answer.problem}`);
            return;
        }
        if (answer?.alone) {
            this.#stays(file, `${file.name} could not be added here any more. It stands on the shelf by itself.`);
            return;
        }
        if (answer) {
            file.bar.max = Math.max(1, answer.total);
            file.bar.value = answer.done;
            file.words.textContent =
                answer.total === 0
                    ? `${file.name}: being read`
                    : `${file.name}: ${answer.done} of ${answer.total} pages`;
        }
        setTimeout(() => this.#look(file), EVERY);
    }

    #stays(file, words) {
        file.notice.classList.add('notice--bad');
        file.words.textContent = words;
        file.bar.remove();
        const close = Object.assign(document.createElement('button'), {
            type: 'button',
            className: 'btn btn-plain',
            textContent: 'Close',
        });
        close.addEventListener('click', async () => {
            if (words.includes('could not be added. ')) await request('DELETE', file.remove).catch(() => {});
            file.notice.remove();
        });
        file.notice.append(close);
    }
}
