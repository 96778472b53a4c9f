// Six browsers at one copy, each typing into a box of its own. Prints as JSON the 95th
// percentiles of the time until a save is answered and until a letter is seen in another browser, the longest, and how
// many letters were lost.
import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';

const [base, code, pin, pairs] = process.argv.slice(2);
const LETTERS = 40;
const EVERY = 220; // milliseconds from letter to letter: a fast typist of ten
const executablePath = execFileSync('sh', ['-c', 'command -v chromium'], { encoding: 'utf8' }).trim();
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] });
const saved = [];

async function atTheCopy(pair) {
    const [student, copy] = pair.split('.');
    const context = await browser.newContext({ baseURL: base, viewport: { width: 1000, height: 800 } });
    const door = `/class/${code}`;
    await context.request.get(door);
    const { cookies } = await context.storageState();
    const token = decodeURIComponent(cookies.find(({ name }) => name === 'XSRF-TOKEN').value);
    await context.request.post(door, { headers: { 'X-XSRF-TOKEN': token }, form: { student, pin } });
    const page = await context.newPage();
    page.on('requestfinished', async (request) => {
        if (request.method() === 'PATCH') saved.push(request.timing().responseEnd);
    });
    await page.goto(`/my/copies/${copy}`);
    await page.waitForSelector('[data-copy-work][data-ready]');
    return page;
}

const pages = [];
for (const pair of pairs.split(',')) pages.push(await atTheCopy(pair));

// Each browser notes when it first sees each text of each box.
for (const page of pages)
    await page.evaluate(() => {
        window.seen = {};
        const fields = [...document.querySelectorAll('textarea[data-place]')];
        setInterval(
            () =>
                fields.forEach(({ dataset, value }) => {
                    for (let length = 1; length <= value.length; length += 1)
                        (window.seen[dataset.place] ??= {})[length] ??= Date.now();
                }),
            20,
        );
    });
const alphabet = 'abcdefghijklmnopqrstuvwxyz';
await Promise.all(
    pages.map((page, n) =>
        page.evaluate(
            async ([place, letters, every]) => {
                const field = document.querySelector(`[data-place="${place}"]`);
                field.focus();
                for (const letter of letters) {
                    document.execCommand('insertText', false, letter);
                    await new Promise((resolve) => {
                        setTimeout(resolve, every * (0.7 + Math.random() * 0.6));
                    });
                }
            },
            [`1.b${n}`, Array.from({ length: LETTERS }, (_, at) => alphabet[(at + n) % 26]), EVERY],
        ),
    ),
);
await new Promise((resolve) => {
    setTimeout(resolve, 4000);
});
const seen = await Promise.all(pages.map((page) => page.evaluate(() => window.seen)));
const waits = [];
let lost = 0;
pages.forEach((_, typist) => {
    const place = `1.b${typist}`;
    for (let length = 1; length <= LETTERS; length += 1)
        seen.forEach((one, reader) => {
            if (reader === typist) return;
            const at = one[place]?.[length];
            if (at === undefined) lost += 1;
            else waits.push(at - seen[typist][place][length]);
        });
});
await browser.close();
const p95 = (times) => times.sort((a, b) => a - b)[Math.floor(times.length * 0.95)];
process.stdout.write(
    JSON.stringify({
        seen: p95(waits),
        longest: Math.max(...waits),
        saved: p95(saved),
        typed: LETTERS * pages.length,
        lost,
    }),
);
