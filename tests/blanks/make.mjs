// Makes pages with blanks whose places are known, and pages of things that only look like blanks. All is invented.
// Writes NAME.pdf for each and truth.json for all: kind and frame, in points, read from the laid-out page itself.
// Usage: node tests/blanks/make.mjs      (the results are committed; run it only to change them)
import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { sheets } from './sheets.mjs';

const here = dirname(fileURLToPath(import.meta.url));
const executablePath = execFileSync('sh', ['-c', 'command -v chromium'], { encoding: 'utf8' }).trim();
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] });
const truth = {};
for (const { name, size = ['210mm', '297mm'], css = '', pages } of sheets) {
    const [width, height] = size;
    const style = `@page{size:${width} ${height};margin:0}*{box-sizing:border-box}body{margin:0;font:12pt "DejaVu Sans",sans-serif}section{width:${width};height:${height};padding:18mm;position:relative;overflow:hidden;page-break-after:always}section:last-child{page-break-after:auto}p,li{line-height:1.9}.fill{display:inline-block;border-bottom:1px solid #222;height:1.1em;vertical-align:baseline}.pad i{display:block;height:9mm;border-bottom:1px solid #555}table{border-collapse:collapse}td,th{border:1px solid #333;height:9mm;padding:1mm 2mm}th{background:#e3e9ec}.sq{display:inline-block;width:4mm;height:4mm;border:1px solid #222;vertical-align:-.5mm}.ring{display:inline-block;width:4mm;height:4mm;border:1px solid #222;border-radius:50%;vertical-align:-.5mm}.frame{border:1.5px solid #222}${css}`;
    const sheet = await browser.newPage({ viewport: { width: 1000, height: 1400 } });
    await sheet.setContent(
        `<!doctype html><meta charset="utf-8"><style>${style}</style>${pages.map((html) => `<section>${html}</section>`).join('')}`,
    );
    await sheet.emulateMedia({ media: 'print' });
    truth[name] = await sheet.evaluate(() =>
        [...document.querySelectorAll('section')].map((section) => {
            const origin = section.getBoundingClientRect();
            const pt = (px) => Math.round(px * 75) / 100;
            return [...section.querySelectorAll('[data-blank]')].map((element) => {
                // A run of underscores is where its letters are, not where its line is.
                const range = document.createRange();
                range.selectNodeContents(element);
                const box =
                    element.dataset.blank === 'gap' ? range.getBoundingClientRect() : element.getBoundingClientRect();
                return {
                    kind: element.dataset.blank,
                    x: pt(box.left - origin.left),
                    y: pt(box.top - origin.top),
                    width: pt(box.width),
                    height: pt(box.height),
                };
            });
        }),
    );
    await sheet.pdf({ path: join(here, `${name}.pdf`), preferCSSPageSize: true, printBackground: true });
    await sheet.close();
}
writeFileSync(join(here, 'truth.json'), `${JSON.stringify(truth, null, 1)}\n`);
await browser.close();
