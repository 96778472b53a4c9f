import { clamp } from './geometry';

const NEAR = 6; // points from a joint, an edge or a middle within which that is meant

/** A share of a side, in thousandths, or the edge, quarter or middle that is near. */
function share(along, from, size) {
    const exact = clamp((along - from) / size, 0, 1);
    const even = Math.round(exact * 4) / 4;
    return Math.abs(exact - even) * size <= NEAR ? even : Math.round(exact * 1000) / 1000;
}

/**
 * The joints of a part once it was pressed somewhere: with one there, or without the one that was there already.
 *
 * @param part its frame and joints, as elements have them
 * @param at {x, y} in points on the page
 */
export function jointsPressed({ x, y, width, height, joints }, at) {
    const near = joints.find((joint) => Math.hypot(x + joint.x * width - at.x, y + joint.y * height - at.y) <= NEAR);
    if (near) return joints.filter((joint) => joint !== near);
    const free = [...'abcdefghijklmnop'].find((letter) => !joints.some((joint) => joint.id === letter));
    return [...joints, { id: free, x: share(at.x, x, width), y: share(at.y, y, height) }];
}
