const MOST = 100;

/** Models as they were, to go back to and forth again. */
export class Past {
    #back = [];
    #forth = [];

    get canGoBack() {
        return this.#back.length > 0;
    }
    get canGoForth() {
        return this.#forth.length > 0;
    }

    /** @param text the model before a move */
    keep(text) {
        this.#back.push(text);
        if (this.#back.length > MOST) this.#back.shift();
        this.#forth = [];
    }

    /** @returns the model before the last move; undefined where there is none */
    back(now) {
        return this.#step(this.#back, this.#forth, now);
    }
    forth(now) {
        return this.#step(this.#forth, this.#back, now);
    }

    /** Others have moved something meanwhile: so it was, too, at every model to go back to. */
    map(change) {
        this.#back = this.#back.map(change);
        this.#forth = this.#forth.map(change);
    }

    #step(from, to, now) {
        if (from.length > 0) to.push(now);
        return from.pop();
    }
}
