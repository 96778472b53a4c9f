import { describe, expect, test } from 'vitest';
import { PicturePlace } from '../../resources/js/copy/picture.js';

/** A place with no buttons, as on a copy that is closed. */
function placeWith(value) {
    const picture = { hidden: true, src: '' };
    const field = {
        dataset: { place: '1.p', value },
        querySelector: (which) => (which === 'img' ? picture : null),
        contains: () => false,
    };
    const told = [];
    const work = { trouble: (words) => told.push(words), files: { takeOff: async () => told.push('gone') } };
    return { place: new PicturePlace(field, () => {}, work), picture, told };
}

describe('a place whose answer is a file', () => {
    test('is said in words where two windows have answered otherwise', () => {
        const { place } = placeWith('ab');
        expect(place.words('ab')).toBe('a picture');
        expect(place.words('')).toBe('nothing');
    });

    test('shows what is on its way, counts it as filled, and what the server keeps of it', () => {
        const { place, picture } = placeWith('');
        expect(place.filled).toBe(false);
        place.waits('data:image/png;base64,AA');
        expect([place.filled, place.value, picture.hidden]).toEqual([true, '', false]);
        place.arrived('cd');
        expect([place.filled, place.value, picture.src]).toEqual([true, 'cd', '/pictures/cd']);
    });

    test('has what it had before when it is sent back', () => {
        const { place, picture, told } = placeWith('ab');
        place.waits('data:image/png;base64,AA');
        place.sentBack('This is no picture.');
        expect([place.value, picture.src, told]).toEqual(['ab', '/pictures/ab', ['This is no picture.']]);
    });

    test('tells the server only of what it has', async () => {
        const changes = [];
        const { place, told } = placeWith('');
        place.waits('data:image/png;base64,AA');
        await place.takeOff((one) => changes.push(one));
        expect([changes, told, place.filled]).toEqual([[], ['gone'], false]);
        place.arrived('cd');
        await place.takeOff((one) => changes.push(one));
        expect([changes.length, place.value]).toEqual([1, '']);
    });
});
