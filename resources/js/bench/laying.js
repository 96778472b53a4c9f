import { fitted } from './geometry';

const HINTS = {
    none: 'Choose one, then draw it on the page.',
    room: 'Press on the page where room is wanted, and drag down or up.',
    joint: 'Press a part where it should hold; press a joint to take it away. Esc when done.',
    any: 'Draw it on the page, as often as you like. Esc when done.',
};
const PICTURES = ['picture', 'part-picture'];

/** The tools: which one is chosen, and what is laid with it. */
export class Laying {
    chosen = null;

    /**
     * @param does `send` (edit), `say` (words); `clip`, which opens the pages to clip from; `picture` (frame or null,
     *             kind) and `link` (element), which ask before something is laid; `joint` (id, at); and `changed`,
     *             when another tool is chosen, or none
     */
    constructor(ledger, stage, selection, tools, does) {
        Object.assign(this, { ledger, stage, selection, tools, does });
        this.buttons = [...ledger.querySelectorAll('[data-tool]')];
        this.buttons.forEach((button) => button.addEventListener('click', () => this.toggle(button.dataset.tool)));
    }

    toggle(tool) {
        this.choose(tool === this.chosen ? null : tool);
    }

    choose(tool) {
        if (tool === 'clip') {
            this.choose(null);
            this.does.clip();
            return;
        }
        this.chosen = tool;
        this.buttons.forEach((button) => button.setAttribute('aria-pressed', String(button.dataset.tool === tool)));
        this.ledger.querySelector('[data-hint]').textContent = HINTS[tool ?? 'none'] ?? HINTS.any;
        this.does.changed();
    }

    /** Where things of a tool may lie: parts also in the tray. */
    within(tool) {
        return this.tools.isBeside(tool) ? this.stage.whole : this.stage.page;
    }

    /** @param frame as it was drawn; without a width and a height it has the usual ones */
    lay(frame, from, to) {
        const tool = this.chosen;
        const kind = this.tools.newOf(tool);
        if (PICTURES.includes(tool)) {
            this.does.picture(frame.width ? frame : null, kind);
            this.choose(null);
            return;
        }
        const element = { ...kind, ...fitted({ width: kind.width, height: kind.height, ...frame }, this.within(tool)) };
        if (tool === 'link') {
            this.does.link(element);
            return;
        }
        if (tool === 'choice') {
            const { kind: _, ...region } = element;
            this.does.send({ kind: 'choice', ...region });
        } else {
            this.does.send({ kind: 'place', elements: [{ ...element, ...this.tools.layOf(tool, frame, from, to) }] });
        }
        // One fills a page; what it is like is chosen next.
        if (tool === 'organiser') this.choose(null);
        this.does.say('Laid on the page.');
    }

    /** From the keyboard: in the middle of what is seen, or of what is selected. */
    layInMiddle(desk) {
        if (this.chosen === 'room') return;
        if (this.chosen === 'joint') {
            this.selection.ids.forEach((id) => {
                const { x, y, width, height } = this.stage.frame(id);
                this.does.joint(id, { x: x + width / 2, y: y + height / 2 });
            });
            return;
        }
        if (PICTURES.includes(this.chosen)) {
            this.lay({});
            return;
        }
        const box = desk.getBoundingClientRect();
        const kind = this.tools.newOf(this.chosen);
        const at = this.stage.point({ clientX: box.left + box.width / 2, clientY: box.top + box.height / 2 });
        this.lay({ x: at.x - kind.width / 2, y: at.y - kind.height / 2 });
    }
}
