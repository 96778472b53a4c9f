import { bringIn, draw, expect, expectAccessible, test } from './support.js';

test('a mended master is offered to its sets: taken as it is, or settled element by element', async ({
    teacher: page,
}) => {
    const name = await bringIn(page, 'harbour-log-workbook.pdf');
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await draw(page, 'Label', 60, 500, 300, 24);
    await page.getByLabel('Words', { exact: true }).fill('Write in ink');
    await page.keyboard.press('Tab');
    await page.getByRole('link', { name: /^Pages/ }).click();
    const cut = async (pages, set) => {
        await page.getByLabel('Pages', { exact: true }).fill(pages);
        await page.getByLabel('Name of the set').fill(set);
        await page.getByRole('button', { name: 'Cut the set' }).click();
        await expect(page.getByText('Just cut')).toBeVisible();
    };
    await cut('1-2', `${name} first`);
    await cut('1', `${name} second`);

    // One of the sets says it in its own words.
    await page.getByRole('link', { name: new RegExp(`^${name} second`) }).click();
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await page.locator('.element--label').click();
    await page.getByLabel('Words', { exact: true }).fill('Write in pencil');
    await page.keyboard.press('Tab');
    await expect(page.locator('.label')).toHaveText('Write in pencil');
    await page.goto('/shelf');
    await page.getByRole('link', { name: new RegExp(`^${name} \\d`) }).click();
    await page.getByRole('button', { name: 'Unlock to change it' }).click();
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await page.locator('.element--label').click();
    await page.getByLabel('Words', { exact: true }).fill('Write neatly');
    await page.keyboard.press('Tab');
    await expect(page.locator('.label')).toHaveText('Write neatly');
    await page.getByRole('link', { name: /^Pages/ }).click();
    await expect(page.getByText('2 pages in what was cut from this could take what you changed here.')).toBeVisible();
    await page.getByRole('link', { name: 'Look and mend' }).click();
    await expectAccessible(page);

    await page.getByRole('button', { name: 'Mend what is ticked' }).click();
    await expect(page.getByText('Mended: 1 page.')).toBeVisible();
    await expect(page.getByRole('heading', { name: `${name} second, page 1: changed on both sides` })).toBeVisible();
    await expect(page.locator('.element--marked')).toHaveText([/Write in pencil/, /Write neatly/]);
    await page.getByLabel('the master’s Write neatly').check();
    await page.getByRole('button', { name: 'Mend this page' }).click();
    await expect(page.getByText('Nothing waits to be mended.')).toBeVisible();
    await page.goto('/shelf');
    await page.getByRole('link', { name: new RegExp(`^${name} second`) }).click();
    await expect(page.locator('.label')).toHaveText('Write neatly');
});
