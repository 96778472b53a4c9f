import { clamp, tidy } from './geometry';

const REST = 180; // milliseconds after the last nudge of a run, before it is sent as one move
const SMALLEST = 4; // points, as OpenSlate\Edit\Bounds has it

/** Moves what is selected by keys, a run of them as one move, and makes it larger and smaller. */
export class Nudging {
    #run = null;
    #timer = 0;

    /** @param shown called when something lies elsewhere */
    constructor(stage, selection, { send, shown }) {
        Object.assign(this, { stage, selection, send, shown });
    }

    get busy() {
        return this.#run !== null;
    }

    /** Sends the run, unless it is of what is still selected. */
    settle(ids) {
        if (this.#run && ids.join() !== this.#run.ids.join()) this.flush();
    }

    by(dx, dy) {
        const ids = this.selection.ids;
        const step = this.stage.held(this.stage.bounds(ids), dx, dy, this.stage.reach(ids));
        ids.forEach((id) => {
            const frame = this.stage.frame(id);
            this.stage.show(id, { ...frame, x: tidy(frame.x + step.dx), y: tidy(frame.y + step.dy) });
        });
        this.shown();
        this.#run ??= { ids, dx: 0, dy: 0 };
        this.#run.dx += step.dx;
        this.#run.dy += step.dy;
        clearTimeout(this.#timer);
        this.#timer = setTimeout(() => this.flush(), REST);
    }

    flush() {
        clearTimeout(this.#timer);
        const run = this.#run;
        this.#run = null;
        if (run && (run.dx !== 0 || run.dy !== 0))
            this.send({ kind: 'move', ids: run.ids, dx: tidy(run.dx), dy: tidy(run.dy) });
    }

    stretch(dx, dy) {
        this.flush();
        const within = this.stage.reach(this.selection.ids);
        const stretched = ({ x, y, width, height }) => ({
            x,
            y,
            width: tidy(clamp(width + dx, SMALLEST, within.x + within.width - x)),
            height: tidy(clamp(height + dy, SMALLEST, within.y + within.height - y)),
        });
        const frames = Object.fromEntries(this.selection.ids.map((id) => [id, stretched(this.stage.frame(id))]));
        Object.entries(frames).forEach(([id, frame]) => this.stage.show(id, frame));
        this.shown();
        this.send({ kind: 'resize', frames });
    }
}
