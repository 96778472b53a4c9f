import { around, tidy } from './geometry';

const KEPT = 'open-slate.clip';
const OFFSET = 12; // points that a paste on the same page is set off

const moved = (elements, dx, dy) =>
    elements.map((element) => ({ ...element, x: tidy(element.x + dx), y: tidy(element.y + dy) }));

/** Copies what is selected, to be pasted on this page or, in any window of this browser, on another. */
export class Clipboard {
    /**
     * @param page the id of this page
     * @param does `send` (edit), `say` (words), and `changed` when there is something to paste, or not
     */
    constructor(stage, selection, page, does) {
        Object.assign(this, { stage, selection, page, does });
        window.addEventListener('storage', () => does.changed());
    }

    get empty() {
        return this.#clip() === null;
    }

    copy() {
        const elements = this.selection.ids.map((id) => {
            const { id: _id, group: _group, ...rest } = this.stage.data(id);
            return rest;
        });
        if (elements.length === 0) return;
        this.#keep({ page: this.page, elements });
        this.does.changed();
        this.does.say(elements.length === 1 ? 'Copied.' : `${elements.length} copied.`);
    }

    paste() {
        const clip = this.#clip();
        if (!clip) return;
        const off = clip.page === this.page ? OFFSET : 0;
        const within = clip.elements.every((element) => element.kind === 'part') ? this.stage.whole : this.stage.page;
        const { dx, dy } = this.stage.held(around(clip.elements), off, off, within);
        const elements = moved(clip.elements, dx, dy);
        this.does.send({ kind: 'place', elements });
        // The next one is set off from this one.
        if (off) this.#keep({ ...clip, elements });
    }

    #keep(clip) {
        localStorage.setItem(KEPT, JSON.stringify(clip));
    }

    #clip() {
        try {
            return JSON.parse(localStorage.getItem(KEPT));
        } catch {
            return null;
        }
    }
}
