import { Idiomorph } from 'idiomorph';
import { takesOtherWorksheets } from './bench/other-worksheets';
import { once, request } from './lib/request';

const WAIT = 250;
const STEPS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

/** A choice board being made. What stands where is in the options' own fields; the server draws the page. */
class Board {
    #root;
    #ledger;
    #stage;
    #timer = 0;
    #asked = 0;
    #dragged = null;
    #focusNext = null;
    #made = 0;
    #once = once();

    constructor(root, ledger) {
        this.#root = root;
        this.#ledger = ledger;
        this.#stage = root.querySelector('[data-board-page]');
        this.#places();
        ledger.addEventListener('input', (event) => this.#input(event));
        ledger.querySelector('[data-board-save]').addEventListener('click', () => this.#save());
        ledger.querySelector('[data-option-new]').addEventListener('click', () => this.#another());
        ledger.addEventListener('click', (event) => {
            if (event.target.matches('[data-option-remove]')) this.#remove(event.target.closest('[data-option-row]'));
        });
        const others = document.querySelector('[data-others]');
        if (others)
            takesOtherWorksheets(others, ledger.querySelector('[data-others-open]'), (taken) => this.#take(taken));
        this.#stage.addEventListener('keydown', (event) => this.#key(event));
        this.#dragging();
    }

    #rows() {
        return [...this.#ledger.querySelectorAll('[data-option-row]')];
    }

    #row(id) {
        return this.#rows().find((row) => row.dataset.optionRow === id);
    }

    #select(row) {
        return row.querySelector('[data-option-place]');
    }

    #count() {
        return Number(this.#ledger.querySelector('[data-board-count]').value);
    }

    /** Every option can be chosen a place; an option whose place is gone stands beside the board. */
    #places() {
        const count = this.#count();
        this.#rows().forEach((row) => {
            const select = this.#select(row);
            const now = select.options.length > 0 ? Number(select.value) : Number(select.dataset.now);
            select.replaceChildren(
                new Option('not on it', '0'),
                ...Array.from({ length: count }, (_, n) => new Option(`place ${n + 1}`, `${n + 1}`)),
            );
            select.value = String(now <= count ? now : 0);
            select.dataset.now = select.value;
        });
    }

    /** Puts an option into a place, or beside the board (0); what stood there takes its old place. */
    #put(row, place) {
        const select = this.#select(row);
        const old = select.dataset.now;
        const there =
            place > 0 && this.#rows().find((other) => other !== row && this.#select(other).value === String(place));
        if (there) {
            this.#select(there).value = old;
            this.#select(there).dataset.now = old;
        }
        select.value = String(place);
        select.dataset.now = select.value;
        const name = row.querySelector('[data-option-name]').value || 'The option';
        this.#say(place > 0 ? `${name} is in place ${place}.` : `${name} is off the board.`);
        this.#draw();
    }

    #input(event) {
        if (event.target.matches('[data-option-place]')) {
            this.#put(event.target.closest('[data-option-row]'), Number(event.target.value));
            return;
        }
        if (event.target.matches('[data-board-count]')) this.#places();
        clearTimeout(this.#timer);
        this.#timer = setTimeout(() => this.#draw(), WAIT);
    }

    #another() {
        const row = this.#ledger.querySelector('[data-option-template]').content.firstElementChild.cloneNode(true);
        this.#made += 1;
        row.dataset.optionRow = `n${Date.now().toString(36)}${this.#made}`;
        this.#ledger.querySelector('[data-options]').append(row);
        this.#places();
        row.querySelector('[data-option-name]').focus();
        return row;
    }

    /** Other worksheets as options, each in the next free place; where there is none, the board gets one. */
    #take(worksheets) {
        worksheets.forEach(({ of, name, pages, worksheet }) => {
            const row = this.#another();
            row.dataset.of = of;
            row.querySelector('[data-option-name]').value = name;
            row.querySelector('[data-option-pages]').value = pages;
            row.querySelector('[data-option-of] b').textContent = worksheet;
            row.querySelector('[data-option-of]').hidden = false;
            row.querySelector('[data-option-remove]').ariaLabel = `Remove ${name}`;
            this.#select(row).value = String(this.#free());
            this.#select(row).dataset.now = this.#select(row).value;
        });
        if (worksheets.length === 0) return;
        this.#say(
            worksheets.length === 1 ? `${worksheets[0].name} is an option.` : `${worksheets.length} more options.`,
        );
        this.#draw();
    }

    /** The first place that nothing stands in; 0 where the board has no room for one more. */
    #free() {
        const taken = new Set(this.#rows().map((row) => Number(this.#select(row).value)));
        const count = this.#ledger.querySelector('[data-board-count]');
        const free = Array.from({ length: this.#count() }, (_, n) => n + 1).find((place) => !taken.has(place));
        if (free) return free;
        if (count.selectedIndex === count.options.length - 1) return 0;
        count.selectedIndex += 1;
        this.#places();
        return this.#count();
    }

    #remove(row) {
        const name = row.querySelector('[data-option-name]').value || 'The option';
        const next = row.nextElementSibling ?? row.previousElementSibling;
        row.remove();
        (next?.querySelector('[data-option-remove]') ?? this.#ledger.querySelector('[data-option-new]')).focus();
        this.#say(`${name} is removed.`);
        this.#draw();
    }

    #state() {
        const value = (row, what) => row.querySelector(`[data-option-${what}]`).value;
        return {
            base: Number(this.#root.dataset.base),
            title: this.#ledger.querySelector('[data-board-title]').value,
            directions: this.#ledger.querySelector('[data-board-directions]').value,
            count: this.#count(),
            options: this.#rows().map((row) => ({
                id: row.dataset.optionRow,
                of: Number(row.dataset.of) || null,
                name: value(row, 'name'),
                line: value(row, 'line'),
                pages: value(row, 'pages'),
                place: Number(value(row, 'place')) || null,
            })),
        };
    }

    async #draw() {
        this.#asked += 1;
        const asked = this.#asked;
        const focused = document.activeElement?.closest?.('[data-place]')?.dataset.place;
        try {
            const { html } = await request('POST', this.#root.dataset.preview, this.#state());
            if (asked !== this.#asked) return;
            Idiomorph.morph(this.#stage, html, { morphStyle: 'innerHTML' });
            if (focused) this.#stage.querySelector(`[data-place="${this.#focusNext ?? focused}"]`)?.focus();
            this.#focusNext = null;
            this.#problem('');
        } catch (problem) {
            if (asked === this.#asked) this.#problem(problem.message);
        }
    }

    async #save() {
        // A picture that is still on its way says nothing about what is saved now.
        clearTimeout(this.#timer);
        this.#asked += 1;
        try {
            const { url } = await request('POST', this.#root.dataset.save, this.#state(), {
                headers: { 'Idempotency-Key': this.#once },
            });
            window.location.assign(url);
        } catch (problem) {
            if (problem.status) this.#once = once(); // Refused, it may be mended and sent again.
            this.#problem(problem.message);
        }
    }

    /** Within the board: to the place that lies in the direction of the arrow. */
    #key(event) {
        const place = event.target.closest('[data-place]');
        if (!place?.dataset.option) return;
        if (event.key === 'Delete' || event.key === 'Backspace') {
            event.preventDefault();
            this.#put(this.#row(place.dataset.option), 0);
        }
        const step = STEPS[event.key];
        const to = step && this.#beside(place, step);
        if (to) {
            event.preventDefault();
            this.#focusNext = to.dataset.place;
            this.#put(this.#row(place.dataset.option), Number(to.dataset.place));
        }
    }

    #beside(place, [x, y]) {
        const middle = (one) => {
            const box = one.getBoundingClientRect();
            return { x: box.left + box.width / 2, y: box.top + box.height / 2 };
        };
        const here = middle(place);
        const away = (one) => {
            const there = middle(one);
            return {
                along: (there.x - here.x) * x + (there.y - here.y) * y,
                aside: Math.abs((there.x - here.x) * y) + Math.abs((there.y - here.y) * x),
            };
        };
        return [...this.#stage.querySelectorAll('[data-place]')]
            .filter((one) => one !== place && away(one).along > 5 && away(one).aside < 5)
            .sort((a, b) => away(a).along - away(b).along)[0];
    }

    #dragging() {
        const over = (event) => event.target.closest('[data-place]') ?? event.target.closest('.ledger');
        document.addEventListener('dragstart', (event) => {
            const id =
                event.target.closest?.('[data-option-row]')?.dataset.optionRow ??
                event.target.closest?.('[data-place]')?.dataset.option;
            this.#dragged = id ? this.#row(id) : null;
            if (this.#dragged) event.dataTransfer.effectAllowed = 'move';
        });
        document.addEventListener('dragover', (event) => {
            this.#stage.querySelectorAll('.is-over').forEach((place) => place.classList.remove('is-over'));
            const target = this.#dragged && over(event);
            if (!target) return;
            event.preventDefault();
            target.classList.toggle('is-over', target.matches('[data-place]'));
        });
        document.addEventListener('drop', (event) => {
            const target = this.#dragged && over(event);
            if (!target) return;
            event.preventDefault();
            this.#put(this.#dragged, Number(target.dataset.place ?? 0));
        });
        document.addEventListener('dragend', () => {
            this.#dragged = null;
        });
    }

    #say(words) {
        this.#root.querySelector('[data-board-said]').textContent = words;
    }

    #problem(words) {
        this.#root.querySelector('[data-board-problem-words]').textContent = words;
        this.#root.querySelector('[data-board-problem]').hidden = words === '';
    }
}

new Board(document.querySelector('[data-board]'), document.querySelector('.ledger'));
