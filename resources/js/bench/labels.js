import { fitted } from './geometry';

export const LONGEST_LABEL = 2000; // letters, as OpenSlate\Elements\Label has it

const SIZE = 14; // points
const LETTER = 0.55; // the mean width of a letter, in sizes
const LINE = 1.3;
const WIDEST = 0.7; // of the page

/**
 * A new label with words from elsewhere, as large as they need.
 *
 * @param middle where its middle comes to lie
 * @param page the frame that it stays in
 */
export function labelOf(text, middle, page) {
    const lines = text.replace(/\r\n?/g, '\n').split('\n');
    const letter = SIZE * LETTER;
    const width = Math.min(page.width * WIDEST, Math.max(40, ...lines.map((line) => (line.length + 1) * letter)));
    const rows = lines.reduce((sum, line) => sum + Math.max(1, Math.ceil((line.length * letter) / width)), 0);
    const height = rows * SIZE * LINE + 2;
    const frame = fitted({ x: middle.x - width / 2, y: middle.y - height / 2, width, height }, page);
    return { kind: 'label', text: lines.join('\n'), size: SIZE, bold: false, highlight: false, ...frame };
}
