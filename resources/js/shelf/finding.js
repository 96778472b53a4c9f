import { plain } from '../lib/plain';
import { request } from '../lib/request';
import { foldSets } from './drawn';

const REST = 250; // milliseconds of rest in typing before the pages are searched
const SHORTEST = 3; // letters that are looked for on pages

const onPages = (pages) => (pages.length === 1 ? `on page ${pages[0]}` : `on pages ${pages.join(', ')}`);

/**
 * Finds worksheets by name as one types, and a moment later by what their pages say; accents and capitals do not
 * matter. A set is shown with its master.
 */
export function findOnShelf(field) {
    const shelf = document.querySelector('#worksheets');
    let pages = {};
    let timer = 0;

    const show = () => {
        const sought = field.value.trim();
        const wanted = plain(sought).split(/\s+/);
        const items = [...shelf.querySelectorAll('.shelf__item')];
        const isFound = ({ dataset: { name, worksheet } }) =>
            wanted.every((word) => plain(name).includes(word)) || worksheet in pages;
        shelf.classList.toggle('is-finding', sought !== '');
        items.forEach((item) => {
            item.hidden = sought !== '' && !isFound(item) && ![...item.querySelectorAll('.shelf__item')].some(isFound);
            const said = item.querySelector('[data-said-on]');
            said.textContent =
                sought !== '' && pages[item.dataset.worksheet] ? onPages(pages[item.dataset.worksheet]) : '';
            said.hidden = said.textContent === '';
        });
        if (sought === '') foldSets(shelf);
        else
            shelf.querySelectorAll('[data-sets]').forEach((sets) => {
                sets.open = true;
            });
        // While looking for something, units without it are in the way.
        shelf.querySelectorAll('[data-unit]').forEach((unit) => {
            unit.hidden = sought !== '' && !unit.querySelector('.shelf__item:not([hidden])');
        });
        document.querySelector('[data-none]').hidden = items.some((item) => !item.hidden);
    };

    const ask = async () => {
        const sought = field.value.trim();
        const found =
            sought.length < SHORTEST
                ? null
                : await request('GET', `${field.dataset.url}?sought=${encodeURIComponent(sought)}`).catch(() => null);
        if (field.value.trim() !== sought) return;
        pages = found?.pages ?? {};
        show();
    };

    field.addEventListener('input', () => {
        pages = {};
        show();
        clearTimeout(timer);
        timer = setTimeout(ask, REST);
    });
    shelf.addEventListener('shelf-drawn', show);
    if (field.value !== '') field.dispatchEvent(new Event('input'));
}
