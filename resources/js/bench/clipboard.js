import { around, tidy } from './geometry';

const KEPT = 'open-slate.clip';
const MARK = /data-open-slate="(\w+)"/;
const PATIENCE = 120; // milliseconds from the key to what the browser says of it
const OFFSET = 12; // points that a paste on the same page is set off

const moved = (elements, dx, dy) =>
    elements.map((element) => ({ ...element, x: tidy(element.x + dx), y: tidy(element.y + dy) }));

/**
 * Copies what is selected, to be pasted on this page or, in any window of this browser, on another; what was copied
 * elsewhere is pasted as a picture or as a label. Which of the two was copied last, the system's clipboard tells.
 */
export class Clipboard {
    /**
     * @param page the id of this page
     * @param does `before` anything is pasted, `send` (edit), `say` (words), `picture` (file) and `text` (words) for
     *             what comes from elsewhere, and `changed` when there is something to paste, or not
     */
    constructor(stage, selection, page, does) {
        Object.assign(this, { stage, selection, page, does });
        window.addEventListener('storage', () => does.changed());
        document.addEventListener('paste', (event) => this.#pasted(event));
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
        const mark = Math.random().toString(36).slice(2);
        this.#keep({ page: this.page, elements, mark });
        this.#mark(mark, elements);
        this.does.changed();
        this.does.say(elements.length === 1 ? 'Copied.' : `${elements.length} copied.`);
    }

    /** By its key: browsers that tell nobody of it get what was copied here. */
    await() {
        this.awaited = setTimeout(() => {
            this.does.before();
            this.paste();
        }, PATIENCE);
    }

    #pasted(event) {
        if (event.target.closest?.('input, textarea, select') || document.querySelector('dialog[open]')) return;
        clearTimeout(this.awaited);
        event.preventDefault();
        this.does.before();
        const { clipboardData: data } = event;
        const mark = MARK.exec(data.getData('text/html'))?.[1];
        const picture = [...data.files].find((file) => file.type.startsWith('image/'));
        const text = data.getData('text/plain').trim();
        if (mark !== undefined && mark === this.#clip()?.mark) this.paste();
        else if (picture) this.does.picture(picture);
        else if (text) this.does.text(text);
        else this.paste();
    }

    /** Leaves a mark on the system's clipboard, and the words for other programs. */
    #mark(mark, elements) {
        const words = elements.map((element) => element.text || element.prompt || '').filter((one) => one !== '');
        const write = (event) => {
            event.clipboardData.setData('text/plain', words.join('\n'));
            event.clipboardData.setData('text/html', `<i data-open-slate="${mark}"></i>`);
            event.preventDefault();
        };
        document.addEventListener('copy', write, { once: true });
        document.execCommand('copy');
        document.removeEventListener('copy', write);
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
