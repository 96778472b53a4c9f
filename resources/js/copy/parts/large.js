import { isPhone } from '../../lib/phone';

const PART = 24; // pixels that the smallest part is high and wide at least: WCAG 2.2, 2.5.8
const MOST = 1.6; // times as large as all of it could be seen: it has to be looked for then

/** Building large: a spot, or the page, and the tray beside it, fill the window; and are back on the page. */
export class Large {
    constructor(pieces, page, bar, say) {
        Object.assign(this, { pieces, page, bar, say, sheet: pieces.field.closest('.sheet') });
    }

    get isOpen() {
        return this.page.classList.contains('is-large');
    }

    /** On a phone: by itself, as a part is taken. */
    openFor(piece) {
        if (this.isOpen || !isPhone()) return;
        this.open();
        piece.scrollIntoView({ block: 'nearest', inline: 'nearest' });
    }

    /** @param {string} [id] of the spot; without it, the page */
    open(id) {
        const { spots, layer, width: pageWidth, height: pageHeight } = this.pieces;
        const spot = spots.find((one) => one.dataset.spot === id);
        const page = { x: 0, y: 0, w: pageWidth, h: pageHeight };
        const at = (name) => (spot ? Number(spot.style.getPropertyValue(`--${name}`)) : page[name]);
        const [wholeX, wholeY, wholeWidth, wholeHeight] = JSON.parse(layer.dataset.whole ?? 'null') ?? [
            0,
            0,
            pageWidth,
            pageHeight,
        ];
        // What has to be seen: the spot, and as much of the tray as lies beside it.
        const view = { left: at('x'), top: at('y'), right: at('x') + at('w'), bottom: at('y') + at('h') };
        if (!this.sheet.classList.contains('is-shut')) {
            if (wholeX < 0) view.left = wholeX;
            if (wholeY < 0) view.top = wholeY;
            if (wholeWidth + wholeX > pageWidth) view.right = wholeX + wholeWidth;
            if (wholeHeight + wholeY > pageHeight) view.bottom = wholeY + wholeHeight;
        }
        const whole = this.sheet.classList.contains('is-shut')
            ? { x: 0, y: 0, width: pageWidth }
            : { x: wholeX, y: wholeY, width: wholeWidth };
        this.page.classList.add('is-large');
        this.bar.querySelector('[data-move=small]').hidden = false;
        const room = { width: this.page.clientWidth - 24, height: this.page.clientHeight - this.bar.offsetHeight - 24 };
        const fits = Math.min(room.width / (view.right - view.left), room.height / (view.bottom - view.top));
        const scale = isPhone() ? Math.max(fits, Math.min(MOST * fits, PART / this.pieces.smallest)) : fits;
        this.sheet.style.width = `${whole.width * scale}px`;
        this.page.scrollTo((view.left - whole.x) * scale, (view.top - whole.y) * scale);
        this.bar.querySelector('[data-move=small]').focus({ preventScroll: true });
        this.say(
            matchMedia('(pointer: coarse)').matches ? 'Shown large.' : 'Shown large. Escape goes back to the page.',
        );
    }

    shut() {
        this.page.classList.remove('is-large');
        this.sheet.style.width = '';
        this.bar.querySelector('[data-move=small]').hidden = true;
        this.page.scrollIntoView({ block: 'center' });
        (this.bar.querySelector('[data-move=large]') ?? this.bar.querySelector('button:enabled'))?.focus({
            preventScroll: true,
        });
        this.say('');
    }
}
