import { execFileSync } from 'node:child_process';
import { expect, expectAccessible, PIN, readOff, test } from './support.js';

// The people of the school: teachers who are invited, students who come, move and leave, and the doors for all.

/** What a phone with this key shows now. */
const shownBy = (key) =>
    execFileSync('php', [
        '-r',
        'require "vendor/autoload.php"; use OpenSlate\\Access\\{Base32, TimedCode};' +
            ' echo (new TimedCode(Base32::decode($argv[1])))->at(time());',
        key,
    ]).toString();

test('a teacher is invited, chooses a password, and adds the code of a phone; the office lets in who lost it', async ({
    teacher: office,
    browser,
    baseURL,
}) => {
    await office.goto('/school');
    await office.getByLabel('Invite a teacher: their name').fill('Mrs Pellow');
    await office.getByLabel('Their e-mail address').fill('pellow@saltmarsh.example');
    await office.getByRole('button', { name: 'Invite', exact: true }).click();
    const address = await office.locator('.address').innerText();
    const page = await (await browser.newContext({ baseURL })).newPage();
    await page.goto(address);
    await expectAccessible(page, { every: true });
    await page.getByLabel('Choose a password').fill('seven grey seals');
    await page.getByLabel('The password once more').fill('seven grey seals');
    await page.getByRole('button', { name: 'Keep it and come in' }).click();
    await expect(page).toHaveURL(/\/shelf$/);
    await expect(page.getByRole('link', { name: 'School', exact: true })).toHaveCount(0);

    await page.getByRole('link', { name: /Mrs Pellow/ }).click();
    const phone = page.getByRole('region', { name: 'A code from your phone' });
    await phone.getByLabel('Your password').fill('seven grey seals');
    await phone.getByRole('button', { name: 'Begin' }).click();
    await expectAccessible(page, { every: true });
    const key = (await page.locator('.key-text').innerText()).replaceAll(' ', '');
    await page.getByLabel('The six digits that it shows').fill(shownBy(key));
    await page.getByRole('button', { name: 'Turn it on' }).click();
    await expect(page.getByText('From now on a code is asked for')).toBeVisible();
    const spare = await page.locator('.spares code').first().innerText();

    const signIn = async () => {
        await page.goto('/sign-in');
        await page.getByLabel('E-mail address').fill('pellow@saltmarsh.example');
        await page.getByLabel('Password').fill('seven grey seals');
        await page.getByRole('button', { name: 'Sign in' }).click();
    };
    await page.getByRole('button', { name: 'Sign out', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Who is there?' })).toBeVisible();
    await signIn();
    await expectAccessible(page, { every: true });
    await page.getByLabel(/^Six digits/).fill(spare.toUpperCase());
    await page.getByRole('button', { name: 'Come in' }).click();
    await expect(page).toHaveURL(/\/shelf$/);

    await office.goto('/school');
    const row = office.getByRole('listitem').filter({ hasText: 'pellow@saltmarsh.example' });
    await row.getByText('Change').click();
    await row.getByRole('button', { name: 'Phone lost: password alone' }).click();
    await page.getByRole('button', { name: 'Sign out', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Who is there?' })).toBeVisible();
    await signIn();
    await expect(page).toHaveURL(/\/shelf$/);
    await page.context().close();
});

test('a class of its own door: pictures for a PIN, by touch and keys; a student moves and comes with their PIN', async ({
    teacher,
    browser,
    baseURL,
}) => {
    for (const name of ['1 Gull', '2 Gull']) {
        await teacher.goto('/classes');
        await teacher.getByLabel('New class').fill(name);
        await teacher.getByRole('button', { name: 'Make the class' }).click();
        await expect(teacher.getByRole('heading', { name, exact: true })).toBeVisible();
    }
    const code = await teacher.locator('.code-card code').innerText();
    await teacher.goto('/classes');
    await teacher.getByRole('link', { name: /^1 Gull/ }).click();
    await teacher.getByLabel('a PIN of pictures, for the youngest').check();
    await teacher.getByRole('button', { name: 'Set the door' }).click();
    await teacher.getByLabel('Add students, one name a line').fill('Pim Eider\nTove Skua');
    await teacher.getByRole('button', { name: 'Add to the class' }).click();
    const pin = await teacher.locator('.pins code').first().innerText();
    const firstCode = await teacher.locator('.code-card code').innerText();

    const page = await (await browser.newContext({ baseURL, hasTouch: true })).newPage();
    await page.goto(`/class/${firstCode}`);
    await page.getByLabel('Pim Eider').tap();
    await expectAccessible(page, { every: true });
    const pictures = page.locator('[data-pin-digit]');
    await pictures.nth((Number(pin[0]) + 1) % 10).tap();
    await page.getByRole('button', { name: 'Take one back' }).tap();
    await pictures.nth(Number(pin[0])).tap();
    for (const digit of pin.slice(1)) {
        await pictures.nth(Number(digit)).focus();
        await page.keyboard.press('Enter');
    }
    await expect(page.locator('[data-pin-shown] svg')).toHaveCount(4);
    await page.getByRole('button', { name: 'Come in' }).tap();
    await expect(page).toHaveURL(/\/my\/day$/);

    const pim = teacher.getByRole('listitem').filter({ has: teacher.getByText('Change Pim Eider') });
    await pim.locator('summary').click();
    await pim.getByLabel('Moves to').selectOption({ label: '2 Gull' });
    await pim.getByRole('button', { name: 'Move Pim Eider' }).click();
    await expect(teacher.getByRole('status')).toContainText('Pim Eider is in 2 Gull now');
    await page.getByRole('button', { name: 'Sign out', exact: true }).click();
    await expect(page.getByRole('heading', { name: 'Who is there?' })).toBeVisible();
    await page.goto(`/class/${code}`);
    await page.getByLabel('Pim Eider').tap();
    await page.getByLabel('Your PIN').fill(pin);
    await page.getByRole('button', { name: 'Come in' }).tap();
    await expect(page).toHaveURL(/\/my\/day$/);
    await page.context().close();
});

test('the code on a slip leads to the door with the name chosen', async ({ teacher, browser, baseURL }) => {
    await teacher.goto('/classes');
    await teacher.getByRole('link', { name: /^6 Curlew/ }).click();
    await teacher.getByRole('link', { name: 'Sign-in slips' }).click();
    const slip = teacher
        .getByRole('listitem')
        .filter({ has: teacher.getByRole('heading') })
        .first();
    const name = await slip.getByRole('heading').innerText();
    await expect(slip).toContainText(PIN);
    const address = await readOff(slip.locator('.qr'));
    const page = await (await browser.newContext({ baseURL })).newPage();
    await page.goto(address);
    await expect(page.getByRole('radio', { name })).toBeChecked();
    await page.getByLabel('Your PIN').fill(PIN);
    await page.getByRole('button', { name: 'Come in' }).click();
    await expect(page).toHaveURL(/\/my\/day$/);
    await page.context().close();
});
