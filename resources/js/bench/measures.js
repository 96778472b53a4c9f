import { clamp, tidy } from './geometry';

const POINTS = { mm: 72 / 25.4, in: 72, pt: 1 };
const PLACES = { mm: 1, in: 3, pt: 1 };
const UNIT = 'open-slate.unit';

/** A length as people type it: in the unit that is set, or with one of its own ("12 mm"). Null when it is none. */
export function points(text, unit) {
    const match = String(text)
        .trim()
        .replace('−', '-')
        .match(/^([+-]?\d*[.,]?\d+)\s*(mm|cm|in|"|pt)?$/i);
    if (!match) return null;
    const own = (match[2] ?? unit).toLowerCase();
    const value = Number(match[1].replace(',', '.'));
    return own === 'cm' ? value * 10 * POINTS.mm : value * POINTS[own === '"' ? 'in' : own];
}

export const unit = {
    get now() {
        const kept = localStorage.getItem(UNIT);
        return kept in POINTS ? kept : 'mm';
    },
    set now(value) {
        localStorage.setItem(UNIT, value);
    },
};

/** Place and size of what is selected, as numbers. */
export class Measures {
    constructor(panel, stage, resized, problem) {
        this.stage = stage;
        this.fields = [...panel.querySelectorAll('[data-measure]')];
        this.unit = panel.querySelector('[data-measure-unit]');
        this.unit.value = unit.now;
        this.unit.addEventListener('change', () => {
            unit.now = this.unit.value;
            this.show(this.ids);
        });
        this.fields.forEach((field) =>
            field.addEventListener('change', () => {
                const value = points(field.value, unit.now);
                if (value === null) {
                    problem(`“${field.value}” is no length. Type a number, such as 12.5 or 12.5 mm.`);
                    this.show(this.ids);
                    return;
                }
                resized(
                    Object.fromEntries(
                        this.ids.map((id) => [id, this.#frame(this.stage.frame(id), field.dataset.measure, value)]),
                    ),
                );
            }),
        );
    }

    show(ids) {
        this.ids = ids;
        const frames = ids.map((id) => this.stage.frame(id));
        this.fields.forEach((field) => {
            if (field === document.activeElement) return;
            const values = new Set(
                frames.map((frame) => (frame[field.dataset.measure] / POINTS[unit.now]).toFixed(PLACES[unit.now])),
            );
            field.value =
                values.size === 1
                    ? [...values][0].replace(/\.?0+$/, (zeros) => (zeros.startsWith('.') ? '' : zeros))
                    : '';
            field.placeholder = values.size > 1 ? 'different' : '';
        });
    }

    #frame(frame, side, value) {
        const { width, height } = this.stage;
        if (side === 'x') return { ...frame, x: tidy(clamp(value, 0, width - frame.width)) };
        if (side === 'y') return { ...frame, y: tidy(clamp(value, 0, height - frame.height)) };
        return side === 'width'
            ? { ...frame, width: tidy(clamp(value, 4, width - frame.x)) }
            : { ...frame, height: tidy(clamp(value, 4, height - frame.y)) };
    }
}
