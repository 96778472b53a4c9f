import { MOST_OF_A_PICTURE } from '../lib/limits';
import { smaller } from '../lib/pictures';
import { upload } from '../lib/upload';

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
        this.off?.addEventListener('click', () => {
            this.value = '';
            changed(this);
            this.input.focus();
        });
    }

    get value() {
        return this.field.dataset.value;
    }
    set value(sha256) {
        this.field.dataset.value = sha256;
        this.picture.hidden = sha256 === '';
        if (sha256 !== '') this.picture.src = `/pictures/${sha256}`;
        if (this.off) this.off.hidden = sha256 === '';
        if (this.words) this.words.textContent = sha256 === '' ? this.empty : 'Change';
    }

    get filled() {
        return this.value !== '';
    }
    words(value) {
        return value === '' ? 'nothing' : 'a picture';
    }
    focus() {
        (this.input ?? this.field).focus();
    }
    holds(target) {
        return this.field.contains(target);
    }

    async #send(work) {
        const [file] = this.input.files;
        this.input.value = '';
        if (!file) return;
        this.words.textContent = 'Sending';
        try {
            await work.saved();
            const answer = await upload(await smaller(file), work.picturesUrl, MOST_OF_A_PICTURE, {
                place: this.key,
                ...work.stamp(),
            });
            this.value = answer.value;
            work.confirmed(this, answer);
        } catch (problem) {
            this.words.textContent = this.value === '' ? this.empty : 'Change';
            work.trouble(problem.message);
        }
    }
}
