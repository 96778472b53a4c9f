import { expect, handOutTo, test } from './support.js';

// The same form twice at the very same time: a second press, a browser that sends it again.

test('a handout that arrives twice at once is handed out once, and both presses lead to it', async ({
    teacher: page,
}) => {
    await page.goto('/shelf');
    await page
        .getByRole('link', { name: /^Tide times/ })
        .first()
        .click();
    await page.goto(`${page.url().replace(/\/+$/, '')}/hand-out`);
    const title = `Twice ${Date.now()}`;
    await page.locator('[data-bracket="title"]').click();
    await page.getByLabel('Title').fill(title);
    await handOutTo(page, '6 Curlew');
    const answers = await page.evaluate(async () => {
        const form = document.querySelector('form.handout');
        const send = () =>
            fetch(form.action, { method: 'POST', body: new FormData(form), credentials: 'same-origin' }).then(
                (answer) => answer.url,
            );
        return Promise.all([send(), send(), send()]);
    });
    expect(new Set(answers).size).toBe(1);
    expect(answers[0]).toMatch(/\/handouts\/\d+$/);
    await page.goto('/handouts');
    await expect(page.getByText(title)).toHaveCount(1);
});
