// What can be laid on a page, as it is when it is new. Sizes are points.

const LOOK = { prompt: '', size: 12, cover: false, outline: true };
const INK = '#26343b';
const PART = { kind: 'part', text: '', size: 14, bold: false, colour: INK, weight: 1.5, fill: '#ffffff' };
const SPOT = { kind: 'spot', settle: 'grid', outline: true, dashed: true };

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
    organiser: { kind: 'organiser', width: 400, height: 260, shape: 'steps', number: 4, boxes: [], ...LOOK },
    label: { kind: 'label', width: 220, height: 22, text: 'Directions', size: 14, bold: false, highlight: false },
    patch: { kind: 'patch', width: 120, height: 24 },
    link: { kind: 'link', width: 160, height: 18, text: 'Words of the link', target: 'https://', size: 12, printed: false, outline: false, on: true },
    rectangle: { kind: 'shape', width: 120, height: 80, form: 'rectangle', colour: INK, weight: 1 },
    ellipse: { kind: 'shape', width: 120, height: 80, form: 'ellipse', colour: INK, weight: 1 },
    line: { kind: 'shape', width: 160, height: 8, form: 'line', colour: INK, weight: 1 },
    arrow: { kind: 'shape', width: 120, height: 12, form: 'arrow', colour: INK, weight: 1.5 },
    'part-ellipse': { ...PART, width: 80, height: 60, form: 'ellipse' },
    'part-rectangle': { ...PART, width: 90, height: 40, form: 'rectangle' },
    'part-rounded': { ...PART, width: 90, height: 40, form: 'rounded' },
    'part-triangle': { ...PART, width: 70, height: 60.6, form: 'triangle' },
    'part-polygon': { ...PART, width: 70, height: 70, form: 'polygon' },
    'part-callout': { ...PART, width: 110, height: 60, form: 'callout' },
    'part-arrow': { ...PART, width: 80, height: 40, form: 'arrow' },
    'part-connector': { ...PART, width: 100, height: 8, form: 'connector', weight: 3, fill: null },
    'part-words': { ...PART, width: 90, height: 24, form: 'rectangle', text: 'words', weight: 0, fill: null },
    'part-sign': { ...PART, width: 36, height: 36, form: 'rectangle', text: '+', size: 28, bold: true, weight: 0, fill: null },
    'part-picture': { ...PART, width: 80, height: 80, form: 'picture', weight: 0, fill: null },
    'part-own-picture': { ...PART, width: 80, height: 80, form: 'picture', name: 'picture', own: true, weight: 0, fill: null },
    zone: { ...SPOT, width: 180, height: 160, form: 'zone' },
    slot: { ...SPOT, width: 100, height: 44, form: 'slot', settle: 'stack' },
    ring: { ...SPOT, width: 200, height: 200, form: 'ring', settle: 'round' },
    rail: { ...SPOT, width: 300, height: 24, form: 'line', settle: 'free', dashed: false },
    slots: { ...SPOT, width: 240, height: 120, form: 'slots', settle: 'stack', columns: 3, rows: 2, dashed: false },
};

/** Height to width of what has equal sides: Shift draws it so. */
export const ratioOf = (tool) => (tool === 'part-triangle' ? Math.sqrt(3) / 2 : 1);

export const isPart = (tool) => tool?.startsWith('part-') ?? false;

export const TOOL_KEYS = { s: 'short', b: 'lines', n: 'number', k: 'tick', c: 'choice', d: 'list', g: 'table', m: 'passage', w: 'drawing', i: 'picture-place', z: 'organiser', l: 'label', p: 'patch', u: 'link', r: 'rectangle', o: 'ellipse', '-': 'line', a: 'arrow', y: 'picture', x: 'clip', v: 'room' };

export const PART_KEYS = { e: 'part-ellipse', r: 'part-rectangle', d: 'part-rounded', t: 'part-triangle', p: 'part-polygon', b: 'part-callout', a: 'part-arrow', c: 'part-connector', w: 'part-words', m: 'part-sign', i: 'part-picture', o: 'part-own-picture', z: 'zone', s: 'slot', g: 'ring', l: 'rail', x: 'slots', j: 'joint' };

/** How a line or an arrow lies in the frame that was drawn. */
export const layOf = ({ width, height }, from, to) => {
    if (height <= 8) return 'level';
    if (width <= 8) return 'upright';
    return (to.x - from.x) * (to.y - from.y) >= 0 ? 'falling' : 'rising';
};
