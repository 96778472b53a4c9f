import { request } from '../lib/request';

/** Renames a worksheet or a unit where its name stands: Enter or leaving keeps, Escape leaves as it was. */
export function renamesInPlace(root) {
    root.addEventListener('click', (event) => {
        const button = event.target.closest('[data-rename]');
        if (button) rename(button);
    });
}

function rename(button) {
    const item = button.closest('[data-name]');
    const name = item.querySelector('.shelf__name');
    const menu = button.closest('.menu');
    if (menu) menu.open = false;
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
        (menu?.querySelector('summary') ?? button).focus();
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
}
