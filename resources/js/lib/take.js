import { LONGEST_RECORDING } from './limits';

const BITS = { sound: 48000, film: 700000 }; // a second: a voice, well understood; a face at arm's length
const WIDEST = 640;

/** Whether this browser can record at all. */
export const canRecord = () => Boolean(navigator.mediaDevices && window.MediaRecorder);

/** One recording while it is made: from the microphone, and the camera where there is something to be seen. */
export class Take {
    #stream = null;
    #media = null;
    #timer = 0;
    #frame = 0;
    #ears = null;
    #isDropped = false;

    /**
     * @param does `ticked` (seconds), `heard` (how loud it is, 0 to 1), `seen` (what the camera sees), and `ended`
     *             (Blob, or null where it was stopped before the person allowed it), which is not called for what is
     *             dropped
     */
    constructor(isFilm, does) {
        this.isFilm = isFilm;
        this.does = does;
    }

    /** @throws when the browser or the person does not allow it, or there is nothing to record with */
    async begin() {
        const video = this.isFilm && { width: { ideal: WIDEST, max: WIDEST }, facingMode: 'user' };
        const stream = await navigator.mediaDevices.getUserMedia({ audio: true, video });
        if (this.#isDropped) {
            stream.getTracks().forEach((track) => track.stop());
            return;
        }
        this.#stream = stream;
        if (this.isFilm) this.does.seen?.(stream);
        if (this.does.heard) this.#listen(stream);
        const pieces = [];
        const media = new MediaRecorder(stream, {
            audioBitsPerSecond: BITS.sound,
            ...(this.isFilm && { videoBitsPerSecond: BITS.film }),
        });
        media.addEventListener('dataavailable', ({ data }) => pieces.push(data));
        media.addEventListener('stop', () => {
            this.#letGo();
            if (!this.#isDropped) this.does.ended(new Blob(pieces, { type: media.mimeType }));
        });
        // A microphone that is pulled out ends it: what was said until then is kept.
        stream.getTracks().forEach((track) => track.addEventListener('ended', () => this.stop()));
        this.#media = media;
        media.start();
        const began = performance.now();
        const tick = () => {
            const seconds = (performance.now() - began) / 1000;
            this.does.ticked(Math.min(LONGEST_RECORDING, Math.floor(seconds)));
            if (seconds >= LONGEST_RECORDING) this.stop();
        };
        tick();
        this.#timer = setInterval(tick, 250);
    }

    stop() {
        if (!this.#media && !this.#isDropped) {
            this.drop();
            this.does.ended(null);
        } else if (this.#media?.state === 'recording') this.#media.stop();
    }

    /** Nobody wants it any more. */
    drop() {
        this.#isDropped = true;
        if (this.#media) this.stop();
        this.#letGo();
    }

    #listen(stream) {
        this.#ears = new AudioContext();
        const analyser = this.#ears.createAnalyser();
        this.#ears.createMediaStreamSource(stream).connect(analyser);
        const wave = new Float32Array(analyser.fftSize);
        const look = () => {
            analyser.getFloatTimeDomainData(wave);
            const loudness = Math.sqrt(wave.reduce((sum, value) => sum + value * value, 0) / wave.length);
            this.does.heard(Math.min(1, loudness * 4)); // a voice at arm's length is about a quarter of the most
            this.#frame = requestAnimationFrame(look);
        };
        look();
    }

    #letGo() {
        clearInterval(this.#timer);
        cancelAnimationFrame(this.#frame);
        this.#ears?.close();
        this.#ears = null;
        this.#stream?.getTracks().forEach((track) => track.stop());
        this.#stream = null;
    }
}

/** How far it is, for the person. */
export const sofar = (seconds) => `${seconds} of ${LONGEST_RECORDING} seconds`;

/** Why nothing can be recorded, for the person. */
export const whyNot = (isFilm) =>
    isFilm
        ? 'No camera with a microphone can be used here. Allow both in the browser, or plug them in.'
        : 'No microphone can be used here. Allow it in the browser, or plug one in.';
