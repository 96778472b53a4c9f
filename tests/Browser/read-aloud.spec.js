import { expect, openCopy, test } from './support.js';

/** A browser with a voice that writes down what it is to say, and says nothing until it is told that it has. */
async function withVoice(page) {
    await page.addInitScript(() => {
        window.said = [];
        window.SpeechSynthesisUtterance = class {
            constructor(text) {
                this.text = text;
            }
        };
        Object.defineProperty(window, 'speechSynthesis', {
            value: {
                speak: (one) => window.said.push(one),
                cancel: () => window.said.push({ text: '(silence)' }),
            },
        });
    });
}

const said = (page) =>
    page.evaluate(() =>
        window.said
            .splice(0)
            .map((one) => one.text)
            .filter((text) => text !== '(silence)'),
    );

test('what is asked is read aloud, with its choices; pressed again it is silent', async ({ student }) => {
    const page = await student('Cleo Fennick');
    await withVoice(page);
    await openCopy(page, 'Before we sail');
    const read = page.getByRole('button', { name: 'Read aloud', exact: true });
    await read.click();
    expect((await said(page)).slice(0, 3), 'nothing is chosen yet: the page').toEqual([
        'Before we sail',
        'Name: Cleo Fennick',
        expect.stringMatching(/^Date: /),
    ]);
    const stop = page.getByRole('button', { name: 'Stop reading' });
    await stop.click();
    await expect(read).toBeVisible();
    expect(await said(page)).toEqual([]);

    await page.getByRole('radio', { name: 'flood' }).focus();
    await read.click();
    expect(await said(page)).toEqual(['Which tide is it?', 'ebb', 'flood', 'slack']);
    await stop.click();

    await page.locator('[data-list]').click();
    await page.getByRole('button', { name: /^Read aloud: .*Your opinion, and why/ }).click();
    const asked = await said(page);
    expect(asked[0]).toContain('Your opinion, and why');
    expect(asked[1], 'its help too').toContain('Say what could happen without it');
});

test('it has ended when the last line has, and where the teacher does not allow it there is none', async ({
    student,
}) => {
    const page = await student('Cleo Fennick');
    await withVoice(page);
    await openCopy(page, 'Before we sail');
    await page.getByLabel('Height at noon, in m').focus();
    const read = page.getByRole('button', { name: 'Read aloud', exact: true });
    const stop = page.getByRole('button', { name: 'Stop reading' });
    await read.click();
    await stop.click();
    await read.click();
    // Voices say late that they were cut off: what is read by then goes on.
    await page.evaluate(() => window.said.find((one) => one.onerror).onerror());
    await expect(stop).toBeVisible();
    await page.evaluate(() => window.said.at(-1).onend());
    await expect(page.getByRole('button', { name: 'Read aloud', exact: true })).toBeVisible();

    await openCopy(page, 'Build the harbour');
    await expect(page.locator('[data-read-aloud]')).toBeHidden();
    await page.locator('[data-list]').click();
    await expect(page.getByRole('button', { name: /^Read aloud/ })).toHaveCount(0);
});
