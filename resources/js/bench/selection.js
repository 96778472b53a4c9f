/** Which elements are selected, by id; says so on the page, in the ledger, and to whoever listens. */
export class Selection {
    #ids = new Set();

    constructor(stage, ledger, changed) {
        this.stage = stage;
        this.ledger = ledger;
        this.changed = changed;
    }

    get ids() { return [...this.#ids]; }
    get empty() { return this.#ids.size === 0; }
    has(id) { return this.#ids.has(id); }

    only(ids) { this.#ids = new Set(ids); this.show(); }
    add(ids) { ids.forEach((id) => this.#ids.add(id)); this.show(); }
    toggle(id) { if (!this.#ids.delete(id)) this.#ids.add(id); this.show(); }
    clear() { if (!this.empty) this.only([]); }

    /** After the page was drawn anew: what is gone is no longer selected, what is left looks selected again. */
    show() {
        const elements = new Map(this.stage.elements().map((element) => [element.dataset.id, element]));
        this.#ids.forEach((id) => { if (!elements.has(id)) this.#ids.delete(id); });
        elements.forEach((element, id) => this.#mark(element, element, this.has(id)));
        this.ledger.querySelectorAll('[data-row]').forEach((row) => this.#mark(row, row.querySelector('[data-row-select]'), this.has(row.dataset.row)));
        this.changed(this.ids);
    }

    #mark(item, control, selected) {
        item.classList.toggle('is-selected', selected);
        control.setAttribute('aria-pressed', String(selected));
    }
}
