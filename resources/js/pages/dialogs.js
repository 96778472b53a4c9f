import { MOST_OF_A_FILE } from '../lib/limits';
import { request } from '../lib/request';
import { upload } from '../lib/upload';
import { numbersOf, picks, rows, tickedRows } from './picks';

/** The fields of a size of paper, as the server reads them. */
const paperOf = (form) => {
    const { paper, landscape, width, height, unit } = Object.fromEntries(new FormData(form));
    return {
        paper,
        landscape: landscape === '1',
        ...(paper === 'own' ? { width: width.replace(',', '.'), height: height.replace(',', '.'), unit } : {}),
    };
};

function ownSize(form) {
    form.querySelectorAll('[data-paper]').forEach((paper) =>
        paper.addEventListener('change', () => {
            const group = paper.closest('[data-add-way], form');
            group.querySelector('[data-own]').hidden = paper.value !== 'own';
            group.querySelector('[data-way]').disabled = paper.value === 'own';
        }),
    );
}

const closes = (dialog) => dialog.querySelector('[data-close-dialog]').addEventListener('click', () => dialog.close());

/** Other paper for the ticked pages: says what would happen to what is on them, before it does. */
export class PaperDialog {
    #dialog;
    #form;
    #url;
    #timer = 0;

    constructor(dialog, url, apply) {
        this.#dialog = dialog;
        this.#form = dialog.querySelector('form');
        this.#url = url;
        ownSize(this.#form);
        closes(dialog);
        this.#form.addEventListener('input', () => this.#wait());
        this.#form.addEventListener('submit', async (event) => {
            event.preventDefault();
            if (await apply(this.#wanted())) dialog.close();
        });
    }

    open() {
        this.#dialog.showModal();
        this.#look();
    }

    #wanted() {
        return { ...paperOf(this.#form), fit: new FormData(this.#form).get('fit'), pages: [...picks().pages] };
    }

    #wait() {
        clearTimeout(this.#timer);
        this.#timer = setTimeout(() => this.#look(), 200);
    }

    async #look() {
        const said = this.#dialog.querySelector('[data-paper-said]');
        const button = this.#dialog.querySelector('[data-paper-apply]');
        try {
            said.textContent = (await request('POST', this.#url, this.#wanted())).said;
            button.disabled = false;
        } catch (problem) {
            said.textContent = problem.message;
            button.disabled = true;
        }
    }
}

/** More pages at a chosen place: from files, from another worksheet, or blank. */
export class AddDialog {
    #dialog;
    #form;
    #send;
    #arriving;

    constructor(dialog, send, arriving) {
        this.#dialog = dialog;
        this.#form = dialog.querySelector('form');
        this.#send = send;
        this.#arriving = arriving;
        ownSize(this.#form);
        closes(dialog);
        this.#form.addEventListener('change', (event) => {
            if (event.target.name === 'from-where') this.#show();
        });
        this.#form.addEventListener('submit', (event) => {
            event.preventDefault();
            this.#add();
        });
    }

    open() {
        const before = this.#dialog.querySelector('[data-add-before]');
        const places = rows().map((row) => new Option(`before page ${row.dataset.number}`, row.dataset.page));
        before.replaceChildren(...places, new Option('at the end', ''));
        // Behind what is ticked is where one was looking.
        before.value = tickedRows().at(-1)?.nextElementSibling?.dataset.page ?? '';
        this.#problem('');
        this.#show();
        this.#dialog.showModal();
    }

    #way() {
        return new FormData(this.#form).get('from-where');
    }

    #show() {
        this.#dialog.querySelectorAll('[data-add-way]').forEach((part) => {
            part.hidden = part.dataset.addWay !== this.#way();
        });
    }

    #problem(words) {
        this.#dialog.querySelector('[data-add-problem]').textContent = words;
    }

    async #add() {
        this.#problem('');
        const form = new FormData(this.#form);
        const before = form.get('before') === '' ? null : Number(form.get('before'));
        if (this.#way() === 'file') {
            await this.#files(before);
            return;
        }
        const [what, body] =
            this.#way() === 'blank'
                ? ['blank', { ...paperOf(this.#form), count: form.get('count'), theme: form.get('theme') }]
                : ['take', { from: form.get('from'), range: form.get('range') }];
        const problem = await this.#send(what, { ...body, before });
        if (problem) this.#problem(problem.message);
        else this.#dialog.close();
    }

    async #files(before) {
        const field = this.#dialog.querySelector('[data-add-files]');
        const bar = this.#dialog.querySelector('[data-add-progress]');
        const files = [...field.files];
        if (files.length === 0) {
            this.#problem('Choose a file first.');
            return;
        }
        const button = this.#form.querySelector('[type=submit]');
        button.disabled = true;
        bar.hidden = false;
        const problems = [];
        for (const file of files) {
            try {
                const answer = await upload(
                    file,
                    field.dataset.url,
                    MOST_OF_A_FILE,
                    { before: before ?? '' },
                    (done) => {
                        bar.value = done;
                    },
                );
                this.#arriving.add({ url: answer.progress, remove: answer.remove, name: file.name });
            } catch (problem) {
                problems.push(`${file.name}: ${problem.message}`);
            }
        }
        bar.hidden = true;
        button.disabled = false;
        field.value = '';
        if (problems.length > 0) this.#problem(problems.join(' '));
        else this.#dialog.close();
    }
}

export const sayPages = (some) => (some.length === 1 ? `page ${numbersOf(some)[0]}` : `${some.length} pages`);
