import { isFilled } from '../lib/filled';
import { DrawingPlace } from './drawing';
import { ModelPlace } from './model';
import { PassagePlace } from './passage';
import { PicturePlace } from './picture';
import { SpokenPlace } from './spoken';
import { caretIn } from '../lib/caret';
import { fit } from '../lib/fit';
import { markMore } from '../lib/overflow';

// The places of a copy, whatever is put in them: each has its value as text, as OpenSlate\Answers has it, and says
// when a student changes it.

/** Puts a text into a field in which somebody may be typing. */
function keepingCaret(field, text) {
    const { value, selectionStart, selectionEnd } = field;
    field.value = text;
    if (document.activeElement !== field || selectionStart === null) return;
    field.setSelectionRange(caretIn(value, text, selectionStart), caretIn(value, text, selectionEnd));
}

class TextPlace {
    constructor(field, changed) {
        this.field = field;
        this.key = field.dataset.place;
        this.limit = document.getElementById(`limit-${this.key}`);
        field.addEventListener('input', () => {
            this.#show();
            changed(this);
        });
        // Letters that are put together from several keys must not be disturbed.
        field.addEventListener('compositionstart', () => (this.isBusy = true));
        field.addEventListener('compositionend', () => (this.isBusy = false));
        this.#show();
    }

    #show() {
        fit(this.field);
        markMore(this.field);
    }

    /** What the page came with: where it differs, somebody was quicker than the script. */
    get drawn() {
        return this.field.defaultValue.replace(/\r\n?/g, '\n');
    }
    get value() {
        return this.field.value;
    }
    set value(text) {
        if (this.field.value !== text) {
            keepingCaret(this.field, text);
            this.#show();
        }
    }
    get filled() {
        return isFilled(this.value);
    }
    focus() {
        this.field.focus();
    }
    holds(target) {
        return target === this.field;
    }

    /** What the server says of how much is written. */
    said({ said, met }) {
        if (!this.limit) return;
        this.limit.textContent = said;
        this.limit.toggleAttribute('data-met', met);
    }
}

class TickPlace extends TextPlace {
    /** Ticks that follow one another are one question, filled when one of them is ticked. */
    run = [this];

    get filled() {
        return this.run.some((tick) => tick.value !== '');
    }
    words(value) {
        return value === '' ? 'not ticked' : 'ticked';
    }
    get drawn() {
        return this.field.defaultChecked ? 'yes' : '';
    }
    get value() {
        return this.field.checked ? 'yes' : '';
    }
    set value(text) {
        this.field.checked = text === 'yes';
    }
}

class ListPlace extends TextPlace {
    get drawn() {
        return [...this.field.options].find((option) => option.defaultSelected)?.value ?? this.field.options[0].value;
    }
    get value() {
        return this.field.value;
    }
    set value(text) {
        this.field.value = text;
    }
}

class ChoicePlace {
    constructor(field, changed) {
        this.field = field;
        this.key = field.dataset.place;
        this.options = [...field.querySelectorAll('input')];
        field.addEventListener('change', () => changed(this));
        // A choice of one can be taken back, too: by pressing it again, or with Delete.
        const clear = (option) => {
            option.checked = false;
            changed(this);
        };
        let was = null;
        field.addEventListener('pointerdown', (event) => {
            was = event.target.type === 'radio' && event.target.checked ? event.target : null;
        });
        field.addEventListener('click', (event) => {
            if (was && event.target === was) clear(was);
            was = null;
        });
        field.addEventListener('keydown', (event) => {
            if ((event.key === 'Delete' || event.key === 'Backspace') && event.target.checked) clear(event.target);
        });
    }

    get drawn() {
        return this.options
            .filter((option) => option.defaultChecked)
            .map((option) => option.value)
            .join(',');
    }
    get value() {
        return this.options
            .filter((option) => option.checked)
            .map((option) => option.value)
            .join(',');
    }
    set value(text) {
        const chosen = text.split(',');
        this.options.forEach((option) => {
            option.checked = chosen.includes(option.value);
        });
    }
    get filled() {
        return this.value !== '';
    }
    words(value) {
        const chosen = value.split(',');
        return this.options
            .filter((option) => chosen.includes(option.value))
            .map((option) => option.getAttribute('aria-label'))
            .join(', ');
    }
    focus() {
        (this.options.find((option) => option.checked) ?? this.options[0]).focus();
    }
    holds(target) {
        return this.field.contains(target);
    }
}

const KINDS = {
    tick: TickPlace,
    list: ListPlace,
    choice: ChoicePlace,
    passage: PassagePlace,
    drawing: DrawingPlace,
    picture: PicturePlace,
    spoken: SpokenPlace,
    model: ModelPlace,
};

/** What a place is called, as its page says it to those who do not see it. */
export const nameOf = (field) =>
    field.closest('[data-said]')?.dataset.said ??
    field.getAttribute('aria-label') ??
    field.closest('[data-page]').querySelector('h2').textContent;

/** All places below an element, in the order in which they are read. */
export function placesIn(root, changed, work) {
    const places = [...root.querySelectorAll('[data-place]')].map(
        (field) => new (KINDS[field.dataset.kind] ?? TextPlace)(field, changed, work),
    );
    const page = ({ key }) => key.split('.')[0];
    places.forEach((place, at) => {
        const before = places[at - 1];
        if (place.run && before?.run && page(before) === page(place)) {
            place.run = before.run;
            place.run.push(place);
        }
    });
    return places;
}

const isCounted = (place) => !place.run || place.run[0] === place;

/** How many are filled, as OpenSlate\Copies\Work counts them. */
export const filledIn = (places) =>
    places.filter(isCounted).reduce((sum, place) => sum + (place.filledCount ?? Number(place.filled)), 0);

/** Those that still want something. */
export const blankIn = (places) => places.filter((place) => isCounted(place) && !place.filled);
