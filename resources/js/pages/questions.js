import { PointerDrag } from '../lib/pointer-drag';
import { requestPage } from '../lib/request';

const EDGE = { mouse: 8, pen: 10, touch: 16 }; // pixels from an edge within which a pointer takes hold of it
const SMALLEST = 12; // points
const STEP = 4; // points that a key moves
const NEW = { x: 40, height: 60 }; // points
const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };

const limit = (value, least, most) => Math.max(least, Math.min(most, value));
const right = (one) => one.x + one.width;
const bottom = (one) => one.y + one.height;

/** One page large, with the questions of its print as rectangles: drawn, moved, numbered, joined and taken out. */
export class QuestionsDialog {
    #dialog;
    #send;
    #form;
    #layer;
    #list = [];
    #changed = false;

    /** @param send (body) to a problem, or null where it was done */
    constructor(dialog, send) {
        this.#dialog = dialog;
        this.#send = send;
        dialog.addEventListener('cancel', (event) => {
            if (!this.#changed) return;
            event.preventDefault();
            this.#problem('What you marked is not kept yet. Press Esc once more to leave it.');
            this.#changed = false;
        });
        dialog.addEventListener('submit', (event) => {
            event.preventDefault();
            this.#keep(
                this.#list.map(({ number, x, y, width, height, goes_on }) => ({
                    number,
                    x,
                    y,
                    width,
                    height,
                    goes_on,
                })),
            );
        });
        dialog.addEventListener('click', (event) => this.#press(event.target.closest('button')));
        dialog.addEventListener('input', (event) => this.#type(event.target));
        dialog.addEventListener('focusin', (event) => this.#mark(event.target));
    }

    async open(url) {
        this.#dialog.innerHTML = await requestPage('GET', url);
        this.#form = this.#dialog.querySelector('[data-asked-form]');
        this.#layer = this.#dialog.querySelector('[data-regions]');
        this.#list = [];
        JSON.parse(this.#form.dataset.questions).forEach((one) => this.#put(one, this.#list.length));
        this.#changed = false;
        this.#drags();
        this.#layer.addEventListener('keydown', (event) => this.#key(event));
        this.#draw();
        this.#dialog.showModal();
        this.#dialog.querySelector('h2').focus();
    }

    get #page() {
        return { width: Number(this.#layer.dataset.width), height: Number(this.#layer.dataset.height) };
    }

    /** Where a pointer is on the page, in points. */
    #at(event) {
        const box = this.#layer.getBoundingClientRect();
        const scale = this.#page.width / box.width;
        return { x: (event.clientX - box.left) * scale, y: (event.clientY - box.top) * scale };
    }

    #of(element) {
        return this.#list.find((one) => one.region === element || one.row.contains(element));
    }

    #drags() {
        new PointerDrag(this.#layer, {
            begins: (event) => {
                const from = this.#at(event);
                const one = this.#of(event.target.closest('.asked-of__region'));
                if (!one) return { from };
                return { from, one, was: { ...one }, edges: this.#edges(one.region, event) };
            },
            follows: (drag, event) => {
                const to = this.#at(event);
                if (!drag.one) {
                    drag.one = this.#put(this.#next({ ...drag.from, width: 0, height: 0 }));
                    drag.isNew = true;
                }
                if (drag.isNew) this.#span(drag.one, drag.from, to);
                else this.#move(drag.one, drag.was, drag.edges, to.x - drag.from.x, to.y - drag.from.y);
                this.#draw();
            },
            drops: (drag) => {
                if (!drag.one) return;
                if (drag.isNew && Math.min(drag.one.width, drag.one.height) < SMALLEST) this.#out(drag.one);
                else if (drag.isNew) drag.one.row.querySelector('input').select();
                else drag.one.region.focus();
                this.#draw();
            },
            cancelled: (drag) => {
                if (drag.isNew) this.#out(drag.one);
                else if (drag.one) Object.assign(drag.one, drag.was);
                this.#draw();
            },
        });
    }

    #edges(region, event) {
        const box = region.getBoundingClientRect();
        const near = (a, b, room) => Math.abs(a - b) <= Math.min(EDGE[event.pointerType] ?? EDGE.mouse, room / 4);
        return {
            left: near(event.clientX, box.left, box.width),
            right: near(event.clientX, box.right, box.width),
            top: near(event.clientY, box.top, box.height),
            bottom: near(event.clientY, box.bottom, box.height),
        };
    }

    /** What is held by an edge grows or shrinks there; what is held by none moves. */
    #move(one, was, edges, dx, dy) {
        const { width, height } = this.#page;
        if (!Object.values(edges).some(Boolean)) {
            one.x = limit(was.x + dx, 0, width - was.width);
            one.y = limit(was.y + dy, 0, height - was.height);
        }
        if (edges.left) one.x = limit(was.x + dx, 0, right(was) - SMALLEST);
        if (edges.left) one.width = right(was) - one.x;
        if (edges.right) one.width = limit(was.width + dx, SMALLEST, width - was.x);
        if (edges.top) one.y = limit(was.y + dy, 0, bottom(was) - SMALLEST);
        if (edges.top) one.height = bottom(was) - one.y;
        if (edges.bottom) one.height = limit(was.height + dy, SMALLEST, height - was.y);
        this.#touch();
    }

    #span(one, from, to) {
        const { width, height } = this.#page;
        const [x, y] = [limit(to.x, 0, width), limit(to.y, 0, height)];
        one.x = Math.min(from.x, x);
        one.y = Math.min(from.y, y);
        one.width = Math.abs(x - from.x);
        one.height = Math.abs(y - from.y);
        this.#touch();
    }

    /** A new one, numbered after the one above it. */
    #next(frame) {
        const before = this.#list[this.#placeOf(frame) - 1]?.number ?? '0';
        return { ...frame, number: /^\d+$/.test(before) ? String(Number(before) + 1) : '', goes_on: false };
    }

    /** Behind the last one that begins above it in its column. */
    #placeOf(frame) {
        const isAbove = (one) => one.y <= frame.y && one.x < right(frame) + 1 && frame.x < right(one) + 1;
        return this.#list.findLastIndex(isAbove) + 1;
    }

    #put(one, place = this.#placeOf(one)) {
        const made = (name) =>
            this.#form.querySelector(`[data-${name}-template]`).content.firstElementChild.cloneNode(true);
        const added = { ...one, region: made('region'), row: made('row') };
        this.#list.splice(place, 0, added);
        added.row.querySelector('input').value = one.number;
        return added;
    }

    #out(one) {
        this.#list = this.#list.filter((other) => other !== one);
        this.#touch();
    }

    #touch() {
        this.#changed = true;
        this.#problem('');
    }

    #add() {
        const last = this.#list.at(-1);
        const { width, height } = this.#page;
        const frame = {
            x: last?.x ?? NEW.x,
            y: limit(last ? bottom(last) + 4 : NEW.x, 0, height - NEW.height),
            width: last?.width ?? width - 2 * NEW.x,
            height: NEW.height,
        };
        const one = this.#put(this.#next(frame));
        this.#touch();
        this.#draw();
        one.row.querySelector('input').select();
    }

    #join(one) {
        const before = this.#list[this.#list.indexOf(one) - 1];
        const [x, y] = [Math.min(before.x, one.x), Math.min(before.y, one.y)];
        Object.assign(before, {
            x,
            y,
            width: Math.max(right(before), right(one)) - x,
            height: Math.max(bottom(before), bottom(one)) - y,
        });
        this.#out(one);
        this.#draw();
        before.region.focus();
    }

    #takeOut(one) {
        const at = this.#list.indexOf(one);
        this.#out(one);
        this.#draw();
        (this.#list[at] ?? this.#list[at - 1])?.region.focus();
    }

    #press(button) {
        if (!button) return;
        const one = this.#of(button);
        if (button.matches('[data-asked-add]')) this.#add();
        else if (button.matches('[data-asked-join]')) this.#join(one);
        else if (button.matches('[data-asked-out]')) this.#takeOut(one);
        else if (button.matches('[data-asked-found]')) this.#keep(null);
        else if (button.matches('[data-asked-close]')) this.#dialog.close();
    }

    #type(field) {
        const one = this.#of(field);
        if (!one) return;
        one.number = field.value.trim();
        this.#touch();
        this.#draw();
    }

    #key(event) {
        const one = this.#of(event.target.closest('.asked-of__region'));
        if (!one || event.ctrlKey || event.metaKey || event.altKey) return;
        const [dx, dy] = ARROWS[event.key] ?? [0, 0];
        if (dx || dy) {
            const edges = event.shiftKey ? { right: dx !== 0, bottom: dy !== 0 } : {};
            this.#move(one, { ...one }, edges, STEP * dx, STEP * dy);
            this.#draw();
        } else if (event.key === 'Delete' || event.key === 'Backspace') this.#takeOut(one);
        else return;
        event.preventDefault();
    }

    /** Shows which row and which rectangle are one. */
    #mark(element) {
        const chosen = this.#of(element);
        this.#list.forEach((one) => {
            one.region.classList.toggle('is-chosen', one === chosen);
            one.row.classList.toggle('is-chosen', one === chosen);
        });
        if (chosen?.region === element) chosen.row.scrollIntoView({ block: 'nearest' });
        if (chosen?.row.contains(element)) chosen.region.scrollIntoView({ block: 'nearest' });
    }

    #draw() {
        const { width, height } = this.#page;
        const rows = this.#form.querySelector('[data-asked-rows]');
        // Nothing is put anew that stands in its place: what is written in keeps the caret.
        const inOrder = (root, elements) => {
            [...root.children].filter((one) => !elements.includes(one)).forEach((one) => one.remove());
            elements.forEach((one, at) => {
                if (root.children[at] !== one) root.insertBefore(one, root.children[at] ?? null);
            });
        };
        inOrder(
            this.#layer,
            this.#list.map((one) => one.region),
        );
        inOrder(
            rows,
            this.#list.map((one) => one.row),
        );
        const smallerLast = [...this.#list].sort((a, b) => b.width * b.height - a.width * a.height);
        this.#list.forEach((one, at) => {
            const said = one.number === '' ? 'without a number' : one.number;
            Object.assign(one.region.style, {
                left: `${(100 * one.x) / width}%`,
                top: `${(100 * one.y) / height}%`,
                width: `${(100 * one.width) / width}%`,
                height: `${(100 * one.height) / height}%`,
                zIndex: smallerLast.indexOf(one) + 1,
            });
            one.region.querySelector('b').textContent = one.number === '' ? '?' : one.number;
            one.region.setAttribute('aria-label', `Question ${said}`);
            one.row.querySelector('[data-asked-join]').hidden = at === 0;
            one.row.querySelector('[data-asked-join]').setAttribute('aria-label', `Join ${said} to the one before`);
            one.row.querySelector('[data-asked-out]').setAttribute('aria-label', `Take out ${said}`);
        });
        this.#form.querySelector('[data-asked-none]').hidden = this.#list.length > 0;
    }

    async #keep(questions) {
        const problem = await this.#send({ page: Number(this.#form.dataset.page), questions });
        if (problem) this.#problem(problem.message);
        else this.#dialog.close();
    }

    #problem(words) {
        this.#form.querySelector('[data-asked-problem]').textContent = words;
    }
}
