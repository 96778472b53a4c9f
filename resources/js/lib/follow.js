// What the queue is at, told in rows of a page.
import { requestPage } from './request';

const EVERY = 700;
const LONGEST = 5000;

/**
 * Draws a row anew, from the address that it names (data-made-at), until it names none any more.
 *
 * @param {Element} row
 * @param {() => void} then what follows when it is done
 */
export async function follow(row, then = () => {}, wait = EVERY) {
    await new Promise((resolve) => setTimeout(resolve, wait));
    if (!row.isConnected) return;
    try {
        const fresh = document.createElement('template');
        fresh.innerHTML = (await requestPage('GET', row.dataset.madeAt)).trim();
        const next = fresh.content.firstElementChild;
        // What a reader is at stays, and only what has changed is said.
        const [was, is] = [row, next].map((one) => one.querySelector('[role=status]'));
        if (next.dataset.madeAt) {
            if (was.textContent !== is.textContent) was.textContent = is.textContent;
            return follow(row, then);
        }
        const held = row.contains(document.activeElement);
        was.textContent = is.textContent;
        next.querySelector('[role=status]').replaceWith(was);
        row.replaceWith(next);
        if (held) next.querySelector('a, button').focus();
        then(next);
    } catch {
        // The server is away for a moment, or it was thrown away in another window.
        if (wait < LONGEST * 10) follow(row, then, Math.min(LONGEST, wait * 2));
    }
}
