import { WORKED_ON, bringIn, bringInScan, expect, expectAccessible, test } from './support.js';

test('blanks that were found are taken by a press and by keys, refused, and taken all together', async ({
    teacher: page,
}) => {
    await bringIn(page, 'harbour-log-workbook.pdf');
    await page.getByRole('link', { name: /^Boxes/ }).click();
    const ghosts = page.locator('[data-ghost]');
    // Nobody has to look again by themselves.
    await expect(ghosts.first()).toBeVisible(WORKED_ON);
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

    await page.getByRole('button', { name: 'Lay boxes on the blanks of all pages' }).click();
    await expect(page.getByText(/Laid on the pages for students: \d+ answer boxes/)).toBeVisible();
    await page.getByRole('link', { name: /^Pages/ }).click();
    await expect(page.locator('[data-number="2"] .contact__count')).toHaveCount(1);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('[data-number="2"] .contact__count')).toHaveCount(0);
});

test('where the teacher allows it, name and date fill themselves in; what is chosen once stays so', async ({
    teacher: page,
}) => {
    await bringIn(page, 'working-harbour-pack.pdf');
    await page.locator('[data-number="6"] .sheet').dblclick({ position: { x: 60, y: 60 } });
    await expect(page.getByRole('heading', { name: 'Page 6 of 20' })).toBeVisible();
    const fills = page.getByLabel('Name and date fill themselves in');
    await expect(fills).toBeVisible(WORKED_ON);
    await fills.check();
    const found = await page.locator('[data-ghost]').count();
    await page.getByRole('button', { name: /^Lay boxes on all/ }).click();
    await expect(page.locator('[data-ghost]')).toHaveCount(0);
    await expect(page.locator('.label')).toHaveText(['(the student’s name)', '(the day it was handed out)']);
    await expect(page.locator('.element--box')).toHaveCount(found - 2);
    await page.getByRole('navigation', { name: 'Pages' }).getByRole('link', { name: '8', exact: true }).click();
    await expect(fills).toBeChecked();
    await fills.uncheck();
    const more = await page.locator('[data-ghost]').count();
    await page.getByRole('button', { name: /^Lay boxes on all/ }).click();
    await expect(page.locator('.element--box')).toHaveCount(more);
});

test('room that a question leaves is proposed apart, and laid or left by itself', async ({ teacher: page }) => {
    await bringIn(page, '../../tests/blanks/classes/typeset-rooms.pdf');
    await page.getByRole('link', { name: /^Boxes/ }).click();
    const likely = page.getByRole('region', { name: '3 questions with room and no line' });
    await expect(likely).toBeVisible(WORKED_ON);
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Lay boxes on all 2' }).click();
    await expect(page.locator('.element--box')).toHaveCount(2);
    await expect(likely.getByRole('button')).toHaveText([/Lay\s+boxes in all 3/, 'Answered elsewhere']);
    const room = page.getByRole('button', { name: /^Room for an answer: 2\. Describe the tower/ });
    await room.focus();
    await page.keyboard.press('Enter');
    await expect(page.locator('.element--box')).toHaveCount(3);
    await page.getByRole('button', { name: 'Answered elsewhere' }).click();
    await expect(page.locator('[data-ghost]')).toHaveCount(0);
    await expect(page.getByRole('region', { name: /with room/ })).toHaveCount(0);
    await page.getByRole('button', { name: 'Undo' }).click();
    await expect(page.locator('[data-ghost]')).toHaveCount(1);
});

test('printed choices of a quiz are laid as such, and a student rings one', async ({ teacher: page }) => {
    await bringIn(page, '../../tests/blanks/classes/typeset-quiz.pdf');
    await page.getByRole('link', { name: /^Boxes/ }).click();
    const choice = page.getByRole('button', { name: /^Proposed choice: 1\. Which of these floats/ });
    await expect(choice).toBeVisible(WORKED_ON);
    await page.getByRole('button', { name: 'Lay boxes on all 8' }).click();
    await expect(page.locator('[data-ghost]')).toHaveCount(1);
    await page.getByRole('button', { name: 'Try it as a student' }).click();
    const cork = page.getByRole('radio', { name: /a cork in a bottle/ });
    await cork.check({ force: true });
    await expect(cork).toBeChecked();
});

test('what the words of a picture say shows on its page as soon as they are read', async ({ teacher: page }) => {
    await bringInScan(page);
    await expect(page.getByRole('button', { name: 'Cut the set' })).toBeEnabled(WORKED_ON);
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await expect(page.locator('[data-looking]')).toHaveCount(0, WORKED_ON);
    await expect(page.getByRole('region', { name: /^\d+ blanks? found here$/ })).toBeVisible();
});
