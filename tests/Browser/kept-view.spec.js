import { bringIn, draw, expect, expectAccessible, settled, test } from './support.js';

const top = (locator) => locator.evaluate((one) => one.scrollTop);

test('stations keep the page, how large it is and how far one has scrolled; the contact sheet is where one left it', async ({
    teacher: page,
}) => {
    await bringIn(page, 'working-harbour-pack.pdf');
    const sheet = page.locator('main.table');
    await page.getByRole('button', { name: '2', exact: true }).click();
    await sheet.evaluate((one) => one.scrollTo(0, 1500));
    await page.locator('[data-number="6"] .sheet').dblclick({ position: { x: 60, y: 60 } });
    await expect(page.getByRole('heading', { name: 'Page 6 of 20' })).toBeVisible();
    await page.getByRole('button', { name: 'Show the page larger' }).click();
    const width = await page.locator('.sheet--bench').evaluate((one) => one.clientWidth);
    await page.locator('[data-desk]').evaluate((one) => one.scrollTo(0, 240));
    await page.getByRole('link', { name: /^Parts/ }).click();
    await expect(page.getByRole('heading', { name: 'Page 6 of 20' })).toBeVisible();
    await expect.poll(() => top(page.locator('[data-desk]'))).toBe(240);
    expect(await page.locator('.sheet--bench').evaluate((one) => one.clientWidth)).toBe(width);
    await page.getByRole('link', { name: /^Key/ }).click();
    await expect(page.getByRole('heading', { name: 'Key, page 6 of 20' })).toBeVisible();
    await page.getByRole('link', { name: /^Pages/ }).click();
    await expect(page.getByRole('button', { name: '2', exact: true })).toHaveAttribute('aria-pressed', 'true');
    await expect.poll(() => top(sheet)).toBeGreaterThan(1000);
    await expect(page.locator('[data-pick]:checked')).toHaveCount(0);
});

test('cutting, a missing name and taking all blanks leave one where one was', async ({ teacher: page }) => {
    const name = await bringIn(page, 'working-harbour-pack.pdf');
    const sheet = page.locator('main.table');
    await sheet.evaluate((one) => one.scrollTo(0, 900));
    const was = await top(sheet);
    await page.getByLabel('Pages', { exact: true }).fill('6-7');
    await page.getByRole('button', { name: 'Cut the set' }).click();
    await expect(page.getByText('Give the set a name.')).toBeVisible();
    await expect.poll(() => top(sheet)).toBe(was);
    await page.getByLabel('Name of the set').fill(`Tides of ${name}`);
    await page.getByRole('button', { name: 'Cut the set' }).click();
    await expect(page.getByText('Just cut')).toBeVisible();
    await expect.poll(() => top(sheet)).toBeGreaterThan(600);
    await page.getByRole('link', { name: new RegExp(`^Tides of ${name}`) }).click();
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await page.getByRole('navigation', { name: 'Pages' }).getByRole('link', { name: '2' }).click();
    await expect(page.getByRole('heading', { name: 'Page 2 of 2' })).toBeVisible();
    await page.getByRole('button', { name: 'Lay boxes on the blanks of all pages' }).click();
    await expect(page.getByText(/^Laid on the pages for students/)).toBeVisible();
    await expect(page.getByRole('heading', { name: 'Page 2 of 2' })).toBeVisible();
});

test('a worksheet is tried as a student has it from any station, and one is back where one was', async ({
    teacher: page,
}) => {
    const name = await bringIn(page, 'working-harbour-pack.pdf');
    await page.getByLabel('Pages', { exact: true }).fill('6-7');
    await page.getByLabel('Name of the set').fill(`Tried ${name}`);
    await page.getByRole('button', { name: 'Cut the set' }).click();
    await page.getByRole('link', { name: new RegExp(`^Tried ${name}`) }).click();
    await page.locator('[data-number="2"] .sheet').dblclick({ position: { x: 60, y: 60 } });
    await expect(page.getByRole('heading', { name: 'Page 2 of 2' })).toBeVisible();
    await draw(page, 'Short box', 100, 100, 200, 24);
    await settled(page);
    await page.getByRole('button', { name: 'Try it as a student' }).click();
    await expect(page.getByText('This is what a student sees.')).toBeVisible();
    const place = page.locator('[data-place]').first();
    await place.fill('Only a try');
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    await expect(page.locator('[data-tally]')).toContainText('1 of 1');
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Hand in' }).click();
    await page.getByRole('button', { name: 'Yes, hand in' }).click();
    await expect(page.getByText('Handed in').first()).toBeVisible();
    await page.getByRole('button', { name: 'End the trial' }).click();
    await expect(page.getByRole('heading', { name: 'Page 2 of 2' })).toBeVisible();
    await page.goBack();
    await expect(page.getByText('Only a try')).toHaveCount(0);
});
