import { bringIn, expect, expectAccessible, handOutTo, ready, test } from './support.js';

// The shelf of a class, a sheet for some of them, and a handout seen as a student before anybody has it.

test('a student reads from the class shelf, takes a copy, throws it away and puts it back', async ({
    teacher,
    student,
}) => {
    const page = await student('Umar Finch');
    await page.getByRole('link', { name: 'Class shelf' }).click();
    await expectAccessible(page, { every: true });
    await page.getByRole('link', { name: 'Read Three useful knots (photo)' }).click();
    await expectAccessible(page, { every: true });
    await page.goBack();
    await page.getByRole('button', { name: 'Take a copy of Harbour log workbook' }).click();
    await ready(page);
    await page.locator('input.answer, textarea.answer').first().fill('Umar');
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();

    await teacher.goto('/classes');
    await teacher.getByRole('link', { name: /^6 Heron/ }).click();
    await teacher.getByRole('link', { name: 'Class shelf' }).click();
    await expectAccessible(teacher, { every: true });
    await teacher.getByRole('link', { name: /copy taken of Harbour log workbook/ }).click();
    await expect(teacher.getByRole('link', { name: /Umar Finch/ })).toBeVisible();

    await page.getByRole('link', { name: 'My day' }).click();
    await page.getByRole('link', { name: 'Class shelf' }).click();
    await page.getByRole('button', { name: /^Throw my copy away/ }).click();
    await expect(page.getByRole('status')).toContainText('is thrown away');
    await page.getByRole('button', { name: /^Put it back/ }).click();
    await expect(page.locator('input.answer, textarea.answer').first()).toHaveValue('Umar');
});

test('an easier sheet is for one student alone; it is looked at as that student, on a phone, before it is out', async ({
    teacher: page,
    student,
}) => {
    const [whole, easy] = ['Knots for all', 'Knots in small steps'];
    await bringIn(page, 'tide-times.pdf', easy);
    await bringIn(page, 'tide-times.pdf', whole);
    await page.getByRole('link', { name: /^Hand out/ }).click();
    await handOutTo(page, '6 Heron');
    await page.locator('[data-bracket="items"]').click();
    await page.getByRole('button', { name: 'Add worksheets' }).click();
    const others = page.locator('[data-others]');
    await others.getByLabel(easy).check();
    await others.getByRole('button', { name: 'Add them' }).click();
    const given = page.locator('[data-given]').filter({ hasText: easy });
    await given.locator('summary').click();
    await given.getByLabel('Wilf Sandry').check();
    await expect(given.locator('summary')).toHaveText('for 1 of them');
    await expectAccessible(page, { every: true });
    await page.locator('[data-bracket="out"]').click();
    await page.getByLabel(/kept ready/i).check();
    await expect(page.locator('[data-bracket="items"]')).toContainText('for 1 student');
    await expect(page.locator('[data-will]')).toContainText('25 own copies');
    await page.locator('[data-bracket="title"]').click();
    await page.getByLabel('Title').fill('Knots');
    await page.keyboard.press('Enter');
    await page.locator('[data-go]').click();

    await page.goto('/handouts');
    await page.getByRole('link', { name: /^Knots/ }).click();
    await page.getByRole('link', { name: 'As students see it' }).click();
    await expectAccessible(page, { every: true });
    const frame = page.frameLocator('iframe.seen');
    await expect(frame.getByRole('link', { name: /^Start/ })).toHaveText([/Knots for all/]);
    await page.getByLabel('As', { exact: true }).selectOption({ label: 'Wilf Sandry' });
    await page.getByRole('button', { name: 'on a phone' }).click();
    await expect(frame.getByRole('link', { name: /^Start/ })).toHaveText([/Knots for all/, /Knots in small steps/]);
    await frame.getByRole('link', { name: /Knots in small steps/ }).click();
    await expect(frame.locator('[data-copy-work][data-ready]')).toBeVisible();
    const wilf = await student('Wilf Sandry');
    await expect(wilf.getByText('Knots', { exact: true })).toHaveCount(0);
});
