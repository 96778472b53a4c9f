import { expect, expectAccessible, handOutTo, openCopy, ready, test } from './support.js';

test('a student has another go, sees how it was before, and goes back to what they kept', async ({
    teacher,
    student,
}) => {
    const name = `Two goes ${Date.now()}`;
    await teacher.goto('/shelf');
    await teacher
        .getByRole('link', { name: /^Tide times/ })
        .first()
        .click();
    await teacher.goto(`${teacher.url().replace(/\/+$/, '')}/hand-out`);
    await teacher.locator('[data-bracket="title"]').click();
    await teacher.getByLabel('Title').fill(name);
    await handOutTo(teacher, '6 Curlew');
    await teacher.locator('[data-bracket="attempts"]').click();
    await teacher.getByLabel('Attempts').fill('2');
    await teacher.getByLabel('the last of them counts').check();
    await expect(teacher.locator('[data-bracket="attempts"]')).toHaveText('2 attempts, the last counts');
    await teacher.locator('[data-opened="attempts"]').getByRole('button', { name: 'Done' }).click();
    await teacher.getByRole('button', { name: 'Hand out', exact: true }).click();
    await expect(teacher.getByText('Each student now has it.')).toBeVisible();

    const pia = await student('Pia Lowen', 'CRLW26');
    await openCopy(pia, name);
    await expect(pia.getByText('This is attempt 1 of 2. The last counts.')).toBeVisible();
    const field = pia.locator('input.answer').first();
    await field.fill('my first words');
    await pia.getByText('How it was before').click();
    await pia.getByLabel('Keep it as it is now, and call it').fill('Before lunch');
    await pia.getByRole('button', { name: 'Keep it' }).click();
    await expect(pia.locator('.earlier a')).toHaveText(/^Before lunch/); // The page is loaded anew.
    await ready(pia);
    await expect(field).toHaveValue('my first words');
    await field.fill('other words');
    await expect(pia.locator('[data-saved]')).toHaveText('Saved');
    await pia.getByText('How it was before').click();
    await pia.getByRole('link', { name: /^Before lunch/ }).click();
    await expect(pia.getByText('One place is otherwise now')).toBeVisible();
    await expectAccessible(pia);
    await pia.getByRole('button', { name: 'Go back to this' }).click();
    await expect(pia.locator('.earlier a')).toHaveCount(2);
    await ready(pia);
    await expect(field).toHaveValue('my first words');

    await pia.getByRole('button', { name: 'Hand in' }).click();
    await pia.getByRole('button', { name: 'Yes, hand in' }).click();
    await pia.getByRole('button', { name: 'Have another go' }).click();
    await ready(pia);
    await expect(field).toHaveValue('');
    await expect(pia.getByText('This is attempt 2 of 2.')).toBeVisible();
    await pia.getByRole('button', { name: 'Hand in' }).click();
    await pia.getByRole('button', { name: 'Yes, hand in' }).click();
    await expect(pia.getByText(/^Handed in/)).toBeVisible();
    await expect(pia.getByRole('button', { name: 'Have another go' })).toHaveCount(0);
});
