import { bringIn, expect, expectAccessible, test } from './support.js';

test('blanks that were found are taken by a press and by keys, refused, and taken all together', async ({
    teacher: page,
}) => {
    await bringIn(page, 'harbour-log-workbook.pdf');
    await page.getByRole('link', { name: /^Boxes/ }).click();
    const ghosts = page.locator('[data-ghost]');
    await expect(async () => {
        await page.reload();
        await expect(ghosts.first()).toBeVisible({ timeout: 1000 });
    }).toPass({ timeout: 30000 });
    const found = await ghosts.count();
    expect(found).toBeGreaterThan(5);
    await expectAccessible(page);

    await ghosts.first().click();
    await expect(page.locator('.element--box')).toHaveCount(1);
    await expect(ghosts).toHaveCount(found - 1);
    await ghosts.first().focus();
    await page.keyboard.press('ArrowRight');
    await expect(ghosts.nth(1)).toBeFocused();
    await page.keyboard.press('Enter');
    await expect(page.locator('.element--box')).toHaveCount(2);
    await ghosts.first().focus();
    await page.keyboard.press('Delete');
    await expect(ghosts).toHaveCount(found - 3);
    await expect(page.locator('.element--box')).toHaveCount(2);
    await page.locator('.desk').focus();
    await page.keyboard.press('t');
    await expect(ghosts).toHaveCount(0);
    await expect(page.locator('.element--box')).toHaveCount(found - 1);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(ghosts).toHaveCount(found - 3);

    await page.getByRole('button', { name: 'Take the blanks of all pages' }).click();
    await expect(page.getByText(/Laid on the pages for students: \d+ answer boxes/)).toBeVisible();
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('[data-number="2"] .contact__count')).toHaveCount(0);
});
