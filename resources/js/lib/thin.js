/**
 * Which points of a line are needed to draw it: those that lie no more than a tolerance off the line without them are
 * left out (Ramer 1972, Douglas and Peucker 1973).
 *
 * @param {[number, number][]} points
 * @returns {number[]} their places, first and last always among them
 */
export function thinned(points, tolerance) {
    const kept = new Set([0, points.length - 1]);
    const open = [[0, points.length - 1]];
    while (open.length > 0) {
        const [from, to] = open.pop();
        let [farthest, at] = [tolerance, -1];
        for (let n = from + 1; n < to; n += 1) {
            const off = distance(points[n], points[from], points[to]);
            if (off > farthest) [farthest, at] = [off, n];
        }
        if (at === -1) continue;
        kept.add(at);
        open.push([from, at], [at, to]);
    }
    return [...kept].sort((a, b) => a - b);
}

/** How far a point is from a line between two others. */
export function distance([x, y], [ax, ay], [bx, by]) {
    const [dx, dy] = [bx - ax, by - ay];
    const along =
        dx === 0 && dy === 0 ? 0 : Math.max(0, Math.min(1, ((x - ax) * dx + (y - ay) * dy) / (dx * dx + dy * dy)));
    return Math.hypot(x - ax - along * dx, y - ay - along * dy);
}
