// What can be laid on a page, as App\View\Tools has it.

/** How a line or an arrow lies in the frame that was drawn. */
const layOf = ({ width, height }, from, to) => {
    if (height <= 8) return 'level';
    if (width <= 8) return 'upright';
    return (to.x - from.x) * (to.y - from.y) >= 0 ? 'falling' : 'rising';
};

export class Tools {
    /** @param {string} json  of the station's tools: {name: {key, new, isBeside, even, slants}} */
    constructor(json) {
        this.all = JSON.parse(json);
        this.byKey = Object.fromEntries(Object.entries(this.all).map(([name, { key }]) => [key.toLowerCase(), name]));
    }

    /** The element that a tool lays, as it is when it is new; null where something else is asked for first. */
    newOf(name) {
        return this.all[name]?.new ?? null;
    }

    /** Whether it may be laid in the tray, too. */
    isBeside(name) {
        return this.all[name]?.isBeside ?? false;
    }

    /** Height to width of what has even sides: Shift draws it so. */
    ratioOf(name) {
        return this.all[name]?.even ?? 1;
    }

    /** How it lies, where it matters where drawing began. */
    layOf(name, frame, from, to) {
        return this.all[name]?.slants && from ? { lay: layOf(frame, from, to) } : {};
    }
}
