// What can be laid on a page, as it is when it is new. Sizes are points.

const LOOK = { prompt: '', size: 12, cover: false, outline: true };
const INK = '#26343b';

export const NEW = {
    short: { kind: 'box', width: 160, height: 18, answer: 'short', ...LOOK },
    lines: { kind: 'box', width: 300, height: 72, answer: 'lines', ...LOOK },
    number: { kind: 'box', width: 80, height: 18, answer: 'number', ...LOOK },
    tick: { kind: 'box', width: 14, height: 14, answer: 'tick', ...LOOK },
    choice: { kind: 'choice', width: 220, height: 72 },
    list: { kind: 'box', width: 120, height: 18, answer: 'list', choices: ['yes', 'no'], ...LOOK },
    table: { kind: 'table', width: 360, height: 96, columns: [1, 1, 1], rows: [1, 1, 1, 1], cells: Array.from({ length: 12 }, (_, at) => ({ text: '', fill: at > 2 })), ...LOOK, size: 11 },
    passage: { kind: 'box', width: 360, height: 90, answer: 'passage', wrong: '', right: '', ...LOOK, cover: true },
    drawing: { kind: 'box', width: 300, height: 160, answer: 'drawing', ...LOOK },
    'picture-place': { kind: 'box', width: 180, height: 120, answer: 'picture', ...LOOK },
    label: { kind: 'label', width: 220, height: 22, text: 'Directions', size: 14, bold: false, highlight: false },
    patch: { kind: 'patch', width: 120, height: 24 },
    link: { kind: 'link', width: 160, height: 18, text: 'Words of the link', target: 'https://', size: 12, printed: false, outline: false, on: true },
    rectangle: { kind: 'shape', width: 120, height: 80, form: 'rectangle', colour: INK, weight: 1 },
    ellipse: { kind: 'shape', width: 120, height: 80, form: 'ellipse', colour: INK, weight: 1 },
    line: { kind: 'shape', width: 160, height: 8, form: 'line', colour: INK, weight: 1 },
    arrow: { kind: 'shape', width: 120, height: 12, form: 'arrow', colour: INK, weight: 1.5 },
};

export const TOOL_KEYS = { s: 'short', b: 'lines', n: 'number', k: 'tick', c: 'choice', d: 'list', g: 'table', m: 'passage', w: 'drawing', i: 'picture-place', l: 'label', p: 'patch', u: 'link', r: 'rectangle', o: 'ellipse', '-': 'line', a: 'arrow', y: 'picture', x: 'clip', v: 'room' };

/** How a line or an arrow lies in the frame that was drawn. */
export const layOf = ({ width, height }, from, to) => {
    if (height <= 8) return 'level';
    if (width <= 8) return 'upright';
    return (to.x - from.x) * (to.y - from.y) >= 0 ? 'falling' : 'rising';
};
