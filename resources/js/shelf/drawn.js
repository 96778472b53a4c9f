import { requestPage } from '../lib/request';
import { smallPages } from '../lib/small-pages';

const SHUT = 'open-slate.sets-shut';

/** Masters whose sets are folded away; kept by this browser. */
const shut = () => new Set(JSON.parse(localStorage.getItem(SHUT) ?? '[]'));

/** Folds away the sets that were folded away before. */
export function foldSets(root) {
    const folded = shut();
    root.querySelectorAll('[data-sets]').forEach((sets) => {
        sets.open = !folded.has(sets.dataset.sets);
    });
}

/** Whether somebody is in the middle of something on the shelf that drawing it anew would take from them. */
const isInUse = (shelf) => shelf.querySelector('.shelf__rename, .menu[open], .is-dragged') !== null;

/**
 * Draws what stands on the shelf as it is now; everything else on the screen stays, and what is ticked stays ticked.
 *
 * @returns {Promise<boolean>} false where it could not be done now
 */
export async function drawShelf() {
    const shelf = document.querySelector('#worksheets');
    const page = await requestPage('GET', window.location.href).catch(() => null);
    if (page === null || isInUse(shelf)) return false;
    const { Idiomorph } = await import('idiomorph');
    const now = new DOMParser().parseFromString(page, 'text/html').querySelector('#worksheets');
    foldSets(now);
    Idiomorph.morph(shelf, now.innerHTML, { morphStyle: 'innerHTML' });
    shelf.dispatchEvent(new CustomEvent('shelf-drawn'));
    smallPages.watch(shelf);
    return true;
}

/** A master's sets lie under it, and fold away. */
export function setsFold(shelf) {
    foldSets(shelf);
    shelf.addEventListener(
        'toggle',
        (event) => {
            const { sets } = event.target.dataset;
            if (sets === undefined || shelf.classList.contains('is-finding')) return;
            const folded = shut();
            if (event.target.open) folded.delete(sets);
            else folded.add(sets);
            localStorage.setItem(SHUT, JSON.stringify([...folded]));
        },
        true,
    );
}
