import { Idiomorph } from 'idiomorph';
import { PointerDrag } from './lib/pointer-drag';
import './lib/sounds';
import { Away, request } from './lib/request';

const PILES = { 1: 'right', 2: 'part', 3: 'wrong', 4: 'look', k: 'key' };

/** Slips with the answers to one question are put on piles: by a digit, by tapping slip and pile, or by dragging. */
class Marking {
    #points = null; // what is given in part, as it was typed
    #chosen = null; // the face of the slip that is chosen by a tap
    #sending = Promise.resolve();

    constructor(root) {
        this.root = root;
        this.table = root.querySelector('[data-marking-table]');
        document.addEventListener('keydown', (event) => this.#key(event));
        root.addEventListener('click', (event) => this.#click(event));
        root.addEventListener('input', (event) => {
            if (event.target.matches('[data-points]')) this.#points = event.target.value;
        });
        new PointerDrag(this.table, {
            begins: (event) => this.#begins(event),
            follows: (drag, event) => this.#follows(drag, event),
            ends: (drag) => this.#ends(drag),
            drops: (drag, event) => this.#drops(drag, event),
        });
        this.#focusFirst();
    }

    get #question() {
        return this.table.querySelector('[data-question]');
    }

    #faces(pile) {
        return [...this.table.querySelectorAll(`[data-pile="${pile}"] .paper__face`)];
    }

    /** What is to be looked at first has the focus, so that a digit is enough. */
    #focusFirst() {
        const first = this.#faces('look')[0] ?? this.table.querySelector('[data-next]');
        first?.focus({ preventScroll: true });
    }

    #key(event) {
        if (event.ctrlKey || event.metaKey || event.altKey || event.target.matches('input, textarea')) return;
        if (event.key === 'PageDown' || event.key === 'PageUp') {
            const way = this.table.querySelector(event.key === 'PageDown' ? '[data-next]' : '[data-before]');
            if (way) {
                event.preventDefault();
                way.click();
            }
            return;
        }
        const face = event.target.closest?.('[data-face]');
        if (!face) return;
        const pile = PILES[event.key.toLowerCase()];
        if (pile) {
            event.preventDefault();
            this.#put(face, pile);
        } else if (['ArrowUp', 'ArrowDown', 'ArrowLeft', 'ArrowRight'].includes(event.key)) {
            event.preventDefault();
            const faces = [...this.table.querySelectorAll('[data-face]')].filter((one) => one.offsetParent !== null);
            const by = event.key === 'ArrowUp' || event.key === 'ArrowLeft' ? -1 : 1;
            faces[faces.indexOf(face) + by]?.focus();
        } else if (event.key === 'Escape') {
            this.#choose(null);
        }
    }

    #click(event) {
        const write = event.target.closest('[data-pile-write]');
        if (write) this.#write(write.closest('[data-pile]'));
        const face = event.target.closest('[data-face]');
        const pile = event.target.closest('[data-to]');
        if (face) this.#choose(face === this.#chosen ? null : face);
        else if (pile && this.#chosen) this.#put(this.#chosen, pile.dataset.to);
    }

    #choose(face) {
        this.#chosen?.setAttribute('aria-pressed', 'false');
        this.#chosen = face;
        face?.setAttribute('aria-pressed', 'true');
        this.table.classList.toggle('is-choosing', face !== null);
    }

    #begins(event) {
        const face = event.target.closest('[data-face]');
        return face ? { face, still: 6, slip: face.closest('[data-slip]') } : null;
    }

    #follows(drag, event) {
        drag.slip.classList.add('is-dragged');
        drag.slip.style.translate = `${event.clientX - drag.start.x}px ${event.clientY - drag.start.y}px`;
        const over = this.#pileAt(event);
        this.table.querySelectorAll('[data-pile]').forEach((pile) => pile.classList.toggle('is-over', pile === over));
    }

    #ends(drag) {
        drag.slip.classList.remove('is-dragged');
        drag.slip.style.translate = '';
        this.table.querySelectorAll('.is-over').forEach((pile) => pile.classList.remove('is-over'));
    }

    #drops(drag, event) {
        if (!drag.moved) return;
        // The click that ends a drag chooses nothing.
        this.table.addEventListener('click', (click) => click.stopPropagation(), { capture: true, once: true });
        setTimeout(() => document.body.dispatchEvent(new Event('click')));
        const pile = this.#pileAt(event)?.dataset.pile;
        if (pile && pile !== drag.slip.closest('[data-pile]').dataset.pile) this.#put(drag.face, pile);
    }

    #pileAt(event) {
        return document
            .elementsFromPoint(event.clientX, event.clientY)
            .map((one) => one.closest('[data-pile]'))
            .find((pile) => pile);
    }

    /** One after the other: each has seen what came of the one before. */
    #put(face, pile) {
        this.#choose(null);
        const copies = (face.dataset.copies ?? face.closest('[data-slip]').dataset.copies).split(',').map(Number);
        const from = face.closest('[data-pile]').dataset.pile;
        const at = this.#faces(from).indexOf(face.closest('[data-slip]').querySelector('.paper__face'));
        this.#sending = this.#sending.then(() => this.#send(copies, pile, from, at));
    }

    async #send(copies, pile, from, at) {
        const question = this.#question;
        try {
            const answer = await request('POST', this.root.dataset.address, {
                item: question.dataset.item,
                place: question.dataset.question,
                with: question.dataset.with,
                seen: Number(question.dataset.seen),
                points: this.table.querySelector('[data-points]').value,
                copies,
                pile,
            });
            Idiomorph.morph(this.table, answer.html, { morphStyle: 'innerHTML' });
            if (this.#points !== null) this.table.querySelector('[data-points]').value = this.#points;
            this.#say(answer.said);
            const left = this.#faces(from);
            const moved = left.length === 0 ? 'nothing left there' : `${left.length} left there`;
            this.root.querySelector('[data-marking-told]').textContent = `Marked; ${moved}.`;
            const next = left[Math.min(at, left.length - 1)] ?? this.table.querySelector('[data-next]');
            next?.focus({ preventScroll: true });
        } catch (problem) {
            this.#say(problem instanceof Away ? 'No connection: that is not marked. Try it again.' : problem.message);
        }
    }

    /** One comment on the answers of a whole pile. */
    async #write(pile) {
        const copies = [...pile.querySelectorAll('[data-slip]')].flatMap((slip) => slip.dataset.copies.split(','));
        const field = pile.querySelector('[data-pile-words]');
        const { item, question: place } = this.#question.dataset;
        try {
            await request('POST', this.root.dataset.comments, {
                item,
                place,
                copies: copies.map(Number),
                words: field.value,
            });
            pile.querySelector('.pile__comment').open = false;
            this.#say('');
            this.root.querySelector('[data-marking-told]').textContent =
                `Written on ${copies.length} ${copies.length === 1 ? 'copy' : 'copies'}.`;
        } catch (problem) {
            this.#say(problem instanceof Away ? 'No connection: that is not written. Try it again.' : problem.message);
        }
    }

    #say(words) {
        const said = this.root.querySelector('[data-marking-said]');
        said.textContent = words;
        said.hidden = words === '';
    }
}

document.querySelectorAll('[data-marking]').forEach((root) => new Marking(root));
