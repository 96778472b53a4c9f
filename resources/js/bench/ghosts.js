const STEPS = { ArrowRight: 1, ArrowDown: 1, ArrowLeft: -1, ArrowUp: -1 };
const FILLS = 'open-slate.blanks-fill'; // whether name and date fill themselves in, as this teacher last had it
const A_PRESS = 4; // pixels that a pointer may tremble

/** Proposed blanks, on the page and above the ledger: each is taken by a press or Enter, and refused by Delete. */
export class Ghosts {
    /** @param send ({ path, body }, then) */
    constructor(root, rows, send) {
        Object.assign(this, { root, send });
        this.#pressing();
        root.addEventListener('keydown', (event) => this.#key(event), true);
        this.ledger = rows.closest('.ledger');
        rows.addEventListener('click', (event) => {
            const { blanks: verb, which } = event.target.closest('[data-blanks]')?.dataset ?? {};
            if (!verb) return;
            const some = which === undefined ? {} : { which: which.split(',').map(Number) };
            send({ path: `blanks/${verb}`, body: { fills: this.#fills, ...some } });
        });
        rows.addEventListener('change', (event) => {
            if (!event.target.matches('[data-blanks-fill]')) return;
            localStorage.setItem(FILLS, event.target.checked ? 'yes' : '');
            this.show();
        });
        this.show();
    }

    get #fills() {
        return localStorage.getItem(FILLS) === 'yes';
    }

    /** Says whether name and date fill themselves in, after the list was drawn. */
    show() {
        this.ledger.querySelectorAll('[data-blanks-fill]').forEach((box) => {
            box.checked = this.#fills;
        });
        const all = this.ledger.querySelector('[data-blanks-filled]');
        if (all) all.value = this.#fills ? '1' : '';
    }

    get #all() {
        return [...this.root.querySelectorAll('[data-ghost]')];
    }

    /** A press takes it; a drag that begins on it selects what it is drawn round, as anywhere on the page. */
    #pressing() {
        let pressed = null;
        this.root.addEventListener(
            'pointerdown',
            (event) => {
                const ghost = event.target.closest('[data-ghost]');
                pressed = ghost && event.button === 0 ? { ghost, x: event.clientX, y: event.clientY } : null;
            },
            true,
        );
        window.addEventListener('pointerup', (event) => {
            const now = pressed;
            pressed = null;
            if (now && Math.hypot(event.clientX - now.x, event.clientY - now.y) < A_PRESS)
                this.#does('take', now.ghost);
        });
    }

    #key(event) {
        const ghost = event.target.closest('[data-ghost]');
        if (!ghost || event.ctrlKey || event.metaKey || event.altKey) return;
        const step = STEPS[event.key];
        if (step) this.#all[this.#all.indexOf(ghost) + step]?.focus();
        else if (event.key === 'Enter' || event.key === ' ') this.#does('take', ghost);
        else if (event.key === 'Delete' || event.key === 'Backspace') this.#does('refuse', ghost);
        else return;
        event.preventDefault();
        event.stopImmediatePropagation();
    }

    /** The next one has the focus then, so that one key after the other goes through them all. */
    #does(verb, ghost) {
        const next = this.#all[this.#all.indexOf(ghost) + 1] ?? this.#all.at(-2);
        this.send({ path: `blanks/${verb}`, body: { which: [Number(ghost.dataset.ghost)], fills: this.#fills } }, () =>
            (next && this.root.querySelector(`[data-ghost="${next.dataset.ghost}"]`))?.focus(),
        );
    }
}
