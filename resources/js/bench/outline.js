/** The names of an organiser's boxes as text, one a line; in a hierarchy with a dash for each level below the top. */

const MOST = 12;
export const NAME = 120; // letters of a box's name, as OrganiserBox has it
const PROMPT = 200;
const DEEPEST = 5;
const DASHES = /^[\s\-\u2013\u2014]*/;

/** @param {number[]} [levels] of each box that is drawn, in a hierarchy */
export function told(boxes, levels) {
    if (!levels)
        return boxes
            .map((box) => box.name)
            .join('\n')
            .trimEnd();
    return levels.map((level, at) => `${'-'.repeat(level)} ${boxes[at]?.name ?? ''}`.trim()).join('\n');
}

/**
 * What is to be changed for boxes to have these names: a key stays with its box, and a line too many makes a box more.
 */
export function named({ boxes, number }, text, levels) {
    const lines = text.split('\n').slice(0, MOST);
    if (!levels) {
        const names = lines.map((line) => line.trim());
        return {
            boxes: put(boxes, 'name', names, NAME),
            number: names.length > boxes.length ? Math.max(number, names.length) : number,
        };
    }
    while (lines.length > 2 && lines.at(-1).trim() === '') lines.pop();
    const drawn = put(
        boxes.slice(0, lines.length),
        'name',
        lines.map((line) => line.replace(DASHES, '').trim()),
        NAME,
    );
    const level = (line) => line.match(DASHES)[0].replace(/\s/g, '').length;
    return {
        boxes: [
            ...drawn.map((box, at) => ({ ...box, level: Math.min(DEEPEST, level(lines[at])) })),
            ...boxes.slice(number),
        ].slice(0, MOST),
        number: Math.max(2, lines.length),
    };
}

export function prompted({ boxes }, text) {
    return {
        boxes: put(
            boxes,
            'prompt',
            text.split('\n').map((line) => line.trim()),
            PROMPT,
        ),
    };
}

function put(boxes, what, said, longest) {
    return Array.from({ length: Math.min(MOST, Math.max(said.length, boxes.length)) }, (_, at) => ({
        name: '',
        ...boxes[at],
        [what]: (said[at] ?? '').slice(0, longest),
    }));
}
