import { expect, expectAccessible, openCopy, test } from './support.js';

const saved = (page) => expect(page.getByText('Saved', { exact: true })).toBeVisible();
const list = (page) => page.getByRole('button', { name: /^List/ });
const pages = (page) => page.getByRole('button', { name: 'Pages' });
const asked = (page) => page.locator('.asked__words');
const wayTo = (page, name) => page.getByRole('button', { name: `On the page: ${name}` });

test('the list has the answers of the page: what is typed in the one stands in the other', async ({ student }) => {
    const page = await student('Ada Quill');
    await openCopy(page, 'Reading a tide table');
    await expect(page.getByRole('img', { name: 'Printed page 1 of 2' })).toBeVisible();
    const highest = page.getByRole('textbox', { name: '1. On which day is the highest water?' });
    await highest.fill('Thurs');
    await list(page).click();

    await expect(page.getByRole('img', { name: 'Printed page 1 of 2' })).toBeHidden();
    await expect(asked(page).getByText('1. On which day is the highest water?')).toBeVisible();
    await expect(highest).toHaveValue('Thurs');
    await expect(highest, 'the list is where the page was').toBeInViewport();
    await highest.fill('Thursday');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('textbox', { name: '2. What is the height of low water on Thursday?' })).toBeFocused();
    await expectAccessible(page);

    await wayTo(page, '1. On which day is the highest water?').click();
    await expect(page.getByRole('img', { name: 'Printed page 1 of 2' })).toBeVisible();
    await expect(highest).toBeFocused();
    await expect(highest).toHaveValue('Thursday');
    await saved(page);
    await page.reload();
    await expect(highest).toHaveValue('Thursday');
});

test('it stands in the order of reading, with what is printed on each page as text that flows', async ({ student }) => {
    const page = await student('Bastian Moor');
    await openCopy(page, 'Reading a tide table');
    await list(page).click();
    expect((await asked(page).allTextContents()).slice(0, 4)).toEqual([
        'Name',
        'Date',
        '1. On which day is the highest water?',
        '2. What is the height of low water on Thursday?',
    ]);
    const tops = await page
        .locator('[data-place]')
        .evaluateAll((all) => all.map((one) => one.getBoundingClientRect().top));
    expect(tops).toEqual([...tops].sort((a, b) => a - b));
    const printed = page.locator('details').getByText(/How much later is high water/);
    await expect(printed).toBeHidden();
    await page.getByText('What is printed on page 1').click();
    await expect(printed).toBeVisible();
});

test('a phone begins with the list, and with the page once its owner has chosen that', async ({ student }) => {
    const phone = { viewport: { width: 320, height: 640 }, hasTouch: true, isMobile: true };
    const page = await student('Juno Vale', 'HERN26', phone);
    await openCopy(page, 'Before we sail');
    await expect(page.getByRole('checkbox', { name: 'rope' })).toBeVisible();
    await page.locator('label').getByText('flood', { exact: true }).tap();
    await expect(page.getByRole('radio', { name: 'flood' })).toBeChecked();
    const wide = await page.locator('[data-scroll]').evaluate((one) => one.scrollWidth - one.clientWidth);
    expect(wide, 'nothing has to be looked for at the side').toBe(0);
    await expectAccessible(page);

    await pages(page).tap();
    await page.reload();
    await expect(list(page)).toBeVisible();
    await expect(page.getByRole('radio', { name: 'flood' })).toBeChecked();
});

test('what can be done on the page alone has its way there; a page of parts begins as a page', async ({ student }) => {
    const page = await student('Bastian Moor', 'HERN26', { viewport: { width: 400, height: 800 } });
    await openCopy(page, 'Build the harbour');
    await expect(list(page)).toBeVisible();
    await list(page).click();
    await page.getByRole('button', { name: 'Next blank' }).click();
    await expect(page.locator(':focus')).toHaveAccessibleName(/^Move the parts: Parts to move on page \d$/);
    await page.keyboard.press('Enter');
    await expect(page.locator('[data-piece]:focus')).toBeVisible();
});

test('in the list a tick, a choice, a cell and a passage are answered by keys', async ({ student }) => {
    const page = await student('Oskar Reed');
    await openCopy(page, 'Before we sail');
    await list(page).click();
    const jacket = page.getByRole('checkbox', { name: 'life jacket' });
    const was = await jacket.isChecked();
    await jacket.press('Space');
    await page.getByRole('textbox', { name: 'Sandpiper, In' }).fill('08:40');
    const ferry = page.getByRole('textbox', { name: 'The ferry: mend these sentences' });
    await ferry.press('End');
    await ferry.pressSequentially('!');
    await expect(page.getByRole('button', { name: 'Your changes to The ferry' })).toContainText('1 change');
    const [typed, shown] = await Promise.all([ferry.boundingBox(), page.locator('.passage__shown').boundingBox()]);
    expect(shown, 'what is changed is marked where it is typed').toEqual(typed);
    await saved(page);
    await pages(page).click();
    await expect(jacket).toBeChecked({ checked: !was });
    await expect(page.getByRole('textbox', { name: 'Sandpiper, In' })).toHaveValue('08:40');
});
