import { readFileSync } from 'node:fs';
import { WORKED_ON, bringIn, demoFile, expect, expectAccessible, test } from './support.js';

/** The printed pages in their order, by the page number in the file each comes from. */
const order = (page) =>
    page
        .locator('[data-contact] .sheet')
        .evaluateAll((sheets) =>
            sheets.map(
                (sheet) =>
                    sheet.querySelector('.sheet__backdrop')?.src.match(/\/(\d+)\/(?:thumbnail|page)$/)[1] ?? 'blank',
            ),
        );
const tick = async (page, ...numbers) => {
    for (const number of numbers)
        await page.getByRole('checkbox', { name: new RegExp(`^Page ${number}( |$)`) }).check();
};
const press = (page, name) => page.getByRole('button', { name, exact: true }).click();

/** From the middle of one thing to a place within another, by its share of width. */
async function dragTo(page, from, to, share = 0.5) {
    await to.scrollIntoViewIfNeeded();
    await from.scrollIntoViewIfNeeded();
    const [a, b] = [await from.boundingBox(), await to.boundingBox()];
    await page.mouse.move(a.x + a.width / 2, a.y + a.height / 2);
    await page.mouse.down();
    await page.mouse.move(b.x + b.width * share, b.y + b.height / 2, { steps: 8 });
    await page.mouse.up();
}
const sheet = (page, number) => page.locator(`[data-number="${number}"] .sheet`);

test('pages are moved by drag, by button and by key, taken out, and put back by undo', async ({ teacher: page }) => {
    await bringIn(page, 'harbour-log-workbook.pdf');
    const total = (await order(page)).length;
    await dragTo(page, sheet(page, 1), sheet(page, 3), 0.8);
    await expect
        .poll(() => order(page))
        .toEqual(['2', '3', '1', ...Array.from({ length: total - 3 }, (_, n) => `${n + 4}`)]);
    await expect(page.locator('[data-pick]:checked')).toHaveCount(0);

    await tick(page, 1, 2);
    await press(page, 'Later');
    await expect.poll(async () => (await order(page)).slice(0, 4)).toEqual(['1', '2', '3', '4']);
    await expect(page.getByLabel('Pages', { exact: true })).toHaveValue('2-3');
    await page.keyboard.press('Alt+ArrowRight');
    await expect.poll(async () => (await order(page)).slice(0, 4)).toEqual(['1', '4', '2', '3']);
    await page.locator('[data-number="4"] [data-pick]').focus();
    await page.keyboard.press('Delete');
    await expect.poll(async () => (await order(page)).slice(0, 3)).toEqual(['1', '4', '5']);
    await expect(page.locator('[data-job-state="pages"]')).toHaveText(`${total - 2} pages`);
    await page.locator('[data-number="1"] [data-pick]').focus();
    for (let step = 0; step < 4; step += 1) await page.keyboard.press('Control+z');
    await expect.poll(async () => (await order(page)).slice(0, 4)).toEqual(['1', '2', '3', '4']);
    await expect(page.getByRole('button', { name: 'Undo' })).toBeDisabled();
    await page.keyboard.press('Control+Shift+z');
    await expect.poll(async () => (await order(page)).slice(0, 3)).toEqual(['2', '3', '1']);
    await page.reload();
    await expect.poll(async () => (await order(page)).slice(0, 3)).toEqual(['2', '3', '1']);
    await expect(page.getByRole('button', { name: 'Redo' })).toBeEnabled();
});

test('pages are turned, duplicated and given other paper, which says beforehand what happens', async ({
    teacher: page,
}) => {
    await bringIn(page);
    const shape = () =>
        page
            .locator('[data-number="1"] .sheet')
            .evaluate((one) => (one.clientWidth > one.clientHeight ? 'landscape' : 'portrait'));
    await tick(page, 1);
    await page.keyboard.press('.');
    await expect.poll(shape).toBe('landscape');
    await page.keyboard.press(',');
    await expect.poll(shape).toBe('portrait');
    await page.keyboard.press('d');
    await expect.poll(async () => (await order(page)).slice(0, 2)).toEqual(['1', '1']);

    await press(page, 'Paper');
    await page.locator('dialog[open]').getByLabel('Paper', { exact: true }).selectOption('Screen 16:9');
    await page.locator('dialog[open]').getByLabel('Which way').selectOption('landscape');
    await expect(page.locator('[data-paper-said]')).toContainText(
        '1 page on Screen 16:9. Print, boxes and words are shown at 64 % of their size',
    );
    await page.getByLabel('keeps its size, from the top left').check();
    await expect(page.locator('[data-paper-said]')).toContainText('some of the print would lie off the paper');
    await page.locator('dialog[open]').getByLabel('Paper', { exact: true }).selectOption('own');
    await page.locator('dialog[open]').getByLabel('Width').fill('2');
    await expect(page.locator('[data-paper-said]')).toContainText('smaller');
    await expect(page.getByRole('button', { name: 'Change the paper' })).toBeDisabled();
    await page.locator('dialog[open]').getByLabel('Width').fill('210');
    await page.locator('dialog[open]').getByLabel('Height').fill('99');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Change the paper' }).click();
    await expect(page.locator('[data-number="1"]')).toContainText('210 × 99 mm');
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('[data-number="1"]')).not.toContainText('210 × 99 mm');
});

test('pages are added at a chosen place: blank, from another worksheet, and from several files', async ({
    teacher: page,
}) => {
    const other = await bringIn(page, 'harbour-log-workbook.pdf');
    await bringIn(page);
    const before = (await order(page)).length;
    await press(page, 'Add pages');
    await page.getByLabel('blank', { exact: true }).check();
    await page.getByLabel('Where').selectOption('before page 1');
    await page.locator('dialog[open]').getByLabel('Paper', { exact: true }).selectOption('Legal');
    await page.getByLabel('How many').fill('2');
    await expectAccessible(page);
    await press(page, 'Add them');
    await expect.poll(async () => (await order(page)).slice(0, 3)).toEqual(['blank', 'blank', '1']);
    await expect(page.locator('[data-number="1"]')).toContainText('Legal');

    await press(page, 'Add pages');
    await page.getByLabel('from another worksheet').check();
    await page
        .getByLabel('Worksheet', { exact: true })
        .selectOption({ label: await page.locator('#add-from option', { hasText: other }).textContent() });
    await page.locator('#add-range').fill('6-4');
    await press(page, 'Add them');
    await expect(page.locator('[data-add-problem]')).toHaveText('“6-4” runs backwards. Put the smaller number first.');
    await page.locator('#add-range').fill('5, 3');
    await page.getByLabel('Where').selectOption('before page 2');
    await press(page, 'Add them');
    await expect.poll(async () => (await order(page)).slice(0, 4)).toEqual(['blank', '5', '3', 'blank']);

    await press(page, 'Add pages');
    const pdf = (name, file) => ({ name, mimeType: 'application/pdf', buffer: readFileSync(demoFile(file)) });
    await page.getByLabel('from files').check();
    await page.getByLabel('Where').selectOption('at the end');
    await page
        .locator('#add-files')
        .setInputFiles([
            pdf('first.pdf', 'knots-photo.pdf'),
            pdf('second.pdf', 'tide-times.pdf'),
            { name: 'letter.pdf', mimeType: 'application/pdf', buffer: Buffer.from('Dear teacher') },
        ]);
    await press(page, 'Add them');
    await expect(page.locator('[data-add-problem]')).toHaveText(
        'letter.pdf: This file is not a PDF, nor a document (DOCX, ODT, RTF, DOC), slides (PPTX, ODP) or a picture (JPEG, PNG, WebP, TIFF). Save or print it as a PDF, then bring that in.',
    );
    await press(page, 'Close');
    await expect(page.locator('[data-contact] > li')).toHaveCount(2 * before + 5, WORKED_ON);
    await expect(page.locator('.arriving')).toHaveCount(0);
});

test('the start of a section is dragged and nudged, and the pages of a set are chosen along the strip', async ({
    teacher: page,
}) => {
    await bringIn(page, 'working-harbour-pack.pdf');
    const starts = () =>
        page
            .locator('[data-contact] > li:has([data-boundary])')
            .evaluateAll((rows) => rows.map((row) => row.dataset.number));
    await expect.poll(starts).toEqual(['6', '8', '9', '12', '13', '15', '16']);
    await dragTo(page, page.locator('[data-number="9"] [data-boundary]'), sheet(page, 10));
    await expect.poll(starts).toEqual(['6', '8', '10', '12', '13', '15', '16']);
    await page.locator('[data-number="10"] [data-boundary]').focus();
    await page.keyboard.press('ArrowRight');
    await expect.poll(starts).toEqual(['6', '8', '11', '12', '13', '15', '16']);
    await page.keyboard.press('ArrowRight');
    await expect(page.getByText('A section cannot start beyond its own last page')).toBeVisible();
    await page.getByRole('main').getByRole('button', { name: 'Close' }).click();
    await page.locator('[data-number="11"] [data-boundary]').focus();
    await page.keyboard.press('ArrowLeft');
    await expect(page.locator('[data-number="10"] [data-boundary]')).toBeFocused();

    await tick(page, 6, 18);
    await page.getByRole('button', { name: 'key of the others' }).click();
    await expect(page.locator('[data-number="18"]')).toContainText('answers page 6');
    await press(page, 'Untick all');

    await dragTo(page, page.locator('[data-number="9"] [data-cuts]'), page.locator('[data-number="11"] [data-cuts]'));
    await expect(page.getByLabel('Pages', { exact: true })).toHaveValue('9-11');
    await expect(page.getByLabel('Name of the set')).toBeFocused();
    await page.keyboard.type('Rocky shore');
    await page.keyboard.press('Enter');
    await expect(page.locator('.cut')).toHaveCount(3);
    await expect(page.locator('.cut--start')).toHaveText('Rocky shore');
    await expect(page.locator('[data-number="9"] .cut--start, [data-number="11"] .cut--end')).toHaveCount(2);
    await expect(page.locator('[data-left-out]')).toHaveText('In no set: pages 1–8, 12–20.');
    // Cut from, it is locked; roles may still be noted.
    await expect(page.getByText('Locked, so that what was cut')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Take out' })).toHaveCount(0);
    await tick(page, 17);
    await page.keyboard.press('g');
    await expect(page.locator('[data-number="17"]')).toContainText('teacher guide');
});

test('links are listed by page, switched off one by one and all together, unless the master is locked', async ({
    teacher: page,
}) => {
    await bringIn(page, 'working-harbour-pack.pdf');
    await page.getByText(/^Links on its pages: \d+$/).click();
    const all = await page.locator('[data-link]').count();
    expect(all).toBeGreaterThan(1);
    await page.locator('[data-link]').first().uncheck();
    await expect(page.locator('.links > summary')).toContainText('1 switched off');
    await page.getByRole('button', { name: 'Switch all off' }).click();
    await expect(page.locator('.links > summary')).toContainText(`${all} switched off`);
    await expect(page.locator('[data-link]:checked')).toHaveCount(0);
    await page.getByRole('button', { name: 'Switch all on' }).click();
    await expect(page.locator('[data-link]:checked')).toHaveCount(all);
    await expectAccessible(page);
    await page.getByLabel('Pages', { exact: true }).fill('6');
    await page.getByLabel('Name of the set').fill('One page');
    await page.getByRole('button', { name: 'Cut the set' }).click();
    await page.getByText(/^Links on its pages/).click();
    await expect(page.locator('[data-link]:disabled')).toHaveCount(all);
});

test('a change on top of an old state is refused with the pages as they are', async ({ teacher: page }) => {
    await bringIn(page, 'harbour-log-workbook.pdf');
    const other = await page.context().newPage();
    await other.goto(page.url());
    await tick(other, 1);
    await other.keyboard.press('Alt+ArrowRight');
    await expect.poll(async () => (await order(other)).slice(0, 2)).toEqual(['2', '1']);
    await tick(page, 3);
    await page.keyboard.press('Delete');
    await expect(page.getByText('These pages were changed in another window.')).toBeVisible();
    await expect.poll(async () => (await order(page)).slice(0, 3)).toEqual(['2', '1', '3']);
    await other.close();
});

test('several files become one master of them all', async ({ teacher: page }) => {
    const pdf = (name, file) => ({ name, mimeType: 'application/pdf', buffer: readFileSync(demoFile(file)) });
    await page.goto('/shelf');
    await page
        .locator('#bring-file')
        .setInputFiles([pdf(`Joined ${process.pid}.pdf`, 'tide-times.pdf'), pdf('knots.pdf', 'knots-photo.pdf')]);
    await expect(page.getByText('2 files:')).toBeVisible();
    await page.getByRole('button', { name: 'One master of them all' }).click();
    await page.waitForURL('**/worksheets/*');
    await expect(page.locator('[data-contact] > li')).toHaveCount(2, WORKED_ON);
    await expect.poll(() => order(page)).toEqual(['1', '1']);
});

test('on a phone all of the head of a worksheet lies on its own ground', async ({ teacher: page }) => {
    await bringIn(page);
    await page.setViewportSize({ width: 390, height: 844 });
    const head = await page.locator('.topbar').boundingBox();
    const out = await page.getByRole('button', { name: 'Sign out' }).boundingBox();
    expect(out.y + out.height).toBeLessThanOrEqual(head.y + head.height);
    const sheet = await page.getByRole('heading', { name: 'Contact sheet' }).boundingBox();
    expect(sheet.y).toBeGreaterThan(head.y + head.height);
});
