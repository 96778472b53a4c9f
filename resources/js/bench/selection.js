/** Which elements are selected, by id; says so on the page, in the ledger, and to whoever listens. */
export class Selection {
    #ids = new Set();

    constructor(stage, ledger, changed) {
        this.stage = stage;
        this.ledger = ledger;
        this.changed = changed;
    }

    get ids() {
        return [...this.#ids];
    }
    get empty() {
        return this.#ids.size === 0;
    }
    has(id) {
        return this.#ids.has(id);
    }

    only(ids) {
        this.#ids = new Set(this.#withGroups(ids));
        this.show();
    }
    toggle(id) {
        const all = this.#withGroups([id]);
        const off = this.#ids.has(id);
        all.forEach((one) => {
            if (off) this.#ids.delete(one);
            else this.#ids.add(one);
        });
        this.show();
    }
    clear() {
        if (!this.empty) this.only([]);
    }

    /** After the page was drawn anew: what is gone is no longer selected, what is left looks selected again. */
    show() {
        const elements = new Map(this.stage.elements().map((element) => [element.dataset.id, element]));
        this.#ids.forEach((id) => {
            if (!elements.has(id)) this.#ids.delete(id);
        });
        elements.forEach((element, id) => this.#mark(element, element, this.has(id)));
        this.ledger
            .querySelectorAll('[data-row]')
            .forEach((row) => this.#mark(row, row.querySelector('[data-row-select]'), this.has(row.dataset.row)));
        this.changed(this.ids);
    }

    /** What is in a group is selected with all of it. */
    #withGroups(ids) {
        const groups = new Set(ids.map((id) => this.stage.element(id)?.dataset.group).filter(Boolean));
        if (groups.size === 0) return ids;
        const all = this.stage
            .elements()
            .filter((element) => groups.has(element.dataset.group))
            .map((element) => element.dataset.id);
        return [...ids, ...all.filter((id) => !ids.includes(id))];
    }

    #mark(item, control, selected) {
        item.classList.toggle('is-selected', selected);
        control.setAttribute('aria-pressed', String(selected));
    }
}
