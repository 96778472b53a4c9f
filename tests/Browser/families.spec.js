import ICAL from 'ical.js';
import { expect, expectAccessible, test } from './support.js';

test('a teacher turns the address for families on; it shows what is set, and its calendar is read by another library', async ({
    teacher: page,
    browser,
    baseURL,
}) => {
    await page.goto('/classes');
    await page.getByRole('link', { name: /^6 Heron/ }).click();
    await page.getByRole('button', { name: 'Turn it on' }).click();
    const address = await page.locator('.families a').textContent();
    await expectAccessible(page);

    const family = await (await browser.newContext({ baseURL })).newPage();
    await family.goto(new URL(address.trim()).pathname);
    await expect(family.getByRole('heading', { name: 'What is set for 6 Heron' })).toBeVisible();
    await expect(family.getByText('Tide times')).toBeVisible();
    await expect(family.getByText('The harbour log')).toHaveCount(0); // It goes out tomorrow.
    await expect(family.getByText('Nia Hartwell')).toHaveCount(0);
    await expectAccessible(family);
    const feed = await family.request.get(
        await family.getByRole('link', { name: 'As a calendar' }).getAttribute('href'),
    );
    const calendar = new ICAL.Component(ICAL.parse(await feed.text()));
    const events = calendar.getAllSubcomponents('vevent').map((event) => new ICAL.Event(event));
    expect(events.map(({ summary }) => summary)).toContain('Due: Tide times');
    expect(new Set(events.map(({ uid }) => uid)).size).toBe(events.length);
    expect(events.every(({ startDate }) => startDate.zone === ICAL.Timezone.utcTimezone)).toBe(true);

    await page.getByRole('button', { name: 'Turn it off' }).click();
    expect((await family.reload()).status()).toBe(404);
    await family.context().close();
});
