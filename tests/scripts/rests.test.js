import { describe, expect, test } from 'vitest';
import { nearestJoint, Rests } from '../../resources/js/copy/parts/rests';

const spot = (id, frame, more = {}) => ({ id, frame, within: frame, hole: null, columns: 1, rows: 1, ...more });
const seats = (...all) => ({ seats: all, by: '', upTo: [], hold: null });
const rests = (spots, table) => new Rests({ spots, tables: [table], of: { a: 0 } });

describe('what takes a part', () => {
    const [zone, slot] = [spot('zone', [0, 0, 100, 100]), spot('slot', [40, 40, 20, 20])];
    const both = rests([zone, slot], { zone: [seats([10, 10])], slot: [seats([50, 50])] });

    test('is the smallest spot in which its middle lies', () => {
        expect(both.at('a.1', { x: 45, y: 45 }, 8)).toEqual({ spot: 'slot', x: 50, y: 50 });
        expect(both.at('a.1', { x: 20, y: 80 }, 8)).toEqual({ spot: 'zone', x: 10, y: 10 });
    });

    test('is also one within reach, and else nothing', () => {
        expect(both.at('a.1', { x: 106, y: 50 }, 8)?.spot).toBe('zone');
        expect(both.at('a.1', { x: 109, y: 50 }, 8)).toBeNull();
    });

    test('has no place for it where it is full or takes others', () => {
        expect(rests([slot], { slot: [null] }).at('a.1', { x: 45, y: 45 }, 8)).toEqual({ spot: 'slot' });
        expect(rests([slot], {}).at('a.1', { x: 45, y: 45 }, 8)).toEqual({ spot: 'slot' });
    });

    test('of rings in one another it is that whose line is nearest', () => {
        const rings = [spot('outer', [0, 0, 200, 200], { hole: 0 }), spot('inner', [50, 50, 100, 100], { hole: 0 })];
        const ringed = rests(rings, { outer: [seats([100, 0])], inner: [seats([100, 50])] });
        expect(ringed.at('a.1', { x: 100, y: 58 }, 8)?.spot).toBe('inner');
        expect(ringed.at('a.1', { x: 100, y: 20 }, 8)?.spot).toBe('outer');
    });

    test('of a table of slots it is the cell that is nearest', () => {
        const slots = [spot('s', [0, 0, 90, 40], { columns: 3, rows: 2 })];
        const cells = [0, 1, 2, 3, 4, 5].map((n) => seats([n, n]));
        const table = rests(slots, { s: cells });
        expect(table.at('a.1', { x: 31, y: 5 }, 8)).toMatchObject({ x: 1 });
        expect(table.at('a.1', { x: 95, y: 39 }, 8)).toMatchObject({ x: 5 });
        expect(table.at('a.1', { x: -3, y: 20 }, 8)).toMatchObject({ x: 0 });
    });
});

describe('where it rests', () => {
    test('in a row it goes between those that it was dropped between', () => {
        const row = rests([spot('s', [0, 0, 100, 20])], {
            s: [{ ...seats([20, 10], [50, 10], [80, 10]), by: 'x', upTo: [40, 60] }],
        });
        expect(['39.9', '40', '60'].map((x) => row.at('a.1', { x: Number(x), y: 5 }, 8).x)).toEqual([20, 50, 80]);
    });

    test('round a ring it is told by its turn from the top', () => {
        const ring = rests([spot('s', [0, 0, 100, 100], { hole: 0 })], {
            s: [{ ...seats([50, 0], [50, 100]), by: 'turn', upTo: [Math.PI / 2] }],
        });
        expect(ring.at('a.1', { x: 70, y: 2 }, 8)).toMatchObject({ y: 0 });
        expect(ring.at('a.1', { x: 50, y: 98 }, 8)).toMatchObject({ y: 100 });
        expect(ring.at('a.1', { x: 49.99, y: 0 }, 8), 'a hair before the top is the top').toMatchObject({ y: 0 });
    });

    test('where it is free it stays where it was dropped, all of it within', () => {
        const free = rests([spot('s', [0, 0, 100, 100])], { s: [{ ...seats(), hold: [20, 10, 80, 90] }] });
        expect(free.at('a.1', { x: 30, y: 5 }, 8)).toEqual({ spot: 's', x: 30, y: 10 });
        const wide = rests([spot('s', [0, 0, 100, 100])], { s: [{ ...seats(), hold: [80, 10, 20, 90] }] });
        expect(wide.at('a.1', { x: 30, y: 50 }, 8), 'too wide, it lies at the left').toMatchObject({ x: 80 });
    });
});

test('the nearest joint holds; of two as near the later; none that is too far', () => {
    const joints = [
        { x: 10, y: 0 },
        { x: -10, y: 0 },
        { x: 40, y: 0 },
    ];
    expect(nearestJoint([{ x: 0, y: 0 }], joints, 12).to).toEqual({ x: -10, y: 0 });
    expect(nearestJoint([{ x: 36, y: 0 }], joints, 12).to).toEqual({ x: 40, y: 0 });
    expect(nearestJoint([{ x: 60, y: 0 }], joints, 12)).toBeUndefined();
});
