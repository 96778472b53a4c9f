// Frames and points on a page, {x, y, width, height} in points. Nothing here knows of the document.

export const clamp = (value, min, max) => Math.max(Math.min(min, max), Math.min(value, Math.max(min, max)));
export const tidy = (value) => Math.round(value * 100) / 100;

export function around(frames) {
    const x = Math.min(...frames.map((f) => f.x));
    const y = Math.min(...frames.map((f) => f.y));
    return {
        x,
        y,
        width: Math.max(...frames.map((f) => f.x + f.width)) - x,
        height: Math.max(...frames.map((f) => f.y + f.height)) - y,
    };
}

export function between(a, b) {
    return { x: Math.min(a.x, b.x), y: Math.min(a.y, b.y), width: Math.abs(a.x - b.x), height: Math.abs(a.y - b.y) };
}

/**
 * The frame that is drawn from one point to another.
 *
 * @param ratio height to width, for equal sides; null is free
 * @param fromMiddle whether the first point is its middle
 */
export function drawn(from, to, ratio, fromMiddle) {
    let [dx, dy] = [to.x - from.x, to.y - from.y];
    if (ratio !== null) {
        const width = Math.max(Math.abs(dx), Math.abs(dy) / ratio);
        [dx, dy] = [width * Math.sign(dx || 1), width * ratio * Math.sign(dy || 1)];
    }
    return between(fromMiddle ? { x: from.x - dx, y: from.y - dy } : from, { x: from.x + dx, y: from.y + dy });
}

export const touches = (a, b) =>
    a.x < b.x + b.width && b.x < a.x + a.width && a.y < b.y + b.height && b.y < a.y + a.height;

/** As much of a move as keeps a frame within another. */
export const held = (frame, dx, dy, within) => ({
    dx: clamp(dx, within.x - frame.x, within.x + within.width - frame.x - frame.width),
    dy: clamp(dy, within.y - frame.y, within.y + within.height - frame.y - frame.height),
});

/** What of a frame lies within another. */
export function inside(frame, within) {
    const [right, bottom] = [within.x + within.width, within.y + within.height];
    const x = clamp(frame.x, within.x, right);
    const y = clamp(frame.y, within.y, bottom);
    return {
        x: tidy(x),
        y: tidy(y),
        width: tidy(clamp(frame.x + frame.width, within.x, right) - x),
        height: tidy(clamp(frame.y + frame.height, within.y, bottom) - y),
    };
}

/** The frame, moved so that it lies within another, and no larger than that. */
export function fitted({ x, y, width, height }, within) {
    [width, height] = [Math.min(width, within.width), Math.min(height, within.height)];
    return {
        width,
        height,
        x: tidy(clamp(x, within.x, within.x + within.width - width)),
        y: tidy(clamp(y, within.y, within.y + within.height - height)),
    };
}
