// Drags one of 150 parts of a student's copy in Chromium, then saves moves and text answers by turns. Prints JSON.
import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { thrice } from './frames.mjs';

const [base, code, pin, copy] = process.argv.slice(2);
const TIMES = 60;
const COLD = 20;
const executablePath = execFileSync('sh', ['-c', 'command -v chromium'], { encoding: 'utf8' }).trim();
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: base });
await page.goto('/class');
await page.getByLabel(/code/).fill(code);
await page.getByRole('button', { name: 'Next' }).click();
await page.getByLabel('Builder').check();
await page.getByLabel('Your PIN').fill(pin);
await page.getByRole('button', { name: 'Come in' }).click();
await page.waitForURL('**/my/day');
await page.goto(`/my/copies/${copy}`);

const piece = page.locator('[data-piece="p20.1"]');
const plain = await thrice(browser, page, piece);
const devtools = await page.context().newCDPSession(page);
await devtools.send('Emulation.setCPUThrottlingRate', { rate: 4 });
const slow = await thrice(browser, page, piece);
await devtools.send('Emulation.setCPUThrottlingRate', { rate: 1 });

const times = await page.evaluate(
    async ({ url, all, cold }) => {
        const token = () => decodeURIComponent(document.cookie.match(/XSRF-TOKEN=([^;]+)/)[1]);
        const send = async (answers) => {
            const start = performance.now();
            const response = await fetch(url, {
                method: 'PATCH',
                headers: { Accept: 'application/json', 'Content-Type': 'application/json', 'X-XSRF-TOKEN': token() },
                body: JSON.stringify({ draft: { base: 100000, window: 'bench', answers }, page: 1 }),
            });
            const answer = await response.json();
            if (!response.ok) throw new Error(answer.message);
            return [performance.now() - start, answer];
        };
        const taken = { move: [], text: [] };
        let [, { models }] = await send({ '1._parts': document.querySelector('[data-model]').dataset.model });
        for (let n = 0; n < all; n += 1) {
            const placed = JSON.parse(models['1._parts']);
            placed[`p${n}.1`] = [43 + 34 * (n % 15) + (n % 7), 63 + 40 * Math.floor(n / 15) + (n % 5), '', ''];
            const [move, answer] = await send({ '1._parts': JSON.stringify({ ...placed, near: 8 }) });
            models = answer.models;
            const [text] = await send({ '1.a': `The tide comes in ${n} times.` });
            if (n >= cold) {
                taken.move.push(move);
                taken.text.push(text);
            }
        }
        return taken;
    },
    { url: `/my/copies/${copy}`, all: TIMES, cold: COLD },
);
await browser.close();
const median = (values) => values.sort((a, b) => a - b)[Math.floor(values.length / 2)];
process.stdout.write(
    JSON.stringify({ plain: plain.longest, slow: slow.longest, move: median(times.move), text: median(times.text) }),
);
