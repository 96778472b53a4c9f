import { keep, kept } from '../lib/kept-view';
import { reload } from '../lib/reload';
import { request } from '../lib/request';
import { picks, rows } from './picks';

/** The pages of a worksheet to look at and tick; while they are being prepared they come in one by one. */
export const contactSheet = () => ({
    preparing: false,
    problem: '',
    done: 0,
    total: 1,
    words: 'Preparing the pages',
    last: null,
    init() {
        this.preparing = this.$el.dataset.preparing === 'yes';
        this.$watch('$store.picks.pages', () => this.showPicks());
        this.$el.addEventListener('click', (event) => this.pickByPicture(event));
        this.$el.addEventListener('dblclick', (event) => this.goTo(event));
        this.spread({ target: { dataset: { across: kept('across', '4') } } });
        document.addEventListener('slate:contact', () => this.showPicks());
        if (this.preparing) this.look();
    },
    boxes() {
        return [...this.$root.querySelectorAll('[data-pick]')];
    },
    picked() {
        picks().pages = this.boxes()
            .filter((box) => box.checked)
            .map((box) => Number(box.value));
    },
    pickByPicture(event) {
        const row = event.target.closest('[data-page]');
        const box = row?.querySelector('[data-pick]');
        if (!box || !(event.target === box || event.target.closest('.sheet'))) return;
        if (event.target !== box) box.checked = !box.checked;
        // With Shift all pages from the last one that was ticked are like this one.
        const all = this.boxes();
        if (event.shiftKey && this.last !== null) {
            const [from, to] = [all.findIndex((other) => other.value === this.last), all.indexOf(box)].sort(
                (a, b) => a - b,
            );
            all.slice(Math.max(0, from), to + 1).forEach((other) => {
                other.checked = box.checked;
            });
        }
        this.last = box.value;
        this.picked();
    },
    /** Two presses tick and untick, and lead to what lies on the page. */
    goTo(event) {
        const row = event.target.closest('.sheet')?.closest('[data-page]');
        const bench = this.$root.querySelector('[data-bench]')?.dataset.bench;
        if (row && bench && !this.preparing) window.location.assign(`${bench}/${row.dataset.number}`);
    },
    showPicks() {
        const here = this.boxes();
        const chosen = new Set(picks().pages);
        here.forEach((box) => {
            box.checked = chosen.has(Number(box.value));
        });
        const left = picks().pages.filter((page) => here.some((box) => Number(box.value) === page));
        if (left.length !== picks().pages.length) picks().pages = left;
    },
    spread(event) {
        const across = event.target.dataset.across;
        if (!this.$refs.pages) return;
        keep('across', across);
        this.$refs.pages.className = `contact contact--${across}`;
        this.$root
            .querySelectorAll('[data-across]')
            .forEach((button) => button.setAttribute('aria-pressed', String(button.dataset.across === across)));
    },
    async look() {
        const have = rows().map((row) => row.dataset.number);
        const answer = await request('GET', `${this.$root.dataset.progress}?have=${have.join(',')}`).catch(() => null);
        if (answer) {
            answer.pages.forEach((page) => this.insert(page));
            this.done = answer.done;
            this.total = Math.max(1, answer.total);
            this.words = answer.total === 0 ? 'Reading the file' : `Preparing: ${answer.done} of ${answer.total} pages`;
            if (answer.state === 'failed') {
                this.preparing = false;
                this.problem = answer.problem;
                return;
            }
            if (answer.state === 'ready') {
                // The other stations open up now; they are drawn by the server.
                reload();
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
