import { hear } from '../lib/sounds.js';
import { named, prompted, told } from './outline.js';

const WAIT = 500; // milliseconds of rest in typing before the words are sent

const GROUP = 'open-slate.group';

const READABLE = 4.5; // contrast of words with what is behind them, by WCAG 2.2, 1.4.3

const SIDES = { top: [0.5, 0], right: [1, 0.5], bottom: [0.5, 1], left: [0, 0.5] };
const JOINTS = {
    none: [],
    ends: [SIDES.left, SIDES.right],
    upright: [SIDES.top, SIDES.bottom],
    sides: Object.values(SIDES),
    corners: [
        [0, 0],
        [1, 0],
        [1, 1],
        [0, 1],
    ],
};

const SAME = { show: (value) => value, read: (text) => text };
const lines = (text) =>
    text
        .split('\n')
        .map((line) => line.trim())
        .filter((line) => line !== '');

/** How a property of other than words and numbers stands in a field. */
const AS = {
    plain: SAME,
    lines: { show: (choices) => choices.join('\n'), read: lines },
    options: {
        show: (options) => options.map((option) => option.words).join('\n'),
        read: (text, options) =>
            retold(
                options,
                text.split('\n').map((line) => line.trim()),
            ),
    },
    nullable: { show: (value) => value ?? '', read: (text) => (text === '' ? null : Number(text)) },
    percent: {
        show: (value) => Math.round(value * 100),
        read: (text) => Math.min(100, Math.max(0, Number(text))) / 100,
    },
};

/** How boxes of an organiser stand in a field; `changes` gives all that a text changes. */
const BOXES = {
    names: { show: (element, levels) => told(element.boxes, levels), changes: named },
    prompts: {
        show: ({ boxes }) =>
            boxes
                .map((box) => box.prompt ?? '')
                .join('\n')
                .trimEnd(),
        changes: prompted,
    },
};

/** Printed options with other words; one more stands below the last, to be dragged where it belongs. */
function retold(options, words) {
    const used = new Set(options.map((option) => option.id));
    const free = () => {
        const id = [...'abcdefghijklmnopqrstuvwxyz'].find((letter) => !used.has(letter)) ?? `o${used.size}`;
        used.add(id);
        return id;
    };
    while (words.length > 0 && words.at(-1) === '') words.pop();
    return words.map((said, at) => {
        if (options[at]) return { ...options[at], words: said };
        const last = options.at(-1);
        return {
            ...last,
            id: free(),
            words: said,
            top: Math.min(1 - last.down, last.top + (at - options.length + 1) * last.down),
        };
    });
}

/** Whether a row is about an element: it has the property, and is of a kind and a form that the row is for. */
function suits({ dataset: { traitFor, kinds, forms } }, element) {
    const among = (list, value) => list === undefined || list.split(' ').includes(value);
    return (
        traitFor in element && among(kinds, element.kind) && (element.form === undefined || among(forms, element.form))
    );
}

/** The properties of what is selected: one field for each that all of it has. */
export class Traits {
    #timer = 0;

    constructor(panel, stage, changed) {
        this.panel = panel;
        this.stage = stage;
        this.changed = changed;
        this.fields = [...panel.querySelectorAll('[data-trait]')];
        this.fields.forEach((field) => {
            const typed = field.matches('textarea:not([data-as]), input:not([type])');
            field.addEventListener(typed ? 'input' : 'change', () => this.#note(field, typed ? WAIT : 0));
            field.addEventListener('change', () => this.flush());
        });
        this.limit = [...panel.querySelectorAll('[data-limit-part]')];
        this.limit.forEach((part) => part.addEventListener('change', () => this.#limited()));
        panel.querySelector('[data-no-fill]').addEventListener('click', () => this.changed(this.ids, { fill: null }));
        panel.querySelectorAll('[data-joints]').forEach((button) =>
            button.addEventListener('click', () =>
                this.changed(this.ids, {
                    joints: JOINTS[button.dataset.joints].map(([x, y], at) => ({ id: 'abcd'[at], x, y })),
                }),
            ),
        );
        const heard = panel.querySelector('[data-hear-recording]');
        heard.addEventListener('click', () => hear(heard, `/recordings/${stage.data(this.ids[0]).source}`));
        panel.querySelector('[data-link-page]').addEventListener('change', (event) => {
            if (event.target.value) this.changed(this.ids, { target: event.target.value });
            event.target.value = '';
        });
        panel.querySelectorAll('[data-trait-group]').forEach((group) => {
            group.open = localStorage.getItem(`${GROUP}.${group.dataset.traitGroup}`) === 'open';
            group.addEventListener('toggle', () =>
                localStorage.setItem(`${GROUP}.${group.dataset.traitGroup}`, group.open ? 'open' : 'shut'),
            );
        });
    }

    show(ids) {
        this.flush();
        this.panel.hidden = ids.length === 0;
        this.ids = ids;
        if (ids.length === 0) return;
        const elements = ids.map((id) => this.stage.data(id));
        this.panel.querySelector('[data-traits-title]').textContent =
            ids.length === 1 ? `${this.stage.element(ids[0]).dataset.tag} selected` : `${ids.length} selected`;
        this.panel.querySelectorAll('[data-trait-for]').forEach((row) => {
            row.hidden =
                !elements.every((element) => suits(row, element)) ||
                (ids.length > 1 && row.querySelector('[data-boxes]') !== null);
        });
        this.panel.querySelector('[data-levels-hint]').hidden = this.#drawn(ids[0]) === undefined;
        ['looks', 'asked'].forEach((name) => {
            const group = this.panel.querySelector(`[data-trait-group=${name}]`);
            group.hidden = [...group.querySelectorAll('[data-trait-for]')].every((row) => row.hidden);
        });
        const limit = elements.find((element) => element.limit)?.limit;
        this.limit.forEach((part) => {
            if (part !== document.activeElement) part.value = limit?.[part.dataset.limitPart] ?? '';
        });
        this.panel.querySelector('[data-planted]').textContent =
            ids.length === 1 ? (this.stage.element(ids[0]).dataset.planted ?? '') : '';
        this.fields.forEach((field) => {
            if (field !== document.activeElement) this.#fill(field, elements);
        });
        const given = Math.max(0, ...elements.map((element) => element.set?.length ?? 0));
        this.panel.querySelector('[data-set-said]').textContent =
            given === 0
                ? 'To choose from: only pictures of their own'
                : `To choose from: ${given === 1 ? '1 picture' : `${given} pictures`} of yours, and their own`;
        const faint = Math.min(...ids.map((id) => Number(this.stage.element(id).dataset.contrast ?? Infinity)));
        const warning = this.panel.querySelector('[data-faint]');
        warning.hidden = faint >= READABLE;
        warning.textContent =
            faint >= READABLE
                ? ''
                : `These words are hard to read on this colour: ${faint} to 1. It should be ${READABLE} at least.`;
    }

    focus() {
        const field = this.fields.find(
            (one) => ['text', 'prompt', 'words'].includes(one.dataset.trait) && !one.closest('[data-trait-for]').hidden,
        );
        field?.focus();
        field?.select();
    }

    flush() {
        clearTimeout(this.#timer);
        this.#timer = 0;
        const send = this.pending;
        this.pending = null;
        send?.();
    }

    #fill(field, elements) {
        const has = elements.filter((element) => field.dataset.trait in element);
        const values = new Set(
            has.map((element) =>
                field.dataset.boxes
                    ? BOXES[field.dataset.boxes].show(element, this.#drawn(element.id))
                    : AS[field.dataset.as ?? 'plain'].show(element[field.dataset.trait]),
            ),
        );
        const [value] = values;
        const mixed = values.size > 1;
        if (field.type === 'color') {
            field.value = value ?? field.dataset.usual;
            return;
        }
        if (field.type === 'checkbox') {
            field.checked = !mixed && value === true;
            field.indeterminate = mixed;
        } else {
            field.value = mixed ? '' : (value ?? '');
            field.placeholder = mixed ? 'different' : '';
        }
    }

    #note(field, wait) {
        const ids = this.ids;
        const name = field.dataset.trait;
        const changes = this.#changes(field);
        if (changes === null) return;
        clearTimeout(this.#timer);
        if (this.pendingName && this.pendingName !== name) this.flush();
        this.pendingName = name;
        this.pending = () => this.changed(ids, changes);
        if (wait === 0) this.flush();
        else this.#timer = setTimeout(() => this.flush(), wait);
    }

    /** The properties that a field sets; null when it says nothing yet. */
    #changes(field) {
        if (field.dataset.boxes)
            return BOXES[field.dataset.boxes].changes(this.stage.data(this.ids[0]), field.value, this.#levels());
        const value = this.#value(field);
        if (value === undefined) return null;
        return { [field.dataset.trait]: value, ...('names' in field.dataset && this.#called(field)) };
    }

    /** What is chosen names the parts, too, unless the teacher has given them a name of another kind. */
    #called(field) {
        const names = ['', ...[...field.options].map(({ text }) => text)];
        const free = this.ids.every((id) => names.includes(this.stage.data(id).name));
        return free ? { name: field.selectedOptions[0].text } : {};
    }

    /** Of the boxes of a hierarchy, how far each is below the top, as the server has drawn them. */
    #drawn(id) {
        return this.stage.element(id)?.dataset.levels?.split(' ').map(Number);
    }

    /** The same for what is typed: the shape may have been chosen a moment ago, and not be drawn yet. */
    #levels() {
        return (
            this.#drawn(this.ids[0]) ??
            (this.panel.querySelector('[data-trait=shape]').value === 'hierarchy' ? [] : undefined)
        );
    }

    /** What a field says, as the property has it; undefined when it says nothing yet. */
    #value(field) {
        if (field.type === 'checkbox') return field.checked;
        if (field.dataset.as)
            return field.value === '' && field.dataset.as === 'percent'
                ? undefined
                : AS[field.dataset.as].read(field.value, this.stage.data(this.ids[0])[field.dataset.trait]);
        if (field.type === 'number') return field.value === '' ? undefined : Number(field.value);
        return field.value;
    }

    #limited() {
        const { of, least, most } = Object.fromEntries(this.limit.map((part) => [part.dataset.limitPart, part.value]));
        if (of !== '' && least === '' && most === '') return;
        const number = (text) => (text === '' ? null : Number(text));
        this.changed(this.ids, { limit: of === '' ? null : { of, least: number(least), most: number(most) } });
    }
}
