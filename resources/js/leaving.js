// Files that are made to leave: each row is drawn anew until its file is there.
import { requestPage } from './lib/request';

const EVERY = 700;
const LONGEST = 5000;

async function follow(row, wait = EVERY) {
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
            return follow(row, EVERY);
        }
        const held = row.contains(document.activeElement);
        was.textContent = is.textContent;
        next.querySelector('[role=status]').replaceWith(was);
        row.replaceWith(next);
        if (held) next.querySelector('a, button').focus();
    } catch {
        // The server is away for a moment, or it was thrown away in another window.
        if (wait < LONGEST * 10) follow(row, Math.min(LONGEST, wait * 2));
    }
}

for (const row of document.querySelectorAll('[data-made-at]')) follow(row);

// Who chooses a name means the copy of that student.
for (const names of document.querySelectorAll('[data-picks]')) {
    names.addEventListener('change', () => (document.querySelector(names.dataset.picks).checked = true));
}
