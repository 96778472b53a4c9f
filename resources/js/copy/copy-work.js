import { Away, request } from '../lib/request';
import { here } from '../lib/who';
import { ComeBack } from './come-back';
import { Company } from './company';
import { CopyBar } from './copy-bar';
import { Files } from './files';
import { HandingIn } from './handing-in';
import { Mirror, Pending } from './kept';
import { PageZoom } from './page-zoom';
import { filledIn, placesIn } from './places';
import { Pulse } from './pulse';
import { ReadAloud } from './read-aloud';
import { QuestionList } from './question-list';
import { TeacherWords } from './teacher-words';
import { WayBack } from './way-back';

const REST = 600; // milliseconds after the last key before saving …
const AT_MOST = 1500; // … and at the latest after the first
const TRY_AGAIN = 2500;
const TOLD = 'open-slate.told'; // what is to be said once the page is loaded anew
const SHARED = { rest: 250, atMost: 600, pulse: 700, slowest: 2000 }; // where others wait for every word

/** A student's copy: what is typed is kept in the browser at once, and sent until the server has confirmed it. */
export class CopyWork {
    #pending = {};
    #sending = null;
    #timer = 0;
    #firstUnsent = 0;
    #clashes = [];
    #refused = {};
    #notTaken = '';
    #flight = null; // of a copy that several share: the draft that is on its way, and comes again as it is if need be
    #number = 0;

    constructor(root) {
        this.root = root;
        this.isShared = 'shared' in root.dataset;
        this.copy = root.dataset.copy;
        this.revision = Number(root.dataset.revision);
        this.bar = new CopyBar(root);
        this.window = Math.random().toString(36).slice(2, 12).padEnd(6, '0');
        this.kept = new Pending(here, this.copy, this.window);
        this.mirror = new Mirror(here, this.copy);
        this.files = new Files(this, here);
        this.guidesUrl = `${root.dataset.save}/guides`;
        this.zoom = new PageZoom(root);
        this.places = placesIn(root, (place) => this.#changed(place), this);
        this.byKey = new Map(this.places.map((place) => [place.key, place]));
        // What was filled in before this script ran is nobody's but the student's yet.
        const early = this.places
            .filter((place) => place.drawn !== undefined && place.value !== place.drawn)
            .map((place) => [place, place.value]);
        this.texts = Object.fromEntries(this.places.map((place) => [place.key, place.drawn ?? place.value]));
        this.reading = new ReadAloud(root, this.places);
        this.list = new QuestionList(root, this.places, this.reading, here, () => this.zoom.fitTargets());
        this.#hearTeacher();
        if (root.dataset.closed === 'yes') return;
        new WayBack(root);
        const door = root.querySelector('[data-come-back]');
        this.comeBack = door && new ComeBack(door, () => this.#save());
        this.#recover();
        this.#listen();
        new HandingIn(this);
        this.#keepsEarlier();
        this.count();
        early.forEach(([place, value]) => {
            place.value = value;
            this.#changed(place);
        });
        const told = sessionStorage.getItem(TOLD);
        sessionStorage.removeItem(TOLD);
        if (told) this.trouble(told);
        this.root.dataset.ready = 'yes';
        this.files.recover();
    }

    #hearTeacher() {
        const list = this.root.querySelector('[data-pulse]');
        if (!list) return;
        const words = new TeacherWords(list, this.root.querySelector('[data-wait]'), this.reading, () => this.#save());
        const isOpen = this.root.dataset.closed !== 'yes';
        if (this.isShared && isOpen) this.company = new Company(this, this.root);
        this.pulse = new Pulse(
            list.dataset.pulse,
            (news) => {
                // A fresh copy lies in its place, or it is as it was once: it is shown as it is now.
                const isAnother =
                    news.copy !== this.copy || (news.company?.since ?? 0) > Number(this.root.dataset.since ?? 0);
                if (isAnother && !this.isUnsent) window.location.reload();
                words.hear(news);
                this.company?.hear(news.company);
                // Where many write, each asks less often.
                const people = news.company?.people.length ?? 0;
                if (this.company) this.pulse.every = Math.min(SHARED.slowest, Math.max(SHARED.pulse, people * 100));
            },
            this.isShared && {
                every: isOpen ? SHARED.pulse : undefined,
                tells: () => this.#presence,
                always: true,
            },
        );
    }

    // --- those who share it ---

    get #presence() {
        const at = this.#at(document.activeElement);
        return { window: this.window, seen: this.seen ?? this.revision, place: at?.key ?? '' };
    }

    /** Whether the server does not have all of it yet. */
    get isUnsent() {
        return this.#sending !== null || Object.keys(this.#pending).length > 0;
    }

    /** What others wrote. Where something is typed here meanwhile, it comes with the reply to that. */
    hear({ revision, answers, filled }) {
        if (this.#sending || revision < this.revision) return;
        const late = Object.keys(answers).filter((place) => this.byKey.get(place)?.isBusy);
        Object.entries(answers).forEach(([place, text]) => {
            if (!(place in this.#pending) && !late.includes(place)) this.#adopt(place, text);
        });
        if (late.length > 0) {
            this.seen ??= this.revision;
        } else {
            this.seen = undefined;
        }
        if (revision === this.revision) return;
        this.revision = revision;
        this.mirror.keep(this.revision, this.texts);
        this.bar.filled(filled);
    }

    #adopt(place, text) {
        const at = this.byKey.get(place);
        if (!at) return;
        this.texts[place] = text;
        if (at.adopt) at.adopt(text);
        else if (at.value !== text) at.value = text;
    }

    /** What came of a draft that was sent, together with what others wrote. */
    #taken({ answers }, merged, settledModels) {
        Object.entries(answers)
            .filter(([place]) => !(place in settledModels))
            .forEach(([place, sent]) => {
                const at = this.byKey.get(place);
                const now = merged[place] ?? sent;
                this.texts[place] = sent;
                if (!at || at.value !== sent) return;
                if (at.isBusy) this.#pending[place] = sent;
                else if (now !== sent) this.#adopt(place, now);
            });
    }

    #draft(answers) {
        const was = Object.fromEntries(Object.keys(answers).map((place) => [place, this.texts[place] ?? '']));
        this.#number += 1;
        return { base: this.revision, answers, was, number: this.#number };
    }

    /** What a window that is gone has left: what was on its way, and what was typed since. */
    #leftDrafts({ base, answers, was, flight, number }) {
        if (!this.isShared) return [{ base, answers }];
        const since = Object.entries(answers).filter(([place, text]) => flight?.answers[place] !== text);
        const begun = ([place]) => [place, flight?.answers[place] ?? was?.[place] ?? ''];
        return [
            ...(flight ? [flight] : []),
            ...(since.length > 0
                ? [
                      {
                          base,
                          answers: Object.fromEntries(since),
                          was: Object.fromEntries(since.map(begun)),
                          number: (number ?? 0) + 1,
                      },
                  ]
                : []),
        ];
    }

    /** What is kept under a name is what is there now. */
    #keepsEarlier() {
        this.root.querySelector('.earlier form')?.addEventListener('submit', async (event) => {
            event.preventDefault();
            if (await this.saved()) event.target.submit();
        });
    }

    // --- what was there before ---

    #recover() {
        const known = this.mirror.read();
        if (known && known.revision > this.revision) {
            // This page came from the browser's keeping and is older than what the server has confirmed since.
            this.revision = known.revision;
            Object.entries(known.texts).forEach(([place, text]) => this.#put(place, text));
        }
        this.left = this.kept.left();
        this.left.forEach((one) => {
            Object.entries(one.answers).forEach(([place, text]) => this.#put(place, text, false));
            // What is typed here now goes on from what was left, which began earlier than this page.
            if (this.isShared)
                this.#leftDrafts(one)
                    .reverse()
                    .forEach(({ was }) => Object.assign(this.texts, was));
        });
        if (this.left.length > 0) {
            this.bar.status('unsaved', 'Saving');
            this.#schedule(0);
        }
    }

    #put(place, text, confirmed = true) {
        const at = this.byKey.get(place);
        if (!at) return;
        if (at.value !== text) at.value = text;
        if (confirmed) this.texts[place] = text;
    }

    // --- typing ---

    #listen() {
        this.root.addEventListener('keydown', (event) => {
            if (event.key === 'Enter' && event.target.matches('input.answer')) {
                event.preventDefault();
                this.#go(this.places[this.places.indexOf(this.#at(event.target)) + 1]);
            }
        });
        this.root.addEventListener('focusin', (event) => {
            const place = this.#at(event.target);
            if (place) {
                this.last = place;
                if (!place.isLaidOut && !this.list.isOn) this.zoom.reveal(event.target);
            }
        });
        document.querySelector('[data-next]').addEventListener('click', () => this.#nextBlank());
        document
            .querySelectorAll('[data-clash-keep]')
            .forEach((button) => button.addEventListener('click', () => this.#settle(button.dataset.clashKeep)));
        this.#dialog('clash').addEventListener('cancel', (event) => event.preventDefault());
        window.addEventListener('online', () => this.#schedule(0));
        window.addEventListener('pagehide', () => this.#sendLast());
        document.addEventListener('visibilitychange', () => {
            if (document.visibilityState === 'hidden') this.#sendLast();
        });
    }

    #at(target) {
        return this.places.find((place) => place.holds(target));
    }

    #changed(place) {
        this.#notTaken = '';
        this.#pending[place.key] = place.value;
        this.#mended(place.key);
        this.#keep();
        this.bar.status('unsaved', 'Saving');
        this.count();
        this.#schedule();
    }

    /** What is in dispute between two windows stays kept, as it was sent, until the student has chosen. */
    #keep() {
        const disputed = Object.fromEntries(this.#clashes.map(({ place, here }) => [place, here]));
        const base = Math.min(this.revision, ...this.#clashes.map((clash) => clash.base));
        const answers = { ...disputed, ...this.#refused, ...this.#pending };
        const more = this.isShared && {
            was: Object.fromEntries(Object.keys(answers).map((place) => [place, this.texts[place] ?? ''])),
            flight: this.#flight,
            number: this.#number,
        };
        if (!this.kept.keep(base, answers, more))
            this.bar.trouble('This browser keeps nothing on this device. Stay on this page until it says “Saved”.');
    }

    // --- saving ---

    #schedule(wait) {
        const now = Date.now();
        const { rest, atMost } = this.isShared ? SHARED : { rest: REST, atMost: AT_MOST };
        this.#firstUnsent ||= now;
        clearTimeout(this.#timer);
        this.#timer = setTimeout(
            () => this.#save(),
            wait ?? Math.min(rest, Math.max(0, this.#firstUnsent + atMost - now)),
        );
    }

    async #save() {
        if (this.#sending) return this.#sending;
        this.#sending = this.#saveAll().finally(() => {
            this.#sending = null;
        });
        return this.#sending;
    }

    /** @returns {Promise<boolean>} whether all is with the server */
    async #saveAll() {
        clearTimeout(this.#timer);
        this.#firstUnsent = 0;
        try {
            while (this.left.length > 0) {
                const [one] = this.left;
                for (const draft of this.#leftDrafts(one)) await this.#send(one.window, draft);
                this.kept.forget(one.window);
                this.left.shift();
            }
            while (Object.keys(this.#pending).length > 0 || this.#flight) {
                const draft =
                    this.#flight ??
                    (this.isShared
                        ? this.#draft({ ...this.#pending })
                        : { base: this.revision, answers: { ...this.#pending } });
                const { answers } = draft;
                if (this.isShared) {
                    this.#flight = draft;
                    this.#keep();
                }
                await this.#send(this.window, draft);
                this.#flight = null;
                Object.entries(answers).forEach(([place, text]) => {
                    if (this.#pending[place] === text) delete this.#pending[place];
                });
                this.#keep();
            }
            // What is laid on a part goes with its page's model.
            if (await this.files.send()) return this.#saveAll();
            if (Object.keys(this.#refused).length > 0) {
                this.bar.status('away', 'Not all saved');
                this.bar.trouble('');
                return false;
            }
            this.bar.status('saved', 'Saved');
            this.comeBack?.done();
            this.bar.trouble(this.#notTaken);
            return true;
        } catch (problem) {
            if (problem.body && 'kept' in problem.body) this.#anotherCopy(problem);
            else this.#failed(problem);
            return false;
        }
    }

    async #send(window, draft) {
        const { base, answers } = draft;
        const answer = await request('PATCH', this.root.dataset.save, { draft: { window, ...draft }, page: this.page });
        this.pulse?.told(answer.news);
        this.revision = answer.revision;
        const taken = Object.entries(answers).filter(
            ([place]) => !(place in answer.conflicts) && !(place in answer.refused),
        );
        if (this.isShared) this.#taken({ answers: Object.fromEntries(taken) }, answer.merged, answer.models);
        else Object.assign(this.texts, Object.fromEntries(taken));
        Object.entries(answer.refused).forEach(([place, words]) => this.#refuse(place, answers[place], words));
        Object.entries(answer.newer).forEach(([place, text]) => {
            if (this.isShared) place in this.#pending || this.#adopt(place, text);
            else if (place in this.#pending) this.#clash(place, text, this.#pending[place], base);
            else this.#put(place, text);
        });
        Object.entries(answer.conflicts).forEach(([place, text]) => this.#clash(place, text, answers[place], base));
        Object.entries({ ...answer.limits, ...answer.passages }).forEach(([place, said]) =>
            this.byKey.get(place)?.said(said),
        );
        Object.entries(answer.models).forEach(([place, text]) => {
            this.texts[place] = text;
            const model = this.byKey.get(place);
            if (window === this.window && this.#pending[place] === answers[place]) model?.settled(text);
            else if (window === this.window && place in this.#pending && model)
                this.#pending[place] = model.rebased(answers[place], text); // It is sent next, and settles then.
            else if (window !== this.window && !(place in this.#pending)) model?.settled(text); // left from before
            answer.said.forEach((words) => this.byKey.get(place)?.note(words));
        });
        this.mirror.keep(this.revision, this.texts);
        this.bar.filled(answer.filled);
    }

    // --- answers that cannot be kept as they are ---

    /** It stays where it is and on this device, and is sent again when the student has changed it. */
    #refuse(place, text, words) {
        const at = this.byKey.get(place);
        if (!at || (place in this.#pending && this.#pending[place] !== text)) return;
        this.#refused[place] = text;
        const box = at.field.closest('.table-cell, .organiser__box, .element') ?? at.field.parentElement;
        let note = box.querySelector(':scope > .refused');
        if (!note) {
            note = document.createElement('p');
            note.className = 'refused';
            note.id = `refused-${place}`;
            note.setAttribute('role', 'alert');
            box.append(note);
        }
        note.textContent = words;
        at.field.setAttribute('aria-invalid', 'true');
        at.field.setAttribute('aria-describedby', note.id);
    }

    #mended(place) {
        if (!(place in this.#refused)) return;
        delete this.#refused[place];
        document.getElementById(`refused-${place}`)?.remove();
        const { field } = this.byKey.get(place);
        field.removeAttribute('aria-invalid');
        field.removeAttribute('aria-describedby');
    }

    /** A file is kept here, and sent as soon as it can be. */
    hasFile() {
        this.#notTaken = '';
        this.count();
        this.bar.status('unsaved', 'Saving');
        this.#schedule(0);
    }

    /** The server has a file: what it said of the copy then. */
    fileSaved(place, { revision, filled }) {
        this.revision = revision;
        this.texts[place.key] = place.value;
        this.mirror.keep(this.revision, this.texts);
        this.bar.filled(filled);
    }

    /** Says what a place could not take, until something is changed. */
    trouble(words) {
        this.#notTaken = words;
        this.bar.trouble(words);
    }

    /** Sends what is unsent, also what was typed while something was on its way; waits until that is done. */
    async saved() {
        await Promise.all(this.places.map((place) => place.finish?.()));
        if (this.#sending) await this.#sending;
        return this.#save();
    }

    /** Whether another window's answer still stands against one of this. */
    get isDisputed() {
        return this.#clashes.length > 0;
    }

    /** The first place whose answer the server could not keep. */
    get refused() {
        return this.byKey.get(Object.keys(this.#refused)[0]);
    }

    /** Another copy lies in its place: what is kept with the one before is not sent again, and this one is shown. */
    #anotherCopy({ message, body }) {
        const { left } = this;
        this.left = [];
        if (!body.kept) {
            this.bar.status('away', 'Not sent');
            this.bar.trouble(message);
            return;
        }
        left.forEach(({ window }) => this.kept.forget(window));
        this.kept.forget(this.window);
        this.#pending = {};
        this.#flight = null;
        sessionStorage.setItem(TOLD, message);
        window.location.reload();
    }

    #failed(problem) {
        this.#firstUnsent = 0;
        if (problem instanceof Away) {
            this.bar.status('away', 'Kept on this device');
            this.#timer = setTimeout(() => this.#save(), TRY_AGAIN);
        } else if (problem.status === 401 || problem.status === 419 || problem.status === 403) {
            this.bar.status('away', 'Not sent');
            if (this.comeBack) this.comeBack.ask();
            else this.bar.trouble('You were signed out. Your work is kept on this device until you come in again.');
        } else if (problem.status === 409) {
            this.bar.status('away', 'Not sent');
            this.bar.trouble(`${problem.message} Your last words are kept on this device.`);
        } else if (problem.status === 429 || problem.status >= 500) {
            this.bar.status('away', 'Kept on this device');
            this.#timer = setTimeout(() => this.#save(), TRY_AGAIN * 2);
        } else {
            this.bar.status('away', 'Not sent');
            this.bar.trouble(
                `This could not be saved: ${problem.message} Copy your words somewhere safe and tell your teacher.`,
            );
        }
    }

    /** The page is going away: one last try that outlives it. What does not arrive is still kept in the browser. */
    #sendLast() {
        if (Object.keys(this.#pending).length === 0 || this.#flight) return;
        const draft = this.isShared
            ? this.#draft({ ...this.#pending })
            : { base: this.revision, answers: this.#pending };
        if (this.isShared) {
            this.#flight = draft;
            this.#keep();
        }
        request(
            'PATCH',
            this.root.dataset.save,
            { draft: { window: this.window, ...draft }, page: this.page },
            { keepalive: true },
        ).catch(() => {});
    }

    /** The number of the page where the student is. */
    get page() {
        return Number(
            (document.activeElement?.closest('[data-page]') ?? this.last?.field.closest('[data-page]'))?.dataset.page ??
                1,
        );
    }

    // --- two windows ---

    #clash(place, there, here, base) {
        delete this.#pending[place];
        this.texts[place] = there;
        this.#clashes.push({ place, here, there, base });
        this.#keep();
        if (!this.#dialog('clash').open) this.#showClash();
    }

    #showClash() {
        const [clash] = this.#clashes;
        const dialog = this.#dialog('clash');
        if (!clash) {
            dialog.close();
            return;
        }
        const words = (value) => this.byKey.get(clash.place)?.words?.(value) ?? value;
        dialog.querySelector('[data-clash-here]').textContent = words(clash.here);
        dialog.querySelector('[data-clash-there]').textContent = words(clash.there);
        if (!dialog.open) dialog.showModal();
    }

    #settle(which) {
        const { place, here, there } = this.#clashes.shift();
        const at = this.byKey.get(place);
        at.value = which === 'here' ? here : there;
        this.#showClash();
        if (which === 'here') this.#changed(at);
        else this.#keep();
        this.count();
    }

    // --- moving on ---

    #nextBlank() {
        const from = this.places.indexOf(this.#at(document.activeElement) ?? this.last);
        const order = [...this.places.slice(from + 1), ...this.places.slice(0, from + 1)];
        const blank = order.find((place) => !place.filled);
        if (blank) this.#go(blank);
        else document.querySelector('[data-hand-in]').focus();
    }

    #go(place) {
        if (place) this.list.goTo(place);
        else document.querySelector('[data-next]').focus();
    }

    /** Says how many places are filled. */
    count() {
        this.bar.filled(filledIn(this.places));
    }

    #dialog(name) {
        return document.querySelector(`[data-${name}]`);
    }
}
