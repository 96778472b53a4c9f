/** Worksheets that are ticked, and what can be done with all of them: a bar at the foot of the window says how many. */
export function choosesOnShelf(bar) {
    const shelf = document.querySelector('#worksheets');
    const ticked = () => [...shelf.querySelectorAll('[data-choose]:checked')];
    const show = () => {
        const count = ticked().length;
        bar.hidden = count === 0;
        bar.querySelector('[data-chosen-count]').textContent = `${count} chosen`;
        shelf
            .querySelectorAll('[data-choose]')
            .forEach((one) => one.closest('.shelf__item').classList.toggle('is-chosen', one.checked));
    };
    shelf.addEventListener('change', (event) => {
        if (event.target.matches('[data-choose]')) show();
    });
    shelf.addEventListener('shelf-drawn', show);
    bar.querySelector('[data-choose-none]').addEventListener('click', () => {
        ticked().forEach((one) => {
            one.checked = false;
        });
        show();
    });
    show();
}
