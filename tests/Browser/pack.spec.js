import { bringIn, bringInScan, expect, expectAccessible, test } from './support.js';

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

test('what is said of one page is offered for those that look the same, and taken with one press', async ({
    teacher: page,
}) => {
    await bringIn(page, '../../tests/packs/two-levels.pdf');
    // Something is always being found meanwhile; what is offered stays.
    let stages = 0;
    await page.route('**/worksheets/*/progress', async (route) =>
        route.fulfill({ json: { ...(await (await route.fetch()).json()), looking: `stage ${(stages += 1)}` } }),
    );
    await page.route('**/worksheets/*', async (route) => {
        const html = await (await route.fetch()).text();
        await route.fulfill({ contentType: 'text/html', body: html.replace(/data-looking=".*?"/, 'data-looking="0"') });
    });
    await page.reload();
    const offer = page.getByRole('group', { name: 'Pages that look the same' });
    await page.getByRole('checkbox', { name: /^Page 3/ }).focus();
    await page.keyboard.press('Space');
    await page.keyboard.press('g');
    await expect(offer).toContainText('Pages 2, 4–11 look the same.');
    await expect(offer).toBeInViewport();
    await expectAccessible(page);
    await page.waitForResponse('**/worksheets/*/pages');
    await page.waitForResponse('**/worksheets/*/pages');
    await expect(offer).toBeVisible();
    await offer.getByRole('button', { name: 'Mark them “teacher guide”, too' }).click();
    await expect(page.locator('[data-role="guide"]')).toHaveCount(10);
    await expect(offer).toBeHidden();
    await expect(page.getByRole('checkbox', { name: /^Page 3/ })).toBeFocused();

    // One step back takes the nine back, the next the one; what is left alone stays as it is.
    await page.keyboard.press('Control+z');
    await expect(page.locator('[data-role="guide"]')).toHaveCount(1);
    await page.keyboard.press('Control+z');
    await expect(page.locator('[data-role="guide"]')).toHaveCount(0);
    await page.keyboard.press('g');
    await offer.getByRole('button', { name: 'Leave them' }).click();
    await expect(offer).toBeHidden();
    await expect(page.locator('[data-role="guide"]')).toHaveCount(1);
});

test('the questions of a page are seen large, and mended by pointer and by keys', async ({ teacher: page }) => {
    await bringIn(page, 'working-harbour-pack.pdf');
    const open = page.getByRole('button', { name: 'Questions 1–4, page 6: see and mend' });
    // They are looked for while one works, and shown once they are found.
    await expect(open).toBeVisible({ timeout: 60000 });
    await expect(page.getByLabel('Only some of their questions')).toBeVisible();
    await open.click();
    const dialog = page.getByRole('dialog', { name: 'Questions of page 6' });
    const region = (number) => dialog.getByRole('group', { name: `Question ${number}`, exact: true });
    await expect(region(4)).toBeVisible();
    await expectAccessible(page);

    // The third goes on where the second does: they are one.
    await dialog.getByRole('button', { name: 'Join 3 to the one before' }).click();
    await expect(region(2)).toBeFocused();
    await expect(region(3)).toHaveCount(0);
    const before = await region(2).boundingBox();
    await page.keyboard.press('Shift+ArrowDown');
    await expect.poll(async () => (await region(2).boundingBox()).height).toBeGreaterThan(before.height + 2);
    await dialog.getByLabel('Question').last().fill('3');

    // One more is drawn, numbered on, and made higher by its lower edge.
    const sheet = await dialog.locator('[data-regions]').boundingBox();
    const drag = async (from, to) => {
        await page.mouse.move(sheet.x + from[0], sheet.y + from[1]);
        await page.mouse.down();
        await page.mouse.move(sheet.x + to[0], sheet.y + to[1], { steps: 4 });
        await page.mouse.up();
    };
    await drag([80, 450], [300, 500]);
    await expect(region(4)).toBeVisible();
    await expect(dialog.getByLabel('Question').last()).toBeFocused();
    await drag([190, 499], [190, 540]);
    await expect.poll(async () => Math.round((await region(4).boundingBox()).height)).toBeGreaterThan(80);

    // Esc by mistake loses nothing; what cannot be is said beside it.
    await page.keyboard.press('Escape');
    await expect(dialog.getByRole('alert')).toContainText('not kept yet');
    await dialog.getByLabel('Question').last().fill('4)');
    await dialog.getByRole('button', { name: 'Keep these' }).click();
    await expect(dialog.getByRole('alert')).toContainText('“4)” is no number of a question.');
    await dialog.getByLabel('Question').last().fill('5');
    await page.keyboard.press('Enter');
    await expect(dialog).toBeHidden();
    await expect(page.getByRole('button', { name: 'Questions 1–3, 5, page 6: see and mend' })).toBeFocused();

    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(open).toBeVisible();
    await page.getByRole('button', { name: 'Redo' }).click();
    await page.getByRole('button', { name: 'Questions 1–3, 5, page 6: see and mend' }).click();
    await dialog.getByRole('button', { name: 'As they were found' }).click();
    await expect(open).toBeVisible();
});

test('while pages that are pictures are read it says so, and no longer once they are', async ({ teacher: page }) => {
    await bringInScan(page);
    const notice = page.getByText('Some pages are only pictures.');
    await expect(notice).toBeVisible({ timeout: 60000 });
    // Nobody has to look again by themselves.
    await expect(notice).toBeHidden({ timeout: 60000 });
    await expect(page.getByText('The words of the pictures have been read.')).toBeAttached();
    await expect(page.getByText('no words can be read on it')).toHaveCount(0);
});
