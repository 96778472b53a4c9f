import { describe, expect, test } from 'vitest';
import { named, prompted, told } from '../../resources/js/bench/outline';

const boxes = [{ name: 'Boats' }, { name: 'Sail' }, { name: 'Steam' }];

describe('an organiser as lines', () => {
    test('has a name a line, and in a hierarchy a dash for each level', () => {
        expect(told(boxes)).toBe('Boats\nSail\nSteam');
        expect(told(boxes, [0, 1, 2])).toBe('Boats\n- Sail\n-- Steam');
    });

    test('changed by lines keeps what else its boxes have', () => {
        const keyed = [{ name: 'Boats', key: ['boats'] }, { name: 'Sail' }];
        expect(named({ boxes: keyed, number: 2 }, 'Ships\nSail\nOars').boxes).toEqual([
            { name: 'Ships', key: ['boats'] },
            { name: 'Sail' },
            { name: 'Oars' },
        ]);
    });

    test('grows by a line too many and never below two', () => {
        expect(named({ boxes, number: 3 }, 'a\nb\nc\nd').number).toBe(4);
        expect(named({ boxes, number: 3 }, 'a', [0, 1, 1]).number).toBe(2);
    });

    test('of a hierarchy takes its levels from the dashes, of any kind and with spaces', () => {
        const { boxes: drawn } = named({ boxes, number: 3 }, 'Boats\n– Sail\n - - Ketch', [0, 1, 1]);
        expect(drawn.map(({ name, level }) => [name, level])).toEqual([
            ['Boats', 0],
            ['Sail', 1],
            ['Ketch', 2],
        ]);
    });

    test('has no more than twelve boxes, and names and prompts of a length', () => {
        expect(named({ boxes: [], number: 2 }, 'x\n'.repeat(30)).boxes).toHaveLength(12);
        expect(prompted({ boxes }, 'y'.repeat(900)).boxes[0].prompt).toHaveLength(200);
    });
});
