const HAIR = 0.01; // as OpenSlate\Parts\Seats has it
const OUTSIDE = 0.25; // of its radius: so far outside its line a ring without a hole takes parts

/** How far out a point is, as a share of an ellipse's own radius in that direction. */
const out = ([x, y, width, height], at) => Math.hypot((at.x - x) / (width / 2) - 1, (at.y - y) / (height / 2) - 1);

function distance({ frame, hole }, at) {
    const [x, y, width, height] = frame;
    if (hole === null)
        return Math.hypot(Math.max(x - at.x, 0, at.x - x - width), Math.max(y - at.y, 0, at.y - y - height));
    const from = out(frame, at);
    return (Math.max(from - (hole === 0 ? 1 + OUTSIDE : 1), hole - from, 0) * Math.min(width, height)) / 2;
}

/** The least of a list by what comes of each; of several as little, the last. */
const least = (list, by) =>
    list.reduce((best, one) => (best === undefined || by(one) <= by(best) ? one : best), undefined);

/**
 * Where something dragged would come to rest, picked from what OpenSlate\Parts\Rests has worked out. It is shown, and
 * the server decides.
 */
export class Rests {
    /** @param {{spots: object[], tables: object[], of: object}} worked out for the parts as they are now */
    constructor({ spots, tables, of }) {
        Object.assign(this, { spots, tables, of });
    }

    /**
     * @param {string} key of the part
     * @param {{x: number, y: number}} at its middle, in points
     * @param {number} near points within which a spot takes it
     * @returns {{spot: string, x?: number, y?: number} | null} the spot that it would fall to, and where its middle
     *          would be then; without that where it would be sent back
     */
    at(key, at, near) {
        const spot = this.#spot(at, near);
        if (!spot) return null;
        const cells = this.tables[this.of[key] ?? this.of[key.split('.')[0]]]?.[spot.id];
        const rest = cells?.[this.#cell(spot, at)];
        return rest ? { spot: spot.id, ...this.#place(rest, spot, at) } : { spot: spot.id };
    }

    /** That in which it lies, else the nearest; of several the smallest. Of rings, only that whose line is nearest. */
    #spot(at, near) {
        const within = this.spots.filter((spot) => distance(spot, at) <= near);
        const line = ({ frame }) => (Math.abs(out(frame, at) - 1) * Math.min(frame[2], frame[3])) / 2;
        const rings = within.filter(({ hole }) => hole === 0);
        const nearest = Math.min(...rings.map(line));
        const left = within.filter((spot) => !rings.includes(spot) || line(spot) <= nearest);
        const closest = Math.min(...left.map((spot) => distance(spot, at)));
        return least(
            left.filter((spot) => distance(spot, at) === closest),
            ({ frame }) => frame[2] * frame[3],
        );
    }

    #cell({ within: [x, y, width, height], columns, rows }, at) {
        const nearest = (share, count) => Math.min(count - 1, Math.max(0, Math.ceil(share * count) - 1));
        return nearest((at.y - y) / height, rows) * columns + nearest((at.x - x) / width, columns);
    }

    #place({ seats, by, upTo, hold }, { frame: [x, y, width, height] }, at) {
        if (hold)
            return {
                x: Math.max(hold[0], Math.min(hold[2], at.x)),
                y: Math.max(hold[1], Math.min(hold[3], at.y)),
            };
        const turn = Math.atan2(at.x - x - width / 2, y + height / 2 - at.y) + 2 * Math.PI + HAIR;
        const value = by === 'x' ? at.x : turn % (2 * Math.PI);
        const [restX, restY] = seats[upTo.filter((one) => one <= value).length];
        return { x: restX, y: restY };
    }
}

/** The joint of another part that is nearest to one of these points; of two as near, the later. */
export function nearestJoint(points, joints, near) {
    const pairs = points.flatMap((from) => joints.map((to) => ({ from, to })));
    const apart = ({ from, to }) => Math.hypot(to.x - from.x, to.y - from.y);
    return least(
        pairs.filter((pair) => apart(pair) <= near),
        apart,
    );
}
