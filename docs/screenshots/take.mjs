// Takes the pictures in this folder from the demo data, at 1280 x 800.
// Usage: bin/start --fresh --port 8000, then: node docs/screenshots/take.mjs http://127.0.0.1:8000 [name …]
import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { dirname, join } from 'node:path';
import { fileURLToPath } from 'node:url';

const [base, ...only] = process.argv.slice(2);
const folder = process.env.SHOTS ?? dirname(fileURLToPath(import.meta.url));
const executablePath = execFileSync('sh', ['-c', 'command -v chromium'], { encoding: 'utf8' }).trim();
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] });

async function person(options = {}) {
    const context = await browser.newContext({
        viewport: { width: 1280, height: 800 },
        baseURL: base,
        serviceWorkers: 'block',
        ...options,
    });
    return context.newPage();
}
async function shot(page, name) {
    if (only.length && !only.includes(name)) return;
    await page.waitForLoadState('networkidle');
    await page.screenshot({ path: join(folder, `${name}.png`) });
}

const visitor = await person();
await visitor.goto('/');
await shot(visitor, 'door');

const teacher = await person();
await teacher.goto('/sign-in');
await teacher.getByLabel('E-mail address').fill('marlow@saltmarsh.example');
await teacher.getByLabel('Password').fill('harbour-light');
await teacher.getByRole('button', { name: 'Sign in' }).click();
await teacher.waitForURL('**/shelf');
await shot(teacher, 'shelf');

await teacher.getByRole('link', { name: /^The Working Harbour/ }).click();
await teacher.waitForSelector('[data-contact]');
for (const number of [8, 9]) await teacher.getByRole('checkbox', { name: new RegExp(`^Page ${number}( |$)`) }).check();
await teacher.evaluate(() => {
    document.querySelector('.table').scrollTop = 470;
});
await shot(teacher, 'contact-sheet');
await teacher.goto('/shelf');
await teacher.getByRole('link', { name: /^The Working Harbour/ }).click();
await teacher.getByRole('button', { name: 'Unlock to change it' }).click();
await teacher.goto(`${teacher.url()}/boxes/10`);
await teacher.waitForSelector('[data-ghost]');
await shot(teacher, 'blanks');
await teacher.getByRole('button', { name: 'Lock again' }).click();
await teacher.goto('/shelf');
await teacher.getByRole('link', { name: /^Harbour log workbook/ }).click();
await teacher.getByRole('link', { name: 'Look and mend' }).click();
await shot(teacher, 'mending');
await teacher.goto('/shelf');
await teacher.getByRole('link', { name: /^Activity 1/ }).click();
await teacher.getByRole('link', { name: /^Boxes/ }).click();
await teacher.waitForSelector('.element');
await teacher.locator('.element').nth(3).click();
await shot(teacher, 'bench');

await teacher.goto('/shelf');
await teacher.getByRole('link', { name: /^Before we sail/ }).click();
await teacher.getByRole('link', { name: /^Key/ }).click();
await teacher.waitForSelector('[data-key-row]');
await shot(teacher, 'key');
await teacher.goto('/shelf');
await teacher.getByRole('link', { name: /^Build the harbour/ }).click();
await teacher.getByRole('link', { name: /^Parts/ }).click();
await teacher.goto(`${teacher.url()}/2`);
await teacher.waitForSelector('.element--part');
await shot(teacher, 'parts');
await teacher.goto('/shelf');
await teacher.getByRole('link', { name: /Harbour log, days/ }).click();
await teacher.getByRole('link', { name: /^Hand out/ }).click();
await teacher.locator('[data-bracket="directions"]').click();
await teacher.getByLabel('Directions').fill('One page a day. Hand in on the third.');
await teacher.locator('[data-bracket="out"]').click();
await teacher.getByLabel('at a time').check();
const tomorrow = new Date(Date.now() + 86400000).toISOString().slice(0, 10);
await teacher.locator('[name=out_date]').fill(tomorrow);
await teacher.waitForTimeout(600);
await shot(teacher, 'hand-out');
await teacher.goto('/shelf');
await teacher.getByRole('link', { name: /^The Working Harbour \(pack\)/ }).click();
await teacher.getByRole('link', { name: /^Check/ }).click();
await shot(teacher, 'check');
await teacher.goto('/handouts');
await teacher.getByRole('link', { name: /Tide times/ }).click();
await shot(teacher, 'desks');
await teacher.goto('/handouts');
await teacher.getByRole('link', { name: /^Crossing the mud flats/ }).click();
await teacher.getByRole('link', { name: 'Mark', exact: true }).click();
await teacher.getByRole('link', { name: 'Question 6' }).click();
await shot(teacher, 'marking');
await teacher.getByRole('link', { name: 'Back to the desks' }).first().click();
await teacher.getByRole('link', { name: 'Results', exact: true }).click();
await shot(teacher, 'results');

const marked = await person();
await marked.goto('/class');
await marked.getByLabel(/code/).fill('CRLW26');
await marked.getByRole('button', { name: 'Next' }).click();
await marked.getByLabel('Finn Adeyo').check();
await marked.getByLabel('Your PIN').fill('2468');
await marked.getByRole('button', { name: 'Come in' }).click();
await marked.waitForURL('**/day');
await marked.getByRole('link', { name: 'Look at Tide times' }).click();
await shot(marked, 'handed-back');

const student = await person();
await student.goto('/class');
await student.getByLabel(/code/).fill('HERN26');
await student.getByRole('button', { name: 'Next' }).click();
await student.getByLabel('Dara Osei-Lund').check();
await student.getByLabel('Your PIN').fill('2468');
await student.getByRole('button', { name: 'Come in' }).click();
await student.waitForURL('**/day');
await shot(student, 'day');
await student.getByRole('link', { name: 'Class shelf' }).click();
await shot(student, 'class-shelf');
await student.getByRole('link', { name: 'My day' }).click();
await student.getByRole('link', { name: 'Go on with Tide times' }).click();

await student.goto('/my/day');
await student.getByRole('link', { name: /Before we sail/ }).click();
await student.getByRole('radio', { name: 'flood' }).check();
await student.getByRole('checkbox', { name: 'rope' }).check();
await student.getByLabel('Height at noon, in m').fill('4.2');
await student
    .getByRole('textbox', { name: /mend these/ })
    .fill('The ferry leaves the harbor at nine. it carries crabs lobsters and mail');
await student.getByText('3 changes').waitFor();
await student.locator('[data-place="1.passage"]').blur();
await student.evaluate(() => {
    document.querySelector('[data-scroll]').scrollTop = 90;
});
await shot(student, 'copy-kinds');

await teacher.goto('/handouts');
await teacher
    .getByRole('link', { name: /^Tide times/ })
    .first()
    .click();
await teacher.getByRole('link', { name: 'Paper and PDF' }).click();
await teacher.getByRole('button', { name: 'Make it' }).click();
await teacher.getByRole('link', { name: /^Take the PDF/ }).waitFor();
await shot(teacher, 'leaving');

const builder = await person();
await builder.goto('/class');
await builder.getByLabel(/code/).fill('HERN26');
await builder.getByRole('button', { name: 'Next' }).click();
await builder.getByLabel('Ada Quill').check();
await builder.getByLabel('Your PIN').fill('2468');
await builder.getByRole('button', { name: 'Come in' }).click();
await builder.waitForURL('**/day');
await builder.getByRole('link', { name: /Build the harbour/ }).click();
await builder.waitForSelector('[data-piece]');
await shot(builder, 'copy-parts');

const phone = await person({
    viewport: { width: 390, height: 844 },
    hasTouch: true,
    isMobile: true,
    deviceScaleFactor: 2,
    storageState: await student.context().storageState(),
});
await phone.goto('/my/day');
await phone.getByRole('link', { name: 'Go on with Tide times' }).tap();
await phone.locator('[data-copy-work][data-ready]').waitFor();
await shot(phone, 'copy-phone');
await browser.close();
