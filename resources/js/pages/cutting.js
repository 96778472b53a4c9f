import { format, parse } from '../lib/ranges';
import { requestPage } from '../lib/request';
import { numbersOf, picks, rows, tick, tickedRows } from './picks';

/** Many sets at once: shows what would be cut with every change. */
export const cutMany = () => ({
    chosen: false,
    patterns: { section: '{master}, {section}', every: '{master}, pages {first}–{last}', blank: '{master}, part {n}' },
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
        if (pattern.value === '' || Object.values(this.patterns).includes(pattern.value))
            pattern.value = this.patterns[by];
        this.wait();
    },
    wait() {
        clearTimeout(this.timer);
        this.timer = setTimeout(() => this.look(), 200);
    },
    async look() {
        const { by, every, pattern, unknown } = Object.fromEntries(this.form());
        try {
            this.$refs.preview.innerHTML = await requestPage('POST', this.$root.dataset.preview, {
                by,
                every,
                pattern,
                unknown: unknown === '1',
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
