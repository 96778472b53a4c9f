import { expect, test } from 'vitest';
import { Past } from '../../resources/js/copy/parts/past';

test('one goes back to what was, and forth again, until something new is done', () => {
    const past = new Past();
    past.keep('one');
    past.keep('two');
    expect(past.back('three')).toBe('two');
    expect(past.back('two')).toBe('one');
    expect([past.canGoBack, past.canGoForth]).toEqual([false, true]);
    expect(past.forth('one')).toBe('two');
    past.keep('two');
    expect(past.canGoForth).toBe(false);
});

test('at an end there is nothing to go to, and nothing is lost by trying', () => {
    const past = new Past();
    expect([past.back('now'), past.forth('now')]).toEqual([undefined, undefined]);
    expect([past.canGoBack, past.canGoForth]).toEqual([false, false]);
});

test('a hundred moves are kept, the oldest go first', () => {
    const past = new Past();
    for (let n = 0; n < 150; n += 1) past.keep(n);
    let last;
    for (let at = 'now'; past.canGoBack; at = last) last = past.back(at);
    expect(last).toBe(50);
});

test('what others did meanwhile is in all that one can go back to', () => {
    const past = new Past();
    past.keep('one');
    past.keep('two');
    past.back('three');
    past.map((text) => `${text}, theirs`);
    expect(past.back('now')).toBe('one, theirs');
    expect(past.forth('one, theirs')).toBe('now');
    expect(past.forth('now')).toBe('three, theirs');
});
