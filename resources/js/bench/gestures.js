import { PointerDrag } from '../lib/pointer-drag';
import { between, clamp, drawn, inside, tidy, touches } from './geometry';

const SMALLEST = 4; // points, as OpenSlate\Edit\Bounds has it
const HANDLES = { nw: [0, 0], n: [0.5, 0], ne: [1, 0], e: [1, 0.5], se: [1, 1], s: [0.5, 1], sw: [0, 1], w: [0, 0.5] };
const CROWDED = 56; // pixels of a side below which its middle handle would be in the way

/**
 * What a pointer does on the page: move, resize, draw, and the marquee. It shows the change while it happens (once a
 * frame, touching only what moves) and hands the result over; the server then says how the page is.
 */
export class Gestures {
    constructor(
        stage,
        selection,
        guides,
        { tool, within, ratio, moved, resized, laid, jointed, optionMoved, room, pressed, leaveTool, adds },
    ) {
        Object.assign(this, {
            stage,
            selection,
            guides,
            tool,
            within,
            ratio,
            moved,
            resized,
            laid,
            jointed,
            optionMoved,
            pushed: room,
            pressed,
            leaveTool,
            adds,
        });
        this.handles = document.createElement('div');
        this.handles.className = 'handles';
        this.drag = new PointerDrag(stage.root, {
            begins: (event) => this.#begin(event),
            follows: (gesture, event) => this.#follow(gesture, event),
            ends: () => this.#end(),
            drops: (gesture) => this.#drop(gesture),
            cancelled: (gesture) => {
                this.stage.settle();
                if (gesture.kind === 'resize') this.stage.show(gesture.id, gesture.from);
                this.showHandles();
            },
        });
    }

    get busy() {
        return this.drag.busy;
    }

    /** Puts handles round the one selected element. */
    showHandles() {
        const [id, more] = this.selection.ids;
        this.handles.remove();
        if (!id || more || this.stage.data(id).locked) return;
        this.#placeHandles(this.stage.frame(id));
        this.stage.layer.append(this.handles);
    }

    #placeHandles(frame) {
        const scale = this.stage.scale;
        Object.assign(this.handles.style, {
            left: `${frame.x * scale}px`,
            top: `${frame.y * scale}px`,
            width: `${frame.width * scale}px`,
            height: `${frame.height * scale}px`,
        });
        if (this.handles.childElementCount === 0) {
            for (const [name, [x, y]] of Object.entries(HANDLES)) {
                const handle = document.createElement('span');
                handle.className = 'handle';
                handle.dataset.handle = name;
                Object.assign(handle.style, { left: `${x * 100}%`, top: `${y * 100}%`, cursor: `${name}-resize` });
                this.handles.append(handle);
            }
        }
        this.handles.querySelectorAll('.handle').forEach((handle) => {
            const name = handle.dataset.handle;
            const side = name === 'n' || name === 's' ? frame.width : frame.height;
            const low = frame.height * scale < CROWDED / 2;
            // Over a low box, handles above and below would leave nothing to take hold of it by.
            handle.hidden =
                (name.length === 1 && side * scale < CROWDED && !((name === 'e' || name === 'w') && low)) ||
                (low && !['e', 'w', 'se'].includes(name));
        });
    }

    #begin(event) {
        this.stage.settle();
        this.stage.measure();
        const element = event.target.closest('.element');
        const gesture = this.#gestureOf(event, element, this.stage.point(event));
        if (this.tool() !== 'joint') (element ?? this.stage.root.parentElement).focus({ preventScroll: true });
        event.preventDefault();
        return gesture && { holder: this.stage.root, ...gesture };
    }

    #gestureOf(event, element, at) {
        const handle = event.target.closest('.handle');
        const option = event.target.closest('[data-option]');
        if (handle) {
            const id = this.selection.ids[0];
            this.guides.begin([id]);
            const [from, within] = [this.stage.frame(id), this.stage.reach([id])];
            return { kind: 'resize', id, edges: handle.dataset.handle, from, within, at };
        }
        if (this.tool() === 'room') return { kind: 'room', at, below: this.#below(at.y) };
        if (this.tool() === 'joint') {
            if (element) this.jointed(element.dataset.id, at);
            return null;
        }
        if (this.tool()) {
            this.guides.begin([]);
            return { kind: 'draw', at, over: element?.dataset.id, within: this.within(this.tool()) };
        }
        if (option && this.#isAlone(element.dataset.id)) return { kind: 'option', id: element.dataset.id, option, at };
        if (element) return this.#pressElement(element.dataset.id, event, at);
        return { kind: 'marquee', within: this.stage.whole, at, before: this.adds(event) ? this.selection.ids : [] };
    }

    #below(y) {
        return this.stage
            .elements()
            .filter((one) => !one.classList.contains('element--locked') && this.stage.frame(one.dataset.id).y >= y);
    }

    #isAlone(id) {
        return this.selection.ids.length === 1 && this.selection.has(id) && !this.stage.data(id).locked;
    }

    #pressElement(id, event, at) {
        const wasSelected = this.selection.has(id);
        if (this.adds(event)) this.selection.toggle(id);
        else if (!wasSelected) this.selection.only([id]);
        this.pressed(event);
        const ids = this.selection.ids.filter((one) => !this.stage.data(one).locked);
        if (!this.selection.has(id) || ids.length === 0) return null;
        this.guides.begin(ids);
        return {
            kind: 'move',
            ids,
            elements: ids.map((one) => this.stage.element(one)),
            bounds: this.stage.bounds(ids),
            within: this.stage.reach(ids),
            at,
            alone: wasSelected && !this.adds(event) ? id : null,
        };
    }

    #follow(gesture, event) {
        const to = this.stage.point(event);
        const dx = to.x - gesture.at.x;
        const dy = to.y - gesture.at.y;
        if (gesture.kind === 'move') {
            const step = event.ctrlKey || event.metaKey ? { dx, dy } : this.guides.hold(gesture.bounds, dx, dy);
            gesture.step = this.stage.held(gesture.bounds, step.dx, step.dy, gesture.within);
            this.stage.shift([...gesture.elements, this.handles], gesture.step.dx, gesture.step.dy);
        } else if (gesture.kind === 'resize') {
            gesture.to = this.#resized(gesture, dx, dy, event.ctrlKey || event.metaKey);
            this.stage.show(gesture.id, gesture.to);
            this.#placeHandles(gesture.to);
        } else if (gesture.kind === 'room') {
            gesture.by = dy;
            this.stage.shift(gesture.below, 0, dy);
            this.#rectangle('draw', {
                x: 0,
                y: Math.min(gesture.at.y, to.y),
                width: this.stage.width,
                height: Math.abs(dy),
            });
        } else if (gesture.kind === 'option') {
            this.stage.shift([gesture.option], dx, dy);
            gesture.by = { dx, dy };
        } else {
            gesture.to = inside(
                gesture.kind === 'draw'
                    ? drawn(gesture.at, to, event.shiftKey ? this.ratio(this.tool()) : null, event.altKey)
                    : between(gesture.at, to),
                gesture.within,
            );
            gesture.end = to;
            this.#rectangle(gesture.kind, gesture.to);
            if (gesture.kind === 'marquee') {
                const inside = this.stage
                    .elements()
                    .filter((element) => touches(gesture.to, JSON.parse(element.dataset.element)));
                gesture.found = [...gesture.before, ...inside.map((element) => element.dataset.id)];
            }
        }
    }

    #resized({ from, edges, within }, dx, dy, free) {
        const hold = (axis, at) => (free ? at : this.guides.holdEdge(axis, at));
        let { x, y } = from;
        let right = x + from.width;
        let bottom = y + from.height;
        if (edges.includes('w')) x = clamp(hold('x', x + dx), within.x, right - SMALLEST);
        if (edges.includes('e')) right = clamp(hold('x', right + dx), x + SMALLEST, within.x + within.width);
        if (edges.includes('n')) y = clamp(hold('y', y + dy), within.y, bottom - SMALLEST);
        if (edges.includes('s')) bottom = clamp(hold('y', bottom + dy), y + SMALLEST, within.y + within.height);
        return { x: tidy(x), y: tidy(y), width: tidy(right - x), height: tidy(bottom - y) };
    }

    #rectangle(kind, frame) {
        const scale = this.stage.scale;
        this.rubber ??= document.createElement('div');
        this.rubber.className = kind === 'draw' ? 'marquee marquee--draw' : 'marquee';
        if (!this.rubber.isConnected) this.stage.layer.append(this.rubber);
        Object.assign(this.rubber.style, {
            left: `${frame.x * scale}px`,
            top: `${frame.y * scale}px`,
            width: `${frame.width * scale}px`,
            height: `${frame.height * scale}px`,
        });
    }

    #drop(gesture) {
        // What was shifted stays where it was dropped until the server has drawn it there.
        if (gesture.kind !== 'option') this.stage.settle();
        if (gesture.kind === 'room') {
            if (gesture.by) this.pushed(tidy(gesture.at.y), tidy(gesture.by));
        } else if (gesture.kind === 'option') {
            if (gesture.by) this.optionMoved(gesture.id, gesture.option.dataset.option, gesture.by);
        } else if (gesture.kind === 'move') this.#dropped(gesture);
        else if (gesture.kind === 'resize') {
            if (gesture.to) this.resized(gesture.id, gesture.to);
        } else if (gesture.kind === 'marquee') this.selection.only(gesture.found ?? gesture.before);
        else this.#finishDrawing(gesture);
    }

    #dropped(gesture) {
        if (!gesture.moved) {
            if (gesture.alone) this.selection.only([gesture.alone]);
            return;
        }
        const { dx, dy } = gesture.step;
        gesture.ids.forEach((id) => {
            const frame = this.stage.frame(id);
            this.stage.show(id, { ...frame, x: frame.x + dx, y: frame.y + dy });
        });
        this.showHandles();
        this.moved(gesture.ids, tidy(dx), tidy(dy));
    }

    #finishDrawing(gesture) {
        if (gesture.to && gesture.to.width >= SMALLEST && gesture.to.height >= SMALLEST)
            this.laid(gesture.to, gesture.at, gesture.end);
        else if (gesture.over) {
            this.leaveTool();
            this.selection.only([gesture.over]);
        } else this.laid({ x: gesture.at.x, y: gesture.at.y });
    }

    #end() {
        this.guides.end();
        this.stage.forget();
        this.rubber?.remove();
    }
}
