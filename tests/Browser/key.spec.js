import { draw, expect, startBlank, test } from './support.js';

test('what is typed on the Key station before its script has come is kept', async ({ teacher: page }) => {
    await startBlank(page, `Quick ${Date.now()}`);
    await draw(page, 'Short', 60, 60, 240, 30);
    await draw(page, 'Short', 60, 160, 240, 30);
    let come;
    const held = new Promise((resolve) => {
        come = resolve;
    });
    await page.route(/\/key-[^/]+\.js$/, async (route) => {
        await held;
        await route.continue();
    });
    await page.getByRole('link', { name: /^Key/ }).click({ noWaitAfter: true });
    const rows = page.locator('[data-key-row] textarea');
    await page.locator('[data-key-page] [data-place]').first().fill('the harbour');
    await rows.last().fill('the quay');
    come();
    await expect(rows.first()).toHaveValue('the harbour');
    await rows.last().blur();
    await expect(page.locator('[data-job-state=key]')).toHaveText('2 of 2 keyed');
    await page.reload();
    await expect(rows.first()).toHaveValue('the harbour');
    await expect(rows.last()).toHaveValue('the quay');
});
