import { tidy } from './model-text';

const REST = 350; // milliseconds after the last arrow key before a run of them is one move

/** A run of arrow keys is one move; it holds to nothing, so that a part can be put between. */
export class Steps {
    #run = null;
    #timer = 0;

    /** @param done (key, placed) once they rest */
    constructor(pieces, done) {
        Object.assign(this, { pieces, done });
    }

    /** @param end of a connector, if one end alone is moved */
    by(key, end, [dx, dy]) {
        if (this.#run?.key !== key) {
            this.flush();
            this.#run = { key, placed: [...this.pieces.at(key)] };
        }
        const { placed } = this.#run;
        const ends = this.pieces.isConnector(key) ? (end ? [end.dataset.end === '0' ? 0 : 4] : [0, 4]) : [0];
        ends.forEach((at) => {
            placed[at] = tidy(placed[at] + dx);
            placed[at + 1] = tidy(placed[at + 1] + dy);
        });
        this.pieces.draw(key, placed);
        clearTimeout(this.#timer);
        this.#timer = setTimeout(() => this.flush(), REST);
    }

    flush() {
        clearTimeout(this.#timer);
        const run = this.#run;
        this.#run = null;
        if (!run) return;
        const held = this.pieces.isConnector(run.key) ? [2, 6] : run.placed.length > 2 ? [2] : [];
        held.forEach((at) => {
            run.placed[at] = '';
        });
        this.done(run.key, run.placed);
    }
}
