import { Idiomorph } from 'idiomorph';
import { PageWriting } from './marking/page-writing';
import { Recorder } from './lib/recorder';
import { Away, request } from './lib/request';
import './lib/player';
import './lib/sounds';

/**
 * Marking on the page of one copy: digits at a sign give points, Enter opens where a comment is written. Tab goes from
 * one place that waits to the next, the arrows to any; Page Down to the next student.
 */
class CopyMarking {
    #at = null; // the sign that is written at, by its place
    #sending = Promise.resolve();

    constructor(form) {
        this.form = form;
        this.box = form.closest('[data-remark]');
        this.large = document.querySelector('[data-large]');
        document.addEventListener('keydown', (event) => this.#key(event));
        this.large.addEventListener('click', (event) => {
            const sign = event.target.closest('[data-mark]');
            if (sign) this.#open(sign);
        });
        form.addEventListener('submit', (event) => {
            event.preventDefault();
            this.#write();
        });
        form.addEventListener('click', (event) => {
            const give = event.target.closest('[data-give]')?.dataset.give;
            if (give) this.#give(this.#sign(), { full: 'right', none: 'wrong', key: 'key' }[give]);
            if (event.target.closest('[data-writing-shut]')) this.#shut();
            const phrase = event.target.closest('[data-phrase]');
            if (phrase) this.#take(phrase.dataset.phrase);
        });
        form.elements.words.addEventListener('input', () => this.#suggest());
        this.#swipe();
        this.#ready();
        const box = form.querySelector('[data-sound-of]');
        this.sounds = box.dataset.soundOf;
        this.recorder = new Recorder(box, () => this.#unsay());
        new PageWriting(this.large, () => this.#draw());
    }

    #signs() {
        return [...this.large.querySelectorAll('[data-mark]')];
    }

    #sign() {
        return this.#signs().find((sign) => sign.dataset.mark === this.#at);
    }

    /** Those that wait are in the way of Tab; where none waits, the first is. */
    #ready() {
        const signs = this.#signs();
        const waiting = signs.filter((sign) => sign.dataset.waits === 'yes');
        signs.forEach((sign) => {
            sign.tabIndex = waiting.includes(sign) || (waiting.length === 0 && sign === signs[0]) ? 0 : -1;
        });
    }

    #key(event) {
        if (event.ctrlKey || event.metaKey || event.altKey) return;
        if (event.key === 'Escape' && !this.box.hidden) {
            event.preventDefault();
            this.#shut();
            return;
        }
        if (event.target.closest('input, textarea, select')) return;
        if (event.key === 'PageDown' || event.key === 'PageUp') {
            const way = document.querySelector(event.key === 'PageDown' ? '[data-next]' : '[data-before]');
            if (way) {
                event.preventDefault();
                way.click();
            }
            return;
        }
        const sign = event.target.closest?.('[data-mark]');
        if (!sign) return;
        const key = event.key.toLowerCase();
        if (sign.dataset.mark === '' && /^[\dfnk]$/.test(key)) return;
        if (/^\d$/.test(key)) this.#give(sign, 'part', key, true);
        else if (key === 'f') this.#give(sign, 'right', '', true);
        else if (key === 'n') this.#give(sign, 'wrong', '', true);
        else if (key === 'k') this.#give(sign, 'key');
        else if (key === 'c') this.#open(sign, true);
        else if (key === 'arrowdown' || key === 'arrowup') {
            const signs = this.#signs();
            signs[signs.indexOf(sign) + (key === 'arrowdown' ? 1 : -1)]?.focus();
        } else return;
        event.preventDefault();
    }

    #open(sign, toComment = false) {
        this.#at = sign.dataset.mark;
        // The whole of a copy is worth what its places are.
        const isWhole = this.#at === '';
        this.form.querySelector('[data-writing-points]').hidden = isWhole;
        const { name, full, points, by, comment } = sign.dataset;
        this.form.querySelector('[data-writing-name]').textContent = name;
        this.form.querySelector('[data-writing-by]').textContent = by;
        this.form.querySelector('[data-writing-full]').textContent = full;
        this.form.elements.points.value = points;
        this.form.elements.words.value = comment ?? '';
        this.form.elements.keep.checked = false;
        this.recorder.reset('hasSound' in sign.dataset);
        this.#say('');
        this.#phrases([]);
        this.box.hidden = false;
        const box = sign.getBoundingClientRect();
        const wide = this.box.offsetWidth;
        const left = Math.max(8, Math.min(box.left, document.documentElement.clientWidth - wide - 8));
        this.box.style.left = `${left + window.scrollX}px`;
        this.box.style.top = `${box.bottom + 6 + window.scrollY}px`;
        const field = toComment || isWhole ? this.form.elements.words : this.form.elements.points;
        field.focus();
        field.select();
        this.box.scrollIntoView({ block: 'nearest' });
    }

    #shut() {
        this.recorder.reset(false);
        this.box.hidden = true;
        this.#sign()?.focus();
    }

    async #unsay() {
        try {
            await request('DELETE', this.sounds, { place: this.#at });
            await this.#draw();
        } catch (problem) {
            this.#fail(problem);
        }
    }

    async #write() {
        if (this.recorder.isRecording) {
            this.#say('Stop first: it is still recording.');
            return;
        }
        const sign = this.#sign();
        const [points, words] = [this.form.elements.points.value.trim(), this.form.elements.words.value.trim()];
        const isMarked = points !== '' && points !== sign.dataset.points;
        const isSaid = words !== (sign.dataset.comment ?? '').trim();
        try {
            if (isMarked) await this.#post('part', points);
            if (isSaid) {
                await request('POST', this.form.dataset.comments, {
                    ...this.#what(),
                    words,
                    keep: this.form.elements.keep.checked,
                });
            }
            if (this.recorder.recorded) {
                const form = new FormData();
                form.append('place', this.#at);
                form.append('file', this.recorder.recorded, 'said');
                await request('POST', this.sounds, form);
            }
            this.recorder.reset(false);
            await this.#draw();
            this.box.hidden = true;
            this.#onward();
        } catch (problem) {
            this.#fail(problem);
        }
    }

    /** One after the other, so that each has seen what came of the one before. */
    #give(sign, pile, points = '', onward = false) {
        this.#at = sign.dataset.mark;
        this.#sending = this.#sending.then(async () => {
            this.#at = sign.dataset.mark;
            try {
                await this.#post(pile, points);
                await this.#draw();
                if (onward) this.#onward();
                else if (!this.box.hidden) this.#open(this.#sign());
            } catch (problem) {
                this.#fail(problem);
            }
        });
    }

    #what() {
        return { item: this.form.dataset.item, place: this.#at, copies: [Number(this.form.dataset.copyId)] };
    }

    async #post(pile, points) {
        const seen = Number(this.large.querySelector('[data-seen]').dataset.seen);
        const answer = await request('POST', this.form.dataset.address, { ...this.#what(), pile, points, seen });
        if (answer.said) throw new Error(answer.said);
    }

    async #draw() {
        // What is being drawn is not on the server yet.
        if (document.querySelector('.is-inking')) return;
        const page = new DOMParser().parseFromString(await (await fetch(window.location.href)).text(), 'text/html');
        Idiomorph.morph(this.large, page.querySelector('[data-large]').outerHTML);
        this.#ready();
    }

    /** To the next place that waits; after the last to the next student. */
    #onward() {
        const signs = this.#signs();
        const at = signs.findIndex((sign) => sign.dataset.mark === this.#at);
        const waiting = [...signs.slice(at + 1), ...signs.slice(0, at)].find((sign) => sign.dataset.waits === 'yes');
        const next = waiting ?? document.querySelector('[data-next]') ?? signs[at];
        next?.focus();
    }

    async #suggest() {
        const start = this.form.elements.words.value.trim();
        if (start.length < 2) return this.#phrases([]);
        const address = `${this.form.elements.words.dataset.phrases}?start=${encodeURIComponent(start)}`;
        const { phrases } = await request('GET', address).catch(() => ({ phrases: [] }));
        if (this.form.elements.words.value.trim() === start) this.#phrases(phrases.filter((one) => one !== start));
        return undefined;
    }

    #phrases(phrases) {
        const list = this.form.querySelector('[data-writing-phrases]');
        list.replaceChildren(
            ...phrases.map((words) => {
                const button = Object.assign(document.createElement('button'), { type: 'button', textContent: words });
                button.dataset.phrase = words;
                const item = document.createElement('li');
                item.append(button);
                return item;
            }),
        );
        list.hidden = phrases.length === 0;
    }

    #take(words) {
        this.form.elements.words.value = words;
        this.#phrases([]);
        this.form.elements.words.focus();
    }

    /** From student to student with a finger, where nothing can be scrolled that way. */
    #swipe() {
        let start = null;
        this.large.addEventListener('touchstart', (event) => {
            start = event.touches.length === 1 ? event.touches[0] : null;
        });
        this.large.addEventListener('touchend', (event) => {
            const end = event.changedTouches[0];
            if (!start || window.visualViewport?.scale > 1.01) return;
            const [x, y] = [end.clientX - start.clientX, end.clientY - start.clientY];
            if (document.querySelector('.is-inking')) return;
            if (Math.abs(x) < 90 || Math.abs(x) < 3 * Math.abs(y)) return;
            document.querySelector(x < 0 ? '[data-next]' : '[data-before]')?.click();
        });
    }

    #fail(problem) {
        const words = problem instanceof Away ? 'No connection: that is not written. Try it again.' : problem.message;
        const sign = this.#sign();
        if (this.box.hidden && sign) this.#open(sign);
        this.#say(words);
    }

    #say(words) {
        this.form.querySelector('[data-writing-said]').textContent = words;
    }
}

document.querySelectorAll('[data-writing]').forEach((form) => new CopyMarking(form));
