import { bringIn, dragOnto, expect, expectAccessible, handOutTo, startBlank, test } from './support.js';

test('a choice board is made by drag and by keys, changed later, and leads students to their pages', async ({
    teacher: page,
    student,
}) => {
    await bringIn(page, 'working-harbour-pack.pdf');
    await page.getByRole('link', { name: 'Make a choice board' }).click();
    const place = (number) => page.locator(`[data-place="${number}"]`);
    await expect(page.locator('[data-place]')).toHaveCount(6);
    await expect(place(1)).toHaveAccessibleName('Place 1: Activity 1');
    const title = `Shore day ${process.pid}`;
    await page.getByLabel('Title').fill(title);
    await page.getByLabel('Places', { exact: true }).selectOption('4');
    await expect(page.locator('[data-place]')).toHaveCount(4);
    await expect(page.locator('.sheet')).toContainText(title);

    // By drag from beside the board, by drag within it, by the list, and by keys.
    await dragOnto(page, page.locator('[data-option-row]', { has: page.locator('[value="Activity 7"]') }), place(1), {
        x: 3,
        y: 3,
    });
    await expect(place(1)).toHaveAccessibleName('Place 1: Activity 7');
    await expect(page.getByLabel('Place of Activity 1')).toHaveValue('0');
    await dragOnto(page, place(1), place(2));
    await expect(place(1)).toHaveAccessibleName('Place 1: Activity 2');
    await page.getByLabel('Place of Activity 5').selectOption('place 4');
    await expect(place(4)).toHaveAccessibleName('Place 4: Activity 5');
    await place(4).focus();
    await page.keyboard.press('ArrowUp');
    await expect(place(2)).toHaveAccessibleName('Place 2: Activity 5');
    await expect(place(2)).toBeFocused();
    await place(4).focus();
    await page.keyboard.press('Delete');
    await expect(place(4)).toHaveAccessibleName('Place 4: empty');
    await expectAccessible(page);

    await page.getByRole('button', { name: 'Another option' }).click();
    await page.getByLabel('Name of the option').last().fill('Knots');
    await page.getByLabel('Place of the new option').selectOption('place 4');
    await page.getByRole('button', { name: 'Make the set' }).click();
    await expect(page.getByRole('alert')).toHaveText('“Knots” has no pages. Say which pages belong to it.');
    await page.getByLabel('Pages of the new option').fill('12');
    await page.getByLabel('One line about the new option').fill('Tie three of them');
    await page.getByRole('button', { name: 'Make the set' }).click();

    // Activity 2 (8), activity 5 (13, 14), activity 3 (9 to 11), knots (12): the board, and seven pages.
    await expect(page.getByRole('heading', { name: title })).toBeVisible();
    await expect(page.locator('[data-contact] > li')).toHaveCount(8);
    await expect(page.locator('.job__origin')).toContainText('Choice board: pages 8, 13, 14, 9–12 of');
    await page.getByRole('link', { name: 'Change the choice board' }).click();
    await page.getByLabel('Place of Activity 5').selectOption('not on it');
    await expect(place(2)).toHaveAccessibleName('Place 2: empty');
    await page.getByRole('button', { name: 'Change the set' }).click();
    await expect(page.locator('[data-contact] > li')).toHaveCount(6);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('[data-contact] > li')).toHaveCount(8);

    await page.getByRole('link', { name: /^Hand out/ }).click();
    await handOutTo(page, '6 Curlew');
    await page.getByRole('button', { name: 'Hand out', exact: true }).click();
    await page.waitForURL('**/handouts/*');
    const pupil = await student('Xan Petrel', 'CRLW26');
    await pupil.getByRole('link', { name: new RegExp(title) }).click();
    await expectAccessible(pupil);
    // The board, activity 2 on one page, then activity 5.
    await pupil.getByRole('link', { name: 'Activity 5', exact: true }).click();
    await expect(pupil.locator('[data-page="3"]')).toBeInViewport({ ratio: 0.3 });
    await expect(pupil.locator('[data-page="1"]')).not.toBeInViewport();
    await pupil.getByRole('button', { name: 'Back to page 1' }).click();
    await expect(pupil.getByRole('link', { name: 'Activity 5', exact: true })).toBeFocused();
    await expect(pupil.locator('[data-page="1"]')).toBeInViewport({ ratio: 0.3 });
    await expect(pupil.getByRole('button', { name: 'Back to page 1' })).toBeHidden();
});

test('a board is made of several worksheets, those that were ticked on the shelf and more', async ({
    teacher: page,
}) => {
    // A master from which a board is made is locked: these are the test's own.
    const own = [`Boats ${process.pid}`, `Shells ${process.pid}`];
    for (const name of own) await startBlank(page, name);
    await page.goto('/shelf');
    for (const name of own) await page.getByLabel(`Choose ${name}`, { exact: true }).check();
    await page.getByRole('button', { name: 'Choice board' }).click();
    await expect(page.locator('[data-place]')).toHaveCount(2);
    await expect(page.locator('[data-option-row]')).toHaveCount(2);
    await page.getByRole('button', { name: 'Options from other worksheets' }).click();
    const dialog = page.getByRole('dialog');
    await expectAccessible(page);
    await dialog.getByLabel('Find').fill('tide table');
    await dialog.getByLabel('Activity 1: reading a tide table').first().check();
    await dialog.getByRole('button', { name: 'Take as options' }).click();

    // The board gets a place more for it, and it comes with the boxes of the set.
    await expect(page.locator('[data-place="3"]')).toHaveAccessibleName('Place 3: Activity 1: reading a tide table');
    const row = page.locator('[data-option-row]').last();
    await expect(row.locator('[data-option-pages]')).toHaveValue('1, 2');
    await expect(row).toContainText('of Activity 1: reading a tide table');
    await page.getByRole('button', { name: 'Another option' }).click();
    await page.locator('[data-option-row]').last().getByRole('button', { name: 'Remove' }).click();
    await expect(page.locator('[data-option-row]')).toHaveCount(3);
    await page.getByLabel('Title').fill(`Of three ${process.pid}`);
    await page.getByRole('button', { name: 'Make the set' }).click();
    await expect(page.locator('[data-contact] > li')).toHaveCount(5);
    await expect(page.locator('.job__origin')).toContainText('and of 2 other worksheets');
    await expect(page.locator('[data-job-state=boxes]')).toHaveText('15 answer boxes');
    await page.getByRole('link', { name: 'Change the choice board' }).click();
    await expect(page.locator('[data-option-of]:visible')).toHaveCount(2);
});
