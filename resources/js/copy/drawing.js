import { distance, thinned } from '../lib/thin';
import { inkPaths } from './ink';

const SVG = 'http://www.w3.org/2000/svg';
const PENS = [
    ['dark', 'Dark', '#1d272c'],
    ['blue', 'Blue', '#1f4fa3'],
    ['green', 'Green', '#1a6b3c'],
    ['red', 'Red', '#a32b2b'],
];
const LIGHT = ['light', 'Light', '#f2c230'];
const BROAD = 120; // tenths of a point: as high as a line of print
const SEEN_THROUGH = 0.45;
const WIDTHS = [
    ['Thin', 14],
    ['Thick', 40],
]; // tenths of a point
const APART = 6; // tenths of a point that the pen has to go before it counts
const OFF = 3; // tenths of a point that a line may be off what was drawn once its points are thinned out
const NEARLY = 0.9; // of what a drawing holds: from there on it is said
const ERASER = 60; // tenths of a point round the eraser

/** A drawing area. Strokes are tenths of a point from its top left; see OpenSlate\Answers\Ink. */
export class DrawingPlace {
    needsPage = 'Draw on the page'; // It may be drawn on print.
    pens = PENS;
    #strokes = [];
    #past = []; // what was drawn before each change, the last one last
    #undone = [];
    #stroke = null;
    #pointer = null; // the one that draws: a palm, or a second finger, does not
    #hasPen = false;

    constructor(field, changed, work) {
        this.field = field;
        this.zoom = work.zoom;
        this.isShared = work.isShared;
        this.key = field.dataset.place;
        this.changed = changed;
        this.element = field.closest('.element, .overwritten');
        this.said = field.getAttribute('aria-label').replace(/: (nothing drawn yet|a drawing)$/, '');
        this.start = document.querySelector(`[data-draw="${this.key}"]`);
        this.#read(field.dataset.ink);
        this.start?.addEventListener('click', () => this.#begin());
        field.addEventListener('pointerdown', (event) => this.#down(event));
        field.addEventListener('pointermove', (event) => event.pointerId === this.#pointer && this.#move(event));
        field.addEventListener('pointerup', (event) => event.pointerId === this.#pointer && this.#up());
        field.addEventListener('pointercancel', (event) => event.pointerId === this.#pointer && this.#up());
    }

    get value() {
        if (this.#strokes.length === 0) return '';
        return JSON.stringify({
            ink: this.#strokes.map(({ pen, width, points, pressures }) => {
                const steps = [];
                let [x, y] = [0, 0];
                points.forEach((point) => {
                    steps.push(point[0] - x, point[1] - y);
                    [x, y] = point;
                });
                return [pen, width, steps, ...(pressures.length ? [pressures] : [])];
            }),
        });
    }

    set value(ink) {
        this.#read(ink);
        this.#past = [];
        this.#undone = [];
        this.#draw();
    }
    get filled() {
        return this.#strokes.length > 0;
    }

    get isBusy() {
        return this.#pointer !== null;
    }

    /** What others have drawn and rubbed out; what was drawn here can still be undone, and theirs stays. */
    adopt(ink) {
        const before = this.#strokes;
        this.#read(ink);
        const told = (strokes) => new Set(strokes.map((one) => JSON.stringify(one)));
        const [had, has] = [told(before), told(this.#strokes)];
        const come = this.#strokes.filter((one) => !had.has(JSON.stringify(one)));
        const gone = told(before.filter((one) => !has.has(JSON.stringify(one))));
        const changed = (strokes) => [...strokes.filter((one) => !gone.has(JSON.stringify(one))), ...come];
        this.#past = this.#past.map(changed);
        this.#undone = this.#undone.map(changed);
        this.#draw();
    }
    words(value) {
        return value === '' ? 'nothing' : 'a drawing';
    }
    focus() {
        (this.start ?? this.field).focus();
    }
    holds(target) {
        return this.element.contains(target) || this.bar?.contains(target);
    }

    #read(ink) {
        this.#strokes =
            ink === ''
                ? []
                : JSON.parse(ink).ink.map(([pen, width, steps, pressures = []]) => {
                      const points = [];
                      let [x, y] = [0, 0];
                      for (let n = 0; n < steps.length; n += 2) {
                          x += steps[n];
                          y += steps[n + 1];
                          points.push([x, y]);
                      }
                      return { pen, width, points, pressures };
                  });
    }

    // --- the pens ---

    #begin() {
        document.querySelector('.pens')?.dispatchEvent(new Event('done'));
        this.element.classList.add('is-inking');
        this.shrink = this.zoom?.fill(this.element);
        this.element.scrollIntoView({ block: 'center', inline: 'center' });
        this.pen = this.pens[0][0];
        this.width = WIDTHS[0][1];
        this.erasing = false;
        this.bar = document.createElement('div');
        this.bar.className = 'pens';
        this.bar.setAttribute('role', 'toolbar');
        this.bar.setAttribute('aria-label', `Pens for ${this.said}`);
        const button = (words, press, { ink, pressed } = {}) => {
            const one = document.createElement('button');
            one.type = 'button';
            one.className = ink ? 'btn btn-plain pen' : 'btn btn-plain';
            if (ink) one.style.setProperty('--ink', ink);
            one.textContent = words;
            if (pressed) one.dataset.pressed = pressed;
            one.addEventListener('click', () => {
                press();
                this.#press();
            });
            this.bar.append(one);
            return one;
        };
        this.pens.forEach(([pen, words, ink]) =>
            button(
                words,
                () => {
                    this.pen = pen;
                    this.erasing = false;
                },
                { ink, pressed: `pen ${pen}` },
            ),
        );
        WIDTHS.forEach(([words, width]) =>
            button(
                words,
                () => {
                    this.width = width;
                    this.erasing = false;
                },
                { pressed: `width ${width}` },
            ),
        );
        button(
            'Rub out',
            () => {
                this.erasing = true;
            },
            { pressed: 'erase' },
        );
        button('Undo', () => this.undo());
        button('Redo', () => this.redo());
        const done = button('Done', () => this.#end());
        done.className = 'btn btn-primary';
        this.bar.addEventListener('done', () => this.#end());
        this.bar.addEventListener('keydown', (event) => {
            if (event.key === 'Escape') this.#end();
        });
        document.body.append(this.bar);
        this.#press();
        this.bar.querySelector('button').focus();
    }

    #press() {
        this.bar?.querySelectorAll('[data-pressed]').forEach((one) => {
            const [kind, value] = one.dataset.pressed.split(' ');
            const is =
                kind === 'erase' ? this.erasing : kind === 'pen' ? this.pen === value : this.width === Number(value);
            one.setAttribute('aria-pressed', String(is));
        });
    }

    #end() {
        this.element.classList.remove('is-inking');
        this.bar?.remove();
        this.bar = null;
        this.shrink?.();
        this.start.focus();
    }

    /** What was rubbed out comes back, a stroke goes: in the order in which they were made. */
    undo() {
        // What was drawn before this page was opened goes a stroke at a time.
        // Where several draw, that may be somebody else's.
        const last = this.#strokes.length > 0 && !this.isShared ? this.#strokes.slice(0, -1) : null;
        const before = this.#past.pop() ?? last;
        if (!before) return;
        this.#undone.push(this.#strokes);
        this.#strokes = before;
        this.#changed();
    }
    redo() {
        const after = this.#undone.pop();
        if (!after) return;
        this.#past.push(this.#strokes);
        this.#strokes = after;
        this.#changed();
    }

    // --- drawing ---

    #point(event) {
        const box = this.field.getBoundingClientRect();
        const { width, height } = this.field.viewBox.baseVal;
        return [
            Math.round(((event.clientX - box.left) / box.width) * width * 10),
            Math.round(((event.clientY - box.top) / box.height) * height * 10),
        ];
    }

    #down(event) {
        if (!this.element.classList.contains('is-inking') || event.button !== 0) return;
        event.preventDefault();
        if (!this.#mayDraw(event)) return;
        this.#pointer = event.pointerId;
        this.field.setPointerCapture(event.pointerId);
        if (this.erasing) {
            this.#stroke = { erased: false, before: this.#strokes };
            this.#erase(this.#point(event));
            return;
        }
        if (this.#full >= 1) {
            this.say('This drawing is full. Rub something out to draw more.');
            return;
        }
        // A mouse feels no pressure; it says one half.
        this.#stroke = {
            pen: this.pen,
            width: this.pen === LIGHT[0] ? BROAD : this.width,
            points: [this.#point(event)],
            pressures:
                event.pointerType === 'pen' && event.pressure > 0 && this.pen !== LIGHT[0]
                    ? [Math.round(event.pressure * 100)]
                    : [],
        };
        this.live = document.createElementNS(SVG, 'g');
        this.field.append(this.live);
        this.#show();
    }

    /** Whoever has a pen draws with it: the hand that it is in, which often comes first, leaves nothing. */
    #mayDraw(event) {
        if (event.pointerType === 'pen') {
            this.#hasPen = true;
            this.live?.remove();
            if (this.#stroke?.erased) {
                this.#strokes = this.#stroke.before;
                this.#draw();
            }
            this.#stroke = null;
            return true;
        }
        return this.#stroke === null && !(this.#hasPen && event.pointerType === 'touch');
    }

    #move(event) {
        if (!this.#stroke) return;
        for (const one of event.getCoalescedEvents?.() ?? [event]) {
            const point = this.#point(one);
            if (this.erasing) {
                this.#erase(point);
                continue;
            }
            const last = this.#stroke.points.at(-1);
            if (Math.hypot(point[0] - last[0], point[1] - last[1]) < APART) continue;
            this.#stroke.points.push(point);
            if (this.#stroke.pressures.length) this.#stroke.pressures.push(Math.max(1, Math.round(one.pressure * 100)));
        }
        if (!this.erasing) this.#show();
    }

    #up() {
        const stroke = this.#stroke;
        this.#stroke = null;
        this.#pointer = null;
        if (!stroke) return;
        if (!stroke.points && !stroke.erased) return;
        this.#past.push(stroke.before ?? this.#strokes);
        if (stroke.points) {
            this.live.remove();
            const kept = thinned(stroke.points, OFF);
            this.#strokes = [
                ...this.#strokes,
                {
                    ...stroke,
                    points: kept.map((n) => stroke.points[n]),
                    pressures: stroke.pressures.length ? kept.map((n) => stroke.pressures[n]) : [],
                },
            ];
        }
        this.#undone = [];
        this.#changed();
    }

    #erase([x, y]) {
        const left = this.#strokes.filter(
            (stroke) =>
                !stroke.points.some(
                    (point, n) => distance([x, y], point, stroke.points[n + 1] ?? point) < ERASER + stroke.width / 2,
                ),
        );
        if (left.length === this.#strokes.length) return;
        this.#strokes = left;
        this.#stroke.erased = true;
        this.#draw();
    }

    /** How much of what a drawing may hold is in it, 0 to 1. */
    get #full() {
        const [strokes, points] = this.field.dataset.holds.split(' ').map(Number);
        return Math.max(
            this.#strokes.length / strokes,
            this.#strokes.reduce((sum, stroke) => sum + stroke.points.length, 0) / points,
        );
    }

    #changed() {
        this.#draw();
        this.changed(this);
        this.say(
            this.#full >= 1
                ? 'This drawing is full. Rub something out to draw more.'
                : this.#full >= NEARLY
                  ? 'This drawing is nearly full.'
                  : '',
        );
    }

    say(words) {
        if (!this.bar) return;
        let said = this.bar.querySelector('[role=status]');
        if (!said) {
            said = document.createElement('p');
            said.className = 'pens__said';
            said.setAttribute('role', 'status');
            this.bar.append(said);
        }
        said.textContent = words;
    }

    #show() {
        cancelAnimationFrame(this.frame);
        const stroke = this.#stroke;
        this.frame = requestAnimationFrame(() => this.live.replaceChildren(...paths(stroke)));
    }

    #draw() {
        this.field.replaceChildren(...this.#strokes.flatMap(paths));
        this.field.setAttribute('aria-label', `${this.said}: ${this.filled ? 'a drawing' : 'nothing drawn yet'}`);
    }
}

/** A teacher's pens: red comes first, and there is one for going over words. */
export class TeachersDrawing extends DrawingPlace {
    pens = [...PENS].reverse().concat([LIGHT]);
}

const COLOURS = Object.fromEntries([...PENS, LIGHT].map(([pen, , ink]) => [pen, ink]));

const paths = (stroke) =>
    inkPaths(stroke).map(({ d, width }) => {
        const path = document.createElementNS(SVG, 'path');
        path.setAttribute('d', d);
        path.setAttribute('stroke', COLOURS[stroke.pen]);
        path.setAttribute('stroke-width', width);
        if (stroke.pen === LIGHT[0]) path.setAttribute('stroke-opacity', SEEN_THROUGH);
        return path;
    });
