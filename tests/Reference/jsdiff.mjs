// How many tokens two lists have in common, in order, by jsdiff. Reads [[a, b], …] of lists and prints the counts.
import { diffArrays } from 'diff';
import { readFileSync } from 'node:fs';

const pairs = JSON.parse(readFileSync(0, 'utf8'));
console.log(
    JSON.stringify(
        pairs.map(([a, b]) =>
            diffArrays(a, b)
                .filter((part) => !part.added && !part.removed)
                .reduce((sum, part) => sum + part.value.length, 0),
        ),
    ),
);
