import { describe, expect, test } from 'vitest';
import { around, between, clamp, drawn, fitted, held, inside, touches } from '../../resources/js/bench/geometry';

const frame = (x, y, width, height) => ({ x, y, width, height });
const PAGE = frame(0, 0, 595, 842);

describe('what is drawn from one point to another', () => {
    test('goes from corner to corner, whichever way it is drawn', () => {
        expect(drawn({ x: 10, y: 20 }, { x: 110, y: 70 }, null, false)).toEqual(frame(10, 20, 100, 50));
        expect(drawn({ x: 110, y: 70 }, { x: 10, y: 20 }, null, false)).toEqual(frame(10, 20, 100, 50));
    });

    test('has even sides after the larger of the two, towards where it is drawn', () => {
        expect(drawn({ x: 100, y: 100 }, { x: 40, y: 130 }, 1, false)).toEqual(frame(40, 100, 60, 60));
        expect(drawn({ x: 0, y: 0 }, { x: 30, y: 80 }, 0.5, false)).toEqual(frame(0, 0, 160, 80));
    });

    test('grows from its middle where that is where it began', () => {
        expect(drawn({ x: 100, y: 100 }, { x: 130, y: 110 }, null, true)).toEqual(frame(70, 90, 60, 20));
    });
});

describe('what may not leave the page', () => {
    test('a move is as far as there is room', () => {
        expect(held(frame(500, 800, 90, 40), 20, 20, PAGE)).toEqual({ dx: 5, dy: 2 });
        expect(held(frame(10, 10, 90, 40), -20, -4, PAGE)).toEqual({ dx: -10, dy: -4 });
    });

    test('what is drawn past an edge ends there', () => {
        expect(inside(frame(-20, 800, 60, 80), PAGE)).toEqual(frame(0, 800, 40, 42));
    });

    test('what is laid too far out is moved in, and what is too large is made as large as the page', () => {
        expect(fitted(frame(580, -30, 100, 20), PAGE)).toEqual(frame(495, 0, 100, 20));
        expect(fitted(frame(10, 10, 700, 20), PAGE)).toEqual(frame(0, 10, 595, 20));
    });

    test('a value is held between two, in whichever order they are given', () => {
        expect([clamp(5, 1, 3), clamp(-5, 1, 3), clamp(2, 3, 1)]).toEqual([3, 1, 2]);
    });
});

test('frames are bounded by the least that holds them all', () => {
    expect(around([frame(10, 40, 20, 20), frame(50, 10, 5, 100)])).toEqual(frame(10, 10, 45, 100));
    expect(between({ x: 4, y: 9 }, { x: 1, y: 2 })).toEqual(frame(1, 2, 3, 7));
});

test('frames that only share an edge do not touch', () => {
    expect(touches(frame(0, 0, 10, 10), frame(10, 0, 10, 10))).toBe(false);
    expect(touches(frame(0, 0, 10, 10), frame(9.9, 9.9, 10, 10))).toBe(true);
});
