import { execFileSync } from 'node:child_process';
import { readFileSync } from 'node:fs';
import { expect, expectAccessible, giveTideTimes, openCopy, ready, test } from './support.js';

const said = (program, ...words) => execFileSync(program, words, { encoding: 'utf8' });

/** A worksheet with all its blanks taken, handed out to 6 Curlew; its copies printed with codes. */
async function printed(page, info) {
    const name = await giveTideTimes(page, '6 Curlew');
    await page.getByRole('link', { name: 'Paper and PDF' }).click();
    await page.getByLabel(/To be filled in by hand/).check();
    await page.getByRole('button', { name: 'Make it' }).click();
    const link = page.getByRole('link', { name: /^Take the PDF/ });
    await expect(link).toBeVisible({ timeout: 60000 });
    const [download] = await Promise.all([page.waitForEvent('download'), link.click()]);
    await download.saveAs(info.outputPath('copies.pdf'));
    return [name, info.outputPath('copies.pdf')];
}

/** What a scanner makes of some pages, one after the other. */
function scanned(info, pdf, ...pages) {
    said('qpdf', pdf, '--pages', '.', pages.join(','), '--', info.outputPath('some.pdf'));
    said('pdftoppm', '-r', '200', '-jpeg', info.outputPath('some.pdf'), info.outputPath('sheet'));
    return pages.map((_, at) => readFileSync(info.outputPath(`sheet-${at + 1}.jpg`)));
}

const photo = (name, buffer) => ({ name, mimeType: 'image/jpeg', buffer });

test('sheets that were filled in by hand lie in the copies of whose they are, and are marked there', async ({
    teacher,
    student,
}, info) => {
    test.setTimeout(120000);
    const [name, pdf] = await printed(teacher, info);
    // Whose sheet is which, the names at their feet say.
    const whose = said('pdftotext', '-raw', pdf, '-')
        .split('\f')
        .map((page) => page.match(/^(.+) · .+ · 1\/1$/m)?.[1]);
    const pia = whose.indexOf('Pia Lowen') + 1;
    const other = pia === 1 ? 2 : 1;
    const sheets = scanned(info, pdf, other, pia);

    // She types meanwhile, and is not disturbed.
    const page = await student('Pia Lowen', 'CRLW26');
    await openCopy(page, name);
    await ready(page);
    await page.locator('.element--box .answer').nth(1).fill('19:46');
    await expect(page.locator('[data-saved]')).toHaveText('Saved');

    await teacher.getByRole('link', { name: 'Sheets that were filled in by hand' }).click();
    const address = teacher.url();
    await expectAccessible(teacher);
    await teacher
        .getByLabel('Scans or photos of the sheets')
        .setInputFiles([
            photo('one.jpg', sheets[0]),
            photo('two.jpg', sheets[1]),
            { name: 'notes.pdf', mimeType: 'application/pdf', buffer: Buffer.from('no PDF at all') },
        ]);
    // What cannot be read is said before one goes on.
    await expect(teacher.getByRole('listitem').filter({ hasText: 'notes.pdf' })).toContainText(/not a PDF|PDF/);
    await teacher.getByRole('link', { name: 'Go on with the others' }).click();
    await expect(teacher.getByRole('heading', { name: 'Known by their codes: 2 sheets' })).toBeVisible({
        timeout: 60000,
    });
    const lists = teacher.getByRole('combobox', { name: /^Whose/ });
    await expect(lists.filter({ hasText: 'Pia Lowen' }).first()).toBeVisible();
    const chosen = await lists.evaluateAll((all) => all.map((one) => one.selectedOptions[0].textContent.trim()));
    expect(chosen.sort()).toEqual([whose[other - 1], 'Pia Lowen'].sort());
    await expectAccessible(teacher, { every: true });
    await teacher.getByLabel('These copies are handed in with that').uncheck();
    await teacher.getByRole('button', { name: 'Put what is ticked into the copies' }).click();
    await expect(teacher.getByText('2 pages put into 2 copies.')).toBeVisible();

    // What she types after it came is kept as well, and she finds her sheet under her page.
    await page.locator('.element--box .answer').last().fill('Stay off the mud.');
    await expect(page.locator('[data-saved]')).toHaveText('Saved');
    await page.reload();
    await ready(page);
    await expect(page.locator('.element--box .answer').last()).toHaveValue('Stay off the mud.');
    await page.getByText('Page 1 as it came on paper').click();
    await expect(page.getByRole('img', { name: 'Page 1, filled in on paper' })).toBeVisible();
    await expectAccessible(page);

    await teacher.getByRole('link', { name: 'Back to the desks' }).click();
    const desk = teacher.locator('.pupil', { hasText: 'Pia Lowen' });
    await expect(desk).toContainText('on paper, 2 of 7 filled');
    await desk.getByRole('link').click();
    const sheet = teacher.getByRole('img', { name: 'Page 1, filled in on paper' });
    await expect(sheet).toBeVisible();
    expect(await sheet.evaluate((one) => one.complete && one.naturalWidth > 0)).toBe(true);
    await teacher.getByText('What was typed on page 1 besides').click();
    await expect(teacher.locator('.in-words .sheet').getByText('Stay off the mud.')).toBeVisible();

    // Once more by mistake: nothing is taken that is there already, unless that is asked for.
    await teacher.goto(address);
    await teacher.getByLabel('Scans or photos of the sheets').setInputFiles(photo('two.jpg', sheets[1]));
    await expect(teacher.getByText('This page of the copy came on paper already.')).toBeVisible({ timeout: 60000 });
    await teacher.getByRole('checkbox', { name: 'two.jpg' }).check();
    await teacher.getByRole('button', { name: 'Put what is ticked into the copies' }).click();
    await expect(teacher.getByRole('alert')).toContainText('Page 1 of Pia Lowen came on paper already.');
    await expect(teacher.getByRole('checkbox', { name: 'two.jpg' })).toBeChecked();
    await teacher.getByRole('button', { name: 'Throw away what is in no copy' }).click();
    await expect(teacher.getByText('Thrown away.')).toBeVisible();
    await expect(teacher.getByRole('checkbox', { name: 'two.jpg' })).toHaveCount(0);
});
