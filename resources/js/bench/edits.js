import { Away, request } from '../lib/request';

const TRY_AGAIN = 3000;

/**
 * Sends edits one after the other, each on the revision that the one before made. Nothing is dropped in silence: when
 * the server is away they wait; when the page was changed elsewhere the caller is told what was not done.
 */
export class Edits {
    #url;
    #revision;
    #queue = [];
    #running = false;
    #undrawn = [];

    constructor(pageId, revision, { drawn, stale, refused, waiting, sending = () => {} }, station) {
        this.station = station;
        this.#url = `/pages/${pageId}`;
        this.#revision = revision;
        this.drawn = drawn;
        this.stale = stale;
        this.refused = refused;
        this.waiting = waiting;
        this.sending = sending;
    }

    /**
     * @param edit  as OpenSlate\Edit\Format\EditCodec reads it, or 'undo', or 'redo', or what to send to another
     * address of the page
     */
    send(edit, then = () => {}) {
        this.#queue.push({ edit, then });
        this.#run();
    }

    /** Where the page is to be had in small, as it is now. */
    get small() {
        return `${this.#url}/small/${this.#revision}`;
    }

    get idle() {
        return this.#queue.length === 0;
    }

    /** The page as the server has it now; null where something is on its way, or another window has changed it. */
    async look() {
        const page = this.idle ? await this.#page() : null;
        return page?.revision === this.#revision && this.idle ? page : null;
    }

    #page() {
        return request('GET', this.station ? `${this.#url}?station=${this.station}` : this.#url).catch(() => null);
    }

    async #run() {
        if (this.#running) return;
        this.#running = true;
        this.sending(true);
        while (this.#queue.length > 0) {
            const { edit, then } = this.#queue[0];
            try {
                const answer = await this.#post(edit);
                this.#queue.shift();
                this.#revision = answer.revision;
                this.waiting(false);
                // Drawing an older page would undo on screen what the next edit in line has already shown: what changed
                // is drawn once the line is done.
                this.#undrawn = answer.page || answer.ledger ? [answer] : [...this.#undrawn, answer];
                if (this.#queue.length === 0) this.#drawAll();
                then(answer);
            } catch (problem) {
                if (problem instanceof Away) {
                    this.waiting(true);
                    await new Promise((resolve) => {
                        setTimeout(resolve, TRY_AGAIN);
                    });
                } else {
                    this.#fail(problem);
                }
            }
        }
        this.#running = false;
        this.sending(false);
    }

    #drawAll() {
        const answers = this.#undrawn;
        this.#undrawn = [];
        answers.forEach((answer) => this.drawn(answer));
    }

    #post(edit) {
        if (edit.path) return request('POST', `${this.#url}/${edit.path}`, { base: this.#revision, ...edit.body });
        return typeof edit === 'string'
            ? request('POST', `${this.#url}/${edit}`, { base: this.#revision, station: this.station })
            : request('POST', `${this.#url}/edits`, { base: this.#revision, station: this.station, edit });
    }

    async #fail(problem) {
        const lost = this.#queue;
        this.#queue = [];
        this.#undrawn = [];
        this.waiting(false);
        if (problem.status === 409) {
            this.#revision = problem.body.revision;
            this.drawn(problem.body);
            this.stale(problem.message, lost);
            return;
        }
        this.refused(problem);
        const page = await this.#page();
        if (page && this.#queue.length === 0) {
            this.#revision = page.revision;
            this.drawn(page);
        }
    }
}
