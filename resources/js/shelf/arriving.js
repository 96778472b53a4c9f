import { MOST_OF_A_FILE } from '../lib/limits';
import { request } from '../lib/request';
import { megabytes, upload } from '../lib/upload';
import { drawShelf } from './drawn';

const LOOK = 700; // milliseconds between two looks at how far a file is

const FETCHES_NOTHING =
    'Nothing is fetched from the web. Open that address, save what is there as a file, and drop the file here.';

/** What browsers call every picture that is pasted. */
const pasted = (file) => new File([file], 'Pasted picture.png', { type: file.type });

/** One file on its way: how much of it has come, how far it is prepared, and where it is when it is ready. */
const fileOf = (file, key) => ({
    file,
    key,
    name: file.name,
    percent: 0,
    words: 'waits',
    url: '',
    state: 'waiting',
    get ready() {
        return this.state === 'ready';
    },
    get under() {
        return !this.ready;
    },
    get running() {
        return this.state === 'sending' || this.state === 'preparing';
    },
    get look() {
        return this.state === 'problem' ? 'bring__problem' : '';
    },
});

/** Brings files in: each with its progress; one alone leads on to its contact sheet, where the preparing shows. */
export const bringIn = () => ({
    busy: false,
    problem: '',
    isOver: false,
    waiting: [],
    files: [],
    get idle() {
        return !this.busy && this.waiting.length === 0;
    },
    get asking() {
        return this.waiting.length > 0;
    },
    get some() {
        return this.files.length > 0;
    },
    get count() {
        return `${this.waiting.length} files:`;
    },
    get classes() {
        return this.isOver ? 'bring--over' : '';
    },
    get sum() {
        const of = (state) => this.files.filter((file) => file.state === state).length;
        const [ready, lost] = [of('ready'), of('problem')];
        if (ready + lost < this.files.length || this.files.length < 2) return '';
        const said = ready === 1 ? '1 file is ready.' : `${ready} files are ready.`;
        return lost === 0 ? said : `${said} ${lost} could not be brought in.`;
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
    /** A picture that was copied elsewhere; nothing is fetched from an address. */
    paste(event) {
        if (event.target.closest('input, textarea, select, dialog')) return;
        const files = [...event.clipboardData.files];
        const isAddress = /^\s*https?:\/\/\S+\s*$/i.test(event.clipboardData.getData('text/plain'));
        if (files.length > 0) {
            event.preventDefault();
            this.take(files.map((file) => (file.name === 'image.png' ? pasted(file) : file)));
        } else if (isAddress && !this.busy) this.problem = FETCHES_NOTHING;
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
        this.files = files.map(fileOf);
        let first = null;
        for (const file of this.files) {
            const url = together && first ? first.add : this.$root.dataset.url;
            const answer = await this.bring(file, url);
            first ??= answer;
            if (answer && !together && files.length > 1) this.watch(file, answer);
        }
        this.$refs.file.value = '';
        this.busy = false;
        const lost = this.files.filter((file) => file.state === 'problem');
        if (first && lost.length === 0 && (together || files.length === 1)) window.location.assign(first.url);
        else if (files.length === 1) {
            this.problem = lost[0].words;
            this.files = [];
        } else if (together && first) this.watch(this.files[0], first);
    },
    /** @returns what the server says of a file that has come, or null */
    async bring(file, url) {
        file.state = 'sending';
        try {
            const answer = await upload(file.file, url, MOST_OF_A_FILE, {}, (percent, event) => {
                file.percent = percent;
                file.words =
                    event.loaded < event.total
                        ? `${megabytes(event.loaded)} of ${megabytes(event.total)}`
                        : 'is being read';
            });
            file.state = 'preparing';
            return answer;
        } catch (problem) {
            file.state = 'problem';
            file.words = problem.message;
            return null;
        }
    },
    /** Until its pages are there, or it turns out that they cannot be had. */
    async watch(file, { url }) {
        file.url = url;
        await drawShelf();
        for (;;) {
            const answer = await request('GET', `${url}/progress`).catch(() => null);
            if (answer) {
                file.percent = answer.total === 0 ? 0 : Math.round((answer.done / answer.total) * 100);
                file.words = answer.total === 0 ? 'is being read' : `${answer.done} of ${answer.total} pages`;
            }
            if (answer && answer.state !== 'preparing') {
                file.state = answer.state === 'failed' ? 'problem' : 'ready';
                file.words = answer.state === 'failed' ? 'could not be prepared' : 'is ready';
                await drawShelf();
                return;
            }
            await new Promise((resolve) => {
                setTimeout(resolve, LOOK);
            });
        }
    },
});

/** A master on the shelf that is still being prepared: tells how far it is, and when it is done. */
export const preparing = () => ({
    done: 0,
    words: 'Preparing',
    item: null,
    init() {
        this.item = this.$el;
        this.look();
    },
    async look() {
        // The shelf may have been drawn anew since, without it or with it ready.
        if (!this.item.isConnected || !this.item.dataset.url) return;
        const answer = await request('GET', this.item.dataset.url).catch(() => null);
        if (answer) {
            this.done = answer.done;
            this.words = answer.total === 0 ? 'Reading the file' : `Preparing: ${answer.done} of ${answer.total} pages`;
            if (answer.state !== 'preparing' && (await drawShelf())) return;
        }
        setTimeout(() => this.look(), LOOK);
    },
});
