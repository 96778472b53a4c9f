import { FilePlace } from './file-place';

/** A place for a picture of the student's own. */
export class PicturePlace extends FilePlace {
    constructor(field, changed, work) {
        super(field, work, 'pictures');
        this.picture = field.querySelector('img');
        this.input = field.querySelector('input');
        this.off = field.querySelector('[data-put-off]');
        this.asks = field.querySelector('[data-put-words]');
        this.empty = this.value === '' ? this.asks?.textContent : 'Add a picture';
        this.input?.addEventListener('change', () => this.#choose());
        this.off?.addEventListener('click', () => {
            this.takeOff(changed);
            this.input.focus();
        });
    }

    /** @param {string} address nothing where there is no picture */
    show(address) {
        this.picture.hidden = address === '';
        if (address !== '') this.picture.src = address;
        if (this.off) this.off.hidden = address === '';
        if (this.asks) this.asks.textContent = address === '' ? this.empty : 'Change';
    }

    words(value) {
        return value === '' ? 'nothing' : 'a picture';
    }
    focus() {
        (this.input ?? this.field).focus();
    }

    #choose() {
        const [file] = this.input.files;
        this.input.value = '';
        if (file) this.work.files.put(this, file);
    }
}
