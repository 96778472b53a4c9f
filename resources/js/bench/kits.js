import { once, request } from '../lib/request';

/** Kits: laid on the page, kept from what is selected or from all of it, thrown away. */
export class Kits {
    constructor(form, dialog, selection, { send, say, problem }) {
        Object.assign(this, { form, dialog, selection, send, say, problem });
        this.list = form.elements.kit;
        this.away = form.querySelector('[data-kit-away]');
        this.list.addEventListener('change', () => this.#chosen());
        form.addEventListener('submit', (event) => {
            event.preventDefault();
            if (this.list.value === '') this.problem('Choose a kit first.');
            else this.send({ path: 'kit', body: { kit: this.list.value } });
        });
        form.querySelector('[data-kit-keep]').addEventListener('click', () => dialog.showModal());
        dialog.querySelector('[data-kit-no]').addEventListener('click', () => dialog.close());
        dialog.querySelector('form').addEventListener('submit', (event) => {
            event.preventDefault();
            this.#keep(event.target);
        });
        this.away.addEventListener('click', () => this.#throwAway());
        this.#chosen();
    }

    get #own() {
        return this.form.querySelector('[data-own-kits]');
    }

    #chosen() {
        this.away.hidden = !/^\d+$/.test(this.list.value);
    }

    async #keep(form) {
        const said = this.dialog.querySelector('[data-kit-problem]');
        said.textContent = '';
        this.token ??= once();
        try {
            const { kit, name } = await request(
                'POST',
                this.form.dataset.store,
                { name: form.elements.name.value, ids: this.selection.ids },
                { headers: { 'Idempotency-Key': this.token } },
            );
            this.token = null;
            this.#own.append(new Option(name, kit));
            this.#own.hidden = false;
            this.list.value = kit;
            this.#chosen();
            form.reset();
            this.dialog.close();
            this.say(`“${name}” is kept. You can lay it on any page.`);
        } catch (problem) {
            said.textContent = problem.message;
        }
    }

    async #throwAway() {
        const option = this.list.selectedOptions[0];
        try {
            const { said } = await request('DELETE', `/kits/${option.value}`, {});
            option.remove();
            this.#own.hidden = this.#own.childElementCount === 0;
            this.list.value = '';
            this.#chosen();
            this.say(said);
        } catch (problem) {
            this.problem(problem.message);
        }
    }
}
