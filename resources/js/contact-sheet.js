import Alpine from '@alpinejs/csp';
import { format, parse } from './lib/ranges';
import { request } from './lib/request';

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
    typed() { picks().pages = [...parse(this.range().value, this.total())]; },
    none() { picks().pages = []; this.range().value = ''; },
    write() {
        const field = this.range();
        if (document.activeElement !== field) field.value = format(picks().pages);
    },
});
