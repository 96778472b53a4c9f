// Drags on the bench in Chromium and reads from its own trace how long scripts ran in each frame. Prints JSON.
import { thrice } from './frames.mjs';
import { signedIn } from './signed-in.mjs';

const [base, email, password, worksheet] = process.argv.slice(2);
const { browser, page } = await signedIn(base, email, password);
await page.goto(`/worksheets/${worksheet}/boxes`);
await page.locator('.element').first().waitFor();

const one = await thrice(browser, page, page.locator('.element').nth(105));
await page.locator('.desk').focus();
await page.keyboard.press('Control+a');
const all = await thrice(browser, page, page.locator('.element').nth(105));
await browser.close();
process.stdout.write(JSON.stringify({ one: one.longest, all: all.longest, frames: one.frames }));
