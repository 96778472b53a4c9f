/**
 * On narrow windows what stands beside the page slides up from the foot: buttons there say what of it they bring up.
 * The same button, `Done`, and a press on the page let it down again.
 */
export function sheetsSlideUp(bar) {
    const sheet = document.querySelector('.ledger');
    const buttons = [...bar.querySelectorAll('[data-sheet-up]')];
    const show = (button) => {
        sheet.classList.toggle('is-up', button !== null);
        buttons.forEach((one) => one.setAttribute('aria-expanded', String(one === button)));
        if (button === null) return;
        const part = sheet.querySelector(button.dataset.sheetUp);
        if (part?.matches('details')) part.open = true;
        sheet.scrollTop = 0;
        part?.scrollIntoView({ block: 'start' });
    };
    buttons.forEach((button) =>
        button.addEventListener('click', () => show(button.getAttribute('aria-expanded') === 'true' ? null : button)),
    );
    document.querySelector('#main').addEventListener('pointerdown', () => show(null));
    bar.addEventListener('sheet-down', () => show(null));
}
