import { expect, expectAccessible, openCopy, ready, test } from './support.js';

// 6 Curlew has "All hands on deck" in six teams, each with one copy.
const TITLE = 'All hands on deck';
const lines = (page) => page.getByRole('textbox', { name: /most important thing on deck/ });
const saved = (page) => expect(page.locator('[data-saved]')).toHaveText('Saved');

test('two of a team write in one place at once: nothing is lost, and each sees who is there', async ({ student }) => {
    const benno = await student('Benno Crane', 'CRLW26');
    const hugo = await student('Hugo Pike', 'CRLW26');
    for (const page of [benno, hugo]) await openCopy(page, TITLE);
    await expect(benno.locator('[data-company]')).toHaveText('Here with you: Hugo Pike.');
    await expectAccessible(benno);

    await lines(benno).pressSequentially('a rope ');
    await expect(lines(hugo)).toHaveValue('a rope ');
    await lines(hugo).click();
    await lines(hugo).press('Control+Home');
    await expect(benno.locator('.by--here', { hasText: 'Hugo Pike' })).toBeVisible();
    await Promise.all([
        lines(benno).pressSequentially('because of the tide', { delay: 40 }),
        lines(hugo).pressSequentially('Above all ', { delay: 60 }),
    ]);
    for (const page of [benno, hugo])
        await expect(lines(page)).toHaveValue('Above all a rope because of the tide', { timeout: 15000 });
    // Whoever types on goes on where they were.
    await lines(hugo).pressSequentially('stands ');
    await expect(lines(benno)).toHaveValue('Above all stands a rope because of the tide', { timeout: 15000 });

    // What can only be one way is asked of whoever came second.
    await benno.getByRole('combobox', { name: /wind/ }).selectOption({ index: 1 });
    await saved(benno);
    const wind = await benno.getByRole('combobox', { name: /wind/ }).inputValue();
    await expect(hugo.getByRole('combobox', { name: /wind/ })).toHaveValue(wind);
});

test('what was typed while the network was away comes together with what others wrote meanwhile', async ({
    student,
}) => {
    const carys = await student('Carys Dune', 'CRLW26');
    const ines = await student('Ines Calder', 'CRLW26');
    for (const page of [carys, ines]) await openCopy(page, TITLE);
    await lines(carys).fill('the anchor');
    await expect(lines(ines)).toHaveValue('the anchor');

    await carys.context().setOffline(true);
    await lines(carys).press('End');
    await lines(carys).pressSequentially(' is heavy');
    await expect(carys.locator('[data-saved]')).toHaveText('Kept on this device');
    await lines(ines).fill('we say the anchor');
    await saved(ines);
    await carys.context().setOffline(false);
    for (const page of [carys, ines])
        await expect(lines(page)).toHaveValue('we say the anchor is heavy', { timeout: 15000 });

    // The reply to a save is lost, and the page is loaded anew: it is there once.
    let lost = false;
    await carys.route('**/my/copies/*', async (route) => {
        if (route.request().method() !== 'PATCH' || lost) return route.fallback();
        lost = true;
        await route.fetch();
        return route.abort();
    });
    await lines(carys).press('End');
    await lines(carys).pressSequentially(' indeed');
    await expect.poll(() => lost).toBe(true);
    await carys.reload();
    await ready(carys);
    await expect(lines(ines)).toHaveValue('we say the anchor is heavy indeed', { timeout: 15000 });
    await expect(lines(carys)).toHaveValue('we say the anchor is heavy indeed');
});

test('one of a team hands in when the others were told, and its teacher gives one of them other points', async ({
    student,
    teacher,
}) => {
    const dev = await student('Dev Rowan', 'CRLW26');
    const jonas = await student('Jonas Eddy', 'CRLW26');
    for (const page of [dev, jonas]) await openCopy(page, TITLE);
    await expect(dev.locator('[data-company]')).toContainText('Jonas Eddy');
    // What the teacher needs is asked for before anybody is told.
    const others = dev.locator('[data-asked]');
    await dev.getByRole('button', { name: 'Hand in' }).click();
    await dev.getByRole('button', { name: 'Yes, hand in' }).click();
    await expect(dev.getByText('One place that your teacher needs is still blank')).toBeVisible();
    await expect(others).toBeHidden();
    await lines(dev).fill('A rope.');
    await saved(dev);
    await expect(dev.locator('[data-company]')).toContainText('Jonas Eddy');
    const handIn = async () => {
        await dev.getByRole('button', { name: 'Hand in' }).click();
        await expect(dev.locator('[data-ask]')).toContainText('Jonas Eddy is at it, too, and will be told first.');
        await dev.getByRole('button', { name: 'Yes, hand in' }).click();
    };
    // One who is quick says no before the page of the one who asked has heard anything.
    const no = jonas.waitForResponse(/\/not-yet$/);
    await dev.route(/\/pulse(\?|$)/, (route) => no.then(() => route.continue()));
    await handIn();
    await expect(jonas.locator('[data-asked]')).toContainText('Dev Rowan wants to hand this in');
    await jonas.getByRole('button', { name: 'Not yet' }).first().click();
    await expect(dev.getByText('One of you is not done yet')).toBeVisible();
    await dev.unrouteAll({ behavior: 'ignoreErrors' });
    await handIn();
    await expect(dev.locator('[data-asked]')).toContainText('The others are told');
    await jonas.getByRole('button', { name: 'Yes, all done' }).click();
    await expect(jonas.getByText(/^Handed in/)).toBeVisible();
    await expect(dev.getByText(/^Handed in/)).toBeVisible();

    await teacher.goto('/handouts');
    await teacher.getByRole('link', { name: new RegExp(`^${TITLE}`) }).click();
    await teacher.getByRole('link', { name: /^Team 4/ }).click();
    await teacher.getByText(/^Shared by/).click();
    await teacher.getByLabel('Points of Jonas Eddy alone').fill('0.5');
    await teacher.getByRole('button', { name: 'Keep the points of Jonas Eddy' }).click();
    await expect(teacher.getByText('Jonas Eddy has 0.5 points.')).toBeVisible();
    await expectAccessible(teacher);
});

test('a word to all is read in open copies, and they wait while the teacher says so', async ({ student, teacher }) => {
    const elsa = await student('Elsa Marram', 'CRLW26');
    await openCopy(elsa, TITLE);
    await teacher.goto('/handouts');
    await teacher.getByRole('link', { name: new RegExp(`^${TITLE}`) }).click();
    await teacher.getByText('A word to all of them').click();
    await teacher.getByLabel('It shows in their copies at once').fill('Mind the units');
    await teacher.getByRole('button', { name: 'Say it' }).click();
    await expect(elsa.getByText('Mind the units')).toBeVisible();
    await expectAccessible(elsa);

    await teacher.getByText('Let them all wait').click();
    await teacher.getByRole('button', { name: 'Let them wait' }).click();
    const wait = elsa.getByRole('dialog', { name: 'Wait a moment, and look up' });
    await expect(wait).toBeVisible();
    await expect(wait).toContainText('It goes on when your teacher says so.');
    await elsa.keyboard.press('Escape');
    await expect(wait).toBeVisible();
    await teacher.getByRole('button', { name: 'Let them go on' }).click();
    await expect(wait).toBeHidden();
    await elsa.getByRole('button', { name: 'I have read it' }).click();
    await expect(elsa.getByText('Mind the units')).toBeHidden();
    await elsa.reload();
    await ready(elsa);
    await elsa.waitForResponse(/pulse/);
    await expect(elsa.getByText('Mind the units')).toBeHidden();
});

test('whoever types while another goes back to an earlier moment finds their words in the history', async ({
    student,
}) => {
    const finn = await student('Finn Adeyo', 'CRLW26');
    const leo = await student('Leo Thrift', 'CRLW26');
    for (const page of [finn, leo]) await openCopy(page, TITLE);
    await lines(finn).fill('the first words');
    await saved(finn);
    await finn.getByText('How it was before').click();
    await finn.getByLabel('Keep it as it is now, and call it').fill('Early');
    await finn.getByRole('button', { name: 'Keep it' }).click();
    await expect(finn.locator('.earlier a')).toHaveText(/^Early/); // The page is loaded anew.
    await ready(finn);
    await expect(lines(leo)).toHaveValue('the first words');

    await leo.context().setOffline(true);
    await lines(leo).fill('the first words of Leo');
    await finn.getByText('How it was before').click();
    await finn.getByRole('link', { name: /^Early/ }).click();
    await finn.getByRole('button', { name: 'Go back to this' }).click();
    await ready(finn);
    await leo.context().setOffline(false);
    await expect(leo.getByText('What you wrote last is kept with how it was before.')).toBeVisible({ timeout: 15000 });
    await expect(lines(leo)).toHaveValue('the first words');
    await lines(leo).pressSequentially(' and more');
    await expect(lines(finn)).toHaveValue(/and more/, { timeout: 15000 });
    await leo.getByText('How it was before').click();
    await leo.getByRole('link', { name: /^Before a return/ }).click();
    await expect(leo.getByText('the first words of Leo')).toBeVisible();
});
