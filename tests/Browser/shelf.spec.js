import { bringIn, expect, expectAccessible, test } from './support.js';

test('worksheets are found by name, renamed where they stand, thrown away and put back', async ({ teacher: page }) => {
    const name = await bringIn(page);
    await page.goto('/shelf');
    const item = page.locator(`[data-name="${name}"]`);
    await item.getByRole('button', { name: `Rename ${name}` }).click();
    await page.getByLabel(`New name for ${name}`).fill('Ébb tide ledger');
    await page.keyboard.press('Enter');
    await expect(page.locator('.shelf__name', { hasText: 'Ébb tide ledger' })).toBeVisible();

    await page.getByLabel('Find').fill('ebb led');
    await expect(page.locator('.shelf__item:visible')).toHaveCount(1);
    await expectAccessible(page);
    await page.getByLabel('Find').fill('nothing like it');
    await expect(page.getByText('No worksheet has these letters in its name.')).toBeVisible();
    await page.reload();

    await page.locator('[data-name="Ébb tide ledger"]').getByRole('button', { name: /in the bin/ }).click();
    await expect(page.locator('[data-name="Ébb tide ledger"]')).toHaveCount(0);
    await page.getByRole('link', { name: 'Bin' }).click();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Put Ébb tide ledger back' }).click();
    await expect(page.locator('[data-name="Ébb tide ledger"]')).toBeVisible();
});
