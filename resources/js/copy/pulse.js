import { request } from '../lib/request';

const EVERY = 3000;
const LEFT_ALONE = 30 * 60 * 1000; // milliseconds without a touch after which nothing is asked any more

/** Asks every few seconds what is new around a copy, while somebody is at it. */
export class Pulse {
    #touched = Date.now();

    /**
     * @param {string} url
     * @param {(news: object) => void} heard
     * @param {{every?: number, tells?: () => object, away?: () => void}} how
     */
    constructor(url, heard, { every = EVERY, tells = () => ({}), away = () => {} } = {}) {
        Object.assign(this, { url, heard, every, tells, away });
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

    async #beat() {
        if (this.#isWanted) await this.ask();
        setTimeout(() => this.#beat(), this.every);
    }

    async ask() {
        try {
            this.heard(await request('POST', this.url, this.tells()));
        } catch {
            this.away();
        }
    }
}
