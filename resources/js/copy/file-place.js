/**
 * A place whose answer is a file of its own, by the SHA-256 under which the server keeps it: what was chosen or said is
 * there at once, from an address of this device, until the server has it.
 */
export class FilePlace {
    isWaiting = false;

    /** @param {string} folder of the addresses of what the server keeps */
    constructor(field, work, folder) {
        this.field = field;
        this.key = field.dataset.place;
        this.work = work;
        this.folder = folder;
    }

    get value() {
        return this.field.dataset.value;
    }
    set value(sha256) {
        this.field.dataset.value = sha256;
        this.#at(sha256 === '' ? '' : `/${this.folder}/${sha256}`, false);
    }

    get filled() {
        return this.value !== '' || this.isWaiting;
    }
    holds(target) {
        return this.field.contains(target);
    }

    /** @param {(place) => void} changed is told where the server has something to take away */
    async takeOff(changed) {
        const had = this.value !== '';
        this.value = '';
        const gone = this.work.files.takeOff(this);
        if (had) changed(this);
        await gone;
    }

    #at(address, isWaiting) {
        this.isWaiting = isWaiting;
        this.show(address);
    }

    // --- on its way to the server ---

    waits(address) {
        this.#at(address, true);
    }
    arrived(sha256) {
        this.value = sha256;
    }
    sentBack(words) {
        this.value = this.field.dataset.value; // what was there before
        this.work.trouble(words);
    }
}
