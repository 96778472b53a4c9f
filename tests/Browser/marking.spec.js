import { draw, expect, expectAccessible, settled, startBlank, test } from './support.js';

// All 26 of 6 Curlew have handed in "Crossing the mud flats"; 20 of them are to be marked.
const open = async (page) => {
    await page.goto('/handouts');
    await page.getByRole('link', { name: /^Crossing the mud flats/ }).click();
    await page.getByRole('link', { name: 'Mark', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Marking Crossing the mud flats' })).toBeVisible();
};
const waiting = (page) => page.locator('.questions__left:not(.questions__left--none)');

test('a class of 26 with six questions is marked in at most forty keys', async ({ teacher }) => {
    await open(teacher);
    await expectAccessible(teacher);
    let keys = 0;
    const press = async (key) => {
        keys++;
        await teacher.keyboard.press(key);
    };
    for (let question = 1; question <= 6; question++) {
        await expect(teacher.getByText(`Question ${question} of 6`)).toBeVisible();
        const slips = teacher.locator('[data-pile=look] .paper__face');
        for (let left = await slips.count(); left > 0; left--) {
            await expect(slips.first()).toBeFocused();
            await press(left % 2 === 0 ? '1' : '3');
            await expect(slips).toHaveCount(left - 1);
        }
        await press('PageDown');
        if (question < 6) await teacher.waitForURL(/place=/);
    }
    await expect(teacher.getByRole('heading', { name: 'Crossing the mud flats' })).toBeVisible();
    expect(keys).toBeLessThanOrEqual(40);
    await teacher.getByRole('link', { name: 'Mark', exact: true }).click();
    await expect(waiting(teacher)).toHaveCount(0);
});

test('a slip is tapped, dragged and taken apart, and goes back to what the key says', async ({ teacher }) => {
    await open(teacher);
    await teacher.getByRole('link', { name: 'Question 6' }).click();
    const pile = (name) => teacher.locator(`[data-pile=${name}]`);
    const slip = (words) => teacher.locator('[data-slip]').filter({ hasText: words });
    const mud = slip('Mud.');
    await mud.locator('.paper__face').click();
    await expect(mud.locator('.paper__face')).toHaveAttribute('aria-pressed', 'true');
    await teacher.getByRole('button', { name: /^Right/ }).click();
    await expect(pile('right').locator('[data-slip]').filter({ hasText: 'Mud.' })).toHaveCount(1);

    await teacher.getByLabel('Points in part').fill('0.75');
    const [from, to] = [await mud.boundingBox(), await pile('part').boundingBox()];
    await teacher.mouse.move(from.x + 30, from.y + 15);
    await teacher.mouse.down();
    await teacher.mouse.move(to.x + to.width / 2, to.y + 60, { steps: 6 });
    await teacher.mouse.up();
    await expect(pile('part').filter({ hasText: 'Mud.' }).getByText('0.75')).toBeVisible();
    await expect(pile('part').locator('.paper__face').first()).toHaveAttribute('aria-pressed', 'false');

    const inPart = pile('part').locator('[data-slip]').filter({ hasText: 'Mud.' });
    await inPart.locator('summary').click();
    await inPart.locator('[data-face].paper__one').first().focus();
    await teacher.keyboard.press('3');
    await expect(pile('wrong').locator('[data-slip]').filter({ hasText: 'Mud.' })).toHaveCount(1);

    await pile('wrong').getByText('Comment for all in it').click();
    await pile('wrong').getByRole('textbox').fill('Look at the table again.');
    await pile('wrong').getByRole('button', { name: 'Write it on all of them' }).click();
    await expect(teacher.getByRole('status').filter({ hasText: /^Written on \d+ cop/ })).toBeAttached();

    await teacher.getByLabel('Points in part').fill('9');
    await pile('wrong').locator('.paper__face', { hasText: 'Mud.' }).focus();
    await teacher.keyboard.press('2');
    await expect(teacher.getByRole('alert')).toHaveText('This question is worth 3 points at most.');
    await teacher.keyboard.press('k');
    await expect(pile('look').locator('[data-slip]').filter({ hasText: 'Mud.' })).toHaveCount(1);
});

test('a mark and a comment are written on the page, and the student reads them there', async ({
    teacher,
    student: enter,
}) => {
    await teacher.goto('/handouts');
    await teacher.getByRole('link', { name: /^Crossing the mud flats/ }).click();
    await teacher.getByRole('link', { name: /Zeke Tarrant/ }).click();
    await expect(teacher.getByRole('heading', { name: 'Zeke Tarrant' })).toBeVisible();
    await expectAccessible(teacher);
    const sign = teacher.locator('[data-mark]').last();
    await sign.focus();
    await teacher.keyboard.press('2');
    await expect(sign).toHaveAccessibleName(/right in part, 2 of 3 points, by hand/);
    await sign.click();
    await teacher.getByRole('dialog').getByLabel('Points').fill('1.25');
    await teacher.getByRole('dialog').getByLabel('Comment').fill('What should they do instead?');
    await teacher.getByRole('dialog').getByLabel('Keep it as a phrase').check();
    await teacher.getByRole('button', { name: 'Write it' }).click();
    await expect(teacher.locator('.mark__words')).toHaveText('What should they do instead?');
    await expect(sign).toHaveAccessibleName(/1\.25 of 3 points/);
    await teacher.keyboard.press('PageUp');
    await expect(teacher.getByRole('heading', { name: 'Zadie Loch' })).toBeVisible();
    await teacher.locator('[data-mark]').last().click();
    await teacher.getByRole('dialog').getByLabel('Comment').clear();
    await teacher.getByRole('dialog').getByLabel('Comment').pressSequentially('what');
    await teacher.getByRole('button', { name: 'What should they do instead?' }).click();
    await expect(teacher.getByRole('dialog').getByLabel('Comment')).toHaveValue('What should they do instead?');
    await teacher.keyboard.press('Escape');
    await expect(teacher.getByRole('dialog')).toBeHidden();

    const student = await enter('Alba Weir', 'CRLW26');
    await student.getByRole('link', { name: 'Look at Tide times' }).click();
    await expect(student.getByText('Your teacher has looked at this.')).toBeVisible();
    await expect(student.getByText('You read the table with great care.')).toBeVisible();
    await expect(student.locator('.sheet .mark__words')).toHaveText('Clear. Say whom to ask, too.');
    await expect(student.getByRole('button', { name: 'Hand in' })).toHaveCount(0);
    await expectAccessible(student);
    await student.setViewportSize({ width: 360, height: 740 });
    await student.reload();
    await expect(student.getByText(/right, 2 of 2 points/).first()).toBeVisible();
});

test('how closely words are held is said at a place, and for all of a page', async ({ teacher }) => {
    await startBlank(teacher, 'Words that count');
    await teacher.getByRole('link', { name: /^Boxes/ }).click();
    await draw(teacher, 'Short box', 80, 100, 200, 24);
    await draw(teacher, 'Short box', 80, 160, 200, 24);
    await settled(teacher);
    await teacher.getByRole('link', { name: /^Key/ }).click();
    const how = teacher.locator('[data-how]');
    await how.first().locator('summary').click();
    await how.first().getByLabel('capital letters').check();
    await expect(how.first().locator('summary')).toHaveText('How closely: capital letters count');
    await how.first().getByLabel('closely misspelt').selectOption('half right');
    await expect(how.first().locator('summary')).toHaveText(
        'How closely: capital letters count; misspelt is half right',
    );
    await expect(how.nth(1).locator('summary')).toHaveText('How closely');
    await how.first().getByRole('button', { name: 'So for all words on this page' }).click();
    await expect(how.nth(1).locator('summary')).toHaveText(
        'How closely: capital letters count; misspelt is half right',
    );
    await expectAccessible(teacher);
    await teacher.getByRole('button', { name: 'Undo' }).click();
    await expect(how.nth(1).locator('summary')).toHaveText('How closely');
});

test('desks are sifted by how they stand, sorted, found, and shown without names', async ({ teacher }) => {
    await teacher.goto('/handouts');
    await teacher.getByRole('link', { name: /^Build the harbour/ }).click();
    const desks = teacher.locator('.pupil:visible');
    const only = (words) => teacher.getByRole('button', { name: new RegExp(`^\\d+ ${words}$`) });
    await expect(only('working')).toBeVisible();
    const all = await desks.count();
    const working = Number.parseInt(await only('working').textContent(), 10);
    await only('working').click();
    await expect(desks).toHaveCount(working);
    await expect(teacher.getByText(`${working} of ${all} desks are shown.`)).toBeAttached();
    await expectAccessible(teacher);
    await only('working').click();
    await expect(desks).toHaveCount(all);
    await teacher.getByLabel('In order of').selectOption('least filled first');
    const filled = await desks.evaluateAll((some) => some.map((desk) => Number(desk.dataset.filled)));
    expect(filled).toEqual([...filled].sort((one, other) => one - other));
    await teacher.getByLabel('Find').fill('rosa');
    await expect(desks).toHaveCount(1);
    await expect(desks.locator('[data-who]')).toBeVisible();
    await teacher.getByLabel('Hide names').check();
    await expect(desks.locator('[data-who]')).toBeHidden();
});

test('on the page of a copy a teacher writes with a pen, at a spot, and of the whole', async ({ teacher }) => {
    await teacher.goto('/handouts');
    await teacher.getByRole('link', { name: /^Crossing the mud flats/ }).click();
    await teacher.getByRole('link', { name: /^Otis Brand/ }).click();
    await teacher.getByRole('button', { name: 'Say something of the whole' }).click();
    const whole = teacher.getByRole('dialog', { name: 'The whole of it' });
    await expect(whole.getByLabel('Comment')).toBeFocused();
    await whole.getByLabel('Comment').fill('Much better than last week.');
    await whole.getByRole('button', { name: 'Write it' }).click();
    await expect(teacher.locator('.mark__words--whole')).toHaveText('Much better than last week.');

    // By keys alone.
    await teacher.getByRole('button', { name: /^Words at a spot of page 1/ }).focus();
    await teacher.keyboard.press('Enter');
    for (let n = 0; n < 5; n += 1) await teacher.keyboard.press('ArrowLeft');
    await teacher.keyboard.press('Enter');
    await teacher.getByLabel('Words at this spot').fill('From which line?');
    await expectAccessible(teacher);
    await teacher.getByRole('dialog', { name: 'Words at a spot' }).getByRole('button', { name: 'Write it' }).click();
    const note = teacher.getByRole('button', { name: 'From which line?' });
    await expect(note).toBeVisible();

    await teacher.getByRole('button', { name: /^Write on page 1 with a pen/ }).click();
    await expect(teacher.getByRole('toolbar', { name: /^Pens for/ })).toBeVisible();
    const page = await teacher.locator('.overwritten').boundingBox();
    const top = Math.max(page.y, 0) + 200; // The page is higher than the window.
    const kept = teacher.waitForResponse((answer) => /\/ink$/.test(answer.url()) && answer.ok());
    await teacher.mouse.move(page.x + 100, top);
    await teacher.mouse.down();
    await teacher.mouse.move(page.x + 300, top + 20, { steps: 8 });
    await teacher.mouse.up();
    await kept;
    await teacher.getByRole('button', { name: 'Done' }).click();
    await teacher.reload();
    await expect(teacher.getByRole('img', { name: 'Your pen on page 1: a drawing' })).toBeVisible();
    await expect(teacher.locator('[data-page-ink] path')).not.toHaveCount(0);
    await note.click();
    await teacher.getByRole('button', { name: 'Take it away' }).click();
    await expect(note).toHaveCount(0);
});

test('a comment is said aloud, heard before it is sent, and heard by its student', async ({ teacher, student }) => {
    await teacher.goto('/handouts');
    await teacher.getByRole('link', { name: /^Crossing the mud flats/ }).click();
    await teacher.getByRole('link', { name: /^Alba Weir/ }).click();
    await teacher.getByRole('button', { name: 'Say something of the whole' }).click();
    const whole = teacher.getByRole('dialog', { name: 'The whole of it' });
    await whole.getByRole('button', { name: 'Say it aloud' }).click();
    await expect(whole.getByText(/^\d+ of 120 seconds$/)).toBeVisible();
    // What is broken off goes nowhere, not to what is opened next either.
    await whole.getByRole('button', { name: 'Close' }).click();
    await teacher.getByRole('button', { name: 'Say something of the whole' }).click();
    await expect(whole.getByRole('button', { name: 'Listen' })).toBeHidden();
    await whole.getByRole('button', { name: 'Say it aloud' }).click();
    await expect(whole.getByText(/^\d+ of 120 seconds$/)).toBeVisible();
    await teacher.waitForTimeout(1200);
    await whole.getByRole('button', { name: 'Stop' }).click();
    await expect(whole.getByText('It is sent with “Write it”.')).toBeVisible();
    await whole.getByRole('button', { name: 'Listen' }).click();
    await expect(whole.getByRole('button', { name: 'Stop' })).toBeVisible();
    await whole.getByRole('button', { name: 'Write it' }).click();
    const listen = teacher.getByRole('button', { name: /^Listen ?: your teacher/ });
    await expect(listen).toBeVisible();
    await expectAccessible(teacher);

    // The scripts are late, as on a slow line: a press before them counts when they have come.
    const alba = await student('Alba Weir', 'CRLW26', { serviceWorkers: 'block' });
    let send;
    const late = new Promise((resolve) => (send = resolve));
    await alba.route('**/build/**/*.js', (route) => late.then(() => route.continue()));
    await alba.getByRole('link', { name: 'Look at Tide times' }).click();
    const heard = alba.locator('[data-sound]');
    const sound = alba.waitForResponse(/\/sound$/);
    await heard.click();
    await heard.click();
    await expect(heard).toHaveText(/^Listen/);
    send();
    expect((await sound).headers()['content-type']).toBe('audio/mp4');
    await expect(heard).toHaveText(/^Stop/);
    await expect(heard).toHaveText(/^Listen/, { timeout: 10000 });
});
