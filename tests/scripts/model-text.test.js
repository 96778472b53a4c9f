import { describe, expect, test } from 'vitest';
import { elsewhere, followers, hold, parse, rebased, written } from '../../resources/js/copy/parts/model-text';

describe('the text of a model', () => {
    test('says where parts are, and beside them what was moved and how near it holds', () => {
        const placed = { 'crab.1': [10, 20] };
        const text = written(placed, 14.123, ['crab.1']);
        expect(JSON.parse(text)).toEqual({ 'crab.1': [10, 20], near: 14.12, moved: ['crab.1'] });
        expect(parse(text)).toEqual(placed);
    });

    test('of no parts is empty, and nonsense is none', () => {
        expect(written({}, 14, [])).toBe('');
        expect([parse(''), parse(null), parse('{"crab.1": [1')]).toEqual([{}, {}, {}]);
    });
});

test('parts are elsewhere where they were moved, came or went', () => {
    expect(elsewhere({ a: [1, 2], b: [3, 4], c: [5, 6] }, { a: [1, 2], b: [3, 5], d: [0, 0] })).toEqual([
        'b',
        'c',
        'd',
    ]);
});

describe('a move that is answered while there is another', () => {
    test('keeps what was touched since, and takes the rest as the server has it', () => {
        const sent = { a: [1, 1], b: [2, 2] };
        const settled = { a: [10, 10], b: [20, 20] };
        expect(rebased(sent, settled, { a: [1, 1], b: [3, 3] })).toEqual({ a: [10, 10], b: [3, 3] });
    });

    test('what was put back meanwhile is not there again', () => {
        expect(rebased({ a: [1, 1] }, { a: [10, 10] }, {})).toEqual({});
    });
});

describe('what holds a part', () => {
    test('is a spot by its id, whichever place of a table, or a part by its key', () => {
        expect(hold('@zone2')).toEqual({ spot: 'zone2', part: undefined });
        expect(hold('@slots.3').spot).toBe('slots');
        expect(hold('foot>hull.1.deck').part).toBe('hull.1');
        expect(hold('>mast.2.top').part).toBe('mast.2');
    });

    test('is nothing where it says nothing, or what no server would', () => {
        expect([hold(''), hold(undefined), hold('hull'), hold('@Zone')].map(({ spot, part }) => spot ?? part)).toEqual(
            Array(4).fill(undefined),
        );
    });

    test('what holds to a part goes along with it, and what holds to that, and the ends of connectors', () => {
        const placed = {
            'hull.1': [0, 0],
            'mast.1': [10, 10, 'foot>hull.1.deck'],
            'flag.1': [12, 4, 'foot>mast.1.top'],
            'buoy.1': [90, 90],
            'rope.1': [12, 4, '>mast.1.top', '', 90, 90, '>buoy.1.ring'],
        };
        expect(followers(placed, 'hull.1')).toEqual({ parts: ['mast.1', 'flag.1'], connectors: [['rope.1', [0]]] });
        expect(followers(placed, 'buoy.1')).toEqual({ parts: [], connectors: [['rope.1', [4]]] });
        expect(followers(placed, 'flag.1')).toEqual({ parts: [], connectors: [] });
    });
});
