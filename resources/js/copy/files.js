import { MOST_OF_A_PICTURE, MOST_OF_A_RECORDING } from '../lib/limits';
import { smaller } from '../lib/pictures';
import { Away, Refused } from '../lib/request';
import { upload } from '../lib/upload';
import { WaitingFiles } from './waiting-files';

const NOT_KEPT = 'This browser keeps no pictures and recordings on this device. Stay here until it says “Saved”.';

/** As an address that the page's rules for pictures allow. */
const asAddress = (blob) =>
    new Promise((resolve) => {
        const reader = new FileReader();
        reader.onload = () => resolve(reader.result);
        reader.onerror = () => resolve('');
        reader.readAsDataURL(blob);
    });

/** Pictures and sounds have rules of their own for addresses. */
const addressOf = (place, blob) => (place.isHeard ? URL.createObjectURL(blob) : asAddress(blob));

/** Whether it is the file that was not taken, and no sending it again would help. */
const isFinal = (problem) => !(problem instanceof Refused) || [400, 413, 422].includes(problem.status);

/**
 * The pictures and recordings that a student puts on a copy: each is there at once, waits on the device, and goes by
 * itself.
 */
export class Files {
    /**
     * @param {CopyWork} work
     * @param {string} who the student
     */
    constructor(work, who) {
        this.work = work;
        this.waiting = new WaitingFiles(who, work.copy);
    }

    /** Shows what was left waiting, and sends it. */
    async recover() {
        const left = await this.waiting.left();
        for (const [name, file] of left) {
            const { place, part } = this.#named(name);
            if (place) place.waits(await addressOf(place, file), part);
            else await this.waiting.forget(name);
        }
        if (left.size > 0) this.work.hasFile();
    }

    /**
     * Takes a file for a place: it is there at once, and is sent when there is a connection.
     *
     * @param place one with waits, arrived and sentBack
     * @param {string} part of the place, where it takes several
     */
    async put(place, file, part = '') {
        const sent = place.isHeard ? file : await smaller(file);
        const kept = await this.waiting.keep(`${place.key}/${part}`, sent);
        place.waits(await addressOf(place, sent), part);
        this.work.hasFile();
        if (!kept) this.work.bar.trouble(NOT_KEPT);
    }

    async takeOff(place, part = '') {
        await this.waiting.forget(`${place.key}/${part}`);
        this.work.count();
    }

    /** @returns {Promise<boolean>} whether there was any to send */
    async send() {
        const { all } = this.waiting;
        const any = all.size > 0;
        for (const [name, file] of all) await this.#sendOne(name, file);
        return any;
    }

    #named(name) {
        const [key, part] = name.split('/');
        return { place: this.work.byKey.get(key), part };
    }

    async #sendOne(name, file) {
        const { work } = this;
        const { place, part } = this.#named(name);
        // Another may have been chosen while this one was on its way, or none.
        const isOld = () => this.waiting.all.get(name) !== file;
        try {
            const most = place.isHeard ? MOST_OF_A_RECORDING : MOST_OF_A_PICTURE;
            const answer = await upload(file, `${work.root.dataset.save}/files`, most, {
                place: place.key,
                base: work.revision,
                window: work.window,
                page: work.page,
            });
            if (isOld()) return;
            place.arrived(answer.value, part);
            if (answer.revision !== undefined) work.fileSaved(place, answer);
        } catch (problem) {
            if (problem instanceof Away || !isFinal(problem)) throw problem;
            if (isOld()) return;
            place.sentBack(problem.message, part);
        }
        await this.waiting.forget(name);
    }
}
