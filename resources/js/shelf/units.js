import { request } from '../lib/request';
import { drawShelf } from './drawn';

/** Worksheets are put into units: dragged onto one, or chosen in the menu of each. */
export function unitsOfShelf(shelf) {
    let dragged = null;
    const unitOf = (event) => event.target.closest?.('[data-unit]');

    const assign = async (item, unit) => {
        const select = item.querySelector('[data-assign-to]');
        const from = item.closest('[data-unit]');
        if (!unit || from === unit) return;
        try {
            await request('PUT', item.dataset.assign, {
                unit: unit.dataset.unit === '' ? null : Number(unit.dataset.unit),
            });
        } catch (problem) {
            select.value = from.dataset.unit;
            select.setCustomValidity(problem.message);
            select.reportValidity();
            return;
        }
        const { name, worksheet } = item.dataset;
        item.querySelector('.menu').open = false;
        await drawShelf();
        document.querySelector('[data-shelf-said]').textContent =
            `${name} is now under ${unit.querySelector('h2').textContent.trim()}.`;
        shelf.querySelector(`[data-worksheet="${worksheet}"] .menu > summary`)?.focus({ preventScroll: true });
    };

    shelf.addEventListener('change', (event) => {
        const select = event.target.closest('[data-assign-to]');
        if (!select) return;
        select.setCustomValidity('');
        assign(select.closest('.shelf__item'), shelf.querySelector(`[data-unit="${select.value}"]`));
    });
    shelf.addEventListener('dragstart', (event) => {
        dragged = event.target.closest?.('[data-assign]');
        dragged?.classList.add('is-dragged');
        event.dataTransfer.effectAllowed = 'move';
    });
    const over = (unit) =>
        shelf.querySelectorAll('[data-unit]').forEach((one) => one.classList.toggle('is-over', one === unit));
    shelf.addEventListener('dragend', () => {
        dragged?.classList.remove('is-dragged');
        over(null);
        dragged = null;
    });
    shelf.addEventListener('dragover', (event) => {
        if (!dragged) return;
        if (unitOf(event)) event.preventDefault();
        over(unitOf(event));
    });
    shelf.addEventListener('dragleave', (event) => {
        if (!shelf.contains(event.relatedTarget)) over(null);
    });
    shelf.addEventListener('drop', (event) => {
        const unit = unitOf(event);
        if (!dragged || !unit) return;
        event.preventDefault();
        const item = dragged;
        item.classList.remove('is-dragged');
        assign(item, unit);
    });
}
