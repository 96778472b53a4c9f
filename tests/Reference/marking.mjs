// What libraries of the npm registry make of what marking reckons. Reads {units, fractions, words, items} and prints
// their answers: conversions and sums by mathjs, distances by damerau-levenshtein, correlations by simple-statistics.
import { readFileSync } from 'node:fs';
import distance from 'damerau-levenshtein';
import { fraction, unit } from 'mathjs';
import { sampleCorrelation } from 'simple-statistics';

const asked = JSON.parse(readFileSync(0, 'utf8'));
console.log(
    JSON.stringify({
        units: (asked.units ?? []).map(([value, from, to]) => unit(value, from).toNumber(to)),
        fractions: (asked.fractions ?? []).map((text) => fraction(text).valueOf()),
        words: (asked.words ?? []).map(([one, other]) => distance(one, other).steps),
        items: (asked.items ?? []).map(([one, other]) => sampleCorrelation(one, other)),
    }),
);
