import Alpine from '@alpinejs/csp';

// Which pages are ticked, by their ids: their numbers change as they move.
Alpine.store('picks', { pages: [] });

export const picks = () => Alpine.store('picks');
export const rows = () => [...document.querySelectorAll('[data-contact] > [data-page]')];
export const idOf = (row) => Number(row.dataset.page);
export const tickedRows = () => rows().filter((row) => picks().pages.includes(idOf(row)));
export const numbersOf = (some) => some.map((row) => Number(row.dataset.number));

export function tick(some) {
    picks().pages = some.map(idOf);
}
