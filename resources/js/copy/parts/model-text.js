// A model as OpenSlate\Assembly\Model writes it: where each part that was moved is, by its key, as a list of numbers
// and texts; and beside them what the server is told of a move: within how many points it holds, and what was moved.

export const tidy = (value) => Math.round(value * 100) / 100;

/** Where parts are; nothing where the text is none. */
export function parse(text) {
    try {
        const { near: _near, moved: _moved, ...placed } = JSON.parse(text || '{}');
        return placed;
    } catch {
        return {};
    }
}

/**
 * @param placed where parts are; of none, and none moved, the text is empty
 * @param near points within which a spot, a joint or a line holds what was moved
 * @param moved keys of what was moved, where that is known
 */
export function written(placed, near, moved) {
    if (Object.keys(placed).length === 0 && !moved?.length) return '';
    return JSON.stringify({ ...placed, near: near && tidy(near), moved });
}

/** The keys of the parts that are elsewhere in one model than in another. */
export const elsewhere = (from, to) =>
    Object.keys({ ...from, ...to }).filter((key) => JSON.stringify(from[key]) !== JSON.stringify(to[key]));

/**
 * Where parts are now that the server has settled what was sent, and more was moved meanwhile: what was not touched
 * since is where the server has it.
 */
export function rebased(sent, settled, placed) {
    const touched = elsewhere(sent, placed);
    return Object.fromEntries([
        ...Object.entries(settled).filter(([key]) => !touched.includes(key)),
        ...touched.filter((key) => key in placed).map((key) => [key, placed[key]]),
    ]);
}

const HOLD = /^(?:@([a-z0-9]+)(?:\.\d+)?|[a-z0-9]*>([a-z0-9]+\.\d+)\.[a-z0-9]+)$/; // as OpenSlate\Assembly\Hold has it

/** What holds something: a spot by its id, or a part by its key, or nothing. */
export function hold(text) {
    const [, spot, part] = HOLD.exec(text ?? '') ?? [];
    return { spot, part };
}

/**
 * What goes along with a part: those that hold to it, with what holds to them; and of connectors the ends that do, as
 * the places of their coordinates in the list.
 */
export function followers(placed, key) {
    const all = Object.entries(placed);
    const along = [key];
    for (const part of along)
        all.forEach(([other, at]) => {
            if (at.length < 5 && hold(at[2]).part === part && !along.includes(other)) along.push(other);
        });
    const held = (at) => [0, 4].filter((end) => along.includes(hold(at[end + 2]).part));
    const connectors = all.filter(([, at]) => at.length > 4).map(([connector, at]) => [connector, held(at)]);
    return { parts: along.slice(1), connectors: connectors.filter(([, ends]) => ends.length > 0) };
}
