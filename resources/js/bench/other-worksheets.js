import { plain } from '../lib/plain';

/**
 * The dialog in which other worksheets are ticked and taken. What is taken is told as {of, name, pages, worksheet,
 * picture}; a row that is marked as taken is not offered again.
 */
export function takesOtherWorksheets(dialog, opener, take) {
    const rows = [...dialog.querySelectorAll('[data-other-row]')];
    const box = (row) => row.querySelector('input');
    const find = dialog.querySelector('[data-others-find]');
    const show = () => {
        const sought = plain(find.value.trim());
        rows.forEach((row) => {
            // What is ticked stays in sight, so that nothing is taken unseen.
            row.hidden =
                'taken' in row.dataset || (!plain(box(row).dataset.worksheet).includes(sought) && !box(row).checked);
        });
        dialog.querySelector('[data-others-none]').hidden = rows.some((row) => !row.hidden);
    };
    opener.addEventListener('click', () => {
        rows.forEach((row) => {
            box(row).checked = false;
        });
        find.value = '';
        show();
        dialog.showModal();
    });
    find.addEventListener('input', show);
    dialog.querySelector('[data-others-close]').addEventListener('click', () => dialog.close());
    dialog.querySelector('form').addEventListener('submit', (event) => {
        event.preventDefault();
        const ticked = rows.filter((row) => box(row).checked);
        dialog.close();
        take(
            ticked.map((row) => {
                const { name, pages, worksheet } = box(row).dataset;
                const picture = row.querySelector('[data-small]').cloneNode(true);
                return { of: box(row).value, name, pages, worksheet, picture };
            }),
        );
    });
}
