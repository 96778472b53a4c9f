import { MOST_OF_A_PICTURE } from '../lib/limits';
import { upload } from '../lib/upload';
import { smaller } from '../lib/pictures';
import { tidy } from './geometry';

const PIXELS = 72 / 144; // points: a picture is laid at 144 pixels to the inch

/** Takes a picture of the teacher's in, and lays it where it was drawn or in the middle. */
export class Pictures {
    constructor(input, url, stage, { place, problem, say }) {
        Object.assign(this, { input, url, stage, place, problem, say });
        input.addEventListener('change', () => {
            const [file] = input.files;
            input.value = '';
            if (file) this.#send(file);
        });
    }

    /** @param part what a part that shows it is like, or what to do with it; nothing for a picture of the page */
    choose(frame = null, part = null) {
        this.frame = frame;
        this.part = part;
        this.input.click();
    }

    /** A picture from elsewhere, for the page. */
    take(file) {
        this.frame = this.part = null;
        return this.#send(file);
    }

    async #send(file) {
        this.say('The picture is on its way.');
        try {
            const { source, width, height } = await upload(await smaller(file), this.url, MOST_OF_A_PICTURE);
            if (typeof this.part === 'function') {
                this.part(source);
                return;
            }
            const room = this.frame ?? { width: this.stage.width * 0.8, height: this.stage.height * 0.5 };
            const scale = Math.min(room.width / width, room.height / height, this.frame ? Infinity : PIXELS);
            const size = { width: tidy(Math.max(4, width * scale)), height: tidy(Math.max(4, height * scale)) };
            const at = this.frame ?? { x: (this.stage.width - size.width) / 2, y: this.stage.height / 4 };
            this.place({
                ...(this.part ?? { kind: 'picture', words: '' }),
                source,
                x: tidy(at.x),
                y: tidy(Math.min(at.y, this.stage.height - size.height)),
                ...size,
            });
        } catch (problem) {
            this.problem(problem.message);
        }
    }
}
