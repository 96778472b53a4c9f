// Pictures and recordings that a student has made and the server does not have yet. They are kept in the browser under
// the student's name, like words (see kept.js), but in its database: its text store takes no files.

const STORE = 'pictures';
const MARK = 'open-slate.pending';

const open = () =>
    new Promise((resolve, reject) => {
        const asked = indexedDB.open('open-slate', 1);
        asked.onupgradeneeded = () => asked.result.createObjectStore(STORE);
        asked.onsuccess = () => resolve(asked.result);
        asked.onerror = () => reject(asked.error);
    });

/** Runs one request on the store, and waits until it is written. */
async function run(mode, work) {
    const base = await open();
    try {
        return await new Promise((resolve, reject) => {
            const transaction = base.transaction(STORE, mode);
            const request = work(transaction.objectStore(STORE));
            transaction.oncomplete = () => resolve(request.result);
            transaction.onabort = () => reject(transaction.error);
        });
    } finally {
        base.close();
    }
}

export class WaitingFiles {
    /** @type {Map<string, Blob>} by what it is for */
    all = new Map();

    /** @param {string} who the student, as lib/who.js names them */
    constructor(who, copy) {
        this.start = `${who}.${copy}.`;
        this.mark = `${MARK}.${this.start}pictures`;
    }

    /** What an earlier look at this copy has left behind. */
    async left() {
        try {
            const names = (await run('readonly', (store) => store.getAllKeys())).filter((one) =>
                one.startsWith(this.start),
            );
            for (const name of names) {
                const blob = await run('readonly', (store) => store.get(name));
                if (blob) this.all.set(name.slice(this.start.length), blob);
            }
        } catch {
            /* Then this browser keeps nothing. */
        }
        return this.all;
    }

    /** @returns {Promise<boolean>} whether it outlives this page */
    async keep(name, blob) {
        this.all.set(name, blob);
        try {
            await run('readwrite', (store) => store.put(blob, this.start + name));
            localStorage.setItem(this.mark, 'wait');
            return true;
        } catch {
            return false;
        }
    }

    async forget(name) {
        this.all.delete(name);
        try {
            await run('readwrite', (store) => store.delete(this.start + name));
            if (this.all.size === 0) localStorage.removeItem(this.mark);
        } catch {
            /* Then it was not kept. */
        }
    }
}
