import { request } from '../lib/request';

const EVERY = 5000;
const LEFT_ALONE = 30 * 60 * 1000; // milliseconds without a touch after which nothing is asked any more

/**
 * Asks every few seconds what is new around a copy, while somebody is at it. The replies to saves say whether there is
 * anything: who types asks only then.
 */
export class Pulse {
    #touched = Date.now();
    #toldAt = 0; // when a save was answered last
    #news = null;

    /**
     * @param {string} url
     * @param {(news: object) => void} heard
     * @param {{every?: number, tells?: () => object, always?: boolean}} how always: also while saves tell of news
     */
    constructor(url, heard, { every = EVERY, tells = () => ({}), always = false } = {}) {
        Object.assign(this, { url, heard, every, tells, always });
        ['pointerdown', 'keydown'].forEach((kind) =>
            document.addEventListener(kind, () => (this.#touched = Date.now()), { capture: true, passive: true }),
        );
        document.addEventListener('visibilitychange', () => this.#isWanted && this.ask());
        this.#beat();
    }

    // A page that lies open on a shared device must not keep its student signed in.
    get #isWanted() {
        return document.visibilityState === 'visible' && Date.now() - this.#touched < LEFT_ALONE;
    }

    /** @param {string} news what the reply to a save says: it is another text when there is something to ask for */
    told(news) {
        this.#toldAt = Date.now();
        if (this.#news !== null && news !== this.#news) this.ask();
    }

    async #beat() {
        const isTold = !this.always && Date.now() - this.#toldAt < this.every;
        if (this.#isWanted && !isTold) await this.ask();
        setTimeout(() => this.#beat(), this.every);
    }

    async ask() {
        try {
            const heard = await request('POST', this.url, this.tells());
            this.#news = heard.news;
            this.heard(heard);
        } catch {
            // It is asked again soon.
        }
    }
}
