import { fitted } from './geometry';

const HINTS = {
    none: 'Choose one, then draw it on the page.',
    room: 'Press on the page where room is wanted, and drag down or up.',
    joint: 'Press a part where it should hold; press a joint to take it away. Esc when done.',
    any: 'Draw it on the page, as often as you like. Esc when done.',
};
const LAST = 'open-slate.tools-last';
const AT_HAND = 3; // tools that stay when the others fold away
const REMEMBERED = 12;
const PICTURES = ['picture', 'part-picture'];

/** The tools: which one is chosen, and what is laid with it. */
export class Laying {
    chosen = null;

    /**
     * @param does `send` (edit), `say` (words); `clip`, which opens the pages to clip from; `picture` (frame or null,
     *             kind), `recording` (frame) and `link` (element), which ask before something is laid; `joint` (id,
     *             at); and `changed`, when another tool is chosen, or none
     */
    constructor(ledger, stage, selection, tools, does) {
        Object.assign(this, { ledger, stage, selection, tools, does });
        ledger.addEventListener('click', (event) => {
            const { tool, toolAgain } = event.target.closest('[data-tool], [data-tool-again]')?.dataset ?? {};
            if (tool ?? toolAgain) this.toggle(tool ?? toolAgain);
        });
        this.last = ledger.querySelector('[data-tools-last]');
        this.#showLast();
    }

    /** The tools used last stay at hand while the others are folded away. */
    #showLast() {
        const all = [...this.ledger.querySelectorAll('[data-laying] [data-tool]')];
        const used = JSON.parse(localStorage.getItem(LAST) ?? '[]');
        const shown = [...used, ...all.map((button) => button.dataset.tool)]
            .map((tool) => all.find((button) => button.dataset.tool === tool))
            .filter((button, at, every) => button && every.indexOf(button) === at);
        this.last.replaceChildren(
            ...shown.slice(0, AT_HAND).map((button) => {
                const again = button.cloneNode(true);
                again.dataset.toolAgain = button.dataset.tool;
                again.removeAttribute('data-tool');
                return again;
            }),
        );
    }

    #used(tool) {
        const used = JSON.parse(localStorage.getItem(LAST) ?? '[]').filter((one) => one !== tool);
        localStorage.setItem(LAST, JSON.stringify([tool, ...used].slice(0, REMEMBERED)));
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
        if (tool) this.#used(tool);
        else this.#showLast();
        this.ledger
            .querySelectorAll('[data-tool], [data-tool-again]')
            .forEach((button) =>
                button.setAttribute('aria-pressed', String((button.dataset.tool ?? button.dataset.toolAgain) === tool)),
            );
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
        if (tool === 'recording') {
            this.does.recording(frame);
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
        if (PICTURES.includes(this.chosen) || this.chosen === 'recording') {
            this.lay({});
            return;
        }
        const box = desk.getBoundingClientRect();
        const kind = this.tools.newOf(this.chosen);
        const at = this.stage.point({ clientX: box.left + box.width / 2, clientY: box.top + box.height / 2 });
        this.lay({ x: at.x - kind.width / 2, y: at.y - kind.height / 2 });
    }
}
