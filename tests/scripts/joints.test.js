import { expect, test } from 'vitest';
import { jointsPressed } from '../../resources/js/bench/joints';

const part = (joints = []) => ({ x: 100, y: 200, width: 80, height: 40, joints });

test('a joint holds to the edges, quarters and middles that are near', () => {
    expect(jointsPressed(part(), { x: 177, y: 222 })).toEqual([{ id: 'a', x: 1, y: 0.5 }]);
    expect(jointsPressed(part(), { x: 122, y: 204 })).toEqual([{ id: 'a', x: 0.25, y: 0 }]);
});

test('between them it is where it was pressed, in thousandths of the part', () => {
    expect(jointsPressed({ ...part(), width: 300 }, { x: 137, y: 200 })).toEqual([{ id: 'a', x: 0.123, y: 0 }]);
});

test('pressed again it goes, and the others stay', () => {
    const both = [
        { id: 'a', x: 0, y: 0.5 },
        { id: 'b', x: 1, y: 0.5 },
    ];
    expect(jointsPressed(part(both), { x: 103, y: 218 })).toEqual([both[1]]);
});

test('a new one has the first letter that is free', () => {
    const others = [
        { id: 'a', x: 0, y: 0 },
        { id: 'c', x: 1, y: 1 },
    ];
    expect(jointsPressed(part(others), { x: 140, y: 200 }).at(-1)).toEqual({ id: 'b', x: 0.5, y: 0 });
});
