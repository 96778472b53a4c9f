import { PointerDrag } from '../lib/pointer-drag';
import { picks, idOf, rows } from './picks';

const SLACK = 6;
const EDGE = 48;

/**
 * The three drags of the contact sheet: a page by its picture to another place, the start of a section along the
 * pages, and along the strip under the pages to choose those of a set. `does` says what comes of each.
 */
export class Dragging {
    #list;
    #does;
    #now = null;

    constructor(list, does) {
        this.#list = list;
        this.#does = does;
        new PointerDrag(list, {
            begins: (event) => this.#begin(event),
            follows: (drag, event) => this.#follow(drag, event),
            ends: () => this.#end(),
            drops: (drag, event) => this.#drop(drag, event),
        });
        list.addEventListener('dragstart', (event) => event.preventDefault());
        // A click that ends a drag ticks nothing.
        list.addEventListener(
            'click',
            (event) => {
                if (this.#list.dataset.dragged) {
                    event.preventDefault();
                    event.stopPropagation();
                }
            },
            { capture: true },
        );
    }

    #begin(event) {
        const row = event.target.closest('[data-page]');
        const kind = event.target.closest('[data-boundary]')
            ? 'boundary'
            : event.target.closest('[data-cuts]')
              ? 'cut'
              : event.target.closest('.sheet') && event.pointerType !== 'touch'
                ? 'move'
                : null;
        if (!row || !kind || !this.#does[kind]) return null;
        // Along the strip a press alone chooses a page.
        return { kind, row, still: SLACK, moved: kind === 'cut' };
    }

    #follow(drag, event) {
        this.#list.classList.add('is-dragging');
        this.#now = Object.assign(this.#now ?? drag, { x: event.clientX, y: event.clientY });
        this.#mark(event.clientX, event.clientY);
        this.#scroll();
    }

    #drop({ kind, row, moved }, event) {
        const target = moved ? this.#at(event.clientX, event.clientY) : null;
        if (!target) return;
        this.#list.dataset.dragged = 'yes';
        setTimeout(() => {
            delete this.#list.dataset.dragged;
        }, 0);
        if (kind === 'move') this.#does.move(this.#moving(row).map(idOf), target.before ? idOf(target.before) : null);
        if (kind === 'boundary' && target.row !== row) this.#does.boundary(idOf(row), idOf(target.row));
        if (kind === 'cut') this.#does.cut(this.#between(row, target.row));
    }

    #end() {
        this.#now = null;
        this.#list.classList.remove('is-dragging');
        this.#clear();
    }

    /** All ticked pages move together; a page that is not ticked moves alone. */
    #moving(row) {
        return picks().pages.includes(idOf(row))
            ? rows().filter((other) => picks().pages.includes(idOf(other)))
            : [row];
    }

    #between(from, to) {
        const all = rows();
        const [first, last] = [all.indexOf(from), all.indexOf(to)].sort((a, b) => a - b);
        return all.slice(first, last + 1);
    }

    /** The page nearest to a point, and the page before which something dropped there goes. */
    #at(x, y) {
        let best = null;
        for (const row of rows()) {
            const box = row.getBoundingClientRect();
            const away = Math.hypot(
                Math.max(box.left - x, 0, x - box.right),
                3 * Math.max(box.top - y, 0, y - box.bottom),
            );
            if (!best || away < best.away) best = { row, box, away };
        }
        return (
            best && {
                row: best.row,
                before: x < best.box.left + best.box.width / 2 ? best.row : best.row.nextElementSibling,
            }
        );
    }

    #mark(x, y) {
        const { kind, row } = this.#now;
        const target = this.#at(x, y);
        this.#clear();
        if (kind === 'move') {
            this.#moving(row).forEach((one) => one.classList.add('is-moving-away'));
            if (target.before) target.before.classList.add('is-drop');
            else rows().at(-1).classList.add('is-drop-end');
        } else if (kind === 'boundary') {
            target.row.classList.add('is-drop');
        } else {
            this.#between(row, target.row).forEach((one) => one.classList.add('is-chosen'));
        }
    }

    #clear() {
        rows().forEach((row) => row.classList.remove('is-moving-away', 'is-drop', 'is-drop-end', 'is-chosen'));
    }

    #scroll() {
        if (this.#now.scrolling) return;
        const table = this.#list.closest('.table');
        const step = () => {
            const now = this.#now;
            if (!now) return;
            const box = table.getBoundingClientRect();
            const by = now.y < box.top + EDGE * 2 ? -12 : now.y > box.bottom - EDGE ? 12 : 0;
            now.scrolling = by !== 0;
            if (by === 0) return;
            table.scrollTop += by;
            this.#mark(now.x, now.y);
            requestAnimationFrame(step);
        };
        step();
    }
}
