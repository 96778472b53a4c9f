// What the browser keeps of a student's work until the server has it.

const PENDING = 'open-slate.pending';
const MIRROR = 'open-slate.copy';
const KEPT_PAGES = 'open-slate-pages';

const read = (key) => { try { return JSON.parse(localStorage.getItem(key)); } catch { return null; } };
const write = (key, value) => { try { localStorage.setItem(key, JSON.stringify(value)); return true; } catch { return false; } };
const keys = () => Object.keys(localStorage);

/** Answers typed in one window and not yet confirmed, under a name of the window's own: two windows never mix. */
export class Pending {
    constructor(copy, window) { this.key = `${PENDING}.${copy}.${window}`; }

    /** @returns {boolean} whether it could be kept */
    keep(base, answers) {
        if (Object.keys(answers).length > 0) return write(this.key, { base, answers });
        localStorage.removeItem(this.key);
        return true;
    }

    /** What windows that are gone have left behind for this copy. */
    static left(copy) {
        const start = `${PENDING}.${copy}.`;
        return keys().filter((key) => key.startsWith(start)).map((key) => ({ window: key.slice(start.length), ...read(key) })).filter((one) => one.answers);
    }

    static forget(copy, window) { localStorage.removeItem(`${PENDING}.${copy}.${window}`); }

    static any() { return keys().some((key) => key.startsWith(`${PENDING}.`)); }
}

/** The answers that the server has confirmed, for when the page itself comes from the browser's keeping and is older. */
export const mirror = {
    read: (copy) => read(`${MIRROR}.${copy}`),
    keep: (copy, revision, texts) => write(`${MIRROR}.${copy}`, { revision, texts }),
};

export async function forgetKeptPages() {
    if ('caches' in window) await caches.delete(KEPT_PAGES).catch(() => {});
    keys().filter((key) => key.startsWith(`${MIRROR}.`)).forEach((key) => localStorage.removeItem(key));
}

export function warnOfUnsentWork(form) {
    form.addEventListener('submit', (event) => {
        if (Pending.any() && !window.confirm('Some of your work has not been sent yet. Open it and wait for “Saved” first. Sign out all the same?')) event.preventDefault();
    });
}
