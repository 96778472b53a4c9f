import { describe, expect, test } from 'vitest';
import { caretIn } from '../../resources/js/lib/caret';

// The caret is the bar in each text.
const after = (before, text) => {
    const at = caretIn(before.replace('|', ''), text, before.indexOf('|'));
    return `${text.slice(0, at)}|${text.slice(at)}`;
};

describe('a caret, when others have changed the text', () => {
    test.each([
        ['the tide| is', 'today the tide is', 'today the tide| is'],
        ['the tide| is', 'the tide is low', 'the tide| is low'],
        ['the tide|', 'the spring tide', 'the spring tide|'],
        ['|the tide', 'the tide is', '|the tide is'],
        ['a ti| b', 'new a ti b end', 'new a ti| b end'],
        ['|', 'kelp', '|kelp'],
        ['the tide|', '', '|'],
    ])('%s in "%s" stands as in %s', (before, text, expected) => {
        expect(after(before, text)).toBe(expected);
    });
});
