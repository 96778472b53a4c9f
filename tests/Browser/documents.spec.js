import { execFileSync } from 'node:child_process';
import { mkdirSync, readFileSync } from 'node:fs';
import { basename, dirname, join } from 'node:path';
import { WORKED_ON, expect, expectAccessible, test } from './support.js';

/** A document of a word processor, made by the script that the tests of the server use. */
function wordFile(name) {
    const path = `${test.info().outputDir}-${name}`;
    execFileSync('php', ['tests/Support/word-file.php', path]);
    return path;
}

test('a document is brought in, looked at, made anew, used; its form fields are blanks', async ({ teacher: page }) => {
    const name = `Harbour walk ${Date.now()}`;
    await page.goto('/shelf');
    const path = wordFile('walk.docx');
    await page.locator('#bring-file').setInputFiles({
        name: `${name}.docx`,
        mimeType: 'application/octet-stream',
        buffer: readFileSync(path),
    });
    await expect(page.getByText(`Made from ${name}.docx. 3 things may look otherwise`)).toBeVisible(WORKED_ON);
    await page.getByRole('link', { name: 'Look before you use it' }).click();
    await expect(page.locator('.made__list')).toContainText('2 tracked changes are taken as accepted');
    await expect(page.locator('.made__list')).toContainText('The font Quaymark is not here.');
    await expectAccessible(page);
    const [download] = await Promise.all([
        page.waitForEvent('download'),
        page.getByRole('link', { name: 'Fetch the document as you brought it in' }).click(),
    ]);
    expect(download.suggestedFilename()).toBe(`${name}.docx`);
    expect(readFileSync(await download.path())).toEqual(readFileSync(path));

    await page.getByText('Make the pages otherwise').click();
    await page.getByLabel('shown, with what was deleted').check();
    await page.getByRole('button', { name: 'Make them anew' }).click();
    await expect(page.getByText(`Made from ${name}.docx.`)).toBeVisible(WORKED_ON);
    await page.getByRole('link', { name: 'Look before you use it' }).click();
    await expect(page.locator('.made__list')).toContainText('2 tracked changes are shown');
    await page.getByRole('button', { name: 'It can be used so' }).click();
    await expect(page.getByText('may look otherwise')).toHaveCount(0);

    await page.getByRole('link', { name: /^Boxes/ }).click();
    await page.getByRole('button', { name: 'Lay boxes on all 3' }).click();
    await expect(page.locator('.element--box')).toHaveCount(3);
    await expect(page.locator('.element--box[data-element*="flood"]')).toHaveCount(1);
});

test('a document is dropped on the strip, and one is added to a worksheet', async ({ teacher: page }) => {
    const name = `Dropped ${Date.now()}`;
    const bytes = readFileSync(wordFile('dropped.docx')).toString('base64');
    await page.goto('/shelf');
    await page.locator('.bring').evaluate(
        (strip, [called, base64]) => {
            const dataTransfer = new DataTransfer();
            const content = Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
            dataTransfer.items.add(new File([content], called));
            strip.dispatchEvent(new DragEvent('drop', { dataTransfer, bubbles: true, cancelable: true }));
        },
        [`${name}.docx`, bytes],
    );
    await expect(page.getByText(`Made from ${name}.docx.`)).toBeVisible(WORKED_ON);
    await page.getByRole('button', { name: 'Add pages' }).click();
    await page.locator('[data-add-files]').setInputFiles({
        name: 'Second.docx',
        mimeType: 'application/octet-stream',
        buffer: readFileSync(wordFile('second.docx')),
    });
    await page.locator('[data-add-dialog]').getByRole('button', { name: 'Add them' }).click();
    await expect(page.locator('[data-contact] > li')).toHaveCount(2, WORKED_ON);
    await page.reload();
    await expect(page.getByText('Made from Second.docx.')).toBeVisible();
});

test('a photo is cut out and laid flat; its corners are moved by mouse and keys, and it is made anew', async ({
    teacher: page,
}) => {
    const name = `Photo ${Date.now()}`;
    const photo = `${test.info().outputDir}-photo.jpg`;
    execFileSync('php', ['tests/Support/photo.php', photo]);
    await page.goto('/shelf');
    await page
        .locator('#bring-file')
        .setInputFiles({ name: `${name}.jpg`, mimeType: 'image/jpeg', buffer: readFileSync(photo) });
    await expect(page.getByText('The sheet was cut out and laid flat.')).toBeVisible(WORKED_ON);
    await page.getByRole('link', { name: 'Photo and page' }).click();
    const corner = page.getByRole('button', { name: /^Corner top left of photo 1/ });
    await expect(corner).toBeVisible();
    await expect(page.locator('.photo__photo img')).toHaveJSProperty('complete', true);
    await expectAccessible(page);
    const said = async () => JSON.parse(await page.locator('[data-cuts-said]').inputValue())[0];
    const [x, y] = (await said()).corners;
    await corner.focus();
    await page.keyboard.press('Shift+ArrowRight');
    await expect(page.locator('[data-cut-glass]')).toBeVisible();
    expect((await said()).corners[0]).toBeGreaterThan(x);
    const box = await corner.boundingBox();
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2);
    await page.mouse.down();
    await page.mouse.move(box.x + box.width / 2, box.y + box.height / 2 + 30, { steps: 4 });
    await page.mouse.up();
    expect((await said()).corners[1]).toBeGreaterThan(y + 0.02);
    await page.getByRole('button', { name: 'As proposed' }).click();
    expect((await said()).corners.slice(0, 2)).toEqual([x, y]);
    await page.getByRole('button', { name: 'The whole photo' }).click();
    expect((await said()).corners).toBeNull();
    await page.getByLabel('two pages beside each other').check();
    await page.getByLabel('Colours').selectOption('grey');
    await page.getByRole('button', { name: 'Make the pages so' }).click();
    await expect(page.locator('[data-contact] > li')).toHaveCount(2, WORKED_ON);
});

test('a picture that is pasted on the shelf becomes a worksheet; an address is not fetched, and said so', async ({
    teacher: page,
}) => {
    await page.goto('/shelf');
    const paste = (what) =>
        page.evaluate(async (given) => {
            const clipboardData = new DataTransfer();
            if (given) clipboardData.setData('text/plain', given);
            else {
                const canvas = new OffscreenCanvas(300, 400);
                canvas.getContext('2d').fillRect(40, 40, 90, 30);
                clipboardData.items.add(new File([await canvas.convertToBlob()], 'image.png', { type: 'image/png' }));
            }
            document.body.dispatchEvent(
                new ClipboardEvent('paste', { clipboardData, bubbles: true, cancelable: true }),
            );
        }, what);
    await paste('https://tides.example/table.pdf');
    await expect(page.locator('.bring')).toContainText('Nothing is fetched from the web.');
    await paste(null);
    await expect(page.getByText('Made from Pasted picture.png.')).toBeVisible(WORKED_ON);
});

/** A page in each format that pictures come in, written by libvips. */
function pictures(folder) {
    mkdirSync(folder, { recursive: true });
    const vips = (...of) => execFileSync('vips', of, { cwd: folder });
    vips('black', 'dark.v', '480', '640', '--bands', '3');
    vips('draw_rect', 'dark.v', '245', '60', '60', '360', '520', '--fill');
    vips('draw_rect', 'dark.v', '20', '120', '200', '240', '3', '--fill');
    return ['a.png', 'b.jpg', 'c.webp', 'd.tif', 'e.heic'].map((name) => {
        vips('copy', 'dark.v', name === 'e.heic' ? `${name}[compression=hevc]` : name);
        return join(folder, name);
    });
}

test('documents and pictures of all formats come in together: chosen, and dropped', async ({ teacher: page }) => {
    test.setTimeout(400000); // nine files, each made into pages by another program
    const docx = wordFile('all.docx');
    for (const format of ['odt', 'rtf'])
        execFileSync('soffice', [
            '--headless',
            `-env:UserInstallation=file://${test.info().outputDir}-profile`,
            '--convert-to',
            format,
            '--outdir',
            dirname(docx),
            docx,
        ]);
    const documents = ['.docx', '.odt', '.rtf'].map((format) => docx.replace('.docx', format));
    await page.goto('/shelf');
    await page.locator('#bring-file').setInputFiles([...documents, 'database/demo/tide-times.pdf']);
    await page.getByRole('button', { name: 'One master of them all' }).click();
    await page.waitForURL('**/worksheets/*');
    await expect(page.locator('[data-contact] > li')).toHaveCount(4, { timeout: 180000 });

    await page.goto('/shelf');
    const dropped = pictures(`${test.info().outputDir}-pictures`);
    await page.locator('.bring').evaluate(
        (strip, files) => {
            const dataTransfer = new DataTransfer();
            files.forEach(([name, base64]) => {
                const content = Uint8Array.from(atob(base64), (letter) => letter.charCodeAt(0));
                dataTransfer.items.add(new File([content], name));
            });
            strip.dispatchEvent(new DragEvent('drop', { dataTransfer, bubbles: true, cancelable: true }));
        },
        dropped.map((path) => [basename(path), readFileSync(path).toString('base64')]),
    );
    await page.getByRole('button', { name: 'One master of them all' }).click();
    await page.waitForURL('**/worksheets/*');
    await expect(page.locator('[data-contact] > li')).toHaveCount(5, { timeout: 180000 });
});
