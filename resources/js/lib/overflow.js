// Where more is written than a box shows, the box says so.

const SLACK = 3; // pixels

const isLonger = (field) =>
    field.scrollHeight > field.clientHeight + SLACK || field.scrollWidth > field.clientWidth + SLACK;

const show = (field, longer) =>
    field.closest('.table-cell, .organiser__box, .element')?.classList.toggle('has-more', longer);

function mark(field) {
    const longer = isLonger(field);
    show(field, longer);
    return longer;
}

// All are read before any is marked.
const sizes = new ResizeObserver((seen) =>
    seen.map(({ target }) => [target, isLonger(target)]).forEach(([target, longer]) => show(target, longer)),
);

const watched = new WeakSet();

/**
 * Of a field that is written in: again whenever it changes its size; call it when its text has changed. The first time
 * whoever watches sizes looks by itself, once the page is laid out: asked for by each field, it is laid out for each.
 */
export function markMore(field) {
    if (watched.has(field)) {
        mark(field);
        return;
    }
    watched.add(field);
    sizes.observe(field);
}

/** Of answers that are only shown. @returns {number[]} the pages on which one is longer than its box */
export function markLonger(root) {
    const longer = [...root.querySelectorAll('.answer--typed')].filter(mark);
    return [...new Set(longer.map((field) => Number(field.closest('li').id.replace('page-', ''))))];
}
