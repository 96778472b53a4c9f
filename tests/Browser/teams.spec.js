import { bringIn, expect, expectAccessible, test } from './support.js';

test('teams are dealt, dragged and changed by menu; handing out, a press on one ticks who is in it', async ({
    teacher: page,
}) => {
    await page.goto('/classes');
    await page.getByLabel('New class').fill('3 Plover');
    await page.getByRole('button', { name: 'Make the class' }).click();
    await page
        .getByLabel('Add students, one name a line')
        .fill('Ada Shoal\nBen Shoal\nCal Shoal\nDot Shoal\nEva Shoal');
    await page.getByRole('button', { name: 'Add to the class' }).click();
    await page.getByRole('link', { name: 'Teams' }).click();
    await page.getByLabel('What they are called together').fill('Boats');
    await page.getByLabel('in the order of names').check();
    await page.getByLabel('How many').fill('2');
    await page.getByRole('button', { name: 'Make the teams' }).click();
    const team = (name) => page.locator('[data-team]').filter({ has: page.getByRole('heading', { name }) });
    const inside = (name) => team(name).locator('li > span');
    await expect(inside('Team 1')).toHaveText(['Ada Shoal', 'Cal Shoal', 'Eva Shoal']);
    await expectAccessible(page, { every: true });
    await page.locator('[data-student]').filter({ hasText: 'Eva Shoal' }).dragTo(team('Team 2'));
    await expect(inside('Team 2')).toHaveText(['Ben Shoal', 'Dot Shoal', 'Eva Shoal']);
    await page.getByLabel('Team of Ben Shoal').focus();
    await page.getByLabel('Team of Ben Shoal').selectOption({ label: 'Team 1' });
    await expect(page.locator('[data-teams-said]')).toHaveText('Ben Shoal is in Team 1 now.');
    await expect(page.getByLabel('Team of Ben Shoal')).toBeFocused();
    await page.reload();
    await expect(inside('Team 1')).toHaveText(['Ada Shoal', 'Ben Shoal', 'Cal Shoal']);

    await bringIn(page);
    await page.getByRole('link', { name: /^Hand out/ }).click();
    await page.locator('[data-bracket="to"]').click();
    const group = page.getByRole('group', { name: /3 Plover/ });
    await group.getByLabel('The whole class').check();
    await group.getByRole('button', { name: 'Team 2' }).click();
    await expect(page.locator('[data-bracket="to"]')).toContainText('2 students of 3 Plover');
    await expect(group.getByLabel('Dot Shoal')).toBeChecked();
    await expect(group.getByLabel('Ada Shoal')).not.toBeChecked();
    await group.getByRole('button', { name: 'Team 2' }).click();
    await expect(group.getByLabel('Dot Shoal')).not.toBeChecked();
});
