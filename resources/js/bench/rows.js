/** What lies on the page, as a list beside it: rows are selected, and their words changed where they stand. */
export class Rows {
    /** @param send (edit) */
    constructor(list, stage, selection, send) {
        this.list = list;
        list.addEventListener('click', (event) => {
            const id = event.target.closest('[data-row-select]')?.closest('[data-row]').dataset.row;
            if (!id) return;
            if (event.shiftKey) selection.toggle(id);
            else selection.only([id]);
            stage.element(id).scrollIntoView({ block: 'nearest' });
        });
        list.addEventListener('focusin', (event) => {
            const row = event.target.matches('[data-row-trait]') && event.target.closest('[data-row]');
            if (row && !selection.has(row.dataset.row)) selection.only([row.dataset.row]);
        });
        list.addEventListener('change', ({ target: field }) => {
            if (field.readOnly || !field.matches('[data-row-trait]')) return;
            const id = field.closest('[data-row]').dataset.row;
            send({ kind: 'change', ids: [id], set: { [field.dataset.rowTrait]: field.value } });
        });
    }
}
