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
        this.work = work;
        this.input?.addEventListener('change', () => this.#choose());
        this.off?.addEventListener('click', () => {
            const had = this.value !== '';
            this.value = '';
            work.files.takeOff(this);
            if (had) changed(this);
            this.input.focus();
        });
    }

    get value() {
        return this.field.dataset.value;
    }
    set value(sha256) {
        this.field.dataset.value = sha256;
        this.#show(sha256 === '' ? '' : `/pictures/${sha256}`);
    }

    #show(address) {
        this.isWaiting = address.startsWith('data:');
        this.picture.hidden = address === '';
        if (address !== '') this.picture.src = address;
        if (this.off) this.off.hidden = address === '';
        if (this.words) this.words.textContent = address === '' ? this.empty : 'Change';
    }

    get filled() {
        return this.value !== '' || this.isWaiting === true;
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

    #choose() {
        const [file] = this.input.files;
        this.input.value = '';
        if (file) this.work.files.put(this, file);
    }

    // --- on its way to the server ---

    waits(address) {
        this.#show(address);
    }
    arrived(sha256) {
        this.value = sha256;
    }
    sentBack(words) {
        this.value = this.field.dataset.value; // what was there before
        this.work.trouble(words);
    }
}
