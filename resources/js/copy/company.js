import { request } from '../lib/request';

const initials = (name) =>
    name
        .split(/\s+/)
        .map((part) => part[0])
        .slice(0, 2)
        .join('');
const listed = new Intl.ListFormat('en', { type: 'conjunction' });

/** Those who share a copy: who is there, in which place, who wrote it last, and who wants to hand it in. */
export class Company {
    #asked = null;
    #isHandingIn = false;

    /** @param {CopyWork} work */
    constructor(work, root) {
        Object.assign(this, { work, root });
        this.with = root.querySelector('[data-company]');
        this.notice = root.querySelector('[data-asked]');
        // This page is what came of asking: one who is quick may have said no before it first hears of it.
        if (this.notice?.dataset.othersTold === 'yes') this.#asked = { mine: true, left: Infinity };
        this.notice?.querySelector('[data-asked-no]').addEventListener('click', () => this.#notYet());
        this.notice?.querySelector('[data-asked-yes]').addEventListener('click', () => this.#handIn());
    }

    /** What the server says of them: see app/View/Company. */
    hear({ people, writers, asked, over, ...news }) {
        this.people = people;
        this.#show(people);
        this.#tags(people, writers);
        this.work.hear(news);
        this.#ask(asked, over);
    }

    /** In words, for who is about to hand in. */
    get words() {
        const names = (this.people ?? []).map(({ name }) => name);
        if (names.length === 0) return '';
        return `${listed.format(names)} ${names.length === 1 ? 'is' : 'are'} at it, too, and will be told first.`;
    }

    #show(people) {
        const words =
            people.length === 0
                ? 'Nobody else is here now.'
                : `Here with you: ${listed.format(people.map(({ name }) => name))}.`;
        if (this.with.textContent !== words) this.with.textContent = words;
    }

    /** At each place who is in it, and else who wrote it last. */
    #tags(people, writers) {
        this.work.places.forEach((place) => {
            const here = people.filter((one) => one.place === place.key).map(({ name }) => name);
            const by = writers[place.key];
            const words = here.length > 0 ? listed.format(here) : by ? initials(by) : '';
            this.#tag(place, words, here.length > 0, by);
        });
    }

    #tag({ field, key }, words, isHere, by) {
        const box = field.closest('.table-cell, .organiser__box, .element') ?? field.parentElement;
        let tag = box.querySelector(`:scope > [data-tag="${key}"]`);
        if (!words) {
            tag?.remove();
            return;
        }
        if (!tag) {
            tag = document.createElement('span');
            tag.className = 'by';
            tag.dataset.tag = key;
            tag.setAttribute('aria-hidden', 'true');
            box.append(tag);
        }
        if (tag.textContent !== words) tag.textContent = words;
        tag.classList.toggle('by--here', isHere);
        const said = isHere ? `${words} ${words.includes(' and ') ? 'are' : 'is'} here` : `written by ${by}`;
        if (field.getAttribute('aria-description') !== said) field.setAttribute('aria-description', said);
    }

    // --- handing in, when all know of it ---

    #ask(asked, over) {
        if (over) {
            // Handed in by another, or marked: it is shown as it is now.
            if (!this.work.isUnsent) window.location.reload();
            return;
        }
        if (!this.notice) return;
        const was = this.#asked;
        this.#asked = asked;
        this.notice.hidden = asked === null;
        if (asked === null) {
            if (was?.mine && was.left > 0)
                this.work.trouble(
                    'One of you is not done yet, so it is not handed in. Hand it in again when all are done.',
                );
            return;
        }
        const words = asked.mine
            ? `The others are told. It goes in after ${asked.left} ${asked.left === 1 ? 'second' : 'seconds'}.`
            : `${asked.name} wants to hand this in for all of you, in ${asked.left} ${asked.left === 1 ? 'second' : 'seconds'}.`;
        this.notice.querySelector('[data-asked-words]').textContent = words;
        this.notice.querySelector('[data-asked-yes]').hidden = asked.mine;
        if (asked.mine && asked.left === 0) this.#handIn();
    }

    async #notYet() {
        this.#asked = null;
        this.notice.hidden = true;
        await request('POST', this.notice.dataset.asked).catch(() => {});
    }

    async #handIn() {
        if (this.#isHandingIn) return;
        this.#isHandingIn = true;
        if (await this.work.saved()) document.querySelector('[data-hand-in-form]').submit();
        else this.#isHandingIn = false;
    }
}
