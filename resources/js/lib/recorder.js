import { hear, stopSounds } from './sounds';

const SAY = 'Say it aloud';
const LONGEST = 120; // seconds
const BITS = 48000; // a second: a voice, well understood

/** Records what somebody says, which can be heard again and thrown away before it is sent. */
export class Recorder {
    #media = null;
    #timer = 0;
    #address = '';
    #turn = 0; // grows whenever another recording, or none, is wanted

    /** What was recorded and not sent yet, as a Blob. */
    recorded = null;

    /**
     * @param {Element} box with [data-record], [data-hear], [data-unsay] and [data-recorded]
     * @param {() => void} unsaid takes away what was sent before
     */
    constructor(box, unsaid) {
        this.box = box;
        this.record = box.querySelector('[data-record]');
        this.hear = box.querySelector('[data-hear]');
        this.unsay = box.querySelector('[data-unsay]');
        this.said = box.querySelector('[data-recorded]');
        box.hidden = !navigator.mediaDevices || !window.MediaRecorder;
        this.record.addEventListener('click', () => (this.#media ? this.#media.stop() : this.#begin()));
        this.hear.addEventListener('click', () => hear(this.hear, this.#address));
        this.unsay.addEventListener('click', () => {
            const wasSent = this.recorded === null;
            this.reset(false);
            if (wasSent) unsaid();
        });
    }

    get isRecording() {
        return this.#media !== null;
    }

    /** @param {boolean} hasSound whether one was sent before */
    reset(hasSound) {
        const media = this.#media;
        this.#media = null; // What it still says is nobody's: it must not come to the next place.
        this.#turn += 1;
        clearInterval(this.#timer);
        media?.stop();
        stopSounds();
        this.record.textContent = SAY;
        if (this.#address) URL.revokeObjectURL(this.#address);
        this.#address = '';
        this.recorded = null;
        this.hear.hidden = true;
        this.unsay.hidden = !hasSound;
        this.said.textContent = hasSound ? 'You have said something here.' : '';
    }

    async #begin() {
        this.reset(false);
        const turn = this.#turn;
        let stream;
        try {
            stream = await navigator.mediaDevices.getUserMedia({ audio: true });
        } catch {
            this.said.textContent = 'No microphone can be used here. Allow it in the browser, or plug one in.';
            return;
        }
        const letGo = () => stream.getTracks().forEach((track) => track.stop());
        if (turn !== this.#turn) {
            letGo();
            return;
        }
        const media = new MediaRecorder(stream, { audioBitsPerSecond: BITS });
        const pieces = [];
        const began = Date.now();
        media.addEventListener('dataavailable', ({ data }) => pieces.push(data));
        media.addEventListener('stop', () => {
            letGo();
            if (turn !== this.#turn) return;
            clearInterval(this.#timer);
            this.#media = null;
            this.record.textContent = 'Say it again';
            this.recorded = new Blob(pieces, { type: media.mimeType });
            this.#address = URL.createObjectURL(this.recorded);
            this.hear.hidden = this.unsay.hidden = false;
            this.said.textContent = 'It is sent with “Write it”.';
        });
        this.#media = media;
        media.start();
        this.record.textContent = 'Stop';
        const tell = () => {
            const seconds = Math.round((Date.now() - began) / 1000);
            this.said.textContent = `Recording: ${seconds} of ${LONGEST} seconds`;
            if (seconds >= LONGEST) media.stop();
        };
        tell();
        this.#timer = setInterval(tell, 1000);
    }
}
