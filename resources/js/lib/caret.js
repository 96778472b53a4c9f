// Where a caret stands once others have changed the text that it stands in.

const CONTEXT = 16; // letters before it by which its place is known again

/**
 * @param {string} before
 * @param {string} after
 * @param {number} at offset in the first
 * @returns {number} offset in the second
 */
export function caretIn(before, after, at) {
    let start = 0;
    while (start < before.length && start < after.length && before[start] === after[start]) start += 1;
    if (at <= start) return at;
    let end = 0;
    const most = Math.min(before.length, after.length) - start;
    while (end < most && before[before.length - 1 - end] === after[after.length - 1 - end]) end += 1;
    if (at >= before.length - end) return after.length - (before.length - at);
    // Something has changed on both sides of it: it stands after the same letters as before, as many as can be found.
    for (let length = Math.min(CONTEXT, at); length > 0; length -= 1) {
        const found = after.indexOf(before.slice(at - length, at), Math.max(0, start - length));
        if (found >= 0) return found + length;
    }
    return Math.min(at, after.length);
}
