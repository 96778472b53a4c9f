// Makes pages with blanks whose places are known, and pages of things that only look like blanks. All is invented.
// Writes NAME.pdf for each and truth.json for all, and of the kinds of trouble and of questions those in classes/:
// kind and frame, in points, read from the laid-out page itself.
// Usage: node tests/blanks/make.mjs [classes]   (the results are committed; run it only to change them)
import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { pages as troubles } from './classes.mjs';
import { questions } from './questions.mjs';
import { sheets } from './sheets.mjs';

const here = dirname(fileURLToPath(import.meta.url));
const executablePath = execFileSync('sh', ['-c', 'command -v chromium'], { encoding: 'utf8' }).trim();
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] });
const A4 = ['210mm', '297mm'];
const base =
    '*{box-sizing:border-box}body{margin:0}section{font:12pt "DejaVu Sans",sans-serif;padding:18mm;position:relative;overflow:hidden;page-break-after:always}section:last-child{page-break-after:auto}p,li{line-height:1.9}.fill{display:inline-block;border-bottom:1px solid #222;height:1.1em;vertical-align:baseline}.pad i{display:block;height:9mm;border-bottom:1px solid #555}table{border-collapse:collapse}td,th{border:1px solid #333;height:9mm;padding:1mm 2mm}th{background:#e3e9ec}.sq{display:inline-block;width:4mm;height:4mm;border:1px solid #222;vertical-align:-.5mm}.ring{display:inline-block;width:4mm;height:4mm;border:1px solid #222;border-radius:50%;vertical-align:-.5mm}.frame{border:1.5px solid #222}';

/** Prints the pages to a file and says, page by page, what is to be filled in on them. */
async function print(file, pages) {
    const sheet = await browser.newPage({ viewport: { width: 1200, height: 1400 } });
    const sections = pages.map(({ html, css = '', size: [width, height] = A4 }, n) => {
        const own = css.replace(/(^|\})([^{}]+)\{/g, (_, end, names) => `${end}${scoped(names, n)}{`);
        return `<style>@page p${n}{size:${width} ${height};margin:0}#s${n}{page:p${n};width:${width};height:${height}}${own}</style><section id="s${n}">${html}</section>`;
    });
    await sheet.setContent(`<!doctype html><meta charset="utf-8"><style>${base}</style>${sections.join('')}`);
    await sheet.emulateMedia({ media: 'print' });
    const truth = await sheet.evaluate(() =>
        [...document.querySelectorAll('section')].map((section) => {
            const origin = section.getBoundingClientRect();
            const pt = (px) => Math.round(px * 75) / 100;
            const blanks = [...section.querySelectorAll('[data-blank]')];
            // Words, blanks and drawings: what is seen of a question.
            const seen = (element) => {
                const rects = [...element.querySelectorAll('[data-blank], svg, table, td')].map((one) =>
                    one.getBoundingClientRect(),
                );
                const texts = document.createTreeWalker(element, NodeFilter.SHOW_TEXT);
                while (texts.nextNode()) {
                    const range = document.createRange();
                    range.selectNodeContents(texts.currentNode);
                    rects.push(...(texts.currentNode.textContent.trim() === '' ? [] : range.getClientRects()));
                }
                return rects;
            };
            const measured = blanks.map((element) => {
                // A run of underscores is where its letters are, not where its line is.
                const range = document.createRange();
                range.selectNodeContents(element);
                const isText = element.dataset.blank.startsWith('gap');
                const round = isText ? range.getBoundingClientRect() : element.getBoundingClientRect();
                // What is turned keeps its own size about its middle.
                const [width, height] = isText
                    ? [round.width, round.height]
                    : [element.offsetWidth || round.width, element.offsetHeight || round.height];
                return {
                    kind: element.dataset.blank === 'gaptick' ? 'tick' : element.dataset.blank,
                    x: pt(round.left + (round.width - width) / 2 - origin.left),
                    y: pt(round.top + (round.height - height) / 2 - origin.top),
                    width: pt(width),
                    height: pt(height),
                };
            });
            const asked = [...section.querySelectorAll('[data-question]')].map((element) => {
                const rects = seen(element);
                const [left, top] = [Math.min(...rects.map((r) => r.left)), Math.min(...rects.map((r) => r.top))];
                return {
                    number: element.dataset.question,
                    x: pt(left - origin.left),
                    y: pt(top - origin.top),
                    width: pt(Math.max(...rects.map((r) => r.right)) - left),
                    height: pt(Math.max(...rects.map((r) => r.bottom)) - top),
                    blanks: blanks.flatMap((blank, at) => (element.contains(blank) ? [at] : [])),
                };
            });
            return { blanks: measured, questions: asked };
        }),
    );
    await sheet.pdf({ path: join(here, file), preferCSSPageSize: true, printBackground: true });
    await sheet.close();

    return truth;
}

/** What a page says of its looks is said of that page only. */
function scoped(names, n) {
    return names
        .split(',')
        .map((name) => (name === 'section' || name === 'body' ? `#s${n}` : `#s${n} ${name}`))
        .join(',');
}

const write = (file, what) => writeFileSync(join(here, file), `${JSON.stringify(what, null, 1)}\n`);

if (process.argv[2] !== 'classes') {
    const truth = {};
    for (const { name, size, css, pages } of sheets) {
        const printed = await print(
            `${name}.pdf`,
            pages.map((html) => ({ html, css, size })),
        );
        truth[name] = printed.map((page) => page.blanks);
    }
    write('truth.json', truth);
}
const set = async (name, pages) => {
    const truth = await print(`classes/${name}.pdf`, pages);
    write(
        `classes/${name}.json`,
        pages.map(({ kind, name }, n) => ({ kind, name, ...truth[n] })),
    );
};
await set(
    'open',
    troubles.filter((page) => !page.held),
);
await set(
    'held',
    troubles.filter((page) => page.held),
);
await set('questions', questions.open);
await set('questions-held', questions.held);
await browser.close();
