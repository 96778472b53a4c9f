// Where more is written than a box shows, the box says so.

const SLACK = 3; // pixels

const isLonger = (field) =>
    field.scrollHeight > field.clientHeight + SLACK || field.scrollWidth > field.clientWidth + SLACK;

function mark(field) {
    const box = field.closest('.table-cell, .organiser__box, .element');
    box.classList.toggle('has-more', isLonger(field));
    return box.classList.contains('has-more');
}

const sizes = new ResizeObserver((seen) => seen.forEach(({ target }) => mark(target)));

/** Of a field that is written in: again whenever it changes its size; call it when its text has changed. */
export function markMore(field) {
    sizes.observe(field);
    mark(field);
}

/** Of answers that are only shown. @returns {number[]} the pages on which one is longer than its box */
export function markLonger(root) {
    const longer = [...root.querySelectorAll('.answer--typed')].filter(mark);
    return [...new Set(longer.map((field) => Number(field.closest('li').id.replace('page-', ''))))];
}
