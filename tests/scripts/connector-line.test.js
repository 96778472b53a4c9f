import { expect, test } from 'vitest';
import { connectorLine } from '../../resources/js/lib/connector-line';
import cases from './connector-line.json';

test.each(cases)('a $course connector over $ends is drawn as the server draws it', ({ course, ends, drawn }) => {
    expect(connectorLine(course, ends)).toBe(drawn);
});
