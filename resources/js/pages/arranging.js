import { request } from '../lib/request';

/** Sends changes of the pages one after another, each on top of the arrangement that the one before it made. */
export class Arranging {
    #url;
    #arranged;
    #last = Promise.resolve();

    constructor(url, arranged) {
        this.#url = url;
        this.#arranged = arranged;
        this.drawn = () => {};
        this.refused = () => {};
    }

    /** @returns {Promise<boolean>} whether it was done */
    send(what, body = {}) {
        this.#last = this.#last.then(() =>
            this.#take(() => request('POST', `${this.#url}/${what}`, { base: this.#arranged, ...body })),
        );
        return this.#last;
    }

    /** The pages as they are now: something else has changed them. */
    look() {
        this.#last = this.#last.then(() => this.#take(() => request('GET', this.#url)));
        return this.#last;
    }

    async #take(ask) {
        try {
            this.#show(await ask());
            return true;
        } catch (problem) {
            if (problem.status === 409) this.#show(problem.body);
            this.refused(problem);
            return false;
        }
    }

    #show(answer) {
        this.#arranged = answer.arranged;
        this.drawn(answer);
    }
}
