import Alpine from '@alpinejs/csp';
import { format, parse } from './lib/ranges';
import { request, requestPage } from './lib/request';

Alpine.store('picks', { pages: [], total: 0 });
const picks = () => Alpine.store('picks');

/** The pages of a worksheet to look at and tick; while they are being prepared they come in one by one. */
export const contactSheet = () => ({
    preparing: false,
    problem: '',
    done: 0,
    words: 'Preparing the pages',
    init() {
        picks().total = Number(this.$el.dataset.total);
        this.preparing = this.$el.dataset.preparing === 'yes';
        this.$watch('$store.picks.pages', () => this.showPicks());
        this.$el.addEventListener('click', (event) => this.pickByPicture(event));
        document.addEventListener('slate:contact', (event) => { this.$refs.pages.innerHTML = event.detail; this.showPicks(); });
        if (this.preparing) this.look();
    },
    boxes() { return [...this.$root.querySelectorAll('[data-pick]')]; },
    picked() { picks().pages = this.boxes().filter((box) => box.checked).map((box) => Number(box.value)); },
    pickByPicture(event) {
        const box = event.target.closest('.sheet')?.closest('[data-number]')?.querySelector('[data-pick]');
        if (!box) return;
        box.checked = !box.checked;
        this.picked();
    },
    showPicks() {
        const chosen = new Set(picks().pages);
        this.boxes().forEach((box) => { box.checked = chosen.has(Number(box.value)); });
    },
    spread(event) {
        const across = event.target.dataset.across;
        this.$refs.pages.className = `contact contact--${across}`;
        this.$root.querySelectorAll('[data-across]').forEach((button) => button.setAttribute('aria-pressed', String(button.dataset.across === across)));
    },
    async look() {
        const have = [...this.$refs.pages.children].map((page) => page.dataset.number);
        const answer = await request('GET', `${this.$root.dataset.progress}?have=${have.join(',')}`).catch(() => null);
        if (answer) {
            answer.pages.forEach((page) => this.insert(page));
            this.done = answer.done;
            this.words = `Preparing: ${answer.done} of ${answer.total} pages`;
            if (answer.state === 'failed') {
                this.preparing = false;
                this.problem = answer.problem;
                return;
            }
            if (answer.state === 'ready') {
                // The other stations open up now; they are drawn by the server.
                window.location.reload();
                return;
            }
        }
        setTimeout(() => this.look(), 300);
    },
    insert(page) {
        const list = this.$refs.pages;
        if (list.querySelector(`[data-number="${page.number}"]`)) return;
        const holder = document.createElement('template');
        holder.innerHTML = page.html.trim();
        const after = [...list.children].find((other) => Number(other.dataset.number) > page.number);
        list.insertBefore(holder.content.firstElementChild, after ?? null);
    },
});

/** What ticked pages are for: by a button, or by its key, for as many as are ticked. */
export const roleKeys = () => ({
    problem: '',
    init() {
        document.addEventListener('keydown', (event) => {
            if (event.ctrlKey || event.metaKey || event.altKey || event.target.closest('input:not([type=checkbox]):not([type=radio]), textarea, select, dialog')) return;
            const button = this.$root.querySelector(`[data-key="${CSS.escape(event.key.toLowerCase())}"]`);
            const onSheet = event.target === document.body || event.target.closest('.table');
            if (!button || !onSheet || picks().pages.length === 0) return;
            event.preventDefault();
            this.apply(button.dataset.roleSet);
        });
    },
    set(event) { this.apply(event.target.closest('[data-role-set]').dataset.roleSet); },
    apply(role) { return this.change('roles', { role, pages: [...picks().pages] }); },
    start() {
        const name = this.$refs.section.value.trim();
        if (name === '') {
            this.problem = 'Type a name for the section.';
            this.$refs.section.focus();
            return;
        }
        this.change('sections', { page: Math.min(...picks().pages), name });
    },
    join() { this.change('sections', { page: Math.min(...picks().pages) }); },
    async change(what, body) {
        this.problem = '';
        if (picks().pages.length === 0) {
            this.problem = 'Tick the pages first.';
            return;
        }
        try {
            document.dispatchEvent(new CustomEvent('slate:contact', { detail: await requestPage('PUT', document.querySelector('[data-roles]').dataset[what], body) }));
            this.$refs.section.value = '';
        } catch (problem) {
            this.problem = problem.message;
        }
    },
});

/** Many sets at once: shows what would be cut with every change. */
export const cutMany = () => ({
    chosen: false,
    patterns: { section: '{master}, {section}', every: '{master}, pages {first}–{last}', blank: '{master}, part {n}' },
    timer: 0,
    init() { document.addEventListener('slate:contact', () => { if (this.chosen) this.look(); }); },
    form() { return new FormData(this.$root); },
    choose(event) {
        if (event.target.name === 'every') this.$root.querySelector('[value=every]').checked = true;
        const by = this.form().get('by');
        if (!by) return;
        this.chosen = true;
        const pattern = this.$root.querySelector('[name=pattern]');
        if (pattern.value === '' || Object.values(this.patterns).includes(pattern.value)) pattern.value = this.patterns[by];
        this.wait();
    },
    wait() {
        clearTimeout(this.timer);
        this.timer = setTimeout(() => this.look(), 200);
    },
    async look() {
        const { by, every, pattern, unknown } = Object.fromEntries(this.form());
        try {
            this.$refs.preview.innerHTML = await requestPage('POST', this.$root.dataset.preview, { by, every, pattern, unknown: unknown === '1' });
        } catch (problem) {
            this.$refs.preview.textContent = problem.message;
        }
    },
});

/** Which pages to cut, ticked or typed: one follows the other. */
export const cutForm = () => ({
    init() {
        this.$watch('$store.picks.pages', () => this.write());
        const field = this.range();
        if (field.value) picks().pages = [...parse(field.value, this.total())];
    },
    range() { return this.$root.querySelector('[data-range]'); },
    total() { return picks().total || Number(document.querySelector('[data-total]').dataset.total); },
    get tally() {
        const count = picks().pages.length;
        return count === 0 ? 'No pages ticked' : count === 1 ? '1 page ticked' : `${count} pages ticked`;
    },
    /** Pages for the teacher that are ticked all the same. */
    teachers() { return picks().pages.filter((page) => document.querySelector(`.contact__page--teacher[data-number="${page}"]`)); },
    get warns() { return this.teachers().length > 0; },
    get warning() { return `Pages for the teacher are ticked: ${format(this.teachers())}.`; },
    onlyStudents() {
        const out = new Set(this.teachers());
        picks().pages = picks().pages.filter((page) => !out.has(page));
        this.range().value = format(picks().pages);
    },
    typed() { picks().pages = [...parse(this.range().value, this.total())]; },
    none() { picks().pages = []; this.range().value = ''; },
    write() {
        const field = this.range();
        if (document.activeElement !== field) field.value = format(picks().pages);
    },
});
