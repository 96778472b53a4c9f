// A PIN of pictures: each stands for a digit of the field, which is out of sight then.
const pad = document.querySelector('[data-pin-pad]');
const field = document.querySelector('[name="pin"]');
const shown = pad.querySelector('[data-pin-shown]');
const told = pad.querySelector('[data-pin-told]');
const most = Number(field.maxLength);

function show() {
    shown.replaceChildren(
        ...[...field.value].map((digit) => pad.querySelector(`[data-pin-digit="${digit}"] svg`).cloneNode(true)),
    );
    told.textContent = field.value === '' ? 'No picture chosen yet.' : `${field.value.length} chosen.`;
}

pad.addEventListener('click', (event) => {
    const button = event.target.closest('button');
    if (!button) return;
    if ('pinBack' in button.dataset) field.value = field.value.slice(0, -1);
    else if (field.value.length < most) field.value += button.dataset.pinDigit;
    show();
});

field.closest('.field').classList.add('is-away');
field.type = 'hidden';
pad.hidden = false;
show();
