import { request } from './lib/request';

const plain = (text) => text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();

/** Finds worksheets by name as one types; accents and capitals do not matter. */
export function findOnShelf(field) {
    const items = [...document.querySelectorAll('#worksheets [data-name]')];
    field.addEventListener('input', () => {
        const wanted = plain(field.value.trim()).split(/\s+/);
        items.forEach((item) => { item.hidden = !wanted.every((word) => plain(item.dataset.name).includes(word)); });
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
            if (event.key === 'Enter') { event.preventDefault(); keep(); }
            if (event.key === 'Escape') end(name.textContent);
        });
        field.addEventListener('blur', keep);
    });
}
