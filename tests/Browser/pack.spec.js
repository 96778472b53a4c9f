import { bringIn, expect, expectAccessible, test } from './support.js';

test('a pack is told apart, corrected by a key press, and cut by its sections', async ({ teacher: page }) => {
    const name = await bringIn(page, 'working-harbour-pack.pdf');
    await expect(page.locator('.contact__page--teacher')).toHaveCount(8);
    await expect(page.locator('.bracket--start')).toHaveText(
        ['Activity 1', 'Activity 2', 'Activity 3', 'Activity 4', 'Activity 5', 'Activity 6', 'Activity 7'],
        { useInnerText: true },
    );

    // Pages for the teacher are in a cut only on purpose.
    await page.getByLabel('Pages', { exact: true }).fill('16-20');
    await expect(page.getByText('Pages for the teacher are ticked: 18-20.')).toBeVisible();
    await page.getByRole('button', { name: 'Leave them out' }).click();
    await expect(page.getByLabel('Pages', { exact: true })).toHaveValue('16-17');

    // Many at once, by a key press; ticks stay.
    await page.getByRole('checkbox', { name: /^Page 17/ }).focus();
    await page.keyboard.press('g');
    await expect(page.locator('.contact__page--teacher')).toHaveCount(10);
    await expect(page.locator('.bracket--start')).toHaveCount(6);
    await expect(page.getByRole('checkbox', { name: /^Page 16/ })).toBeChecked();
    await page.getByRole('button', { name: /^for students/ }).click();
    await expect(page.locator('.bracket--start')).toHaveCount(7);

    // A boundary moved: page 7 becomes a section of its own, then joins again.
    await page.getByRole('button', { name: 'Untick all' }).click();
    await page.getByRole('checkbox', { name: /^Page 7/ }).check();
    await page.getByLabel('Section at the first ticked page').fill('Ferry times');
    await page.keyboard.press('Enter');
    await expect(page.locator('.bracket--start').nth(1)).toHaveText('Ferry times');
    await page.getByRole('button', { name: 'Join to the one before' }).click();
    await expect(page.locator('.bracket--start')).toHaveCount(7);

    await page.getByLabel('one set for each section').check();
    await expect(page.locator('.preview li')).toHaveCount(7);
    await expect(page.locator('.preview')).toContainText('Activity 3: who eats whom on the rocky shore');
    await page.getByLabel('Named by').selectOption('section');
    await expect(page.locator('.preview li b').last()).toHaveText('Activity 7');
    await page.getByLabel('Pages in a set').fill('4');
    await expect(page.locator('.preview li')).toHaveCount(3);
    await page.getByLabel('one set for each section').check();
    await expect(page.locator('.preview li')).toHaveCount(7);
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Cut 7 sets' }).click();
    await expect(page.getByText('Cut: 7 sets.')).toBeVisible();
    await expect(page.getByText('In no set: pages 1–5, 18–20.')).toBeVisible();
    await expect(page.getByRole('heading', { name })).toBeVisible();
    // What is cut is not cut again unless somebody says so, and that is said before.
    await page.getByLabel('one set for each section').check();
    await expect(page.getByText('All of these sets are cut already.')).toBeVisible();
    await page.getByLabel('again what is cut already').check();
    await expect(page.locator('.preview li')).toHaveCount(7);
    await page.getByRole('button', { name: 'Activity 3', exact: true }).click();
    await expect(
        page.getByText('These pages are cut already: “Activity 3: who eats whom on the rocky shore”.'),
    ).toBeVisible();
    await expect(page.getByLabel('Name of the set')).toHaveValue('Activity 3: who eats whom on the rocky shore');
    await expect(page.locator('[data-pick]:checked')).toHaveCount(3);
    await page.getByRole('link', { name: /^Activity 7/ }).click();
    await expect(page.getByRole('checkbox', { name: /^Page / })).toHaveCount(2);
});
