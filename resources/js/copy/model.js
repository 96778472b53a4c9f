import { Guides } from '../lib/guides';
import { smaller } from '../lib/pictures';
import { request } from '../lib/request';
import { upload } from '../lib/upload';

const A_TAP = 4; // pixels that a pointer may tremble …
const A_TOUCH = 9; // … and a finger
const NEAR = 14; // pixels within which a dropped part is held
const NEAR_FINGER = 24;
const STEP_REST = 350; // milliseconds after the last arrow key before a run of them is one move
const MOST_PAST = 100;
const GUIDES_REST = 120; // milliseconds after a move before the lines to hold to are asked for
const MOST_BYTES = 5 * 1048576; // of a picture

const ARROWS = { ArrowLeft: [-1, 0], ArrowRight: [1, 0], ArrowUp: [0, -1], ArrowDown: [0, 1] };
const tidy = (value) => Math.round(value * 100) / 100;
/** The part whose joint holds something: "hull.1" of "foot>hull.1.deck". */
const holder = (held) => /^[a-z0-9]*>([a-z0-9]+\.\d+)\./.exec(held ?? '')?.[1];
const parse = (text) => { try { const { near, ...placed } = JSON.parse(text || '{}'); return placed; } catch { return {}; } };

/**
 * The parts of a page, as OpenSlate\Parts\Model has them. A part is moved by dragging it; by choosing it and then a
 * place, with taps or keys; or with the arrows. Here it lies where it was dropped; the server says where it settles.
 */
export class ModelPlace {
    #past = [];
    #future = [];
    #chosen = null; // { key, end } of what goes to the place that is chosen next
    #drag = null;
    #frame = 0;
    #stepTimer = 0;
    #carried = {}; // what went along with a part that was dropped, until the server says where it rests

    /** It is looked at as a whole: touching a part must not make the page larger. */
    isLaidOut = true;

    constructor(field, changed, work) {
        this.field = field;
        this.work = work;
        this.key = field.dataset.place;
        this.text = field.dataset.model;
        this.placed = parse(this.text);
        this.layer = field.closest('.sheet__layer');
        this.sheet = field.closest('.sheet');
        [this.width, this.height] = [Number(this.layer.dataset.width), Number(this.layer.dataset.height)];
        this.pieces = new Map([...field.querySelectorAll('[data-piece]')].map((piece) => [piece.dataset.piece, piece]));
        this.fixed = [...field.querySelectorAll('[data-fixed]')];
        this.spots = [...this.layer.querySelectorAll('[data-spot]')];
        this.page = field.closest('[data-page]');
        this.bar = this.page?.querySelector('[data-moves]');
        if (!this.bar) return; // Handed in: it can be looked at.
        this.changed = () => changed(this);
        this.guides = new Guides({ layer: this.layer, width: this.width, height: this.height, get scale() { return this.layer.getBoundingClientRect().width / this.width; } });
        this.#listen();
        this.#buttons();
    }

    get value() { return this.text; }
    set value(text) {
        this.#carried = {};
        this.text = text;
        this.placed = parse(text);
        this.#show();
        this.#buttons();
    }

    get filled() { return Object.keys(this.placed).length > 0; }
    words(value) { const count = Object.keys(parse(value)).length; return count === 1 ? '1 part moved' : `${count} parts moved`; }
    focus() {
        const all = [...this.pieces.values()].filter((piece) => !('fixed' in piece.dataset));
        const piece = all.find((one) => !(one.dataset.piece in this.placed) && !one.classList.contains('is-under')) ?? all.find((one) => !one.classList.contains('is-under'));
        (piece.querySelector('[data-end]') ?? piece).focus();
    }
    holds(target) { return this.field.contains(target); }

    /** Where the server has let the parts come to rest; and what it says of those that went back. */
    settled(text) {
        const last = this.last;
        this.value = text;
        if (last && this.pieces.has(last)) this.#say(this.pieces.get(last).getAttribute('aria-label'));
        this.last = null;
        this.#askForGuides();
    }

    #askForGuides() {
        if (!this.work.guidesUrl) return;
        clearTimeout(this.guidesTimer);
        this.guidesTimer = setTimeout(async () => { this.lines = await request('GET', `${this.work.guidesUrl}/${this.page.dataset.page}`).catch(() => this.lines); }, GUIDES_REST);
    }

    /** The same where more was moved while it was on its way: what was not touched since is where the server has it. */
    rebased(sent, text) {
        const [was, now] = [parse(sent), parse(text)];
        const isAsSent = (key) => JSON.stringify(this.placed[key]) === JSON.stringify(was[key]);
        const keys = [...Object.keys(now).filter(isAsSent), ...Object.keys(this.placed).filter((key) => !isAsSent(key))];
        const { near } = JSON.parse(this.text || '{}');
        this.placed = Object.fromEntries(keys.map((key) => [key, isAsSent(key) ? now[key] : this.placed[key]]));
        this.#carried = {};
        this.text = keys.length === 0 ? '' : JSON.stringify({ ...this.placed, near });
        this.#show();
        return this.text;
    }

    note(words) { this.#say(words); }

    // --- what is where ---

    #home(key) { return JSON.parse(this.pieces.get(key).dataset.home); }
    #isConnector(key) { return this.pieces.get(key).classList.contains('piece--connector'); }

    /** [x, y, held, words, x2, y2, held2], as the model has it. */
    #at(key) {
        const home = this.#home(key);
        return this.#carried[key] ?? this.placed[key] ?? (this.#isConnector(key) ? [home[0], home[1], '', '', home[2], home[3], ''] : home);
    }

    #box(key) {
        const [x, y, , , x2, y2] = this.#at(key);
        if (x2 !== undefined) return { x: Math.min(x, x2), y: Math.min(y, y2), width: Math.abs(x2 - x), height: Math.abs(y2 - y) };
        const style = this.pieces.get(key).style;
        return { x, y, width: Number(style.getPropertyValue('--w')), height: Number(style.getPropertyValue('--h')) };
    }

    #joints(key) {
        const { x, y, width, height } = this.#box(key);
        return JSON.parse(this.pieces.get(key).dataset.joints).map(([id, across, down]) => [id, x + across * width, y + down * height]);
    }

    // --- showing ---

    #show() {
        const order = Object.keys(this.placed);
        this.pieces.forEach((piece, key) => {
            this.#draw(key, this.#at(key));
            piece.style.setProperty('--z', key in this.placed ? 600 + order.indexOf(key) : Number(piece.dataset.level));
            piece.setAttribute('aria-label', this.#said(key));
            const words = this.placed[key]?.[3];
            if ('own' in piece.dataset) this.#ownWords(piece, words);
            if ('picture' in piece.dataset) this.#ownPicture(piece, words);
        });
        this.#stocks();
    }

    #draw(key, [x, y, , , x2, y2]) {
        const piece = this.pieces.get(key);
        if (x2 === undefined) {
            piece.style.setProperty('--x', x);
            piece.style.setProperty('--y', y);
            return;
        }
        const [left, top] = [Math.min(x, x2), Math.min(y, y2)];
        const [width, height] = [Math.abs(x2 - x), Math.abs(y2 - y)];
        Object.entries({ x: left, y: top, w: width, h: height }).forEach(([name, value]) => piece.style.setProperty(`--${name}`, value));
        piece.querySelector('svg').setAttribute('viewBox', `0 0 ${Math.max(1, width)} ${Math.max(1, height)}`);
        piece.querySelectorAll('line').forEach((line) => Object.entries({ x1: x - left, y1: y - top, x2: x2 - left, y2: y2 - top }).forEach(([name, value]) => line.setAttribute(name, value)));
        piece.querySelectorAll('[data-end]').forEach((end) => { const second = end.dataset.end === '1'; end.style.setProperty('--ex', (second ? x2 : x) - left); end.style.setProperty('--ey', (second ? y2 : y) - top); });
    }

    #ownWords(piece, words = '') {
        let shown = piece.querySelector('.part__words');
        if (!shown) { shown = document.createElement('span'); shown.className = 'part__words type'; shown.style.setProperty('--size', 14); piece.append(shown); }
        piece.dataset.words ??= words === '' ? shown.textContent : '';
        shown.textContent = words === '' ? piece.dataset.words : words;
    }

    #ownPicture(piece, source = '') {
        const picture = piece.querySelector('img');
        const shown = source || piece.dataset.source;
        picture.hidden = shown === '';
        if (shown !== '' && !picture.src.endsWith(shown)) picture.src = `/pictures/${shown}`;
    }

    /** How many of a stock are left; said on the one that lies on top, which alone is seen. */
    #stocks() {
        const left = new Map();
        this.pieces.forEach((piece, key) => { if (!(key in this.placed)) left.set(key.split('.')[0], [...(left.get(key.split('.')[0]) ?? []), piece]); });
        this.pieces.forEach((piece) => { const badge = piece.querySelector('[data-left]'); if (badge) badge.hidden = true; });
        this.pieces.forEach((piece, key) => piece.classList.toggle('is-under', !(key in this.placed) && left.get(key.split('.')[0]).at(-1) !== piece));
        left.forEach((pieces) => { const badge = pieces.at(-1).querySelector('[data-left]'); if (badge && pieces.length > 1) { badge.hidden = false; badge.textContent = pieces.length; } });
    }

    #said(key) {
        const piece = this.pieces.get(key);
        const [id, number] = key.split('.');
        const placed = this.placed[key];
        const of = [...this.pieces.keys()].filter((other) => other.split('.')[0] === id).length;
        const spot = placed?.[2]?.startsWith('@') ? this.spots.find((one) => one.dataset.spot === placed[2].slice(1).split('.')[0]) : null;
        const { x, y, width, height } = this.#box(key);
        const beside = x + width / 2 < 0 || y + height / 2 < 0 || x + width / 2 > this.width || y + height / 2 > this.height;
        const joined = [placed?.[2], placed?.[6]].filter((held) => held?.includes('>')).map((held) => this.pieces.get(held.split('>')[1].split('.').slice(0, 2).join('.'))?.dataset.name);
        const where = spot ? `in ${spot.dataset.said}` : joined.length > 0 ? `joined to ${joined.join(' and ')}` : beside ? 'in the tray' : placed ? 'on the page' : '';
        const picture = 'picture' in piece.dataset;
        return [(!picture && placed?.[3]) || piece.dataset.name, picture && placed?.[3] ? 'with a picture' : '', of > 1 ? `${number} of ${of}` : '', where].filter(Boolean).join(', ');
    }

    // --- moving ---

    /** @param placed as the model has it; null puts it back where the teacher had it */
    #put(key, placed, near) {
        this.#past.push(this.text);
        if (this.#past.length > MOST_PAST) this.#past.shift();
        this.#future = [];
        const { [key]: _, ...others } = this.placed;
        delete this.#carried[key];
        this.#become(placed === null ? others : { ...others, [key]: placed }, near);
        this.last = key;
    }

    #become(placed, near) {
        this.placed = placed;
        this.text = Object.keys(placed).length === 0 ? '' : JSON.stringify(near === undefined ? placed : { ...placed, near: tidy(near) });
        this.#show();
        this.#buttons();
        this.changed();
    }

    /** A part, or one end of a connector, to a point: of a part, its middle. */
    #move(key, end, x, y, near) {
        const now = this.#at(key);
        if (!this.#isConnector(key)) {
            const { width, height } = this.#box(key);
            this.#put(key, this.#kept(key, x - width / 2, y - height / 2), near);
        } else if (end === null) {
            const box = this.#box(key);
            const [dx, dy] = [x - box.x - box.width / 2, y - box.y - box.height / 2];
            this.#put(key, [tidy(now[0] + dx), tidy(now[1] + dy), '', '', tidy(now[4] + dx), tidy(now[5] + dy), ''], near);
        } else {
            this.#put(key, end === 0 ? [tidy(x), tidy(y), '', '', now[4], now[5], ''] : [now[0], now[1], '', '', tidy(x), tidy(y), ''], near);
        }
    }

    #kept(key, x, y) {
        const words = this.placed[key]?.[3] ?? '';
        return words === '' ? [tidy(x), tidy(y)] : [tidy(x), tidy(y), '', words];
    }

    get #scale() { return this.layer.getBoundingClientRect().width / this.width; }

    /** Pixels of the screen to a point: two fingers may have enlarged what the page is laid out in. */
    get #seen() { return this.#scale * (window.visualViewport?.scale ?? 1); }

    #point(event) {
        const box = this.layer.getBoundingClientRect();
        return { x: (event.clientX - box.left) / this.#scale, y: (event.clientY - box.top) / this.#scale };
    }

    // --- pointers ---

    #listen() {
        this.field.addEventListener('pointerdown', (event) => this.#down(event));
        this.field.addEventListener('pointermove', (event) => this.#over(event));
        this.field.addEventListener('pointerup', (event) => this.#up(event));
        this.field.addEventListener('pointercancel', () => this.#cancel());
        this.layer.addEventListener('click', (event) => this.#press(event));
        this.page.addEventListener('keydown', (event) => this.#keyDown(event));
        this.sheet.addEventListener('click', (event) => { if (!this.layer.contains(event.target) && this.#chosen) this.#toPoint(event); });
        const does = { undo: () => this.#step(this.#past, this.#future), redo: () => this.#step(this.#future, this.#past), back: () => this.#askToPutBack(), tray: () => this.#toggleTray(), large: (button) => this.#large(button.dataset.large), small: () => this.#small() };
        this.bar.addEventListener('click', (event) => { const button = event.target.closest('[data-move]'); does[button?.dataset.move]?.(button); });
        this.own = this.bar.querySelector('[data-moves-own]');
        this.own.querySelector('input').addEventListener('change', (event) => this.#write(event.target.value));
        this.picture = this.bar.querySelector('[data-moves-picture]');
        this.picture.querySelector('input').addEventListener('change', (event) => this.#send(event.target));
        this.picture.querySelector('[data-moves-set]').addEventListener('click', (event) => { const button = event.target.closest('button'); if (button) this.#write(button.value); });
    }

    #down(event) {
        if (this.#drag) { this.#cancel(); return; } // A second finger: two enlarge the page, and no part is dragged.
        const piece = event.target.closest('[data-piece]');
        if (!piece || event.button !== 0 || 'fixed' in piece.dataset) return;
        this.#flushSteps();
        const key = piece.dataset.piece;
        const end = event.target.closest('[data-end]');
        const scale = this.#scale;
        this.#drag = { key, piece, pointer: event.pointerId, end: end ? Number(end.dataset.end) : null, scale, from: this.#box(key), at: this.#at(key), start: { x: event.clientX, y: event.clientY }, finger: event.pointerType === 'touch', followers: this.#followers(key) };
        (end ?? piece).setPointerCapture(event.pointerId); // The click that follows a tap goes to what has captured it.
        if (this.#drag.end === null) {
            this.guides.lines = this.lines ?? JSON.parse(this.field.dataset.guides);
            this.guides.begin([key]);
        }
    }

    /** What goes along with a part: those that hold to it, with what holds to them; and the ends of connectors that do. */
    #followers(key) {
        const all = Object.entries(this.placed);
        const along = [key];
        for (const part of along) all.forEach(([other, placed]) => { if (placed.length < 5 && holder(placed[2]) === part && !along.includes(other)) along.push(other); });
        const ends = all.filter(([, placed]) => placed.length > 4).map(([connector, placed]) => [connector, [[0, placed[2]], [4, placed[6]]].filter(([, held]) => along.includes(holder(held))).map(([end]) => end)]);
        return { parts: along.slice(1), connectors: ends.filter(([, its]) => its.length > 0) };
    }

    /** Where that is, once the part has been moved so far. */
    #along({ parts, connectors }, dx, dy) {
        const moved = (at, ends) => ends.reduce((placed, end) => placed.with(end, tidy(placed[end] + dx)).with(end + 1, tidy(placed[end + 1] + dy)), at);
        return Object.fromEntries([...parts.map((key) => [key, moved(this.#at(key), [0])]), ...connectors.map(([key, ends]) => [key, moved(this.#at(key), ends)])]);
    }

    #over(event) {
        if (this.#drag?.pointer !== event.pointerId) return;
        this.event = event;
        this.#frame ||= requestAnimationFrame(() => { this.#frame = 0; this.#follow(); });
    }

    #follow() {
        const drag = this.#drag;
        if (!drag || !this.event) return;
        const [px, py] = [this.event.clientX - drag.start.x, this.event.clientY - drag.start.y];
        if (!drag.started && Math.hypot(px, py) < (drag.finger ? A_TOUCH : A_TAP)) return;
        if (!drag.started) { drag.started = true; drag.piece.classList.add('is-dragged'); }
        let [dx, dy] = [px / drag.scale, py / drag.scale];
        if (drag.end !== null) {
            const end = drag.end === 0 ? 0 : 4;
            drag.to = drag.at.with(end, drag.at[end] + dx).with(end + 1, drag.at[end + 1] + dy);
            this.#draw(drag.key, drag.to);
            return;
        }
        ({ dx, dy } = this.guides.hold(drag.from, dx, dy));
        drag.by = { dx, dy };
        drag.piece.style.translate = `${dx * drag.scale}px ${dy * drag.scale}px`;
        Object.entries(this.#along(drag.followers, dx, dy)).forEach(([key, at]) => this.#draw(key, at));
    }

    #up(event) {
        const drag = this.#drag;
        if (drag?.pointer !== event.pointerId) return;
        this.event = event;
        this.#follow();
        this.#endDrag();
        if (!drag.started) return; // A tap: the click that follows says so.
        this.dropped = event.timeStamp;
        const near = (drag.finger ? NEAR_FINGER : NEAR) / this.#seen;
        this.#let();
        if (drag.end === null) this.#carried = { ...this.#carried, ...this.#along(drag.followers, drag.by.dx, drag.by.dy) };
        if (drag.end !== null) this.#move(drag.key, drag.end, drag.to[drag.end === 0 ? 0 : 4], drag.to[drag.end === 0 ? 1 : 5], near);
        else this.#move(drag.key, null, drag.from.x + drag.from.width / 2 + drag.by.dx, drag.from.y + drag.from.height / 2 + drag.by.dy, near);
    }

    #cancel() {
        this.#endDrag();
        this.#show();
    }

    #endDrag() {
        cancelAnimationFrame(this.#frame);
        this.#frame = 0;
        this.event = null;
        if (this.#drag) { this.#drag.piece.style.translate = ''; this.#drag.piece.classList.remove('is-dragged'); }
        this.#drag = null;
        this.guides.end();
    }

    // --- choose a part, choose a place ---

    #press(event) {
        if (event.timeStamp - (this.dropped ?? -1000) < 60) return;
        const piece = event.target.closest('[data-piece]');
        const end = event.target.closest('[data-end]');
        if (piece && this.field.contains(piece)) {
            const key = piece.dataset.piece;
            const chosen = this.#chosen;
            if (chosen && chosen.end !== null && chosen.key !== key && this.#toJoint(key, this.#point(event))) return;
            if (chosen?.key === key && chosen.end === (end ? Number(end.dataset.end) : null)) this.#let();
            else if (!('fixed' in piece.dataset)) this.#choose(key, end ? Number(end.dataset.end) : null);
            else if (chosen) this.#toPoint(event);
        } else if (this.#chosen) {
            this.#toPoint(event);
        }
    }

    #toPoint(event) {
        const { key, end } = this.#chosen;
        const { x, y } = this.#point(event);
        this.#let();
        this.#move(key, end, x, y, NEAR_FINGER / this.#seen);
    }

    /** The chosen end to that joint of a part that is nearest to a point. */
    #toJoint(key, at) {
        const joints = this.#joints(key).sort((a, b) => Math.hypot(a[1] - at.x, a[2] - at.y) - Math.hypot(b[1] - at.x, b[2] - at.y));
        if (joints.length === 0) return false;
        const chosen = this.#chosen;
        this.#let();
        this.#move(chosen.key, chosen.end, joints[0][1], joints[0][2], 1);
        return true;
    }

    #choose(key, end = null) {
        this.#let();
        this.#chosen = { key, end };
        const piece = this.pieces.get(key);
        piece.classList.add('is-chosen');
        this.#pressed(this.#chosen)?.setAttribute('aria-pressed', 'true');
        this.spots.forEach((spot) => { spot.tabIndex = 0; spot.setAttribute('role', 'button'); spot.setAttribute('aria-label', `Put it in ${spot.dataset.said}`); });
        if (end !== null) this.fixed.forEach((one) => { one.tabIndex = 0; one.setAttribute('role', 'button'); });
        this.own.hidden = !('own' in piece.dataset);
        this.own.querySelector('input').value = this.placed[key]?.[3] ?? '';
        this.picture.hidden = !('picture' in piece.dataset);
        if (!this.picture.hidden) this.#offer(JSON.parse(piece.dataset.set));
        this.#say(`${piece.dataset.name} chosen${end === null ? '' : ', one end of it'}. ${matchMedia('(pointer: coarse)').matches ? 'Now tap the place where it goes.' : 'Now choose a place, or move it with the arrow keys.'}`);
    }

    /** The button of what is chosen: a part, or an end of a connector. */
    #pressed({ key, end }) {
        const piece = this.pieces.get(key);
        return this.#isConnector(key) ? piece.querySelector(`[data-end="${end}"]`) : piece;
    }

    #let() {
        if (!this.#chosen) return;
        const piece = this.pieces.get(this.#chosen.key);
        piece.classList.remove('is-chosen');
        this.#pressed(this.#chosen)?.setAttribute('aria-pressed', 'false');
        this.#chosen = null;
        this.own.hidden = true;
        this.picture.hidden = true;
        this.fixed.forEach((one) => { one.removeAttribute('tabindex'); one.setAttribute('role', 'img'); });
        this.spots.forEach((spot) => { ['tabindex', 'role', 'aria-label'].forEach((name) => spot.removeAttribute(name)); });
    }

    #offer(addresses) {
        this.picture.querySelector('[data-moves-set]').replaceChildren(...addresses.map((address, at) => {
            const button = document.createElement('button');
            Object.assign(button, { type: 'button', value: address.split('/').at(-1), className: 'moves__choice' });
            button.setAttribute('aria-label', `Picture ${at + 1} of ${addresses.length}`);
            button.append(Object.assign(new Image(), { src: address, alt: '' }));
            return button;
        }));
    }

    async #send(input) {
        const [file] = input.files;
        const chosen = this.#chosen;
        input.value = '';
        if (!file || !chosen) return;
        this.#say('The picture is on its way.');
        try {
            await this.work.saved?.();
            const { value } = await upload(await smaller(file), this.work.picturesUrl, MOST_BYTES, { place: this.key, ...this.work.stamp() });
            this.#chosen ??= chosen;
            this.#write(value);
        } catch (problem) {
            this.#say(problem.message);
        }
    }

    #write(words) {
        if (!this.#chosen) return;
        const { key } = this.#chosen;
        const [x, y, held] = this.#at(key);
        this.#put(key, words === '' ? [x, y, held ?? ''] : [x, y, held ?? '', words.slice(0, 120)]);
    }

    // --- keys ---

    #keyDown(event) {
        const target = event.target;
        const command = event.ctrlKey || event.metaKey;
        if (command && event.key.toLowerCase() === 'z' && this.field.contains(target)) {
            if (event.shiftKey) this.#step(this.#future, this.#past); else this.#step(this.#past, this.#future);
            event.preventDefault();
            return;
        }
        if (command || event.altKey) return;
        if (event.key === 'Escape' && this.page.classList.contains('is-large') && !this.#chosen && !this.#drag) { this.#small(); event.preventDefault(); return; }
        if (event.key === 'Escape' && (this.#chosen || this.#drag)) { this.#cancel(); this.#let(); this.#say('Let go.'); event.preventDefault(); return; }
        const piece = target.closest('[data-piece]');
        const spot = target.closest('[data-spot]');
        const enter = event.key === 'Enter' || event.key === ' ';
        if (piece && enter) this.#pressPiece(piece.dataset.piece, target.closest('[data-end]'));
        else if (spot && enter && this.#chosen) this.#toSpot(spot);
        else if (piece && 'fixed' in piece.dataset) return;
        else if (piece && ARROWS[event.key]) this.#nudge(piece.dataset.piece, target.closest('[data-end]'), ARROWS[event.key], event.shiftKey ? 10 : 1);
        else if (piece && (event.key === 'Delete' || event.key === 'Backspace') && piece.dataset.piece in this.placed) { this.#let(); this.#put(piece.dataset.piece, null); }
        else return;
        event.preventDefault();
        event.stopPropagation();
    }

    #pressPiece(key, end) {
        const which = end ? Number(end.dataset.end) : null;
        const box = this.#box(key);
        if (this.#chosen && this.#chosen.end !== null && this.#chosen.key !== key && this.#toJoint(key, { x: box.x + box.width / 2, y: box.y + box.height / 2 })) return;
        if (this.#chosen?.key === key && this.#chosen.end === which) this.#let();
        else if (!('fixed' in this.pieces.get(key).dataset)) this.#choose(key, which);
    }

    #toSpot(spot) {
        const { key, end } = this.#chosen;
        const at = spot.getBoundingClientRect();
        const middle = this.#point({ clientX: at.left + at.width / 2, clientY: at.top + at.height / 2 });
        // A ring has its places on its line: the top of it is one.
        if (spot.classList.contains('spot--ring')) middle.y -= at.height / this.#scale / 2 - 1;
        this.#let();
        this.#move(key, end, middle.x, middle.y, 1);
        this.pieces.get(key).focus();
    }

    /** A run of arrow keys is one move; it holds to nothing, so that a part can be put between. */
    #nudge(key, end, [dx, dy], by) {
        this.run ??= { key, from: this.text, placed: [...this.#at(key)] };
        if (this.run.key !== key) { this.#flushSteps(); this.run = { key, from: this.text, placed: [...this.#at(key)] }; }
        const ends = this.#isConnector(key) ? (end ? [end.dataset.end === '0' ? 0 : 4] : [0, 4]) : [0];
        ends.forEach((at) => { this.run.placed[at] = tidy(this.run.placed[at] + dx * by); this.run.placed[at + 1] = tidy(this.run.placed[at + 1] + dy * by); });
        this.#draw(key, this.run.placed);
        clearTimeout(this.#stepTimer);
        this.#stepTimer = setTimeout(() => this.#flushSteps(), STEP_REST);
    }

    #flushSteps() {
        clearTimeout(this.#stepTimer);
        const run = this.run;
        this.run = null;
        if (!run) return;
        if (this.#isConnector(run.key)) { run.placed[2] = ''; run.placed[6] = ''; } else if (run.placed.length > 2) run.placed[2] = '';
        this.#put(run.key, run.placed, 1);
    }

    // --- the bar above the page ---

    #step(from, to) {
        this.#flushSteps();
        if (from.length === 0) return;
        to.push(this.text);
        const text = from.pop();
        this.last = null;
        this.#carried = {};
        this.#become(parse(text), 1);
        this.#say(from === this.#past ? 'The last move is taken back.' : 'Done again.');
    }

    #askToPutBack() {
        const dialog = document.querySelector('[data-put-back]');
        dialog.returnValue = '';
        dialog.addEventListener('close', () => {
            if (dialog.returnValue !== 'yes') return;
            this.#let();
            this.#past.push(this.text);
            this.#future = [];
            this.#carried = {};
            this.#become({});
            this.#say('All parts are back.');
        }, { once: true });
        dialog.showModal();
    }

    // --- building large: the spot and the tray beside it fill the window ---

    #large(id) {
        const spot = this.spots.find((one) => one.dataset.spot === id);
        const at = (name) => Number(spot.style.getPropertyValue(`--${name}`));
        const [wholeX, wholeY, wholeWidth, wholeHeight] = JSON.parse(this.layer.dataset.whole ?? 'null') ?? [0, 0, this.width, this.height];
        // What has to be seen: the spot, and as much of the tray as lies beside it.
        const view = { left: at('x'), top: at('y'), right: at('x') + at('w'), bottom: at('y') + at('h') };
        if (!this.sheet.classList.contains('is-shut')) {
            if (wholeX < 0) view.left = wholeX;
            if (wholeY < 0) view.top = wholeY;
            if (wholeWidth + wholeX > this.width) view.right = wholeX + wholeWidth;
            if (wholeHeight + wholeY > this.height) view.bottom = wholeY + wholeHeight;
        }
        const whole = this.sheet.classList.contains('is-shut') ? { x: 0, y: 0, width: this.width } : { x: wholeX, y: wholeY, width: wholeWidth };
        this.page.classList.add('is-large');
        this.bar.querySelector('[data-move=small]').hidden = false;
        const room = { width: this.page.clientWidth - 24, height: this.page.clientHeight - this.bar.offsetHeight - 24 };
        const scale = Math.min(room.width / (view.right - view.left), room.height / (view.bottom - view.top));
        this.sheet.style.width = `${whole.width * scale}px`;
        this.page.scrollTo((view.left - whole.x) * scale, (view.top - whole.y) * scale);
        this.bar.querySelector('[data-move=small]').focus({ preventScroll: true });
        this.#say('Large. Escape goes back to the page.');
    }

    #small() {
        this.page.classList.remove('is-large');
        this.sheet.style.width = '';
        this.bar.querySelector('[data-move=small]').hidden = true;
        this.page.scrollIntoView({ block: 'center' });
        this.bar.querySelector('[data-move=large]').focus({ preventScroll: true });
        this.#say('');
    }

    #toggleTray() {
        this.sheet.classList.toggle('is-shut');
        this.#buttons();
    }

    #buttons() {
        if (!this.bar) return;
        const button = (name) => this.bar.querySelector(`[data-move=${name}]`);
        button('undo').disabled = this.#past.length === 0;
        button('redo').disabled = this.#future.length === 0;
        button('back').disabled = !this.filled;
        const tray = button('tray');
        if (tray) tray.textContent = this.sheet.classList.contains('is-shut') ? 'Open the tray' : 'Shut the tray';
    }

    #say(words) { this.bar.querySelector('[data-moves-said]').textContent = words; }
}
