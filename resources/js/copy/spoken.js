import { hear, stopSounds } from '../lib/sounds';
import { canRecord, sofar, Take, whyNot } from '../lib/take';
import { FilePlace } from './file-place';

const AGAIN = 'Say it again';

/** A place for what a student says: recorded, heard again, taken off. */
export class SpokenPlace extends FilePlace {
    /** It is no picture, to be made smaller before it is sent. */
    isHeard = true;

    #take = null;
    #address = '';

    constructor(field, changed, work) {
        super(field, work, 'recordings');
        this.record = field.querySelector('[data-record]');
        this.play = field.querySelector('[data-hear]');
        this.off = field.querySelector('[data-unsay]');
        this.ticks = field.querySelector('[data-ticks]');
        this.said = field.querySelector('[data-recorded]');
        this.level = field.querySelector('[data-level]');
        this.first = this.value === '' ? this.record?.textContent : 'Say it';
        this.play.addEventListener('click', () => hear(this.play, this.#address));
        this.show(this.value === '' ? '' : `/recordings/${this.value}`);
        if (!this.record) return;
        if (!canRecord()) {
            this.record.hidden = true;
            this.said.textContent = 'This browser cannot record. Ask your teacher how to answer here.';
        }
        this.record.addEventListener('click', () => (this.#take ? this.finish() : this.#begin()));
        this.off.addEventListener('click', async () => {
            stopSounds();
            await this.takeOff(changed);
            this.record.focus();
        });
        // A device that is put away hears nothing more: what was said until then is kept.
        document.addEventListener('visibilitychange', () => document.hidden && this.finish());
    }

    words(value) {
        return value === '' ? 'nothing' : 'something said';
    }
    focus() {
        (this.record ?? this.play).focus();
    }

    /** What is said just now ends here. */
    async finish() {
        this.#take?.stop();
        await this.ended;
    }

    /** @param {string} address nothing where nothing is said */
    show(address) {
        if (this.#address.startsWith('blob:') && this.#address !== address) URL.revokeObjectURL(this.#address);
        this.#address = address;
        if (this.#take) return; // Something is said just now.
        this.play.hidden = address === '';
        if (!this.record) return;
        this.off.hidden = address === '';
        this.record.textContent = address === '' ? this.first : AGAIN;
        this.said.textContent = '';
    }

    async #begin() {
        stopSounds();
        const before = this.record.textContent;
        let kept;
        this.ended = new Promise((resolve) => {
            kept = resolve;
        });
        const over = () => {
            this.#take = null;
            this.field.classList.remove('is-recording');
            this.ticks.textContent = '';
            this.record.textContent = before;
        };
        const take = new Take(false, {
            ticked: (seconds) => {
                this.record.textContent = 'Stop';
                this.ticks.textContent = sofar(seconds);
            },
            heard: (level) => this.level.style.setProperty('--level', level.toFixed(2)),
            ended: async (blob) => {
                over();
                if (blob) await this.work.files.put(this, blob);
                else this.show(this.#address);
                kept();
            },
        });
        this.#take = take;
        this.play.hidden = this.off.hidden = true;
        this.field.classList.add('is-recording');
        try {
            await take.begin();
        } catch {
            if (this.#take !== take) return;
            over();
            kept();
            this.show(this.#address);
            this.said.textContent = whyNot(false);
        }
    }
}
