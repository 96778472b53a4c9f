// Makes the sample files of Saltmarsh Quay School: HTML printed to PDF by Chromium, and one page
// "photographed" (printed, tilted, badly lit) to stand for a phone picture of a paper sheet.
// Usage: node database/demo/make.mjs      (the results are committed; run it only to change them)
import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { pack } from './sheets/pack.mjs';
import { workbook } from './sheets/workbook.mjs';
import { tideSheet, knotsSheet } from './sheets/single.mjs';

const here = dirname(fileURLToPath(import.meta.url));
const executablePath = execFileSync('sh', ['-c', 'command -v chromium'], { encoding: 'utf8' }).trim();
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] });

const boxes = {};

// Where a teacher would lay answer boxes on the printed blanks, in points, so that the demo has worksheets ready to
// use.
const blanks = () => {
    const points = (box, page) => ({
        x: box.x * 0.75,
        y: (box.y - page.y) * 0.75,
        width: box.width * 0.75,
        height: box.height * 0.75,
    });
    const tidy = (frame) =>
        Object.fromEntries(Object.entries(frame).map(([name, value]) => [name, Math.round(value * 100) / 100]));
    return [...document.querySelectorAll('section')].map((section) => {
        const page = section.getBoundingClientRect();
        return [...section.querySelectorAll('.gap, .lines, td')]
            .filter((one) => !one.matches('td') || one.textContent === '')
            .map((one) => {
                const frame = points(one.getBoundingClientRect(), page);
                const before = one.previousElementSibling;
                const prompt = before?.matches('b') && /\p{L}/u.test(before.textContent) ? before.textContent : ''; // not a question's number
                if (one.matches('.lines')) return { answer: 'lines', prompt: '', ...tidy(frame) };
                if (one.matches('td'))
                    return {
                        answer: 'short',
                        prompt: '',
                        ...tidy({
                            x: frame.x + 1.5,
                            y: frame.y + 1.5,
                            width: frame.width - 3,
                            height: frame.height - 3,
                        }),
                    };
                return {
                    answer: 'short',
                    prompt,
                    ...tidy({ x: frame.x, y: frame.y + frame.height - 15.5, width: frame.width, height: 15 }),
                };
            });
    });
};

async function print(name, html, format) {
    const width = format === 'A4' ? 794 : 816;
    const page = await browser.newPage({ viewport: { width, height: 1100 } });
    await page.emulateMedia({ media: 'print' });
    await page.setContent(html, { waitUntil: 'load' });
    boxes[name] = await page.evaluate(blanks);
    await page.pdf({ path: join(here, name), format, printBackground: true, preferCSSPageSize: true });
    await page.close();
}

async function photograph(name, html) {
    const page = await browser.newPage({ viewport: { width: 1240, height: 1654 } });
    await page.setContent(html, { waitUntil: 'load' });
    const jpeg = await page.screenshot({ type: 'jpeg', quality: 78 });
    writeFileSync(join(here, `${name}.jpg`), jpeg);
    const picture = `data:image/jpeg;base64,${jpeg.toString('base64')}`;
    await page.setContent(
        `<style>@page{size:210mm 280mm;margin:0}body{margin:0}img{display:block;width:210mm;height:280mm}</style><img src="${picture}">`,
        { waitUntil: 'load' },
    );
    await page.pdf({ path: join(here, `${name}.pdf`), printBackground: true, preferCSSPageSize: true });
    await page.close();
}

await print('working-harbour-pack.pdf', pack(), 'Letter');
await print('harbour-log-workbook.pdf', workbook(), 'A4');
await print('tide-times.pdf', tideSheet(), 'A4');
await photograph('knots-photo', knotsSheet());
writeFileSync(join(here, 'boxes.json'), `${JSON.stringify(boxes, null, 1)}\n`);
await browser.close();
