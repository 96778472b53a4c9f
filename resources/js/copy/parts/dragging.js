const A_TAP = 4; // pixels that a pointer may tremble …
const A_TOUCH = 9; // … and a finger
const NEAR = 14; // pixels within which a dropped part is held

export const NEAR_FINGER = 24;

/** Drags parts and ends of connectors, with what goes along with them, and says where they were dropped. */
export class Dragging {
    #drag = null;
    #frame = 0;
    #event = null;
    #dropped = -1000;

    /**
     * @param {Pieces} pieces
     * @param {Guides} guides
     * @param on `begins`; `lines` that may be held to; and `drops`: a part's key, which end of it (or null), where its
     *           middle or its end is, and within how many points a joint or a guide holds it
     */
    constructor(pieces, guides, on) {
        Object.assign(this, { pieces, guides, on });
        pieces.field.addEventListener('pointerdown', (event) => this.#down(event));
        pieces.field.addEventListener('pointermove', (event) => this.#over(event));
        pieces.field.addEventListener('pointerup', (event) => this.#up(event));
        pieces.field.addEventListener('pointercancel', () => this.cancel());
    }

    get busy() {
        return this.#drag !== null;
    }

    /** Whether a click is the end of a drag, and no tap. */
    isEndOf(click) {
        return click.timeStamp - this.#dropped < 60;
    }

    #down(event) {
        if (this.#drag) {
            this.cancel();
            return;
        } // A second finger: two enlarge the page, and no part is dragged.
        const piece = event.target.closest('[data-piece]');
        if (!piece || event.button !== 0 || 'fixed' in piece.dataset) return;
        this.on.begins();
        const key = piece.dataset.piece;
        const end = event.target.closest('[data-end]');
        const { scale } = this.pieces;
        this.#drag = {
            key,
            piece,
            pointer: event.pointerId,
            end: end ? Number(end.dataset.end) : null,
            scale,
            from: this.pieces.box(key),
            at: this.pieces.at(key),
            start: { x: event.clientX, y: event.clientY },
            finger: event.pointerType === 'touch',
            followers: this.pieces.followers(key),
        };
        (end ?? piece).setPointerCapture(event.pointerId); // The click that follows a tap goes to what has captured it.
        if (this.#drag.end === null) {
            this.guides.lines = this.on.lines();
            this.guides.begin([key]);
        }
    }

    #over(event) {
        if (this.#drag?.pointer !== event.pointerId) return;
        this.#event = event;
        this.#frame ||= requestAnimationFrame(() => {
            this.#frame = 0;
            this.#follow();
        });
    }

    #follow() {
        const drag = this.#drag;
        if (!drag || !this.#event) return;
        const [px, py] = [this.#event.clientX - drag.start.x, this.#event.clientY - drag.start.y];
        if (!drag.started && Math.hypot(px, py) < (drag.finger ? A_TOUCH : A_TAP)) return;
        if (!drag.started) {
            drag.started = true;
            drag.piece.classList.add('is-dragged');
        }
        let [dx, dy] = [px / drag.scale, py / drag.scale];
        if (drag.end !== null) {
            const first = drag.end === 0 ? 0 : 4;
            drag.to = drag.at.with(first, drag.at[first] + dx).with(first + 1, drag.at[first + 1] + dy);
            this.pieces.draw(drag.key, drag.to);
            return;
        }
        ({ dx, dy } = this.guides.hold(drag.from, dx, dy));
        drag.by = { dx, dy };
        drag.piece.style.translate = `${dx * drag.scale}px ${dy * drag.scale}px`;
        Object.entries(this.pieces.along(drag.followers, dx, dy)).forEach(([key, at]) => this.pieces.draw(key, at));
    }

    #up(event) {
        const drag = this.#drag;
        if (drag?.pointer !== event.pointerId) return;
        this.#event = event;
        this.#follow();
        this.#endDrag();
        if (!drag.started) return; // A tap: the click that follows says so.
        this.#dropped = event.timeStamp;
        const near = (drag.finger ? NEAR_FINGER : NEAR) / this.pieces.seen;
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

    cancel() {
        this.#endDrag();
        this.pieces.show();
    }

    #endDrag() {
        cancelAnimationFrame(this.#frame);
        this.#frame = 0;
        this.#event = null;
        if (this.#drag) {
            this.#drag.piece.style.translate = '';
            this.#drag.piece.classList.remove('is-dragged');
        }
        this.#drag = null;
        this.guides.end();
    }
}
