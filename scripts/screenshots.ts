/** Takes the pictures of docs/screenshots from the built application, with the example meals. */
import { chromium, type Page } from '@playwright/test';
import { fileURLToPath } from 'node:url';
import { appOf } from '../server/app.ts';
import { listen } from '../server/listen.ts';
import { SimulatedStation } from '../server/station/simulated-station.ts';
import { browserPath } from './browser-path.mjs';

const dist = fileURLToPath(new URL('../web/dist', import.meta.url));
const out = fileURLToPath(new URL('../docs/screenshots/', import.meta.url));
const MEAL = '/meal/first-frost-supper';

const { server, port } = await listen(appOf(dist, { station: new SimulatedStation() }), 4500);
const base = `http://127.0.0.1:${port}`;
const browser = await chromium.launch({
  executablePath: browserPath(),
  args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking'],
});

async function settle(page: Page): Promise<void> {
  await page.getByRole('heading', { level: 1 }).waitFor();
  await page.evaluate(() => document.fonts.ready);
  // Plans are made beside the page, one after another.
  await page.waitForFunction(() => !/\b(?:Planning|Reckoning)\b/.test(document.body.innerText));
  await page.waitForTimeout(600);
}

async function shoot(page: Page, name: string, path: string): Promise<void> {
  await page.goto(`${base}${path}`);
  await settle(page);
  await page.screenshot({ path: `${out}${name}.png` });
}

const now = (page: Page) => page.getByRole('region', { name: 'Now' });

/** A rehearsed run up to a call. */
async function rehearseTo(page: Page, wanted: string): Promise<void> {
  for (let i = 0; i < 60; i++) {
    const call = await now(page).getAttribute('data-call');
    if (call === wanted) return;
    await page.keyboard.press('g');
    await page.keyboard.press('Space');
    await page.waitForTimeout(900);
  }
}

/** Cook in the middle of a supper; and late, in the dark. */
async function cook(page: Page, suffix: string): Promise<void> {
  await page.goto(`${base}${MEAL}/cook`);
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await now(page).waitFor();
  await rehearseTo(page, 'end bread-shape');
  await page.waitForTimeout(2500);
  // Keys that were pressed on the way may have moved the page.
  await page.locator('#page').evaluate((element) => element.scrollTo(0, 0));
  await page.screenshot({ path: `${out}cook${suffix}.png` });
  if (suffix !== '') return;
  await rehearseTo(page, 'end gloss-reduce');
  await page.keyboard.press('n');
  await page.getByRole('button', { name: '30 more' }).click();
  await page.getByRole('heading', { name: 'To be on time again' }).waitFor();
  await page.getByRole('button', { name: 'Light or dark' }).click();
  // Ways out are tried before they are offered.
  await page.waitForTimeout(6000);
  await page.screenshot({ path: `${out}cook-late.png` });
}

for (const [suffix, viewport] of [
  ['', { width: 1280, height: 800 }],
  ['-phone', { width: 390, height: 844 }],
] as const) {
  const context = await browser.newContext({
    viewport,
    timezoneId: 'Europe/Paris',
    locale: 'en-GB',
  });
  const page = await context.newPage();
  await page.goto(base);
  for (const title of [
    'First-frost supper',
    'Towpath lunch',
    'Wednesday hock',
    'Thursday in a hurry',
  ]) {
    await page.goto(base);
    await page.getByRole('button', { name: `Open “${title}”` }).click();
    await page.waitForURL(/weave/);
    await settle(page);
  }
  await shoot(page, `table${suffix}`, `${MEAL}/table`);
  await page.goto(`${base}${MEAL}/heat`);
  await page.getByText(/eight times in ten/).waitFor();
  await settle(page);
  await page.screenshot({ path: `${out}heat${suffix}.png` });
  await shoot(page, `weave${suffix}`, `${MEAL}/weave${suffix === '' ? '/lamb-smoke' : ''}`);
  if (suffix === '') {
    await shoot(page, 'bench', `${MEAL}/bench`);
    await shoot(page, 'log', '/log/run-late-october-supper');
    await shoot(page, 'kitchen', `${MEAL}/kitchen`);
    await shoot(page, 'lists', `${MEAL}/lists/run`);
    await shoot(page, 'dishes', `${MEAL}/dishes`);
    await page.goto(`${base}${MEAL}/dishes/read`);
    await page.getByRole('button', { name: 'Show me one' }).click();
    await settle(page);
    await page.screenshot({ path: `${out}dishes-read.png` });
    await page.goto(`${base}${MEAL}/safety`);
    await page.getByRole('heading', { name: 'In the order of the day' }).waitFor();
    await settle(page);
    await page.screenshot({ path: `${out}safety.png` });
    await page.goto(`${base}/meal/thursday-shoulder/weave`);
    await page.getByRole('heading', { name: 'What would work' }).waitFor();
    await settle(page);
    await page.screenshot({ path: `${out}weave-cannot.png` });
  }
  await shoot(page, `meals${suffix}`, '/');
  await cook(page, suffix);
  await context.close();
}
await browser.close();
server.close();
