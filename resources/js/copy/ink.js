// A stroke as it is drawn while the pen moves; the server draws it the same: see OpenSlate\Answers\Stroke.

const LIGHTEST = 0.4;
const STEP = 0.15;

const at = ([x, y]) => `${Math.round(x * 10) / 100} ${Math.round(y * 10) / 100}`;
const middle = (a, b) => [(a[0] + b[0]) / 2, (a[1] + b[1]) / 2];

export function inkPaths({ width, points, pressures }) {
    const widthAt = (n) => {
        const share = LIGHTEST + (1 - LIGHTEST) * Math.round((pressures[n] ?? 100) / 100 / STEP) * STEP;
        return Math.round((width / 10) * Math.min(1, pressures.length ? share : 1) * 100) / 100;
    };
    const last = points.length - 1;
    const paths = [];
    let d = `M${at(points[0])}`;
    let now = widthAt(0);
    for (let n = 1; n <= last; n++) {
        const to = n === last ? points[n] : middle(points[n], points[n + 1]);
        d += ` Q${at(points[n])} ${at(to)}`;
        if (n < last && widthAt(n) !== now) {
            paths.push({ d, width: now });
            [d, now] = [`M${at(to)}`, widthAt(n)];
        }
    }
    paths.push({ d: last === 0 ? `${d}h0.01` : d, width: now });
    return paths;
}
