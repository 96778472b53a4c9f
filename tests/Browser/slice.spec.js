import { bringIn, draw, expect, expectAccessible, frames, handOutTo, ready, settled, test } from './support.js';

const sheet = `Tides ${Date.now()}`;

// The whole job once through, as a teacher and two students live it; each step needs the one before.
test.describe.configure({ mode: 'serial' });

test('a PDF is brought in with progress, and its pages come on the contact sheet', async ({ teacher: page }) => {
    await page.goto('/shelf');
    await expectAccessible(page);
    await bringIn(page, 'working-harbour-pack.pdf', sheet);
    await expect(page.getByRole('heading', { name: sheet })).toBeVisible();
    await expect(page.getByRole('checkbox', { name: /^Page / })).toHaveCount(20);
    const image = page.locator('.contact img').first();
    await expect.poll(() => image.evaluate((img) => img.complete && img.naturalWidth)).toBeGreaterThan(250);
    await expectAccessible(page);
});

test('what is no PDF is refused beside the strip, and another can be tried at once', async ({ teacher: page }) => {
    await page.goto('/shelf');
    await page
        .locator('#bring-file')
        .setInputFiles({ name: 'letter.pdf', mimeType: 'application/pdf', buffer: Buffer.from('Dear teacher') });
    await expect(page.getByRole('alert')).toHaveText(
        'This file is not a PDF, nor a document (DOCX, ODT, RTF, DOC), slides (PPTX, ODP) or a picture (JPEG, PNG, WebP, TIFF). Save or print it as a PDF, then bring that in.',
    );
    await bringIn(page);
});

test('a file dropped on the strip is brought in too', async ({ teacher: page }) => {
    await page.goto('/shelf');
    const files = await page.evaluateHandle(() => {
        const transfer = new DataTransfer();
        transfer.items.add(new File(['%PDF-nothing'], 'dropped.pdf', { type: 'application/pdf' }));
        return transfer;
    });
    await page.dispatchEvent('.bring', 'dragover', { dataTransfer: files });
    await expect(page.locator('.bring')).toHaveClass(/bring--over/);
    await page.dispatchEvent('.bring', 'drop', { dataTransfer: files });
    await expect(page.getByRole('alert')).toContainText('The end of this PDF is missing');
});

test('ticks and a typed range follow each other, and a set is cut', async ({ teacher: page }) => {
    await page.goto('/shelf');
    await page.getByRole('link', { name: new RegExp(`^${sheet}`) }).click();
    await page.getByRole('checkbox', { name: /^Page 6/ }).check();
    await page.locator('.contact__page[data-number="7"] .sheet').click();
    await expect(page.getByLabel('Pages', { exact: true })).toHaveValue('6-7');
    await page.getByLabel('Pages', { exact: true }).fill('6-8, 20');
    await expect(page.getByRole('checkbox', { name: /^Page 20/ })).toBeChecked();
    await expect(page.getByText('4 pages ticked')).toBeVisible();

    await page.getByLabel('Pages', { exact: true }).fill('9-4');
    await page.getByLabel('Name of the set').fill('x');
    await page.getByRole('button', { name: 'Cut the set' }).click();
    await expect(page.getByText('“9-4” runs backwards. Put the smaller number first.')).toBeVisible();

    await page.getByLabel('Pages', { exact: true }).fill('6, 7');
    await page.getByLabel('Name of the set').fill(`${sheet}, activity 1`);
    await page.getByRole('button', { name: 'Cut the set' }).click();
    await expect(page.getByText('Just cut')).toBeVisible();
    await expect(page.getByRole('checkbox', { name: /^Page / })).toHaveCount(20);
    await page.getByRole('link', { name: /activity 1/ }).click();
    await expect(page.getByRole('checkbox', { name: /^Page / })).toHaveCount(2);
});

test('boxes, a patch and directions are laid on both pages and are there after a reload', async ({ teacher: page }) => {
    await page.goto('/shelf');
    await page.getByRole('link', { name: new RegExp(`^${sheet}, activity 1`) }).click();
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await draw(page, 'Short box', 90, 98, 220, 18);
    await page.getByLabel('Prompt', { exact: true }).fill('Your name');
    await page.getByLabel('Faint outline').uncheck();
    await draw(page, 'Lines box', 75, 395, 470, 70);
    await page.getByLabel('Cover the print').check();
    await draw(page, 'Patch', 50, 30, 400, 14);
    await draw(page, 'Label', 60, 500, 300, 24);
    await page.getByLabel('Words', { exact: true }).fill('Use the table.\nWrite whole sentences.');
    await page.getByLabel('Bold').check();
    await page.getByLabel('Highlight').check();
    await page.getByLabel('Text size').fill('16');
    await page.getByLabel('Text size').press('Tab');
    await expect(page.locator('.label--highlight')).toContainText('Write whole sentences.');
    await expect(page.locator('[data-element*=\'"size":16\']')).toHaveCount(1);
    const before = await frames(page);
    await expectAccessible(page);
    await page.reload();
    expect(await frames(page)).toEqual(before);
    await expect(page.getByText('2 answer boxes')).toBeVisible();
    await expect(page.locator('.label--bold')).toBeVisible();
    await expect(page.getByLabel('Prompt of A1')).toHaveValue('Your name');

    await page.locator('.rail a').nth(1).click();
    await expect(page.getByRole('heading', { name: /Page 2/ })).toBeVisible();
    await draw(page, 'Short box', 400, 400, 120, 18);
    await expect(page.getByText('3 answer boxes')).toBeVisible();
});

test('it is looked through: a finding leads to what it is about, and mended it is gone', async ({ teacher: page }) => {
    await page.goto('/shelf');
    await page.getByRole('link', { name: new RegExp(`^${sheet}, activity 1`) }).click();
    await page.getByRole('link', { name: /^Boxes/ }).click();
    await draw(page, 'Short box', 40, 600, 120, 7);
    await expect(page.locator('[data-row]').first()).toBeVisible();
    await settled(page);
    await page.getByRole('link', { name: /^Check/ }).click();
    const finding = page.locator('.found__one', { hasText: 'is too low to write in' });
    await expect(finding).toContainText('to mend');
    await expectAccessible(page);
    await finding.getByRole('link').click();
    await expect(page.locator('.element.is-selected')).toHaveCount(1);
    await page.keyboard.press('Delete');
    await settled(page);
    await page.getByRole('link', { name: /^Check/ }).click();
    await expect(page.locator('.found__one', { hasText: 'too low' })).toHaveCount(0);
});

test('it is handed out to a class, with what is wrong said beside it', async ({ teacher: page }) => {
    await page.goto('/shelf');
    await page.getByRole('link', { name: new RegExp(`^${sheet}, activity 1`) }).click();
    await page.getByRole('link', { name: /^Hand out/ }).click();
    await expectAccessible(page);
    const bracket = (name) => page.locator(`[data-bracket="${name}"]`);
    await handOutTo(page, null);
    await expect(bracket('to')).toHaveText('nobody yet');
    await expect(page.locator('[data-will]')).toHaveText('Nobody gets anything yet.');
    await page.getByRole('button', { name: 'Hand out', exact: true }).click();
    await expect(page.getByRole('alert').getByText('Choose who gets it: a class, or students of it.')).toBeVisible();
    await expectAccessible(page);

    // What is wrong comes while one chooses, and goes; nothing that one is about to press moves for it.
    const wrong = page.getByRole('alert').getByText('Choose who gets it');
    const whole = page.locator('[data-opened="to"]').getByLabel(/The whole class/);
    const at = async () => Math.round((await whole.first().boundingBox()).y);
    const before = await at();
    await whole.first().check();
    await expect(wrong).toHaveCount(0);
    expect(await at()).toBe(before);
    await page.locator('[data-opened="to"]').getByLabel('Not this class').first().check();
    await expect(wrong).toBeVisible();
    expect(await at()).toBe(before);

    await handOutTo(page, '6 Curlew');
    await bracket('title').click();
    await page.getByLabel('Title').fill(`${sheet} handed out`);
    await page.keyboard.press('Enter'); // closes it, and hands nothing out
    await expect(bracket('title')).toBeFocused();
    await expect(bracket('title')).toHaveText(`“${sheet} handed out”`);
    await bracket('directions').click();
    await page.getByLabel('Directions').fill('Read the table first.');
    const due = new Date(Date.now() + 3 * 86400000).toISOString().slice(0, 10);
    await bracket('due').click();
    await page.getByLabel('Due day', { exact: true }).fill(due);
    await bracket('points').click();
    await page.getByLabel('Points', { exact: true }).fill('12');
    await expect(bracket('points')).toHaveText('12 points');
    await expect(page.locator('[data-will]')).toContainText('26 own copies, out at once, due ');
    await page.getByRole('button', { name: 'Hand out', exact: true }).click();
    await expect(page.getByText('Handed out. Each student now has it.')).toBeVisible();
    await expect(page.locator('.pupil')).toHaveCount(26);
    await expect(page.getByText('26 not opened')).toBeVisible();
    await expectAccessible(page);
});

test('it is changed afterwards: what students will notice is said first, and the change is taken back', async ({
    teacher: page,
}) => {
    await page.goto('/handouts');
    await page.getByRole('link', { name: `${sheet} handed out` }).click();
    await page.getByRole('link', { name: 'Change it' }).click();
    await expect(page.locator('[data-will]')).toHaveText('Nothing is changed yet.');
    await page.locator('[data-bracket="points"]').click();
    await page.getByLabel('Points', { exact: true }).fill('9');
    await expect(page.locator('[data-will]')).toHaveText('It is worth 9 points.');
    await page.locator('[data-bracket="items"]').click();
    await expectAccessible(page);
    await page.getByRole('button', { name: 'Change it' }).click();
    await expect(page.getByText('Changed. It is worth 9 points.')).toBeVisible();
    await page.getByRole('button', { name: 'Undo the last change' }).click();
    await expect(page.locator('[data-bracket="points"]')).toHaveText('12 points');
});

test('a student opens it, types, and the desks show it without handing in', async ({ teacher, student }) => {
    await teacher.goto('/handouts');
    await expectAccessible(teacher);
    await teacher.getByRole('link', { name: new RegExp(`^${sheet} handed out`) }).click();
    const desk = teacher.locator('.pupil', { hasText: 'Alba Weir' });
    await expect(desk).toContainText('not opened');

    const page = await student('Alba Weir', 'CRLW26');
    await expectAccessible(page);
    const task = page.getByRole('listitem').filter({ hasText: `${sheet} handed out` });
    await expect(task.first()).toContainText('Read the table first.');
    await task.getByRole('link', { name: /^Start/ }).click();
    await ready(page);
    await expect(page.getByText('Read the table first.')).toBeVisible();
    await expect(desk).toContainText('working');

    await page.getByLabel('Your name').fill('Alba of the quay');
    await expect(page.getByText('Saved', { exact: true })).toBeVisible();
    await expect(page.getByText('1 of 3 filled')).toBeVisible();
    await expect(desk).toContainText('Alba of the quay');
    await expect(desk).toContainText('1 of 3 filled');
    await expectAccessible(page);

    await desk.getByRole('link').click();
    await expect(teacher.getByRole('heading', { name: 'Alba Weir' })).toBeVisible();
    await expectAccessible(teacher);
    await page.locator('[data-page="1"] textarea.answer').fill('Because of the moon.');
    await expect(teacher.locator('.large')).toContainText('Because of the moon.');
});

test('Tab and Next blank walk in reading order, over the pages', async ({ student }) => {
    const page = await student('Alba Weir', 'CRLW26');
    await page
        .getByRole('listitem')
        .filter({ hasText: `${sheet} handed out` })
        .getByRole('link', { name: /^Go on/ })
        .click();
    await ready(page);
    await page.getByLabel('Your name').focus();
    await page.keyboard.press('Tab');
    await expect(page.locator('[data-page="1"] textarea.answer')).toBeFocused();
    await page.keyboard.press('Tab');
    const last = page.locator('[data-page="2"] .answer');
    await expect(last).toBeFocused();
    await page.getByLabel('Your name').focus();
    await page.getByRole('button', { name: 'Next blank' }).click();
    await expect(last).toBeFocused();
    await expect(last).toBeInViewport();
});

test('handing in is asked once, said clearly, and can be taken back', async ({ teacher, student }) => {
    const page = await student('Alba Weir', 'CRLW26');
    await page
        .getByRole('listitem')
        .filter({ hasText: `${sheet} handed out` })
        .getByRole('link', { name: /^Go on/ })
        .click();
    await ready(page);
    await page.getByRole('button', { name: 'Hand in' }).click();
    const ask = page.getByRole('dialog', { name: 'Hand in now?' });
    await expect(ask).toContainText('2 of 3 places are filled; 1 is still blank.');
    await expectAccessible(page);
    await ask.getByRole('button', { name: 'Not yet' }).click();
    await expect(ask).toBeHidden();
    // What is blank is named, and a press leads there.
    await page.getByRole('button', { name: 'Hand in' }).click();
    await ask.getByRole('list', { name: 'Still blank' }).getByRole('button').click();
    await expect(ask).toBeHidden();
    await expect(page.locator('[data-page="2"] .answer')).toBeFocused();

    await page.locator('[data-page="2"] .answer').fill('the last words');
    await page.getByRole('button', { name: 'Hand in' }).click();
    await expect(ask).toContainText('All 3 places are filled.');
    await ask.getByRole('button', { name: 'Yes, hand in' }).click();
    await expect(page.getByText('Handed in', { exact: true })).toBeVisible();
    await expect(page.locator('[data-page="2"] .answer')).toHaveValue('the last words');
    await expect(page.locator('[data-page="2"] .answer')).not.toBeEditable();
    await expect(page.getByRole('link', { name: /^Next: (Start|Go on with) / })).toBeVisible();
    await expectAccessible(page);

    await teacher.goto('/handouts');
    await teacher.getByRole('link', { name: new RegExp(`^${sheet} handed out`) }).click();
    await expect(teacher.locator('.pupil', { hasText: 'Alba Weir' })).toContainText('handed in');
    await page.getByRole('button', { name: 'Take it back to change it' }).click();
    await expect(page.getByLabel('Your name')).toBeEditable();
    await expect(teacher.locator('.pupil', { hasText: 'Alba Weir' })).toContainText('working');
});

test('a student who joins the class later has it too', async ({ teacher, student: _student, page }) => {
    await teacher.goto('/classes');
    await expectAccessible(teacher);
    await teacher.getByRole('link', { name: /6 Curlew/ }).click();
    await teacher.getByLabel('Add students, one name a line').fill('Late Arrival');
    await teacher.getByRole('button', { name: 'Add to the class' }).click();
    const notice = teacher.getByRole('status');
    await expect(notice).toContainText('In the class now');
    await expect(notice).toContainText('Late Arrival');
    await expectAccessible(teacher);
    const pin = await notice.locator('code').textContent();

    await page.goto('/');
    await expectAccessible(page);
    await page.getByRole('link', { name: /I am a student/ }).click();
    await expectAccessible(page);
    await page.getByLabel(/code/).fill('crlw26');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: '6 Curlew' })).toBeVisible();
    await expectAccessible(page);
    await page.getByLabel('Late Arrival').check();
    await page.getByLabel('Your PIN').fill(pin);
    await page.keyboard.press('Enter');
    await expect(page.getByRole('heading', { name: 'Hello, Late' })).toBeVisible();
    await expect(page.getByRole('heading', { name: `${sheet} handed out` })).toBeVisible();
});

test('the teacher door is accessible and says what is wrong', async ({ page }) => {
    await page.goto('/sign-in');
    await expectAccessible(page);
    await page.getByLabel('E-mail address').fill('nobody@saltmarsh.example');
    await page.getByLabel('Password').fill('wrong');
    await page.getByRole('button', { name: 'Sign in' }).click();
    await expect(page.getByText('No teacher has this e-mail address and password.')).toBeVisible();
    await page.goto('/no/such/place');
    await expect(page.getByRole('heading', { name: 'There is nothing here' })).toBeVisible();
    await expectAccessible(page);
});
