import { MOST_OF_A_FILE } from './lib/limits';
import { request, requestPage } from './lib/request';
import { megabytes, upload } from './lib/upload';
import { renameInPlace } from './shelf-list';

/** Brings files in: upload with progress, then on to the contact sheet, where the preparing shows. */
export const bringIn = () => ({
    busy: false,
    problem: '',
    percent: 0,
    words: '',
    isOver: false,
    waiting: [],
    get idle() {
        return !this.busy && this.waiting.length === 0;
    },
    get asking() {
        return this.waiting.length > 0;
    },
    get count() {
        return `${this.waiting.length} files:`;
    },
    get classes() {
        return this.isOver ? 'bring--over' : '';
    },
    over() {
        this.isOver = true;
    },
    away() {
        this.isOver = false;
    },
    choose(event) {
        this.take([...event.target.files]);
    },
    drop(event) {
        this.isOver = false;
        this.take([...event.dataTransfer.files]);
    },
    take(files) {
        if (this.busy || files.length === 0) return;
        this.problem = '';
        if (files.length === 1) this.send(files, false);
        else this.waiting = files;
    },
    together() {
        this.send(this.waiting, true);
    },
    apart() {
        this.send(this.waiting, false);
    },
    forget() {
        this.waiting = [];
        this.$refs.file.value = '';
    },
    async send(files, together) {
        this.waiting = [];
        this.busy = true;
        const problems = [];
        let first = null;
        for (const file of files) {
            this.percent = 0;
            this.words = `Sending ${file.name}`;
            try {
                const answer = await upload(
                    file,
                    together && first ? first.add : this.$root.dataset.url,
                    MOST_OF_A_FILE,
                    {},
                    (percent, event) => {
                        this.percent = percent;
                        this.words =
                            event.loaded < event.total
                                ? `Sending ${file.name}: ${megabytes(event.loaded)} of ${megabytes(event.total)}`
                                : `Reading ${file.name}`;
                    },
                );
                first ??= answer;
            } catch (problem) {
                problems.push(files.length === 1 ? problem.message : `${file.name}: ${problem.message}`);
            }
        }
        this.$refs.file.value = '';
        this.busy = false;
        this.problem = problems.join(' ');
        if (first && problems.length > 0) this.problem += ' The other files are on the shelf.';
        else if (first) window.location.assign(together || files.length === 1 ? first.url : window.location.href);
    },
});

/** A worksheet from nothing: the fields of paper of one's own show when they are wanted. */
export const startBlank = () => ({
    init() {
        const paper = this.$el.querySelector('[data-paper]');
        const show = () => {
            this.$el.querySelector('[data-own]').hidden = paper.value !== 'own';
            this.$el.querySelector('[data-way]').disabled = paper.value === 'own';
        };
        paper.addEventListener('change', show);
        show();
    },
});

/** A master on the shelf that is still being prepared: tells how far it is, and when it is done. */
export const preparing = () => ({
    done: 0,
    words: 'Preparing',
    init() {
        this.look();
    },
    async look() {
        const answer = await request('GET', this.$el.dataset.url).catch(() => null);
        if (answer) {
            this.done = answer.done;
            this.words = answer.total === 0 ? 'Reading the file' : `Preparing: ${answer.done} of ${answer.total} pages`;
            if (answer.state !== 'preparing' && (await this.isDrawn())) return;
        }
        setTimeout(() => this.look(), 700);
    },
    /** Puts it there as it is now, and nothing else: somebody may be typing elsewhere on the shelf. */
    async isDrawn() {
        const shelf = await requestPage('GET', window.location.href).catch(() => null);
        if (shelf === null) return false;
        const item = new DOMParser()
            .parseFromString(shelf, 'text/html')
            .querySelector(`[data-worksheet="${this.$root.dataset.worksheet}"]`);
        if (item === null) {
            // Its pages went to another worksheet.
            this.$root.remove();
            return true;
        }
        const isFocused = this.$root.contains(document.activeElement);
        item.hidden = this.$root.hidden;
        item.querySelectorAll('[data-rename]').forEach(renameInPlace);
        this.$root.replaceWith(item);
        if (isFocused) item.querySelector('a').focus();
        return true;
    },
});
