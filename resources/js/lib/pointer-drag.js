/**
 * One drag at a time, from where a pointer goes down until it comes up. What it does is shown once a frame, and not
 * before the pointer has moved further than it may tremble. A second pointer, Escape, and whatever takes the pointer
 * away, end it without a result.
 *
 * A drag is what `begins` returns, with its pointer, where it started in pixels, and whether it has moved yet.
 */
export class PointerDrag {
    #drag = null;
    #event = null;
    #frame = 0;
    #escape = (event) => {
        if (event.key !== 'Escape') return;
        // A dialog that is dragged in stays open.
        event.preventDefault();
        event.stopImmediatePropagation();
        this.cancel();
    };

    /**
     * @param {Element} root on which pointers go down
     * @param does `begins` (event): the drag, or null where there is nothing to drag. It may say how many pixels the
     *             pointer may tremble (`still`), what has it from the start (`holder`; else root has it once it moves,
     *             so that a click stays one), and that it has begun already (`moved`).
     *             `follows` (drag, event); `ends` (drag), however it ends; then `drops` (drag, event), also where it
     *             has not moved, or `cancelled` (drag).
     */
    constructor(root, does) {
        this.root = root;
        this.does = { ends: () => {}, cancelled: () => {}, ...does };
        root.addEventListener('pointerdown', (event) => this.#down(event));
        root.addEventListener('pointermove', (event) => this.#move(event));
        root.addEventListener('pointerup', (event) => this.#up(event));
        root.addEventListener('pointercancel', (event) => {
            if (this.#drag?.pointer === event.pointerId) this.cancel();
        });
    }

    get busy() {
        return this.#drag !== null;
    }

    /** Follows once more, where what is dragged over has moved and the pointer has not. */
    again() {
        this.#follow();
    }

    cancel() {
        const drag = this.#drag;
        if (!drag) return;
        this.#end();
        this.does.cancelled(drag);
    }

    #down(event) {
        if (this.#drag) {
            if (event.pointerId !== this.#drag.pointer) this.cancel();
            return;
        }
        if (event.button !== 0) return;
        const begun = this.does.begins(event);
        if (!begun) return;
        const start = { x: event.clientX, y: event.clientY };
        this.#drag = { still: 3, moved: false, ...begun, pointer: event.pointerId, start };
        begun.holder?.setPointerCapture(event.pointerId);
        document.addEventListener('keydown', this.#escape, true);
        if (this.#drag.moved) {
            this.root.setPointerCapture(event.pointerId);
            this.#event = event;
            this.#follow();
        }
    }

    #move(event) {
        if (this.#drag?.pointer !== event.pointerId) return;
        this.#event = event;
        this.#frame ||= requestAnimationFrame(() => {
            this.#frame = 0;
            this.#follow();
        });
    }

    #follow() {
        const [drag, event] = [this.#drag, this.#event];
        if (!drag || !event) return;
        if (!drag.moved) {
            if (Math.hypot(event.clientX - drag.start.x, event.clientY - drag.start.y) < drag.still) return;
            drag.moved = true;
            if (!drag.holder) this.root.setPointerCapture(drag.pointer);
        }
        this.does.follows(drag, event);
    }

    #up(event) {
        const drag = this.#drag;
        if (drag?.pointer !== event.pointerId) return;
        this.#event = event;
        this.#follow();
        this.#end();
        this.does.drops(drag, event);
    }

    #end() {
        const drag = this.#drag;
        cancelAnimationFrame(this.#frame);
        this.#frame = 0;
        this.#event = null;
        this.#drag = null;
        document.removeEventListener('keydown', this.#escape, true);
        this.does.ends(drag);
    }
}
