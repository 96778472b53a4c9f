import { PointerDrag } from '../lib/pointer-drag';

/** A selected table: its cells are chosen and changed, and the lines between them dragged. */
export class Tables {
    #cells = [];

    constructor(panel, stage, { send }) {
        Object.assign(this, { stage, send });
        this.tools = panel.querySelector('[data-table-tools]');
        this.fields = this.tools.querySelector('[data-cell-fields]');
        this.said = this.tools.querySelector('[data-cell-said]');
        this.text = this.tools.querySelector('[data-cell-text]');
        this.fill = this.tools.querySelector('[data-cell-fill]');
        this.text.addEventListener('change', () => this.#change({ text: this.text.value }));
        this.fill.addEventListener('change', () => this.#change({ fill: this.fill.checked }));
        this.tools
            .querySelectorAll('[data-line]')
            .forEach((button) => button.addEventListener('click', () => this.#line(...button.dataset.line.split(' '))));
    }

    get table() {
        return this.id ? this.stage.data(this.id) : null;
    }

    /** Shows the tools when one table alone is selected. */
    show(ids) {
        const id = ids.length === 1 && this.stage.data(ids[0]).kind === 'table' ? ids[0] : null;
        if (id !== this.id) this.#cells = [];
        this.id = id;
        this.tools.hidden = id === null;
        this.grips?.remove();
        if (id === null) return;
        const count = this.table.cells.length;
        this.#cells = this.#cells.filter((at) => at < count);
        this.#showCells();
        if (!this.table.locked) this.#showGrips();
    }

    /** A press on a cell of the selected table chooses it; with Shift, all up to it. */
    press(target, extend) {
        const cell = target.closest('[data-cell]');
        if (!cell || cell.closest('.element')?.dataset.id !== this.id) return;
        this.#leaveText();
        const at = Number(cell.dataset.cell);
        this.#cells = extend && this.#cells.length > 0 ? this.#between(this.#cells[0], at) : [at];
        this.#showCells();
    }

    choose(cell) {
        this.#cells = [cell];
        this.#showCells();
    }

    /** The chosen cell, as what can be written on: see Writing. */
    get place() {
        return this.#cells.length > 0 ? { id: this.id, cell: this.#cells[0] } : null;
    }

    /** Takes the words out of the chosen cells; false where there are none. */
    empty() {
        if (!this.#cells.some((at) => this.table.cells[at].text !== '')) return false;
        this.#change({ text: '' });
        return true;
    }

    #between(a, b) {
        const columns = this.table.columns.length;
        const [rows, across] = [[a, b].map((at) => Math.floor(at / columns)), [a, b].map((at) => at % columns)];
        const cells = [];
        for (let row = Math.min(...rows); row <= Math.max(...rows); row++)
            for (let column = Math.min(...across); column <= Math.max(...across); column++)
                cells.push(row * columns + column);
        return [a, ...cells.filter((at) => at !== a)];
    }

    /** What is half typed goes to the cells that it was typed for. */
    #leaveText() {
        if (this.text === document.activeElement) this.text.blur();
    }

    #showCells() {
        const element = this.stage.element(this.id);
        element
            .querySelectorAll('[data-cell]')
            .forEach((cell) => cell.classList.toggle('is-chosen', this.#cells.includes(Number(cell.dataset.cell))));
        const cells = this.#cells.map((at) => this.table.cells[at]);
        this.fields.hidden = cells.length === 0;
        this.said.textContent =
            cells.length === 0
                ? 'Press a cell of the table to change it; with Shift, up to another.'
                : cells.length === 1
                  ? '1 cell chosen'
                  : `${cells.length} cells chosen`;
        if (cells.length === 0) return;
        if (this.text !== document.activeElement)
            this.text.value = cells.every((cell) => cell.text === cells[0].text) ? cells[0].text : '';
        this.fill.checked = cells.every((cell) => cell.fill);
        this.fill.indeterminate = !this.fill.checked && cells.some((cell) => cell.fill);
    }

    #change(set) {
        if (this.#cells.length > 0) this.send({ kind: 'cells', table: this.id, cells: this.#cells, set });
    }

    #line(does, axis, offset) {
        if (does === 'even') {
            this.send({ kind: 'even-lines', table: this.id, axis });
            return;
        }
        const columns = this.table.columns.length;
        const at = axis === 'down' ? Math.floor(this.#cells[0] / columns) : this.#cells[0] % columns;
        this.send(
            does === 'insert'
                ? { kind: 'insert-line', table: this.id, axis, at: at + Number(offset) }
                : { kind: 'remove-line', table: this.id, axis, at },
        );
    }

    // --- the lines between rows and columns ---

    #showGrips() {
        const { x, y, width, height, rows, columns } = this.table;
        const scale = this.stage.scale;
        this.grips = document.createElement('div');
        this.grips.className = 'grips';
        new PointerDrag(this.grips, {
            begins: (event) => this.#begin(event),
            follows: (drag, event) => this.#follow(drag, event),
            drops: (drag) => this.#drop(drag),
            cancelled: ({ grip }) => {
                grip.style.translate = '';
            },
        });
        const grip = (axis, after, at) => {
            const one = document.createElement('span');
            one.className = `grip grip--${axis}`;
            one.dataset.after = after;
            one.dataset.axis = axis;
            Object.assign(
                one.style,
                axis === 'across'
                    ? { left: `${(x + at * width) * scale}px`, top: `${y * scale}px`, height: `${height * scale}px` }
                    : { top: `${(y + at * height) * scale}px`, left: `${x * scale}px`, width: `${width * scale}px` },
            );
            this.grips.append(one);
        };
        let at = 0;
        columns.slice(0, -1).forEach((share, after) => {
            at += share;
            grip('across', after, at);
        });
        at = 0;
        rows.slice(0, -1).forEach((share, after) => {
            at += share;
            grip('down', after, at);
        });
        this.stage.layer.append(this.grips);
    }

    #begin(event) {
        const grip = event.target.closest('.grip');
        if (!grip) return null;
        event.preventDefault();
        event.stopPropagation();
        return { holder: grip, grip, axis: grip.dataset.axis, after: Number(grip.dataset.after), by: 0 };
    }

    #follow(drag, event) {
        drag.by = drag.axis === 'across' ? event.clientX - drag.start.x : event.clientY - drag.start.y;
        drag.grip.style.translate = drag.axis === 'across' ? `${drag.by}px 0` : `0 ${drag.by}px`;
    }

    #drop({ axis, after, by, moved }) {
        if (moved) this.send({ kind: 'move-line', table: this.id, axis, after, by: by / this.stage.scale });
    }
}
