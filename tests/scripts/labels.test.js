import { describe, expect, test } from 'vitest';
import { labelOf } from '../../resources/js/bench/labels.js';

const page = { x: 0, y: 0, width: 595, height: 842 };

describe('a label with words from elsewhere', () => {
    test('is as wide as its words and lies round the middle', () => {
        const { x, y, width, height, text } = labelOf('High water at noon', { x: 300, y: 400 }, page);
        expect(text).toBe('High water at noon');
        expect(width).toBeGreaterThan(100);
        expect(x + width / 2).toBeCloseTo(300, 0);
        expect(y + height / 2).toBeCloseTo(400, 0);
        expect(height).toBeLessThan(30);
    });

    test('has a line for each line, and more for those that are too long for the page', () => {
        const one = labelOf('a', { x: 300, y: 400 }, page).height;
        expect(labelOf('a\r\n\r\nb', { x: 300, y: 400 }, page).text).toBe('a\n\nb');
        expect(labelOf('a\n\nb', { x: 300, y: 400 }, page).height).toBeGreaterThan(2.5 * one - 5);
        const long = labelOf('word '.repeat(100), { x: 300, y: 400 }, page);
        expect(long.width).toBeLessThan(page.width);
        expect(long.height).toBeGreaterThan(7 * one);
    });

    test('stays on the page', () => {
        const { x, y } = labelOf('High water at noon', { x: -50, y: 5000 }, page);
        expect(x).toBe(0);
        expect(y).toBeLessThan(page.height);
    });
});
