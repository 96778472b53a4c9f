import { clamp } from './geometry';

const USUAL = 150; // points, as OpenSlate\Page\Tray has them
const [NARROWEST, WIDEST] = [40, 800];

/** The tray beside the page: on which side, how deep, and whether students find it open; and how parts count. */
export class Tray {
    /** @param send (edit) */
    constructor(form, stage, send) {
        Object.assign(this, { form, stage });
        form.addEventListener('change', ({ target }) => {
            if (target.name === 'each') {
                send({ kind: 'parts-count', each: target.value === 'each' });
                return;
            }
            const { side, depth } = Object.fromEntries(new FormData(form));
            const deep = clamp(Number(depth) || USUAL, NARROWEST, WIDEST);
            send({
                kind: 'tray',
                tray: side === '' ? null : { side, depth: deep, open: form.elements.open.checked },
            });
        });
    }

    show() {
        this.form.elements.each.value = this.stage.layer.dataset.countsParts;
        const tray = JSON.parse(this.stage.layer.dataset.tray);
        this.form.elements.side.value = tray?.side ?? '';
        if (!tray) return;
        this.form.elements.depth.value = tray.depth;
        this.form.elements.open.checked = tray.open;
    }
}
