import { MOST_OF_A_RECORDING } from '../lib/limits';
import { canRecord, sofar, Take, whyNot } from '../lib/take';
import { upload } from '../lib/upload';
import { fitted } from './geometry';

const SIZE = { sound: { width: 250, height: 34 }, film: { width: 256, height: 186 } }; // points

/** A spoken or filmed message: recorded here or chosen, heard again, and laid on the page. */
export class Recording {
    #take = null;
    #recorded = null;

    /**
     * @param {string} url where it is sent
     * @param means `place` (element) and `say` (words)
     */
    constructor(dialog, url, stage, { place, say }) {
        Object.assign(this, { dialog, url, stage, place, say });
        const at = (name) => dialog.querySelector(`[data-${name}]`);
        this.now = at('now');
        this.seen = at('seen');
        this.level = at('level');
        this.ticks = at('ticks');
        this.form = at('recorded');
        this.heardAgain = at('heard-again');
        this.seenAgain = at('seen-again');
        this.problem = at('recording-problem');
        this.told = at('recording-said');
        this.lay = at('lay');
        this.takes = [at('sound-take'), at('film-take')];
        this.takes.forEach((button, film) => {
            button.hidden = !canRecord();
            button.addEventListener('click', () => this.#begin(film === 1));
        });
        at('recorded-file').addEventListener('change', ({ target }) => {
            const [file] = target.files;
            target.value = '';
            if (file) this.#show(file, file.type.startsWith('video/'));
        });
        at('stop').addEventListener('click', () => this.#take?.stop());
        at('throw').addEventListener('click', () => {
            this.#empty();
            this.#tell('It is thrown away.');
            this.takes.find((button) => !button.hidden)?.focus();
        });
        at('recording-no').addEventListener('click', () => dialog.close());
        // Escape closes it, too: what was recorded by then is thrown away only when it was meant.
        dialog.addEventListener('cancel', (event) => {
            if (this.#take || this.#recorded) event.preventDefault();
            if (this.#take) this.#take.stop();
        });
        dialog.addEventListener('close', () => this.#empty());
        this.form.addEventListener('submit', (event) => {
            event.preventDefault();
            this.#send();
        });
    }

    /** @param frame where it is to lie; without sides it has the usual ones, without a place the middle */
    open(frame) {
        this.frame = frame;
        this.#empty();
        this.form.reset();
        this.dialog.showModal();
    }

    #tell(words) {
        this.told.textContent = words;
    }

    #empty() {
        this.#take?.drop();
        this.#take = null;
        this.#recorded = null;
        this.now.hidden = this.form.hidden = true;
        this.seen.srcObject = null;
        [this.heardAgain, this.seenAgain].forEach((media) => {
            if (media.src) URL.revokeObjectURL(media.src);
            media.removeAttribute('src');
            media.load();
        });
        this.problem.textContent = '';
    }

    async #begin(isFilm) {
        this.#empty();
        const take = new Take(isFilm, {
            ticked: (seconds) => {
                this.ticks.textContent = sofar(seconds);
            },
            heard: (level) => this.level.style.setProperty('--level', level.toFixed(2)),
            seen: (stream) => {
                this.seen.srcObject = stream;
                this.seen.play().catch(() => {});
            },
            ended: (blob) => {
                this.#take = null;
                if (!blob) return;
                this.#show(blob, isFilm);
                this.#tell('Recorded. Hear it again, or lay it on the page.');
            },
        });
        this.#take = take;
        try {
            await take.begin();
        } catch {
            if (this.#take !== take) return;
            this.#take = null;
            this.problem.textContent = whyNot(isFilm);
            return;
        }
        if (this.#take !== take) return;
        this.now.hidden = false;
        this.seen.hidden = !isFilm;
        this.dialog.querySelector('[data-stop]').focus();
        this.#tell('Recording.');
    }

    /** @param {Blob} recorded */
    #show(recorded, isFilm) {
        this.#empty();
        this.#recorded = recorded;
        const media = isFilm ? this.seenAgain : this.heardAgain;
        media.src = URL.createObjectURL(recorded);
        this.heardAgain.hidden = isFilm;
        this.seenAgain.hidden = !isFilm;
        this.form.hidden = false;
        if (recorded.name && !this.form.elements.title.value)
            this.form.elements.title.value = recorded.name.replace(/\.\w+$/, '').slice(0, 120);
        this.lay.focus();
    }

    #lie({ width, height }) {
        const middle = { x: (this.stage.width - width) / 2, y: this.stage.height / 4 };
        return fitted({ ...middle, width, height, ...this.frame }, this.stage.page);
    }

    async #send() {
        const recorded = this.#recorded;
        if (!recorded || this.lay.disabled) return;
        this.problem.textContent = '';
        this.lay.disabled = true;
        this.#tell('The recording is on its way.');
        try {
            const made = await upload(recorded, this.url, MOST_OF_A_RECORDING);
            if (this.#recorded !== recorded) return; // It was thrown away meanwhile.
            const { title, words } = Object.fromEntries(new FormData(this.form));
            this.place({
                kind: 'recording',
                ...made,
                title: title.trim(),
                words: words.trim(),
                ...this.#lie(SIZE[made.film ? 'film' : 'sound']),
            });
            this.dialog.close();
            this.say('Laid on the page.');
        } catch (problem) {
            this.problem.textContent = problem.message;
        } finally {
            this.lay.disabled = false;
        }
    }
}
