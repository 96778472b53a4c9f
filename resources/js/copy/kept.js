// What the browser keeps of a student's work until the server has it. All of it is under the student's name: it is
// used for nobody else, and nobody else hears of it.

const PENDING = 'open-slate.pending';
const MIRROR = 'open-slate.copy';
const KEPT_PAGES = 'open-slate-pages';

const read = (key) => {
    try {
        return JSON.parse(localStorage.getItem(key));
    } catch {
        return null;
    }
};
const write = (key, value) => {
    try {
        localStorage.setItem(key, JSON.stringify(value));
        return true;
    } catch {
        return false;
    }
};
const remove = (key) => {
    try {
        localStorage.removeItem(key);
    } catch {
        /* Then nothing was kept. */
    }
};
const keys = () => {
    try {
        return Object.keys(localStorage);
    } catch {
        return [];
    }
};

/** Answers typed in one window and not yet confirmed, under a name of the window's own: two windows never mix. */
export class Pending {
    /** @param {string} who the student, as lib/who.js names them */
    constructor(who, copy, window) {
        this.start = `${PENDING}.${who}.${copy}.`;
        this.key = this.start + window;
    }

    /**
     * @param more of a copy that several share: from what each answer was begun, and the draft that is on its way
     * @returns {boolean} whether it could be kept
     */
    keep(base, answers, more = {}) {
        if (Object.keys(answers).length > 0) return write(this.key, { base, answers, ...more });
        remove(this.key);
        return true;
    }

    /** What windows that are gone have left behind for this copy. */
    left() {
        return keys()
            .filter((key) => key.startsWith(this.start))
            .map((key) => ({ window: key.slice(this.start.length), ...read(key) }))
            .filter((one) => one.answers);
    }

    forget(window) {
        remove(this.start + window);
    }

    static any(who) {
        return keys().some((key) => key.startsWith(`${PENDING}.${who}.`));
    }
}

/**
 * The answers that the server has confirmed, for when the page itself comes from the browser's keeping and is older.
 */
export class Mirror {
    constructor(who, copy) {
        this.key = `${MIRROR}.${who}.${copy}`;
    }

    read() {
        return read(this.key);
    }

    keep(revision, texts) {
        return write(this.key, { revision, texts });
    }
}

/** Forgets all but what has not been sent. */
export async function forgetKept() {
    if ('caches' in window) await caches.delete(KEPT_PAGES).catch(() => {});
    keys()
        .filter((key) => key.startsWith(`${MIRROR}.`))
        .forEach(remove);
}

export const mayLeave = (who) =>
    !Pending.any(who) ||
    window.confirm(
        'Some of your work has not been sent yet. Open it and wait for “Saved” first. Sign out all the same? It stays on this device for you.',
    );
