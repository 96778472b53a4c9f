import Alpine from '@alpinejs/csp';
import { Idiomorph } from 'idiomorph';
import { request } from '../lib/request';
import { Arranging } from './arranging';
import { Arriving } from './arriving';
import { AddDialog, PaperDialog, sayPages } from './dialogs';
import { Dragging } from './dragging';
import { QuestionsDialog } from './questions';
import { idOf, picks, rows, tick, tickedRows } from './picks';

const EVERY = 3000; // what is found meanwhile is no hurry
const TYPING = 'input:not([type=checkbox]):not([type=radio]), textarea, select, dialog';

/** The Pages station: everything that changes the pages of a worksheet, by button, by key and by drag. */
export class PagesStation {
    #table;
    #ledger;
    #list;
    #arranging;
    #add;
    #paper;
    #questions;
    #offeredAt = null; // the arrangement that the offer was made for

    constructor(table, ledger) {
        this.#table = table;
        this.#ledger = ledger;
        this.#list = table.querySelector('[data-contact]');
        this.#arranging = new Arranging(table.dataset.arranging, Number(table.dataset.arranged));
        this.#arranging.drawn = (answer) => this.#draw(answer);
        this.#arranging.refused = (problem) => this.#problem(problem.message);
        this.#steps({ undo: table.dataset.undo === 'yes', redo: table.dataset.redo === 'yes' });
        new Dragging(this.#list, this.#drags());
        const arriving = new Arriving(table.querySelector('[data-arriving]'), async (name) => {
            await this.#arranging.look();
            this.#say(`The pages of ${name} are here.`);
        });
        this.#add = new AddDialog(
            document.querySelector('[data-add-dialog]'),
            (what, body) => this.#ask(what, body),
            arriving,
        );
        this.#paper = new PaperDialog(
            document.querySelector('[data-paper-dialog]'),
            `${table.dataset.arranging}/paper/preview`,
            (body) => this.#send('paper', body),
        );
        this.#questions = new QuestionsDialog(document.querySelector('[data-questions-dialog]'), (body) =>
            this.#ask('questions', body),
        );
        this.#list.addEventListener('click', (event) => {
            const url = event.target.closest('[data-questions-of]')?.dataset.questionsOf;
            if (url) this.#questions.open(url).catch((problem) => this.#problem(problem.message));
        });
        table.addEventListener('click', (event) => this.#press(event.target.closest('[data-do]')?.dataset.do));
        table.querySelector('[data-page-problem-close]').addEventListener('click', () => this.#problem(''));
        this.#alike.addEventListener('click', (event) => this.#alikePress(event.target.closest('button')));
        ledger.addEventListener('click', (event) => this.#ledgerPress(event));
        ledger.addEventListener('change', (event) => {
            if (event.target.matches('[data-link]'))
                this.#switch(event.target, event.target.checked, event.target.dataset.link);
        });
        ledger.querySelector('[data-section-name]').addEventListener('keydown', (event) => {
            if (event.key !== 'Enter') return;
            event.preventDefault();
            this.#startSection();
        });
        document.addEventListener('keydown', (event) => this.#key(event));
        this.#await(table.dataset.looking);
        Alpine.effect(() => this.#enable(picks().pages.length));
    }

    /** Questions and what pages are for are found while one works here already; then they are shown. */
    async #await(stage) {
        if (stage === '') return;
        await new Promise((later) => setTimeout(later, EVERY));
        const answer = document.hidden ? null : await request('GET', this.#table.dataset.progress).catch(() => null);
        const now = answer ? (answer.looking ?? '') : stage;
        if (now !== stage) await this.#arranging.look();
        this.#await(now);
    }

    get #alike() {
        return this.#table.querySelector('[data-alike]');
    }

    get #locked() {
        return this.#table.querySelector('[data-do="add"]') === null;
    }

    #drags() {
        return {
            ...(this.#locked
                ? {}
                : { move: (pages, before) => this.#send('arrange', { kind: 'move', pages, before }) }),
            boundary: (from, to) => this.#send('arrange', { kind: 'boundary', from, to }),
            cut: (some) => {
                tick(some);
                document.querySelector('#name').focus();
            },
        };
    }

    /** @returns {Promise<boolean>} whether it was done */
    #send(what, body) {
        this.#problem('');
        return this.#arranging.send(what, body);
    }

    /** As send, for whoever shows a problem in a place of its own. */
    async #ask(what, body) {
        let problem = null;
        const shown = this.#arranging.refused;
        this.#arranging.refused = (one) => {
            problem = one;
        };
        await this.#arranging.send(what, body);
        this.#arranging.refused = shown;
        return problem;
    }

    #press(verb) {
        const ticked = tickedRows();
        const pages = ticked.map(idOf);
        if (['undo', 'redo'].includes(verb)) this.#send(verb);
        else if (verb === 'keys') document.querySelector('[data-keys-list]').showModal();
        else if (this.#locked) return;
        else if (verb === 'add') this.#add.open();
        else if (pages.length === 0) return;
        else if (verb === 'paper') this.#paper.open();
        else if (verb === 'left' || verb === 'right')
            this.#send('turn', { pages, degrees: verb === 'left' ? 270 : 90 });
        else if (verb === 'duplicate') this.#send('duplicate', { pages });
        else if (verb === 'remove') this.#takeOut(ticked);
        else if (verb === 'earlier' || verb === 'later') this.#shift(ticked, verb === 'earlier' ? -1 : 1);
    }

    async #takeOut(ticked) {
        const words = sayPages(ticked);
        if (await this.#send('arrange', { kind: 'remove', pages: ticked.map(idOf) }))
            this.#say(`Took out ${words}. Undo puts them back.`);
    }

    /** Moves ticked pages together, past one page or past one row of pages. */
    #shift(ticked, by) {
        const all = rows();
        const ids = ticked.map(idOf);
        const others = all.filter((row) => !ids.includes(idOf(row)));
        const before = others.filter((row) => all.indexOf(row) < all.indexOf(ticked[0])).length;
        const place = Math.max(0, Math.min(others.length, before + by));
        this.#send('arrange', { kind: 'move', pages: ids, before: others[place] ? idOf(others[place]) : null });
    }

    #across() {
        return getComputedStyle(this.#list).gridTemplateColumns.split(' ').length;
    }

    #key(event) {
        if (
            event.target.closest(TYPING) ||
            !(event.target === document.body || event.target.closest('.table, .job, .topbar'))
        )
            return;
        const key = event.key.toLowerCase();
        const done = () => event.preventDefault();
        if (
            event.target.closest('[data-boundary]') &&
            ['arrowleft', 'arrowright', 'arrowup', 'arrowdown'].includes(key) &&
            !event.altKey
        ) {
            done();
            this.#nudgeBoundary(event.target.closest('[data-page]'), key === 'arrowleft' || key === 'arrowup' ? -1 : 1);
        } else if (event.ctrlKey || event.metaKey) {
            if (key === 'z') {
                done();
                this.#press(event.shiftKey ? 'redo' : 'undo');
            }
        } else if (event.altKey) {
            const by = { arrowleft: -1, arrowright: 1, arrowup: -this.#across(), arrowdown: this.#across() }[key];
            if (by && tickedRows().length > 0 && !this.#locked) {
                done();
                this.#shift(tickedRows(), by);
            }
        } else if (key === '?') {
            done();
            this.#press('keys');
        } else {
            const verb = { ',': 'left', '.': 'right', d: 'duplicate', delete: 'remove' }[key];
            const role = this.#ledger.querySelector(`[data-key="${CSS.escape(key)}"]`);
            if ((verb || role) && tickedRows().length > 0) {
                done();
                if (verb) this.#press(verb);
                else this.#role(role);
            }
        }
    }

    /** What was said of some pages is said of those that look the same, or it is not. */
    async #alikePress(button) {
        if (!button) return;
        const words = this.#alike.querySelector('p').textContent.trim();
        if (button.matches('[data-alike-leave]')) this.#offer('');
        else if (await this.#send('arrange', JSON.parse(button.dataset.change)))
            this.#say(`${words} Done; Undo takes it back.`);
        tickedRows()[0]?.querySelector('[data-pick]').focus();
    }

    /** What is only looked at again, nothing having changed, leaves what is offered where it is. */
    #offered({ alike, arranged }) {
        if (alike === undefined && arranged === this.#offeredAt) return;
        this.#offeredAt = arranged;
        this.#offer(alike ?? '');
        if (alike) this.#say(this.#alike.querySelector('p').textContent.trim());
    }

    #offer(html) {
        this.#alike.innerHTML = html;
        this.#alike.hidden = html === '';
    }

    async #nudgeBoundary(row, by) {
        const students = rows().filter((other) => other.dataset.role === 'student');
        const to = students[students.indexOf(row) + by];
        if (to && (await this.#send('arrange', { kind: 'boundary', from: idOf(row), to: idOf(to) }))) {
            this.#list.querySelector(`#contact-${idOf(to)} [data-boundary]`)?.focus();
        }
    }

    #ledgerPress(event) {
        const button = event.target.closest('button');
        if (!button) return;
        if (button.matches('[data-role-set]')) this.#role(button);
        if (button.matches('[data-tie]')) this.#tie();
        if (button.matches('[data-tick]')) this.#tickSome(button.dataset.tick.split(',').map(Number));
        if (button.matches('[data-section-start]')) this.#startSection();
        if (button.matches('[data-section-join]'))
            this.#withTicked((ticked) => this.#send('arrange', { kind: 'join', page: idOf(ticked[0]) }));
        if (button.matches('[data-links]')) this.#switch(button, button.dataset.links === 'on');
    }

    #withTicked(does) {
        const ticked = tickedRows();
        if (ticked.length === 0) this.#problem('Tick the pages first.');
        else does(ticked);
    }

    #role(button) {
        this.#withTicked((ticked) =>
            this.#send('arrange', { kind: 'role', role: button.dataset.roleSet, pages: ticked.map(idOf) }),
        );
    }

    #tickSome(ids) {
        const some = rows().filter((row) => ids.includes(idOf(row)));
        tick(some);
        some[0]?.scrollIntoView({ block: 'nearest' });
        some[0]?.querySelector('[data-pick]').focus();
    }

    #tie() {
        this.#withTicked((ticked) => {
            const isKey = (row) => row.dataset.role === 'key';
            const [keys, pages] = [ticked.filter(isKey), ticked.filter((row) => !isKey(row))];
            if (keys.length === 0 || pages.length === 0)
                this.#problem('Tick an answer key and the pages that it answers, then tie them.');
            else this.#send('arrange', { kind: 'tie', keys: keys.map(idOf), pages: pages.map(idOf) });
        });
    }

    #startSection() {
        const field = this.#ledger.querySelector('[data-section-name]');
        if (field.value.trim() === '') {
            this.#problem('Type a name for the section.');
            field.focus();
            return;
        }
        this.#withTicked(async (ticked) => {
            if (await this.#send('arrange', { kind: 'section', page: idOf(ticked[0]), name: field.value.trim() }))
                field.value = '';
        });
    }

    async #switch(control, on, link = null) {
        // What was refused is shown as it is.
        if (!(await this.#send('links', { on, link, pages: control.dataset.pages.split(',').map(Number) })))
            this.#settleLinks();
    }

    /** What is checked belongs to the field, not to what is drawn. */
    #settleLinks() {
        this.#ledger.querySelectorAll('[data-link]').forEach((field) => {
            field.checked = field.defaultChecked;
        });
    }

    /** Draws a part of the ledger anew; what was opened in it stays open. */
    #redraw(which, html) {
        const part = this.#ledger.querySelector(which);
        const open = part.querySelector('details')?.open ?? false;
        Idiomorph.morph(part, html, { morphStyle: 'innerHTML' });
        part.querySelectorAll('details').forEach((details) => {
            details.open = open;
        });
    }

    #draw(answer) {
        Idiomorph.morph(this.#list, answer.html, { morphStyle: 'innerHTML' });
        this.#redraw('[data-doubts]', answer.doubts);
        this.#redraw('[data-links-list]', answer.links);
        this.#redraw('[data-weight]', answer.weight);
        this.#settleLinks();
        this.#ledger.querySelector('[data-asks]').hidden = !answer.asks;
        this.#ledger.querySelector('[data-left-out]').textContent = answer.left ?? '';
        document.querySelector('[data-job-state="pages"]').textContent =
            answer.total === 1 ? '1 page' : `${answer.total} pages`;
        this.#reading(answer.reading);
        this.#steps(answer);
        this.#offered(answer);
        document.dispatchEvent(new CustomEvent('slate:contact'));
    }

    /** What is said of pages that are only pictures, until they are read. */
    #reading(words) {
        const notice = this.#table.querySelector('[data-reading]');
        if (!notice || notice.textContent.trim() === words) return;
        if (words === '') this.#say('The words of the pictures have been read.');
        notice.querySelector('p').textContent = words;
        notice.hidden = words === '';
    }

    #steps({ undo, redo }) {
        this.#table.querySelector('[data-do="undo"]').disabled = !undo;
        this.#table.querySelector('[data-do="redo"]').disabled = !redo;
    }

    #enable(count) {
        this.#table.querySelectorAll('[data-for-ticked]').forEach((button) => {
            button.disabled = count === 0;
        });
    }

    #problem(words) {
        this.#table.querySelector('[data-page-problem-words]').textContent = words;
        this.#table.querySelector('[data-page-problem]').hidden = words === '';
    }

    #say(words) {
        this.#table.querySelector('[data-page-said]').textContent = words;
    }
}
