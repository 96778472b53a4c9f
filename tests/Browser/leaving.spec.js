import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { bringIn, expect, expectAccessible, giveTideTimes, openCopy, ready, test } from './support.js';

/** What was asked for last, once it is made. */
async function take(page, info, name) {
    const link = page
        .locator('.leaving__row')
        .first()
        .getByRole('link', { name: /^Take the/ });
    await expect(link).toBeVisible({ timeout: 60000 });
    const [download] = await Promise.all([page.waitForEvent('download'), link.click()]);
    const path = info.outputPath(name);
    await download.saveAs(path);
    return path;
}

const said = (program, ...words) => execFileSync(program, words, { encoding: 'utf8' });

/**
 * How many of a picture's dots are otherwise in another, as a share of all. A dot that is alike to one of those beside
 * it there is not: letters are smoothed otherwise on paper.
 */
async function difference(page, one, other) {
    return page.evaluate(
        async (pictures) => {
            const greys = [];
            let size;
            for (const picture of pictures) {
                const bitmap = await createImageBitmap(await (await fetch(picture)).blob());
                size ??= [bitmap.width, bitmap.height];
                const context = new OffscreenCanvas(...size).getContext('2d');
                context.drawImage(bitmap, 0, 0, ...size);
                const { data } = context.getImageData(0, 0, ...size);
                greys.push(Float32Array.from({ length: size[0] * size[1] }, (_, at) => data[at * 4 + 1]));
            }
            const [width, height] = size;
            const alone = (from, to) => {
                let count = 0;
                for (let y = 1; y < height - 1; y++)
                    for (let x = 1; x < width - 1; x++) {
                        let least = 255;
                        for (let dy = -1; dy <= 1; dy++)
                            for (let dx = -1; dx <= 1; dx++)
                                least = Math.min(least, Math.abs(from[y * width + x] - to[(y + dy) * width + x + dx]));
                        if (least > 96) count++;
                    }
                return count / (width * height);
            };
            return Math.max(alone(greys[0], greys[1]), alone(greys[1], greys[0]));
        },
        [one, other].map((bytes) => `data:image/png;base64,${bytes.toString('base64')}`),
    );
}

test('what a student has written leaves as a PDF that looks as it does on the screen', async ({
    teacher,
    student,
}, info) => {
    test.setTimeout(90000);
    const name = await giveTideTimes(teacher, '6 Curlew');
    const page = await student('Pia Lowen', 'CRLW26');
    await openCopy(page, name);
    await ready(page);
    const boxes = page.locator('.element--box .answer');
    await boxes.nth(1).fill('19:46');
    await boxes.last().fill('Stay off the mud.\nIt is soft.');
    await expect(page.locator('[data-saved]')).toHaveText('Saved');

    await teacher.reload();
    await teacher.getByRole('link', { name: /Pia Lowen/ }).click();
    await teacher.getByRole('link', { name: 'As PDF' }).click();
    await expect(teacher.getByLabel('Whose', { exact: true })).toHaveValue(/\d/);
    await expectAccessible(teacher);
    await teacher.getByLabel(/at the foot of each page/).uncheck();
    await teacher.getByRole('button', { name: 'Make it' }).click();
    const pdf = await take(teacher, info, 'copy.pdf');
    const words = said('pdftotext', pdf, '-');
    expect(words).toContain('Tide times at Saltmarsh Quay');
    expect(words).toContain('19:46');
    expect(said('pdfinfo', pdf)).toMatch(/Tagged:\s+yes/);

    await teacher.goBack();
    await teacher.goBack();
    await teacher.locator('.large li').first().waitFor();
    // As large as on paper, and nothing over it that is for the screen alone.
    await teacher.locator('.large li').evaluateAll((all) => all.forEach((one) => (one.style.width = '793.28px')));
    await teacher
        .locator('.mark, .large__pens, .room__head')
        .evaluateAll((all) => all.forEach((one) => (one.style.display = 'none')));
    await teacher.locator('.large .sheet').evaluateAll((all) => all.forEach((one) => (one.style.outline = '0')));
    await teacher.setViewportSize({ width: 1280, height: 1400 });
    await teacher.waitForLoadState('networkidle');
    const screen = await teacher.locator('.large .sheet').first().screenshot();
    execFileSync('pdftoppm', ['-r', '96', '-png', '-singlefile', pdf, info.outputPath('paper')]);
    const paper = readFileSync(info.outputPath('paper.png'));
    await info.attach('screen', { body: screen, contentType: 'image/png' });
    const empty = await teacher.context().newPage();
    expect(await difference(empty, screen, paper)).toBeLessThan(0.005);
});

test('a class goes on in PDFs elsewhere, and what comes back is seen before it is taken', async ({ teacher }, info) => {
    test.setTimeout(90000);
    await giveTideTimes(teacher, '6 Curlew');
    await teacher.getByRole('link', { name: 'Paper and PDF' }).click();
    await teacher.getByLabel('Whose', { exact: true }).selectOption({ label: 'Pia Lowen' });
    await expect(teacher.getByLabel('one', { exact: true }), 'who chooses a name means it').toBeChecked();
    await teacher.getByLabel(/go on with elsewhere/).check();
    await teacher.getByRole('button', { name: 'Make it' }).click();
    const pdf = await take(teacher, info, 'form.pdf');
    const fields = JSON.parse(said('node', 'tests/Reference/form-fields.mjs', pdf));
    const texts = fields.filter((one) => one.kind === 'PDFTextField' && one.name !== 'open-slate');
    expect(texts).toHaveLength(7);
    const filled = info.outputPath('filled.pdf');
    said('node', 'tests/Support/fill-form.mjs', pdf, filled, JSON.stringify({ [texts[1].name]: 'half past seven' }));

    await teacher.getByLabel('PDFs that were filled in elsewhere').setInputFiles([
        { name: 'filled.pdf', mimeType: 'application/pdf', buffer: readFileSync(filled) },
        { name: 'notes.pdf', mimeType: 'application/pdf', buffer: Buffer.from('no PDF at all') },
        // As many as a class has, and as heavy.
        ...Array.from({ length: 23 }, (_, at) => ({
            name: `other-${at}.pdf`,
            mimeType: 'application/pdf',
            buffer: Buffer.alloc(200000, 'no PDF '),
        })),
    ]);
    await teacher.getByRole('button', { name: 'Look at them' }).click();
    await expect(teacher.getByRole('heading', { name: 'Answers that came back' })).toBeVisible();
    await expect(teacher.getByRole('region', { name: 'notes.pdf' }).getByRole('alert')).toBeVisible();
    await expect(teacher.getByRole('region', { name: /^other-/ })).toHaveCount(23);
    await expect(teacher.getByRole('region', { name: 'filled.pdf' }).getByText('half past seven')).toBeVisible();
    await expectAccessible(teacher);
    await teacher.getByRole('button', { name: 'Take what is ticked' }).click();
    await expect(teacher.getByText('1 answer taken.')).toBeVisible();
    await teacher.getByRole('link', { name: 'Back to the desks' }).click();
    await teacher.getByRole('link', { name: /Pia Lowen/ }).click();
    await expect(teacher.locator('.large .sheet').getByText('half past seven')).toBeVisible();
});

test('a worksheet is packed, and the package brought in stands on the shelf as it was', async ({ teacher }, info) => {
    const name = await bringIn(teacher);
    const address = teacher.url();
    await teacher.getByRole('link', { name: 'Paper and PDF' }).click();
    await teacher.getByLabel(/for another shelf/).check();
    await teacher.getByRole('button', { name: 'Make it' }).click();
    const zip = await take(teacher, info, 'package.zip');
    await expectAccessible(teacher);
    await teacher.getByRole('button', { name: /^Throw it away/ }).click();
    await expect(teacher.getByText('Thrown away.')).toBeVisible();

    await teacher.goto('/shelf');
    await teacher
        .locator('#bring-file')
        .setInputFiles({ name: 'package.zip', mimeType: 'application/zip', buffer: readFileSync(zip) });
    await teacher.waitForURL((url) => /worksheets\/\d+$/.test(url.pathname) && url.href !== address);
    await expect(teacher.getByRole('heading', { name })).toBeVisible();
    await expect(teacher.getByRole('button', { name: 'Cut the set' })).toBeEnabled({ timeout: 60000 });
});
