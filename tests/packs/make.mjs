// Makes labelled packs in different layouts and wordings, all invented: each page says what it is for and which
// section it belongs to. Writes NAME.pdf for each and truth.json for all.
// Usage: node tests/packs/make.mjs [NAME…]      (the results are committed; run it only to change them)
import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { readFileSync, writeFileSync } from 'node:fs';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { keyedPacks } from './keyed-packs.mjs';
import { morePacks } from './more-packs.mjs';
import { packs } from './packs.mjs';
import { unlikePacks } from './unlike-packs.mjs';

const here = dirname(fileURLToPath(import.meta.url));
const executablePath = execFileSync('sh', ['-c', 'command -v chromium'], { encoding: 'utf8' }).trim();
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] });
const names = process.argv.slice(2);
const all = [...packs, ...morePacks, ...unlikePacks, ...keyedPacks];
// Packs that other programs laid out are labelled there by hand.
const truth = JSON.parse(readFileSync(join(here, 'truth.json'), 'utf8'));
for (const { name, size, css, pages, furniture, scanned, sections = true } of all) {
    truth[name] = pages.map(({ role, section }) => {
        const known = scanned ? { role: 'unknown', section: null } : { role, section: section ?? null };
        return sections ? known : { role };
    });
    if (names.length > 0 && !names.includes(name)) continue;
    const [width, height] = size;
    const body = pages
        .map(
            (page, index) =>
                `<section class="${page.cls ?? ''}">${furniture && !page.bare ? furniture(index + 1, pages.length) : ''}${page.html}</section>`,
        )
        .join('');
    const style = `@page{size:${width} ${height};margin:0}*{box-sizing:border-box}body{margin:0}section{width:${width};height:${height};padding:18mm;position:relative;overflow:hidden;page-break-after:always}section:last-child{page-break-after:auto}.head{position:absolute;top:7mm;left:18mm;right:18mm;font-size:8pt;display:flex;justify-content:space-between}.foot{position:absolute;bottom:7mm;left:18mm;right:18mm;font-size:8pt;display:flex;justify-content:space-between}.lines i{display:block;border-bottom:1px solid #444;height:9mm}${css}`;
    const sheet = await browser.newPage({ viewport: { width: 820, height: 1160 } });
    await sheet.setContent(`<!doctype html><meta charset="utf-8"><style>${style}</style>${body}`);
    if (scanned) {
        const pictures = [];
        for (const section of await sheet.locator('section').all())
            pictures.push((await section.screenshot({ type: 'jpeg', quality: 45 })).toString('base64'));
        await sheet.setContent(
            `<!doctype html><style>@page{size:${width} ${height};margin:0}body{margin:0}img{display:block;width:${width};height:${height};page-break-after:always}</style>${pictures.map((one) => `<img src="data:image/jpeg;base64,${one}">`).join('')}`,
        );
    }
    await sheet.pdf({ path: join(here, `${name}.pdf`), preferCSSPageSize: true, printBackground: true });
    await sheet.close();
}
writeFileSync(join(here, 'truth.json'), `${JSON.stringify(truth, null, 1)}\n`);
await browser.close();
