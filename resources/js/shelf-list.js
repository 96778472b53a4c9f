import { request } from './lib/request';

const plain = (text) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** Finds worksheets by name as one types; accents and capitals do not matter. */
export function findOnShelf(field) {
    const units = [...document.querySelectorAll('[data-unit]')];
    field.addEventListener('input', () => {
        const items = [...document.querySelectorAll('.shelf__item[data-name]')];
        const wanted = plain(field.value.trim()).split(/\s+/);
        items.forEach((item) => {
            item.hidden = !wanted.every((word) => plain(item.dataset.name).includes(word));
        });
        // While looking for something, units without it are in the way.
        units.forEach((unit) => {
            unit.hidden = field.value.trim() !== '' && !unit.querySelector('.shelf__item:not([hidden])');
        });
        document.querySelector('[data-none]').hidden = items.some((item) => !item.hidden);
    });
}

/** Renames a worksheet where its name stands: Enter or leaving keeps, Escape leaves as it was. */
export function renameInPlace(button) {
    const item = button.closest('[data-name]');
    const name = item.querySelector('.shelf__name');
    button.addEventListener('click', () => {
        const field = document.createElement('input');
        field.className = 'shelf__rename';
        field.value = name.textContent;
        field.maxLength = 120;
        field.setAttribute('aria-label', `New name for ${name.textContent}`);
        name.hidden = true;
        name.after(field);
        field.focus();
        field.select();
        let done = false;
        const end = (text) => {
            done = true;
            name.textContent = text;
            item.dataset.name = text;
            name.hidden = false;
            field.remove();
            button.focus();
        };
        const keep = async () => {
            if (done) return;
            const wanted = field.value.trim();
            if (wanted === '' || wanted === name.textContent) {
                end(name.textContent);
                return;
            }
            try {
                end((await request('PATCH', button.dataset.rename, { name: wanted })).name);
            } catch (problem) {
                field.setCustomValidity(problem.message);
                field.reportValidity();
            }
        };
        field.addEventListener('input', () => field.setCustomValidity(''));
        field.addEventListener('click', (event) => event.preventDefault());
        field.addEventListener('keydown', (event) => {
            if (event.key === 'Enter') {
                event.preventDefault();
                keep();
            }
            if (event.key === 'Escape') end(name.textContent);
        });
        field.addEventListener('blur', keep);
    });
}

/** Worksheets are put into units: dragged onto one, or chosen under the worksheet. */
export function unitsOfShelf(shelf) {
    let dragged = null;
    const units = [...shelf.querySelectorAll('[data-unit]')];

    const assign = async (item, unit) => {
        const select = item.querySelector('[data-assign-to]');
        const from = item.closest('[data-unit]');
        if (from === unit) return;
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
        select.value = unit.dataset.unit;
        const list = unit.querySelector('.shelf');
        list.insertBefore(
            item,
            [...list.children].find((other) => Number(other.dataset.changed) < Number(item.dataset.changed)) ?? null,
        );
        document.querySelector('[data-shelf-said]').textContent =
            `${item.dataset.name} is now under ${unit.querySelector('h2').textContent.trim()}.`;
        select.focus({ preventScroll: true });
    };

    shelf.addEventListener('change', (event) => {
        const select = event.target.closest('[data-assign-to]');
        if (!select) return;
        select.setCustomValidity('');
        assign(
            select.closest('.shelf__item'),
            units.find((unit) => unit.dataset.unit === select.value),
        );
    });
    shelf.addEventListener('dragstart', (event) => {
        dragged = event.target.closest?.('[data-assign]');
        dragged?.classList.add('is-dragged');
        event.dataTransfer.effectAllowed = 'move';
    });
    shelf.addEventListener('dragend', () => {
        dragged?.classList.remove('is-dragged');
        units.forEach((unit) => unit.classList.remove('is-over'));
        dragged = null;
    });
    units.forEach((unit) => {
        unit.addEventListener('dragover', (event) => {
            if (!dragged) return;
            event.preventDefault();
            unit.classList.add('is-over');
        });
        unit.addEventListener('dragleave', (event) => {
            if (!unit.contains(event.relatedTarget)) unit.classList.remove('is-over');
        });
        unit.addEventListener('drop', (event) => {
            if (!dragged) return;
            event.preventDefault();
            assign(dragged, unit);
        });
    });
}
