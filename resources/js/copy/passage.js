/** A passage to correct: mended in place; what the server says was changed is marked, and can be turned back. */
export class PassagePlace {
    constructor(field, changed, work) {
        this.field = field;
        this.key = field.dataset.place;
        this.wrong = field.dataset.wrong;
        this.shown = document.querySelector(`[data-passage-shown="${this.key}"]`);
        this.count = document.querySelector(`[data-passage-open="${this.key}"]`);
        this.changes = null;
        field.addEventListener('input', () => {
            this.#unmark();
            changed(this);
        });
        field.addEventListener('scroll', () => {
            this.shown.scrollTop = field.scrollTop;
        });
        this.count?.addEventListener('click', async () => {
            await work.saved();
            this.#open(work);
        });
        this.changed = changed;
    }

    get value() {
        return this.field.value === this.wrong ? '' : this.field.value;
    }
    set value(text) {
        this.field.value = text === '' ? this.wrong : text;
        this.#unmark();
    }
    get filled() {
        return this.value.trim() !== '';
    }
    focus() {
        this.field.focus();
    }
    holds(target) {
        return target === this.field;
    }

    /** What the server says of the changes; it holds for the text that it was said of only. */
    said({ text, words, changes }) {
        this.count.textContent = words;
        if (text !== this.field.value) return;
        this.changes = changes;
        const pieces = [];
        let at = 0;
        // Positions are in characters, which are not always one unit of a string.
        const letters = [...text];
        changes.forEach((change) => {
            pieces.push(document.createTextNode(letters.slice(at, change.at).join('')));
            const mark = document.createElement('ins');
            mark.textContent = change.to;
            pieces.push(mark);
            at = change.at + [...change.to].length;
        });
        pieces.push(document.createTextNode(letters.slice(at).join('')));
        this.shown.replaceChildren(...pieces);
        this.shown.scrollTop = this.field.scrollTop;
    }

    #unmark() {
        this.shown.replaceChildren();
        this.changes = null;
    }

    #open(work) {
        const dialog = document.querySelector('[data-changed]');
        const list = dialog.querySelector('[data-changed-list]');
        list.replaceChildren(
            ...(this.changes ?? []).map((change) => {
                const row = document.createElement('li');
                const said = document.createElement('p');
                const [was, is] = [document.createElement('del'), document.createElement('ins')];
                was.textContent = change.from.trim();
                is.textContent = change.to.trim();
                said.append(
                    ...(was.textContent ? [was, ' '] : ['put in: ']),
                    ...(is.textContent ? [is] : ['left out']),
                );
                const back = document.createElement('button');
                back.type = 'button';
                back.className = 'btn btn-plain';
                back.textContent = 'Turn back';
                back.addEventListener('click', async () => {
                    this.#turnBack(change);
                    await work.saved();
                    this.#open(work);
                });
                row.append(said, back);
                return row;
            }),
        );
        dialog.querySelector('[data-changed-none]').hidden = list.childElementCount > 0;
        if (!dialog.open) dialog.showModal();
        (list.querySelector('button') ?? dialog.querySelector('[data-changed-close]')).focus();
    }

    #turnBack(change) {
        const letters = [...this.field.value];
        letters.splice(change.at, [...change.to].length, ...change.from);
        this.field.value = letters.join('');
        this.#unmark();
        this.changed(this);
    }
}
