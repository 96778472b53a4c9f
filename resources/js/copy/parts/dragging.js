import { EdgeScroll } from '../../lib/edge-scroll';
import { PointerDrag } from '../../lib/pointer-drag';

const A_TAP = 4; // pixels that a pointer may tremble …
const A_TOUCH = 9; // … and a finger
const NEAR = 14; // pixels within which a dropped part is held

export const NEAR_FINGER = 24;

/** Drags parts and ends of connectors, with what goes along with them, and says where they were dropped. */
export class Dragging {
    #dropped = -1000;
    #isLetGo = false; // since the pointer went down: it may still be held, and then come up as a click

    /**
     * @param {Pieces} pieces
     * @param {Guides} guides
     * @param {Resting} resting shows where it would come to rest
     * @param on `begins`; `cancels`; `lines` that may be held to; and `drops`: a part's key, which end of it (or null),
     *           where its middle or its end is, and within how many points a joint or a guide holds it
     */
    constructor(pieces, guides, resting, on) {
        Object.assign(this, { pieces, guides, resting, on });
        pieces.field.addEventListener('pointerdown', () => {
            this.#isLetGo = false;
        });
        const drags = new PointerDrag(pieces.field, {
            begins: (event) => this.#begin(event),
            follows: (drag, event) => this.#follow(drag, event),
            ends: ({ piece }) => {
                piece.style.translate = '';
                piece.classList.remove('is-dragged');
                this.guides.end();
                this.resting.end();
                this.scroll.end();
            },
            drops: (drag, event) => this.#drop(drag, event),
            cancelled: () => {
                this.#isLetGo = true;
                this.pieces.show();
                this.on.cancels();
            },
        });
        this.scroll = new EdgeScroll(() => drags.again());
    }

    /** Whether a click is the end of a drag, and no tap. */
    isEndOf(click) {
        return this.#isLetGo || click.timeStamp - this.#dropped < 60;
    }

    #begin(event) {
        const piece = event.target.closest('[data-piece]');
        if (!piece || 'fixed' in piece.dataset) return null;
        this.on.begins();
        const key = piece.dataset.piece;
        const end = event.target.closest('[data-end]');
        const finger = event.pointerType === 'touch';
        if (!end) {
            this.guides.lines = this.on.lines();
            this.guides.begin([key]);
        }
        this.scroll.begin(piece.closest('.is-large') ?? piece.closest('[data-scroll]'));
        return {
            key,
            piece,
            holder: end ?? piece, // The click that follows a tap goes to what has captured it.
            still: finger ? A_TOUCH : A_TAP,
            end: end ? Number(end.dataset.end) : null,
            scale: this.pieces.scale,
            from: this.pieces.box(key),
            at: this.pieces.at(key),
            finger,
            followers: this.pieces.followers(key),
        };
    }

    #follow(drag, event) {
        drag.piece.classList.add('is-dragged');
        this.scroll.follow(event);
        let dx = (event.clientX - drag.start.x + this.scroll.x) / drag.scale;
        let dy = (event.clientY - drag.start.y + this.scroll.y) / drag.scale;
        const near = this.#near(drag);
        if (drag.end !== null) {
            const first = drag.end === 0 ? 0 : 4;
            drag.to = drag.at.with(first, drag.at[first] + dx).with(first + 1, drag.at[first + 1] + dy);
            this.pieces.draw(drag.key, drag.to);
            this.resting.showEnd(drag.key, { x: drag.to[first], y: drag.to[first + 1] }, near);
            return;
        }
        ({ dx, dy } = this.guides.hold(drag.from, dx, dy));
        drag.by = { dx, dy };
        drag.piece.style.translate = `${dx * drag.scale}px ${dy * drag.scale}px`;
        Object.entries(this.pieces.along(drag.followers, dx, dy)).forEach(([key, at]) => this.pieces.draw(key, at));
        const { x, y, width, height } = drag.from;
        this.resting.show(drag.key, { x: x + dx + width / 2, y: y + dy + height / 2 }, near);
    }

    #near(drag) {
        return (drag.finger ? NEAR_FINGER : NEAR) / this.pieces.seen;
    }

    #drop(drag, event) {
        if (!drag.moved) return; // A tap: the click that follows says so.
        this.#dropped = event.timeStamp;
        const near = this.#near(drag);
        if (drag.end !== null) {
            const first = drag.end === 0 ? 0 : 4;
            this.on.drops(drag.key, drag.end, drag.to[first], drag.to[first + 1], near);
            return;
        }
        const { dx, dy } = drag.by;
        this.pieces.carried = { ...this.pieces.carried, ...this.pieces.along(drag.followers, dx, dy) };
        this.on.drops(
            drag.key,
            null,
            drag.from.x + drag.from.width / 2 + dx,
            drag.from.y + drag.from.height / 2 + dy,
            near,
        );
    }
}
