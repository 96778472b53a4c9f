import { PointerDrag } from './lib/pointer-drag';

const CORNERS = ['topLeft', 'topRight', 'bottomRight', 'bottomLeft'];
const WHOLE = [
    [0, 0],
    [1, 0],
    [1, 1],
    [0, 1],
];
const GLASS = { size: 140, times: 3 }; // pixels across, and how much larger things are in it

/** What is cut out of one photo: four corners that are moved by pointer, touch or arrow keys, under a magnifier. */
class CutOut {
    constructor(root, changed) {
        Object.assign(this, { root, changed });
        this.picture = root.querySelector('[data-cut-picture]');
        this.lines = root.querySelector('[data-cut-lines]');
        this.glass = root.querySelector('[data-cut-glass]');
        this.handles = [...root.querySelectorAll('[data-cut-corner]')];
        this.spread = root.querySelector('[data-cut-spread]');
        this.found = CutOut.#read(root.dataset.found);
        this.corners = CutOut.#read(root.dataset.corners) ?? structuredClone(WHOLE);
        this.glass.style.backgroundImage = `url("${this.picture.src}")`;
        this.#listen();
        this.#draw();
    }

    static #read(said) {
        const corners = JSON.parse(said);
        return corners && CORNERS.map((name) => [corners[name].x, corners[name].y]);
    }

    /** As the server reads it. */
    get said() {
        const isWhole = this.corners.every(([x, y], at) => x === WHOLE[at][0] && y === WHOLE[at][1]);
        return {
            picture: Number(this.root.dataset.cut),
            corners: isWhole ? null : this.corners.flat().map((share) => Math.round(share * 1e5) / 1e5),
            spread: this.spread.checked,
        };
    }

    #listen() {
        this.handles.forEach((handle, at) => {
            new PointerDrag(handle, {
                begins: () => ({ from: [...this.corners[at]], still: 0, holder: handle }),
                follows: (drag, event) => {
                    const { width, height } = this.picture.getBoundingClientRect();
                    const [dx, dy] = [event.clientX - drag.start.x, event.clientY - drag.start.y];
                    this.#move(at, drag.from[0] + dx / width, drag.from[1] + dy / height);
                    this.#look(at);
                },
                cancelled: (drag) => this.#move(at, ...drag.from),
                ends: () => this.#look(null),
                drops: () => this.#tell(at),
            });
            handle.addEventListener('keydown', (event) => {
                const step = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] }[event.key];
                if (!step) return;
                event.preventDefault();
                const { width, height } = this.picture.getBoundingClientRect();
                const far = event.shiftKey ? 10 : 1;
                const [x, y] = this.corners[at];
                this.#move(at, x + (step[0] * far) / width, y + (step[1] * far) / height);
                this.#look(at);
                this.#tell(at);
            });
            handle.addEventListener('blur', () => this.#look(null));
        });
        const put = (corners) => {
            this.corners = structuredClone(corners);
            this.#draw();
        };
        this.root.querySelector('[data-cut-found]').addEventListener('click', () => put(this.found));
        this.root.querySelector('[data-cut-whole]').addEventListener('click', () => put(WHOLE));
        this.spread.addEventListener('change', () => this.changed());
    }

    #move(at, x, y) {
        this.corners[at] = [Math.min(1, Math.max(0, x)), Math.min(1, Math.max(0, y))];
        this.#draw();
    }

    #draw() {
        this.lines.setAttribute('points', this.corners.map((corner) => corner.join()).join(' '));
        this.handles.forEach((handle, at) => {
            handle.style.left = `${this.corners[at][0] * 100}%`;
            handle.style.top = `${this.corners[at][1] * 100}%`;
        });
        this.changed();
    }

    /** The magnifier stands beside the corner, where no finger is over it. */
    #look(at) {
        this.glass.hidden = at === null;
        if (at === null) return;
        const [x, y] = this.corners[at];
        const { width, height } = this.picture.getBoundingClientRect();
        Object.assign(this.glass.style, {
            left: x > 0.5 ? '0' : 'auto',
            right: x > 0.5 ? 'auto' : '0',
            backgroundSize: `${width * GLASS.times}px ${height * GLASS.times}px`,
            backgroundPosition: `${GLASS.size / 2 - x * width * GLASS.times}px ${GLASS.size / 2 - y * height * GLASS.times}px`,
        });
    }

    #tell(at) {
        const [x, y] = this.corners[at].map((share) => Math.round(share * 100));
        this.root.querySelector('[data-cut-told]').textContent = `${x} % from the left, ${y} % from the top.`;
    }
}

document.querySelectorAll('[data-cuts]').forEach((form) => {
    const said = form.querySelector('[data-cuts-said]');
    const cuts = [];
    const keep = () => {
        said.value = JSON.stringify(cuts.map((cut) => cut.said));
    };
    form.querySelectorAll('[data-cut]').forEach((root) => cuts.push(new CutOut(root, keep)));
    keep();
});
