import { format, parse } from '../lib/ranges';
import { requestPage } from '../lib/request';
import { numbersOf, picks, rows, tick, tickedRows } from './picks';

/** Many sets at once: shows what would be cut with every change. */
export const cutMany = () => ({
    chosen: false,
    // What the sets are named by, and how that is said.
    patterns: {
        section: {
            '{title}': 'section and title',
            '{section}': 'section',
            '{master}, {section}': 'master and section',
        },
        every: { '{master}, pages {first}–{last}': 'master and pages', 'Pages {first}–{last}': 'pages' },
        blank: { '{master}, part {n}': 'master and number', 'Part {n}': 'number' },
    },
    timer: 0,
    init() {
        document.addEventListener('slate:contact', () => {
            if (this.chosen) this.look();
        });
    },
    form() {
        return new FormData(this.$root);
    },
    choose(event) {
        if (event.target.name === 'every') this.$root.querySelector('[value=every]').checked = true;
        const by = this.form().get('by');
        if (!by) return;
        this.chosen = true;
        const pattern = this.$root.querySelector('[name=pattern]');
        if (!(pattern.value in this.patterns[by]))
            pattern.replaceChildren(
                ...Object.entries(this.patterns[by]).map(([value, words]) => new Option(words, value)),
            );
        this.wait();
    },
    wait() {
        clearTimeout(this.timer);
        this.timer = setTimeout(() => this.look(), 200);
    },
    async look() {
        const { by, every, pattern, unknown, again } = Object.fromEntries(this.form());
        try {
            this.$refs.preview.innerHTML = await requestPage('POST', this.$root.dataset.preview, {
                by,
                every,
                pattern,
                unknown: unknown === '1',
                again: again === '1',
            });
        } catch (problem) {
            this.$refs.preview.textContent = problem.message;
        }
    },
});

/** Which pages to cut, ticked or typed: one follows the other. */
export const cutForm = () => ({
    init() {
        this.$watch('$store.picks.pages', () => this.write());
        document.addEventListener('slate:contact', () => this.write());
        if (this.range().value) this.typed();
        document.addEventListener('click', (event) => {
            const section = event.target.closest('[data-section]');
            if (section) this.takeSection(section);
        });
    },
    /** The pages of a section, and its name for their set. */
    takeSection(button) {
        const all = rows();
        const from = all.indexOf(button.closest('[data-page]'));
        const ends = all.findIndex((row, at) => at > from && row.querySelector('[data-section]'));
        const pages = all.slice(from, ends === -1 ? undefined : ends);
        tick(
            pages.filter((row) => row.dataset.role === 'student' && row.querySelector('.bracket:not(.bracket--none)')),
        );
        this.$root.querySelector('[name=name]').value = button.dataset.section;
    },
    /** Says of which set these are the pages, where there is one that has just these. */
    get again() {
        const chosen = picks().pages.length > 0 ? tickedRows() : [];
        const setsOf = (row) => [...row.querySelectorAll('[data-in-set]')].map((cut) => cut.dataset.inSet);
        const has = (name) => rows().filter((row) => setsOf(row).includes(name)).length;
        const same = (chosen.length > 0 ? setsOf(chosen[0]) : []).find(
            (name) => has(name) === chosen.length && chosen.every((row) => setsOf(row).includes(name)),
        );
        return same ? `These pages are cut already: “${same}”.` : '';
    },
    range() {
        return this.$root.querySelector('[data-range]');
    },
    get tally() {
        const count = picks().pages.length;
        return count === 0 ? 'No pages ticked' : count === 1 ? '1 page ticked' : `${count} pages ticked`;
    },
    /** Pages for the teacher that are ticked all the same. */
    teachers() {
        return tickedRows().filter((row) => row.matches('.contact__page--teacher'));
    },
    get warns() {
        return picks().pages.length > 0 && this.teachers().length > 0;
    },
    get warning() {
        return picks().pages.length > 0
            ? `Pages for the teacher are ticked: ${format(numbersOf(this.teachers()))}.`
            : '';
    },
    onlyStudents() {
        const out = this.teachers();
        tick(tickedRows().filter((row) => !out.includes(row)));
        this.range().value = format(numbersOf(tickedRows()));
    },
    typed() {
        const wanted = parse(this.range().value, rows().length);
        tick(rows().filter((row) => wanted.has(Number(row.dataset.number))));
    },
    none() {
        picks().pages = [];
        this.range().value = '';
    },
    write() {
        const field = this.range();
        if (document.activeElement !== field) field.value = format(numbersOf(tickedRows()));
    },
});
