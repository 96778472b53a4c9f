import { Idiomorph } from 'idiomorph';
import { Edits } from './bench/edits';
import { placesIn } from './copy/places';

/** The Key station: right answers typed into the boxes of the page or into the ledger, and points. */
class KeyStation {
    constructor(root, ledger) {
        Object.assign(this, { root, ledger });
        this.page = root.querySelector('[data-key-page]');
        this.list = ledger.querySelector('[data-key-ledger]');
        this.edits = new Edits(
            root.dataset.pageId,
            Number(root.dataset.revision),
            {
                drawn: (answer) => this.#draw(answer),
                stale: (words) => this.#problem(words),
                refused: (problem) => this.#problem(problem.message),
                waiting: (isWaiting) =>
                    this.#problem(
                        isWaiting
                            ? 'There is no connection. What you typed is kept here and is sent when the server is back; leave this screen open.'
                            : '',
                    ),
            },
            'key',
        );
        this.#steps(root.dataset.undo === 'yes', root.dataset.redo === 'yes');
        this.#listenToPage();
        this.#typedBefore();
        this.#sentTo(/^#on=([\w-]+)$/.exec(window.location.hash)?.[1]);
        this.list.addEventListener('change', (event) => this.#changed(event.target));
        this.list.addEventListener('click', (event) => {
            if (event.target.closest('[data-how-all]')) this.#hold(event.target.closest('[data-how]'), true);
            if (event.target.closest('[data-key-go]')) this.#go(event.target.closest('[data-key-row]').dataset.keyRow);
        });
        ledger.querySelector('[data-all-points]').addEventListener('submit', (event) => {
            event.preventDefault();
            const ids = [
                ...new Set([...this.list.querySelectorAll('[data-points]')].map((field) => field.dataset.points)),
            ];
            if (ids.length > 0)
                this.#edit({ kind: 'change', ids, set: { points: Number(event.target.querySelector('input').value) } });
        });
        root.querySelectorAll('[data-step]').forEach((button) =>
            button.addEventListener('click', () => this.#edit(button.dataset.step)),
        );
        root.querySelector('[data-dismiss]').addEventListener('click', () => this.#problem(''));
        document.addEventListener('keydown', (event) => {
            if (
                event.defaultPrevented ||
                !(event.ctrlKey || event.metaKey) ||
                event.key.toLowerCase() !== 'z' ||
                event.target.closest('input, textarea, select')
            )
                return;
            event.preventDefault();
            this.#edit(event.shiftKey ? 'redo' : 'undo');
        });
        window.addEventListener('beforeunload', (event) => {
            document.activeElement?.blur?.();
            if (!this.edits.idle) event.preventDefault();
        });
    }

    /** What is typed on the page is the first right answer; others as right stay as they are. */
    #listenToPage() {
        const changed = (place) => {
            this.waiting = place;
            clearTimeout(this.timer);
            this.timer = setTimeout(() => this.#flush(), 500);
        };
        this.places = placesIn(this.page, changed, { saved: async () => {} });
        this.page.addEventListener('focusout', () => this.#flush());
        this.page.addEventListener('focusin', (event) => {
            const place = this.places.find((one) => one.holds(event.target));
            if (place) this.#mark(place.key.slice(2));
        });
    }

    /** Who comes from a finding of the Check station comes to the place that it is about. */
    #sentTo(id) {
        const row = id && this.list.querySelector(`[data-key-row="${id}"], [data-key-row^="${id}."]`);
        row?.scrollIntoView({ block: 'center' });
        row?.querySelector('textarea, select, input')?.focus();
    }

    /** Who is quicker than this script has typed all the same: what differs from what the page came with is kept. */
    #typedBefore() {
        this.places
            .filter((place) => place.drawn !== undefined && place.value !== place.drawn)
            .forEach((place) => this.#keep(place));
        [...this.list.querySelectorAll('textarea[data-key], input[data-points]')]
            .filter((field) => field.value !== field.defaultValue && field !== document.activeElement)
            .forEach((field) => this.#changed(field));
    }

    #flush() {
        clearTimeout(this.timer);
        const place = this.waiting;
        this.waiting = null;
        if (place) this.#keep(place);
    }

    #keep(place) {
        const name = place.key.slice(2);
        const value = place.value;
        const others = this.list.querySelector(`textarea[data-key="${name}"]:not([data-one])`);
        const rest = others
            ? others.value
                  .split('\n')
                  .slice(1)
                  .filter((line) => line.trim() !== '')
            : [];
        this.#send(name, [
            ...(place.field.dataset.kind === 'choice' ? value.split(',') : [value]).filter((one) => one !== ''),
            ...rest,
        ]);
    }

    #changed(field) {
        if (field.dataset.points)
            this.#edit({
                kind: 'change',
                ids: [field.dataset.points],
                set: { points: field.value === '' ? null : Number(field.value) },
            });
        else if (field.closest('[data-how]')) this.#hold(field.closest('[data-how]'));
        else if ('modelPoints' in field.dataset)
            this.#edit({ kind: 'model-points', points: field.value === '' ? null : Number(field.value) });
        else if ('modelCounts' in field.dataset)
            this.#edit({
                kind: 'model-counts',
                counts: [...this.list.querySelectorAll('[data-model-counts]:checked')].map((one) => one.value),
            });
        else if (field.dataset.keyChoice)
            this.#send(
                field.dataset.keyChoice,
                [...this.list.querySelectorAll(`[data-key-choice="${field.dataset.keyChoice}"]:checked`)].map(
                    (one) => one.value,
                ),
            );
        else if (field.dataset.key)
            this.#send(
                field.dataset.key,
                ('one' in field.dataset ? [field.value] : field.value.split('\n'))
                    .map((line) => line.trim())
                    .filter((line) => line !== ''),
            );
    }

    /** How closely words are held against the key: there, or everywhere on the page. */
    #hold(how, everywhere = false) {
        const all = [...this.list.querySelectorAll('[data-how]')];
        this.#edit({
            kind: 'change',
            ids: (everywhere ? all : [how]).map((one) => one.dataset.how),
            set: {
                counts: [...how.querySelectorAll('[data-counts]:checked')].map((one) => one.value),
                misspelt: how.querySelector('[data-misspelt]').value,
            },
        });
    }

    #send(place, answers) {
        this.#edit({ kind: 'key', place, answers });
    }

    #edit(edit) {
        this.#problem('');
        this.edits.send(edit);
    }

    #go(name) {
        this.places.find((place) => place.key === `1.${name}`)?.focus();
        this.#mark(name);
    }

    #mark(name) {
        this.list
            .querySelectorAll('[data-key-row]')
            .forEach((row) => row.classList.toggle('is-selected', row.dataset.keyRow === name));
        this.list.querySelector(`[data-key-row="${CSS.escape(name)}"]`)?.scrollIntoView({ block: 'nearest' });
    }

    #draw(answer) {
        const open = [...this.list.querySelectorAll('[data-how][open]')].map((one) => one.dataset.how);
        Idiomorph.morph(this.list, answer.ledger.trim(), { morphStyle: 'innerHTML', ignoreActiveValue: true });
        open.forEach((id) => this.list.querySelector(`[data-how="${id}"]`)?.setAttribute('open', ''));
        const shown = new DOMParser().parseFromString(answer.page, 'text/html');
        const now = new Map(placesIn(shown, () => {}, {}).map((place) => [place.key, place]));
        const texts = new Map([...now].map(([key, { value }]) => [key, value]));
        this.places.forEach((place) => {
            if (place.isLaidOut) place.lines = JSON.parse(now.get(place.key).field.dataset.guides);
            if (
                place !== this.waiting &&
                (place.isLaidOut || !place.holds(document.activeElement)) &&
                place.value !== texts.get(place.key)
            )
                place.value = texts.get(place.key) ?? '';
        });
        this.#steps(answer.undo, answer.redo);
        const tally = this.list.querySelector('[data-keyed]');
        const state = document.querySelector('[data-job-state=key]');
        this.elsewhere ??= state.textContent
            .match(/\d+/g)
            ?.map(Number)
            .map((count, at) => count - [this.keyedBefore, Number(tally.dataset.all)][at]);
        if (this.elsewhere)
            state.textContent = `${this.elsewhere[0] + Number(tally.dataset.keyed)} of ${this.elsewhere[1] + Number(tally.dataset.all)} keyed`;
    }

    get keyedBefore() {
        return Number(this.root.dataset.keyed);
    }

    #steps(undo, redo) {
        this.root.querySelector('[data-step=undo]').disabled = !undo;
        this.root.querySelector('[data-step=redo]').disabled = !redo;
    }

    #problem(words) {
        const notice = this.root.querySelector('[data-problem]');
        notice.hidden = words === '';
        notice.querySelector('[data-problem-words]').textContent = words;
    }
}

new KeyStation(document.querySelector('[data-key-station]'), document.querySelector('.ledger'));
