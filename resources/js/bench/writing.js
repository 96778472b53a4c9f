import { NAME } from './outline';

// What of each kind is written on it where it lies: its property, and whether that is one line.
const WRITTEN = {
    box: { trait: 'prompt', oneLine: true },
    label: { trait: 'text' },
    part: { trait: 'text' },
    link: { trait: 'text', oneLine: true },
    spot: { trait: 'name', oneLine: true },
};
const FILLED = ['box', 'part', 'table']; // Lines that are pasted go on into the next of the kind.
const ROOM = { width: 90, height: 26 }; // pixels that a field has at least

/**
 * Typing on the page: a field over a box, a card, a label, a zone, a cell or a box of an organiser, which takes its
 * words. Tab goes to the next of them as they are read, Esc ends; several lines that are pasted fill several.
 *
 * A place is what is written on: `id`, and in it `cell` or `part` by its number.
 */
export class Writing {
    #place = null;

    /**
     * @param desk that scrolls the page
     * @param rows the list beside the page, which is in reading order
     * @param does `send` (edit), `say` (words), `chosen` (place) when a place begins to be written on
     */
    constructor(desk, stage, rows, panel, does) {
        Object.assign(this, { desk, stage, rows, panel, does });
        this.field = document.createElement('textarea');
        this.field.className = 'writing';
        this.field.dir = 'auto';
        this.field.addEventListener('keydown', (event) => this.#key(event));
        this.field.addEventListener('blur', () => this.end());
        this.field.addEventListener('paste', (event) => this.pasted(event, this.#place));
    }

    /** The place that was pressed, or null where nothing can be written. */
    placeOf(target) {
        const element = target.closest('.element');
        if (!element) return null;
        const { id } = element.dataset;
        const within = target.closest('[data-cell], .organiser__box');
        if (within?.dataset.cell) return { id, cell: Number(within.dataset.cell) };
        if (within) return { id, part: [...element.querySelectorAll('.organiser__box')].indexOf(within) };
        return this.placesIn(id)[0] ?? null;
    }

    placesIn(id) {
        const { kind, cells } = this.stage.data(id);
        if (kind === 'table') return cells.map((_, cell) => ({ id, cell }));
        if (kind === 'organiser')
            return [...this.stage.element(id).querySelectorAll('.organiser__box')].map((_, part) => ({ id, part }));
        return WRITTEN[kind] ? [{ id }] : [];
    }

    begin(place) {
        this.end();
        this.does.chosen(place);
        this.#place = place;
        this.before = this.#words(place);
        this.field.value = this.before;
        this.field.maxLength = this.#longest(place);
        this.field.setAttribute('aria-label', this.#named(place));
        this.desk.append(this.field);
        this.#cover(this.#drawn(place));
        this.field.focus({ preventScroll: true });
        this.field.select();
    }

    /** Keeps what was typed. */
    end() {
        const place = this.#place;
        if (!place) return;
        this.#place = null;
        const words = this.#read(place);
        this.field.remove();
        if (words !== this.before) this.does.send(this.#edit(place, words));
    }

    /** Lines that are pasted into a field of a place fill the places from there on. */
    pasted(event, place) {
        const { kind } = this.stage.data(place.id);
        const lines = event.clipboardData
            .getData('text/plain')
            .replace(/\r\n?/g, '\n')
            .replace(/^\n+|\n+$/g, '')
            .split('\n');
        const isMany = lines.length > 1 || (kind === 'table' && lines[0].includes('\t'));
        if (!isMany || !FILLED.includes(kind)) return;
        event.preventDefault();
        this.end();
        this.does.send({ kind: 'write', id: place.id, cell: place.cell ?? null, lines });
        this.does.say(`${lines.length} lines put in.`);
    }

    #key(event) {
        const place = this.#place;
        if (event.isComposing) return;
        const ends = event.key === 'Escape' || (event.key === 'Enter' && (event.ctrlKey || this.#isOneLine(place)));
        if (event.key === 'Tab') {
            const all = [...this.rows.querySelectorAll('[data-row]')].flatMap((row) => this.placesIn(row.dataset.row));
            const same = (one) => one.id === place.id && one.cell === place.cell && one.part === place.part;
            const next = all[all.findIndex(same) + (event.shiftKey ? -1 : 1)];
            event.preventDefault();
            if (next) this.begin(next);
            else this.#leave(place);
        } else if (ends) {
            event.preventDefault();
            event.stopPropagation();
            this.#leave(place);
        }
    }

    #leave(place) {
        this.end();
        this.stage.element(place.id)?.focus({ preventScroll: true });
    }

    #words({ id, cell, part }) {
        const data = this.stage.data(id);
        if (cell !== undefined) return data.cells[cell].text;
        if (part !== undefined) return data.boxes[part]?.name ?? '';
        return data[WRITTEN[data.kind].trait];
    }

    #read(place) {
        const words = this.field.value.trim();
        return this.#isOneLine(place) ? words.replace(/\s*\n\s*/g, ' ') : words;
    }

    #isOneLine({ id, cell, part }) {
        if (cell !== undefined) return false;
        return part !== undefined || WRITTEN[this.stage.data(id).kind].oneLine === true;
    }

    #longest({ id, cell, part }) {
        if (part !== undefined) return NAME;
        const trait = cell === undefined ? WRITTEN[this.stage.data(id).kind].trait : null;
        const field = this.panel.querySelector(trait ? `[data-trait=${trait}]` : '[data-cell-text]');
        return field.maxLength;
    }

    #named({ id, cell, part }) {
        const { tag } = this.stage.element(id).dataset;
        if (cell !== undefined) {
            const across = this.stage.data(id).columns.length;
            return `Words of ${tag}, row ${Math.floor(cell / across) + 1}, column ${(cell % across) + 1}`;
        }
        if (part !== undefined) return `Name of box ${part + 1} of ${tag}`;
        return `${{ prompt: 'Prompt', name: 'Title' }[WRITTEN[this.stage.data(id).kind].trait] ?? 'Words'} of ${tag}`;
    }

    #edit({ id, cell, part }, words) {
        const data = this.stage.data(id);
        // A cell with words of its own is not one that students fill in.
        if (cell !== undefined)
            return {
                kind: 'cells',
                table: id,
                cells: [cell],
                set: { text: words, ...(words === '' ? {} : { fill: false }) },
            };
        if (part !== undefined) {
            const boxes = Array.from({ length: Math.max(part + 1, data.boxes.length) }, (_, at) => ({
                name: '',
                ...data.boxes[at],
                ...(at === part ? { name: words } : {}),
            }));
            return { kind: 'change', ids: [id], set: { boxes } };
        }
        const { trait } = WRITTEN[data.kind];
        // Who writes on a zone means it to be read.
        return {
            kind: 'change',
            ids: [id],
            set: { [trait]: words, ...(data.kind === 'spot' && words !== '' ? { titled: true } : {}) },
        };
    }

    #drawn({ id, cell, part }) {
        const element = this.stage.element(id);
        if (cell !== undefined) return element.querySelector(`[data-cell="${cell}"]`);
        return part === undefined ? element : element.querySelectorAll('.organiser__box')[part];
    }

    /** Lays the field over what it is for. */
    #cover(drawn) {
        drawn.scrollIntoView({ block: 'nearest', inline: 'nearest' });
        const [at, desk] = [drawn.getBoundingClientRect(), this.desk.getBoundingClientRect()];
        const written = getComputedStyle(
            drawn.querySelector('.answer, .label, .part__words, .organiser__name') ?? drawn,
        );
        Object.assign(this.field.style, {
            left: `${at.left - desk.left + this.desk.scrollLeft}px`,
            top: `${at.top - desk.top + this.desk.scrollTop}px`,
            width: `${Math.max(ROOM.width, at.width)}px`,
            height: `${Math.max(ROOM.height, at.height)}px`,
            fontSize: `${Math.max(12, Math.min(40, parseFloat(written.fontSize)))}px`,
            fontFamily: written.fontFamily,
            textAlign: written.textAlign,
        });
    }
}
