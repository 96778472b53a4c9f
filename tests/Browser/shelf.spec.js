import { readFileSync } from 'node:fs';
import { bringIn, demoFile, dragOnto, expect, expectAccessible, test } from './support.js';

const more = (item) => item.locator('.menu > summary').first();

test('worksheets are found by name, renamed where they stand, thrown away and put back', async ({ teacher: page }) => {
    const name = await bringIn(page);
    const renamed = `Ébb tide ledger ${name.replace(/\D+/g, '')}`;
    await page.goto('/shelf');
    const item = page.locator(`.shelf__item[data-name="${name}"]`);
    await more(item).click();
    await item.getByRole('button', { name: 'Rename' }).click();
    await page.getByLabel(`New name for ${name}`).fill(renamed);
    await page.keyboard.press('Enter');
    await expect(page.locator('.shelf__name', { hasText: renamed })).toBeVisible();

    await page.getByLabel('Find').fill(renamed.replace('Ébb tide ledger', 'ebb led'));
    await expect(page.locator('.shelf__item:visible')).toHaveCount(1);
    await expectAccessible(page);
    await page.getByLabel('Find').fill('nothing like it');
    await expect(page.getByText('No worksheet has these letters in its name or on its pages.')).toBeVisible();
    await page.reload();

    const again = page.locator(`.shelf__item[data-name="${renamed}"]`);
    await more(again).click();
    await again.getByRole('button', { name: 'Put in the bin' }).click();
    await expect(page.locator(`.shelf__item[data-name="${renamed}"]`)).toHaveCount(0);
    await page.getByRole('link', { name: 'Bin' }).click();
    await expectAccessible(page);
    await page.getByRole('button', { name: `Put ${renamed} back` }).click();
    await expect(page.locator(`.shelf__item[data-name="${renamed}"]`)).toBeVisible();
});

test('what is typed on the shelf stays while a file becomes ready there', async ({ teacher: page }) => {
    const name = `Pack ${process.pid}`;
    await page.goto('/shelf');
    await page.locator('#bring-file').setInputFiles({
        name: `${name}.pdf`,
        mimeType: 'application/pdf',
        buffer: readFileSync(demoFile('working-harbour-pack.pdf')),
    });
    await page.waitForURL('**/worksheets/*');
    await page.goto('/shelf');
    const item = page.locator(`.shelf__item[data-name="${name}"]`);
    await page.getByLabel('A new unit').fill('Piers');
    await expect(item).toContainText('20 pages', { timeout: 60000 });
    await expect(page.getByLabel('A new unit')).toHaveValue('Piers');
    await more(item).click();
    await item.getByRole('button', { name: 'Rename' }).click();
    await page.getByLabel(`New name for ${name}`).fill(`${name} again`);
    await page.keyboard.press('Enter');
    await expect(page.locator('.shelf__name', { hasText: `${name} again` })).toBeVisible();
});

test('units hold worksheets, by drag and by menu, in the order the teacher likes', async ({ teacher: page }) => {
    const name = await bringIn(page);
    const other = await bringIn(page);
    const [first, second] = [`Quays ${process.pid}`, `Lights ${process.pid}`];
    await page.goto('/shelf');
    for (const unit of [first, second]) {
        await page.getByLabel('A new unit').fill(unit);
        await page.getByRole('button', { name: 'Make the unit' }).click();
        await expect(page.getByRole('heading', { name: unit })).toBeVisible();
    }
    const unit = (title) => page.locator('.unit', { has: page.getByRole('heading', { name: title }) });
    const item = (title) => page.locator(`.shelf__item[data-name="${title}"]`);
    await expect(unit(first)).toContainText('Nothing here yet.');
    await dragOnto(page, item(name), unit(first));
    await expect(unit(first).locator('.shelf__item')).toHaveCount(1);
    await more(item(other)).click();
    await item(other).getByLabel(`Unit of ${other}`).selectOption(first);
    await expect(unit(first).locator('.shelf__name')).toHaveText([first, other, name]);
    await expect(more(item(other))).toBeFocused();
    await more(unit(second)).first().click();
    await unit(second).getByRole('button', { name: 'Move it up' }).click();
    await expect(unit(second).getByText('Nothing here yet.')).toBeVisible();
    const titles = () => page.locator('.unit h2').allTextContents();
    await expect.poll(async () => (await titles()).indexOf(second) < (await titles()).indexOf(first)).toBe(true);
    await expect(unit(first).locator('.shelf__name')).toHaveText([first, other, name]);
    await expectAccessible(page);

    await more(unit(first)).first().click();
    await unit(first).getByRole('button', { name: 'Rename the unit' }).click();
    await page.getByLabel(`New name for ${first}`).fill(`${first} and piers`);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: `${first} and piers` })).toBeVisible();
    await page.reload();
    await more(unit(`${first} and piers`))
        .first()
        .click();
    await unit(`${first} and piers`)
        .getByRole('button', { name: /^Remove the unit/ })
        .click();
    await expect(page.getByText('its 2 worksheets stand under “In no unit”')).toBeVisible();
    await expect(unit('In no unit').locator(`[data-name="${name}"]`)).toBeVisible();
    await page.getByRole('button', { name: 'Put it back' }).click();
    await expect(unit(`${first} and piers`).locator('.shelf__item')).toHaveCount(2);
    // Leave the shelf to the other tests as it was.
    for (const title of [`${first} and piers`, second]) {
        await more(unit(title)).first().click();
        await unit(title)
            .getByRole('button', { name: /^Remove the unit/ })
            .click();
    }
});

test('several files show how far each is, and what is new stands first', async ({ teacher: page }) => {
    const [one, two] = [`Charts ${process.pid}`, `Buoys ${process.pid}`];
    const file = (name, buffer) => ({ name: `${name}.pdf`, mimeType: 'application/pdf', buffer });
    await page.goto('/shelf');
    await page
        .locator('#bring-file')
        .setInputFiles([
            file(one, readFileSync(demoFile('working-harbour-pack.pdf'))),
            file('Torn', Buffer.from('torn')),
            file(two, readFileSync(demoFile('tide-times.pdf'))),
        ]);
    await page.getByRole('button', { name: 'A master for each' }).click();
    const strip = page.locator('.arriving');
    await expect(strip.getByRole('progressbar').first()).toBeVisible();
    await expect(strip).toContainText('This file is not a PDF');
    await expect(page.getByText('2 files are ready. 1 could not be brought in.')).toBeVisible({ timeout: 60000 });
    await expect(page.locator('.unit').first().locator(`[data-name="${one}"]`)).toContainText('20 pages');
    await expect(page.locator('.unit').first().locator(`[data-name="${two}"]`)).toContainText('1 page.');
    await expectAccessible(page);
    await strip.getByRole('link', { name: one }).click();
    await expect(page.getByRole('button', { name: 'Cut the set' })).toBeEnabled();
});

test('sets lie with their master, several are chosen together, and words on pages are found', async ({
    teacher: page,
}) => {
    const name = await bringIn(page, 'harbour-log-workbook.pdf');
    for (const [pages, set] of [
        ['4', 'Later'],
        ['2', 'Sooner'],
    ]) {
        await page.getByLabel('Pages', { exact: true }).fill(pages);
        await page.getByLabel('Name of the set').fill(`${set} ${name}`);
        await page.getByRole('button', { name: 'Cut the set' }).click();
        await expect(page.getByText('Just cut').first()).toBeVisible();
    }
    await page.goto('/shelf');
    const master = page.locator(`.shelf__item[data-name="${name}"]`);
    await expect(master.locator('.shelf__item .shelf__name')).toHaveText([`Sooner ${name}`, `Later ${name}`]);
    await master.getByText('2 sets cut from it').click();
    await page.reload();
    await expect(master.locator('.shelf__item').first()).toBeHidden();
    await page.getByLabel('Find').fill(`Sooner ${name}`);
    await expect(master.locator(`[data-name="Sooner ${name}"]`)).toBeVisible();
    await expect(master.locator(`[data-name="Later ${name}"]`)).toBeHidden();
    await page.getByLabel('Find').fill('');

    await page.getByLabel(`Choose ${name}`, { exact: true }).check();
    await expect(page.locator('[data-chosen]')).toContainText('1 chosen');
    await page.getByRole('button', { name: 'Choose none' }).click();
    await expect(page.locator('[data-chosen]')).toBeHidden();
    await master.getByText('2 sets cut from it').click();
    for (const set of ['Sooner', 'Later']) await page.getByLabel(`Choose ${set} ${name}`).check();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Hand out together' }).click();
    await expect(page.getByRole('heading', { name: 'Hand out' })).toBeVisible();
    await expect(page.locator('[data-given]')).toHaveCount(2);
    await page.goBack();
    for (const set of ['Sooner', 'Later']) await page.getByLabel(`Choose ${set} ${name}`).check();
    await page.getByRole('button', { name: 'Put in the bin' }).last().click();
    await expect(page.getByRole('status').filter({ hasText: '2 worksheets are in the bin' })).toBeVisible();
    await page.getByRole('button', { name: 'Put them back' }).click();
    await expect(master.locator('.shelf__item')).toHaveCount(2);

    await page.getByLabel('Find').fill('BÍGGEST boat');
    await expect(master.locator('[data-said-on]').first()).toContainText('on page');
    await page.getByLabel('Find').fill('a word that is nowhere');
    await expect(page.getByText('No worksheet has these letters')).toBeVisible();
});

test('a master is shared with a colleague, who looks at it and takes it as their own', async ({
    teacher: page,
    browser,
    baseURL,
    problems,
}) => {
    const name = await bringIn(page, 'harbour-log-workbook.pdf');
    await page.getByRole('link', { name: 'Share with colleagues' }).click();
    await page.getByLabel('these colleagues:').check();
    await page.getByRole('button', { name: 'Keep this' }).click();
    await expect(page.getByRole('alert')).toHaveText('Tick the colleagues to share it with, or choose nobody.');
    await page.getByLabel('Mr Okafor').check();
    await page.getByRole('button', { name: 'Keep this' }).click();
    await expect(page.getByText('Now seen by Mr Okafor.')).toBeVisible();
    await expectAccessible(page);

    const context = await browser.newContext({ baseURL, viewport: { width: 1280, height: 800 } });
    const colleague = await context.newPage();
    colleague.on('pageerror', (error) => problems.push(error.message));
    await colleague.goto('/sign-in');
    await colleague.getByLabel('E-mail address').fill('okafor@saltmarsh.example');
    await colleague.getByLabel('Password').fill('harbour-light');
    await colleague.getByRole('button', { name: 'Sign in' }).click();
    await colleague.getByRole('link', { name: /^From colleagues/ }).click();
    await colleague.getByRole('link', { name: new RegExp(`^${name}`) }).click();
    await expect(colleague.locator('.looked .sheet')).toHaveCount(6);
    await expectAccessible(colleague);
    const address = colleague.url();
    await colleague.getByLabel('Take it as your own, named').fill('Log for Curlew');
    await colleague.getByRole('button', { name: 'Take it as my own' }).click();
    await expect(colleague.getByText('This is now your own.')).toBeVisible();
    await expect(colleague.locator('[data-contact] > li')).toHaveCount(6);

    await page.getByLabel('nobody else').check();
    await page.getByRole('button', { name: 'Keep this' }).click();
    await expect(page.getByText('Nobody else sees it now.')).toBeVisible();
    expect((await colleague.goto(address)).status()).toBe(403);
    await context.close();
});

test('who leaves a file that is being prepared is not called back when it is ready', async ({ teacher: page }) => {
    const name = await bringIn(page);
    await page.goto('/shelf');
    const url = await page.getByRole('link', { name: new RegExp(`^${name}`) }).getAttribute('href');
    let ready = false;
    await page.route('**/progress?*', (route) =>
        route.fulfill({ json: { state: ready ? 'ready' : 'preparing', done: 0, total: 1, pages: [], alone: true } }),
    );
    // As while it is prepared, and then the way to the shelf takes longer than the preparing.
    await page.route(url, async (route) => {
        const response = await route.fetch();
        const body = (await response.text()).replace('data-preparing="no"', 'data-preparing="yes"');
        await route.fulfill({ response, body });
    });
    await page.goto(url);
    await page.route('**/shelf', async (route) => {
        ready = true;
        await new Promise((resolve) => {
            setTimeout(resolve, 1500);
        });
        await route.continue();
    });
    await page.getByRole('navigation', { name: 'Main' }).getByRole('link', { name: 'Shelf' }).click();
    await expect(page.getByLabel('A new unit')).toBeVisible();
});
