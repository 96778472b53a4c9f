const SMALLEST = 0.4; // of the size that was set
const STEP = 0.05;

/** Makes the text of a box that is set so just small enough to be seen whole. */
export function fit(field) {
    if (!field.closest('.element--shrink')) return;
    let shrunk = 1;
    const show = () => field.style.setProperty('--shrunk', shrunk);
    show();
    while (
        shrunk > SMALLEST &&
        (field.scrollHeight > field.clientHeight + 1 || field.scrollWidth > field.clientWidth + 1)
    ) {
        shrunk = Math.round((shrunk - STEP) * 100) / 100;
        show();
    }
}

export const fitAll = (root = document) => root.querySelectorAll('.element--shrink .answer').forEach(fit);
