import { hear, stopSounds } from './sounds';
import { canRecord, sofar, Take, whyNot } from './take';

const SAY = 'Say it aloud';

/** Records what a teacher says of a copy, which can be heard again and thrown away before it is sent. */
export class Recorder {
    #take = null;
    #address = '';

    /** What was recorded and not sent yet, as a Blob. */
    recorded = null;

    /**
     * @param {Element} box with [data-record], [data-hear], [data-unsay], [data-ticks] and [data-recorded]
     * @param {() => void} unsaid takes away what was sent before
     */
    constructor(box, unsaid) {
        this.box = box;
        this.record = box.querySelector('[data-record]');
        this.hear = box.querySelector('[data-hear]');
        this.unsay = box.querySelector('[data-unsay]');
        this.ticks = box.querySelector('[data-ticks]');
        this.said = box.querySelector('[data-recorded]');
        box.hidden = !canRecord();
        this.record.addEventListener('click', () => (this.#take ? this.#take.stop() : this.#begin()));
        this.hear.addEventListener('click', () => hear(this.hear, this.#address));
        this.unsay.addEventListener('click', () => {
            const wasSent = this.recorded === null;
            this.reset(false);
            if (wasSent) unsaid();
        });
    }

    get isRecording() {
        return this.#take !== null;
    }

    /** @param {boolean} hasSound whether one was sent before */
    reset(hasSound) {
        this.#take?.drop(); // What it still says is nobody's: it must not come to the next place.
        this.#take = null;
        stopSounds();
        this.record.textContent = SAY;
        this.ticks.textContent = '';
        if (this.#address) URL.revokeObjectURL(this.#address);
        this.#address = '';
        this.recorded = null;
        this.hear.hidden = true;
        this.unsay.hidden = !hasSound;
        this.said.textContent = hasSound ? 'You have said something here.' : '';
    }

    async #begin() {
        this.reset(false);
        const take = new Take(false, {
            ticked: (seconds) => {
                this.record.textContent = 'Stop';
                this.ticks.textContent = sofar(seconds);
            },
            ended: (blob) => {
                this.#take = null;
                if (!blob) return;
                this.record.textContent = 'Say it again';
                this.ticks.textContent = '';
                this.recorded = blob;
                this.#address = URL.createObjectURL(blob);
                this.hear.hidden = this.unsay.hidden = false;
                this.said.textContent = 'It is sent with “Write it”.';
            },
        });
        this.#take = take;
        try {
            await take.begin();
        } catch {
            if (this.#take !== take) return;
            this.#take = null;
            this.said.textContent = whyNot(false);
        }
    }
}
