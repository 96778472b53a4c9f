// Goes to the shelf and to each station by turns, and waits until each can be worked at. Prints the medians as JSON.
import { signedIn } from './signed-in.mjs';

const [base, email, password, pack, full] = process.argv.slice(2);
const TURNS = 7;
const { browser, page } = await signedIn(base, email, password);

const rooms = { shelf: '/shelf' };
for (const [name, id] of [
    ['pack', pack],
    ['full', full],
])
    Object.assign(rooms, {
        [`${name}-pages`]: `/worksheets/${id}`,
        [`${name}-boxes`]: `/worksheets/${id}/boxes`,
        [`${name}-parts`]: `/worksheets/${id}/parts`,
        [`${name}-key`]: `/worksheets/${id}/key`,
        [`${name}-hand-out`]: `/worksheets/${id}/hand-out`,
    });

/** From the request until all scripts that the page came with have run and what they made was drawn. */
async function timed(path) {
    const start = performance.now();
    await page.goto(path, { waitUntil: 'domcontentloaded' });
    await page.evaluate(
        () =>
            new Promise((resolve) => {
                requestAnimationFrame(() => requestAnimationFrame(resolve));
            }),
    );
    return performance.now() - start;
}

const times = Object.fromEntries(Object.keys(rooms).map((name) => [name, []]));
for (let turn = 0; turn <= TURNS; turn += 1)
    for (const [name, path] of Object.entries(rooms)) {
        const time = await timed(path);
        if (turn > 0) times[name].push(time); // The first is with nothing kept.
    }
await browser.close();
const median = (values) => values.sort((a, b) => a - b)[Math.floor(values.length / 2)];
const { shelf, ...stations } = Object.fromEntries(
    Object.entries(times).map(([name, values]) => [name, median(values)]),
);
process.stdout.write(JSON.stringify({ shelf, stations }));
