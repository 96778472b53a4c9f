import { request } from './lib/request';

const megabytes = (bytes) => `${(bytes / 1048576).toFixed(1)} MB`;

/** Brings a file in: upload with progress, then on to the contact sheet, where the preparing shows. */
export const bringIn = () => ({
    busy: false,
    problem: '',
    percent: 0,
    words: '',
    isOver: false,
    get idle() { return !this.busy; },
    get classes() { return this.isOver ? 'bring--over' : ''; },
    over() { this.isOver = true; },
    away() { this.isOver = false; },
    choose(event) { this.send(event.target.files[0]); },
    drop(event) {
        this.isOver = false;
        const files = event.dataTransfer.files;
        if (files.length > 1) this.problem = 'One file at a time, please: drop a single PDF.';
        else this.send(files[0]);
    },
    send(file) {
        if (!file || this.busy) return;
        this.problem = '';
        if (file.size > Number(this.$root.dataset.most)) {
            this.fail(`${file.name} has ${megabytes(file.size)}; at most 100 MB can be brought in. Make it smaller, or bring it in as several files.`);
            return;
        }
        this.busy = true;
        this.percent = 0;
        this.words = `Sending ${file.name}`;
        const form = new FormData();
        form.append('file', file);
        const upload = new XMLHttpRequest();
        upload.open('POST', this.$root.dataset.url);
        upload.setRequestHeader('Accept', 'application/json');
        upload.setRequestHeader('X-CSRF-TOKEN', this.$root.dataset.token);
        upload.upload.onprogress = (event) => {
            this.percent = Math.round((event.loaded / event.total) * 100);
            this.words = event.loaded < event.total ? `Sending ${file.name}: ${megabytes(event.loaded)} of ${megabytes(event.total)}` : `Reading ${file.name}`;
        };
        upload.onerror = () => this.fail('The file did not arrive: there is no connection. Check it and try again.');
        upload.onload = () => {
            const answer = this.read(upload);
            if (upload.status === 201) window.location.assign(answer.url);
            else this.fail(answer.message ?? 'The file could not be brought in. Try again.');
        };
        upload.send(form);
    },
    read(upload) {
        try { return JSON.parse(upload.responseText); } catch { return {}; }
    },
    fail(words) {
        this.busy = false;
        this.problem = words;
        this.$refs.file.value = '';
    },
});

/** A master on the shelf that is still being prepared: tells how far it is, and when it is done. */
export const preparing = () => ({
    done: 0,
    words: 'Preparing',
    init() { this.look(); },
    async look() {
        const answer = await request('GET', this.$el.dataset.url).catch(() => null);
        if (answer) {
            this.done = answer.done;
            this.words = `Preparing: ${answer.done} of ${answer.total} pages`;
            if (answer.state !== 'preparing') {
                window.location.reload();
                return;
            }
        }
        setTimeout(() => this.look(), 700);
    },
});
