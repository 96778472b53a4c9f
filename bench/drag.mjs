// Drags on the bench in Chromium and reads from its own trace how long scripts ran in each frame. Prints JSON.
import { chromium } from '@playwright/test';
import { execFileSync } from 'node:child_process';
import { thrice } from './frames.mjs';

const [base, email, password, worksheet] = process.argv.slice(2);
const executablePath = execFileSync('sh', ['-c', 'command -v chromium'], { encoding: 'utf8' }).trim();
const browser = await chromium.launch({ executablePath, args: ['--no-sandbox', '--disable-gpu'] });
const page = await browser.newPage({ viewport: { width: 1280, height: 800 }, baseURL: base });
await page.goto('/sign-in');
await page.getByLabel('E-mail address').fill(email);
await page.getByLabel('Password').fill(password);
await page.getByRole('button', { name: 'Sign in' }).click();
await page.waitForURL('**/shelf');
await page.goto(`/worksheets/${worksheet}/boxes`);
await page.locator('.element').first().waitFor();

const one = await thrice(browser, page, page.locator('.element').nth(105));
await page.locator('.desk').focus();
await page.keyboard.press('Control+a');
const all = await thrice(browser, page, page.locator('.element').nth(105));
await browser.close();
process.stdout.write(JSON.stringify({ one: one.longest, all: all.longest, frames: one.frames }));
