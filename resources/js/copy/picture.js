import { upload } from '../lib/upload';

const LONGEST_SIDE = 1600; // pixels, as App\Documents\Pictures keeps them
const AS_IT_IS = 1_000_000; // bytes up to which a picture is sent as it is
const MOST = 5 * 1048576;

/** A large picture, made smaller by the browser before it is sent; what the browser cannot read is for the server to say. */
async function smaller(file) {
    try {
        const picture = await createImageBitmap(file);
        const scale = Math.min(1, LONGEST_SIDE / Math.max(picture.width, picture.height));
        if (scale === 1 && file.size <= AS_IT_IS) return file;
        const canvas = document.createElement('canvas');
        [canvas.width, canvas.height] = [Math.max(1, Math.round(picture.width * scale)), Math.max(1, Math.round(picture.height * scale))];
        canvas.getContext('2d').drawImage(picture, 0, 0, canvas.width, canvas.height);
        const blob = await new Promise((resolve) => { canvas.toBlob(resolve, file.type === 'image/png' ? 'image/png' : 'image/jpeg', 0.85); });
        return blob && blob.size < file.size ? blob : file;
    } catch {
        return file;
    }
}

/** A place for a picture of the student's own. */
export class PicturePlace {
    constructor(field, changed, work) {
        this.field = field;
        this.key = field.dataset.place;
        this.picture = field.querySelector('img');
        this.input = field.querySelector('input');
        this.off = field.querySelector('[data-put-off]');
        this.words = field.querySelector('[data-put-words]');
        this.empty = this.value === '' ? this.words?.textContent : 'Add a picture';
        this.input?.addEventListener('change', () => this.#send(work));
        this.off?.addEventListener('click', () => { this.value = ''; changed(this); this.input.focus(); });
    }

    get value() { return this.field.dataset.value; }
    set value(sha256) {
        this.field.dataset.value = sha256;
        this.picture.hidden = sha256 === '';
        if (sha256 !== '') this.picture.src = `/pictures/${sha256}`;
        if (this.off) this.off.hidden = sha256 === '';
        if (this.words) this.words.textContent = sha256 === '' ? this.empty : 'Change';
    }

    get filled() { return this.value !== ''; }
    words(value) { return value === '' ? 'nothing' : 'a picture'; }
    focus() { (this.input ?? this.field).focus(); }
    holds(target) { return this.field.contains(target); }

    async #send(work) {
        const [file] = this.input.files;
        this.input.value = '';
        if (!file) return;
        this.words.textContent = 'Sending';
        try {
            await work.saved();
            const answer = await upload(await smaller(file), work.picturesUrl, MOST, { place: this.key, ...work.stamp() });
            this.value = answer.value;
            work.confirmed(this, answer);
        } catch (problem) {
            this.words.textContent = this.value === '' ? this.empty : 'Change';
            work.trouble(problem.message);
        }
    }
}
