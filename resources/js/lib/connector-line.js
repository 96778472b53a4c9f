/**
 * The path of a connector between its ends, as App\View\PartDrawing::line has it: tests/scripts/connector-line.json
 * says for both what they draw.
 *
 * @param course straight, bent or curved
 * @param ends x and y of the first, x and y of the second, in points
 */
export function connectorLine(course, [x1, y1, x2, y2]) {
    const [x, y] = [(x1 + x2) / 2, (y1 + y2) / 2];
    const level = Math.abs(x2 - x1) >= Math.abs(y2 - y1);
    const at = (...point) => point.map((value) => Math.round(value * 100) / 100).join(' ');
    const way = [level ? at(x, y1) : at(x1, y), level ? at(x, y2) : at(x2, y), at(x2, y2)];
    const line = { straight: `L${way[2]}`, bent: `L${way.join('L')}`, curved: `C${way.join(' ')}` };
    return `M${at(x1, y1)}${line[course]}`;
}
