const WAIT = 500; // milliseconds of rest in typing before the words are sent

/** The properties of what is selected: one field for all that have the property. */
export class Traits {
    #timer = 0;

    constructor(panel, stage, changed) {
        this.panel = panel;
        this.stage = stage;
        this.changed = changed;
        this.fields = [...panel.querySelectorAll('[data-trait]')];
        this.fields.forEach((field) => {
            const typed = field.matches('textarea, input:not([type])');
            field.addEventListener(typed ? 'input' : 'change', () => this.#note(field, typed ? WAIT : 0));
            field.addEventListener('change', () => this.flush());
        });
    }

    show(ids) {
        this.flush();
        this.panel.hidden = ids.length === 0;
        this.ids = ids;
        if (ids.length === 0) return;
        const elements = ids.map((id) => this.stage.data(id));
        this.panel.querySelector('[data-traits-title]').textContent = ids.length === 1 ? `${this.stage.element(ids[0]).dataset.tag} selected` : `${ids.length} selected`;
        this.panel.querySelectorAll('[data-trait-for]').forEach((row) => { row.hidden = !elements.some((element) => row.dataset.traitFor in element); });
        this.fields.forEach((field) => { if (field !== document.activeElement) this.#fill(field, elements); });
    }

    focus() {
        const field = this.fields.find((one) => ['text', 'prompt'].includes(one.dataset.trait) && !one.closest('[data-trait-for]').hidden);
        field?.focus();
        field?.select();
    }

    flush() {
        clearTimeout(this.#timer);
        this.#timer = 0;
        const send = this.pending;
        this.pending = null;
        send?.();
    }

    #fill(field, elements) {
        const values = new Set(elements.filter((element) => field.dataset.trait in element).map((element) => element[field.dataset.trait]));
        const [value] = values;
        const mixed = values.size > 1;
        if (field.type === 'checkbox') {
            field.checked = !mixed && value === true;
            field.indeterminate = mixed;
        } else {
            field.value = mixed ? '' : value ?? '';
            field.placeholder = mixed ? 'different' : '';
        }
    }

    #note(field, wait) {
        const ids = this.ids;
        const name = field.dataset.trait;
        const value = field.type === 'checkbox' ? field.checked : field.type === 'number' ? Number(field.value) : field.value;
        if (field.type === 'number' && field.value === '') return;
        clearTimeout(this.#timer);
        if (this.pendingName && this.pendingName !== name) this.flush();
        this.pendingName = name;
        this.pending = () => this.changed(ids, { [name]: value });
        if (wait === 0) this.flush();
        else this.#timer = setTimeout(() => this.flush(), wait);
    }
}
