import { Idiomorph } from 'idiomorph';

const made = (html) => {
    const template = document.createElement('template');
    template.innerHTML = html.trim();
    return template.content.firstElementChild;
};

/** Draws what an edit changed: some elements and their rows; and the tags and the order of all. */
export function drawChanges(layer, ledger, answer) {
    const rows = ledger.querySelector('.rows');
    const byId = (items, key) => new Map([...items].map((item) => [item.dataset[key], item]));
    const elements = byId(layer.querySelectorAll('.element'), 'id');
    const listed = byId(rows.children, 'row');
    const left = new Set(answer.tags.map(([id]) => id));
    elements.forEach((element, id) => {
        if (!left.has(id)) {
            element.remove();
            elements.delete(id);
        }
    });
    listed.forEach((row, id) => {
        if (!left.has(id)) {
            row.remove();
            listed.delete(id);
        }
    });
    Object.entries(answer.changed).forEach(([id, html]) => put(elements, layer, id, html, {}));
    Object.entries(answer.rows).forEach(([id, html]) => put(listed, rows, id, html, { ignoreActiveValue: true }));
    answer.order?.forEach((id, place) => elements.get(id).style.setProperty('--z', place + 1));
    // In reading order, which is that of the tab key; what is in its place already stays there.
    let [before, above] = [layer.querySelector('.element'), rows.firstElementChild];
    answer.tags.forEach(([id, tag]) => {
        const [element, row] = [elements.get(id), listed.get(id)];
        retag(element, row, tag);
        if (element === before) before = nextElement(before);
        else layer.insertBefore(element, before ?? layer.querySelector('.ghost'));
        if (row === above) above = above.nextElementSibling;
        else rows.insertBefore(row, above);
    });
    if (answer.ghosts !== null) {
        layer.querySelectorAll('.ghost').forEach((ghost) => ghost.remove());
        layer.insertAdjacentHTML('beforeend', answer.ghosts);
    }
    if (answer.proposed !== null)
        Idiomorph.morph(ledger.querySelector('[data-proposed]'), answer.proposed, { morphStyle: 'innerHTML' });
    ledger.querySelector('[data-nothing]').hidden = answer.tags.length > 0;
}

/** What is being typed in a row stays; of an element that has the focus all is drawn anew, as of any other. */
function put(items, into, id, html, how) {
    const now = items.get(id);
    if (now) {
        Idiomorph.morph(now, html.trim(), how);
        return;
    }
    const item = made(html);
    into.append(item);
    items.set(id, item);
}

function nextElement(element) {
    let next = element.nextElementSibling;
    while (next && !next.classList.contains('element')) next = next.nextElementSibling;
    return next;
}

function retag(element, row, tag) {
    const was = element.dataset.tag;
    if (was !== tag) {
        element.dataset.tag = tag;
        element.setAttribute('aria-label', element.getAttribute('aria-label').replace(was, tag));
        element.querySelector('.element__tag').textContent = tag;
    }
    const button = row.querySelector('[data-row-select]');
    if (button.textContent === tag) return;
    row.querySelectorAll('[aria-label]').forEach((named) =>
        named.setAttribute('aria-label', named.getAttribute('aria-label').replace(button.textContent, tag)),
    );
    button.textContent = tag;
}
