const NEXT_BY_TOUCH = 'Now tap the place where it goes.';
const NEXT = 'Now choose a place: the arrow keys go from one to the next, Enter puts it there.';
const NEXT_NOWHERE = 'Now move it with the arrow keys.';

/** What goes to the place that is chosen next: a part, or one end of a connector. */
export class Chosen {
    key = null;
    end = null;

    /**
     * @param bar above the page: words of one's own and pictures are offered there
     * @param say (words)
     */
    constructor(pieces, bar, say) {
        Object.assign(this, { pieces, say });
        this.own = bar.querySelector('[data-moves-own]');
        this.picture = bar.querySelector('[data-moves-picture]');
    }

    get isNone() {
        return this.key === null;
    }
    get isEnd() {
        return this.end !== null;
    }

    is(key, end) {
        return this.key === key && this.end === end;
    }

    /** @param end 0 or 1 of a connector; null of any other part */
    choose(key, end = null) {
        this.let();
        [this.key, this.end] = [key, end];
        const piece = this.pieces.piece(key);
        piece.classList.add('is-chosen');
        this.#button?.setAttribute('aria-pressed', 'true');
        this.pieces.spots.forEach((spot) => {
            spot.tabIndex = 0;
            spot.setAttribute('role', 'button');
            spot.setAttribute('aria-label', `Put it in ${spot.dataset.said}`);
        });
        if (this.isEnd)
            this.pieces.fixed.forEach((one) => {
                one.tabIndex = 0;
                one.setAttribute('role', 'button');
            });
        this.own.hidden = !('own' in piece.dataset);
        this.own.querySelector('input').value = this.pieces.placed[key]?.[3] ?? '';
        this.picture.hidden = !('picture' in piece.dataset);
        if (!this.picture.hidden) this.#offer(JSON.parse(piece.dataset.set));
        const byKeys = this.walk().length > 0 || this.isEnd ? NEXT : NEXT_NOWHERE;
        const next = matchMedia('(pointer: coarse)').matches ? NEXT_BY_TOUCH : byKeys;
        this.say(`${piece.dataset.name} chosen${this.isEnd ? ', one end of it' : ''}. ${next}`);
    }

    /** The places that the arrow keys go to, in the order of reading: the spots that take what is chosen. */
    walk() {
        const { name } = this.pieces.piece(this.key).dataset;
        return this.pieces.spots.filter((spot) => !spot.dataset.takes || JSON.parse(spot.dataset.takes).includes(name));
    }

    /** @param step 1 to the next place, -1 to the one before */
    walkFrom(spot, step) {
        const places = this.walk();
        places.at((places.indexOf(spot) + step) % places.length).focus();
    }

    let() {
        if (this.isNone) return;
        this.pieces.piece(this.key).classList.remove('is-chosen');
        this.#button?.setAttribute('aria-pressed', 'false');
        [this.key, this.end] = [null, null];
        this.own.hidden = true;
        this.picture.hidden = true;
        this.pieces.fixed.forEach((one) => {
            one.removeAttribute('tabindex');
            one.setAttribute('role', 'img');
        });
        this.pieces.spots.forEach((spot) => {
            ['tabindex', 'role', 'aria-label'].forEach((name) => spot.removeAttribute(name));
        });
    }

    /** The button of what is chosen: a part, or an end of a connector. */
    get #button() {
        const piece = this.pieces.piece(this.key);
        return this.pieces.isConnector(this.key) ? piece.querySelector(`[data-end="${this.end}"]`) : piece;
    }

    #offer(addresses) {
        this.picture.querySelector('[data-moves-set]').replaceChildren(
            ...addresses.map((address, at) => {
                const button = document.createElement('button');
                Object.assign(button, { type: 'button', value: address.split('/').at(-1), className: 'moves__choice' });
                button.setAttribute('aria-label', `Picture ${at + 1} of ${addresses.length}`);
                button.append(Object.assign(new Image(), { src: address, alt: '' }));
                return button;
            }),
        );
    }
}
