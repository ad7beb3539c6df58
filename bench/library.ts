import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { chromium, type Browser, type Page } from '@playwright/test';
import { appOf } from '../server/app.ts';
import { listen } from '../server/listen.ts';
import { atMost, median, told, type Line } from './measure.ts';
import { browserPath } from '../scripts/browser-path.mjs';

const MEALS = 1000;
const RUNS = 300;
const ROUNDS = 9;

const documentOf = (
  path: string,
): { id: string; serving?: object; events?: { id: string }[] } & object =>
  JSON.parse(readFileSync(new URL(path, import.meta.url), 'utf8'));

/** A browser that has kept years of suppers: how soon its meals open, how soon a run is found. */
export async function libraryBench(): Promise<Line[]> {
  const dist = fileURLToPath(new URL('../web/dist', import.meta.url));
  const { server, port } = await listen(appOf(dist), 4601);
  const browser = await chromium.launch({
    executablePath: browserPath(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking'],
  });
  try {
    const base = `http://127.0.0.1:${port}`;
    const two = await shelf(browser, base, 2, 0);
    const few = await opens(two, base);
    await two.close();
    const page = await shelf(browser, base, MEALS, RUNS);
    const many = await opens(page, base);
    await page.goto(`${base}/log`);
    await page.getByRole('searchbox').waitFor();
    const found: number[] = [];
    for (const word of ['lamb', 'smok', 'October', 'late', 'duck']) {
      found.push(await searched(page, word));
    }
    const gone: number[] = [];
    for (let i = 0; i < ROUNDS; i++) gone.push(await goesToMeals(page));
    const what = `with ${MEALS} meals and ${RUNS} runs`;
    return [
      atMost('library', `Meals opens from another view ${what}`, median(gone), 'ms', 300),
      atMost('library', `Meals opens from its address, the page loaded, ${what}`, many, 'ms', 300),
      told('library', '  against Meals with two', many / few, '×'),
      atMost('library', `a run is found ${what}`, median(found), 'ms', 50),
    ];
  } finally {
    await browser.close();
    server.close();
  }
}

/** Puts copies of the example and of a past run straight into the browser's store. */
async function fill(page: Page, meals: number, runs: number): Promise<void> {
  const meal = documentOf('../demo/first-frost-supper.json');
  const run = documentOf('../demo/runs/late-october-supper.json');
  await page.evaluate(
    async ({ meal, run, meals, runs }) => {
      const db = await new Promise<IDBDatabase>((resolve, reject) => {
        const opening = indexedDB.open('zemrin');
        opening.onsuccess = () => resolve(opening.result);
        opening.onerror = () => reject(opening.error ?? new Error('no store'));
      });
      const tx = db.transaction(['meals', 'runs', 'happened'], 'readwrite');
      for (let i = 0; i < meals; i++) {
        const id = `${meal.id}-${i}`;
        // Two are coming; the others were served, one a week.
        const day = new Date(Date.now() + (10 - 7 * Math.max(0, i - 1)) * 86_400_000);
        const at = `${day.toISOString().slice(0, 10)}T19:00`;
        const serving = { ...meal.serving, at };
        const document = { ...meal, id, title: `Supper ${i}`, serving };
        tx.objectStore('meals').put({ revision: 1, document }, id);
      }
      const { events = [], ...whole } = run as typeof run & { startedMin: number; meal: object };
      for (let i = 0; i < runs; i++) {
        const id = `${run.id}-${i}`;
        const startedMin = whole.startedMin - i * 10_080;
        const document = { ...whole.meal, title: `Supper ${i}` };
        tx.objectStore('runs').put({ id, startedMin, document }, id);
        for (const one of events) tx.objectStore('happened').put(one, [id, one.id]);
      }
      await new Promise((resolve, reject) => {
        tx.oncomplete = resolve;
        tx.onerror = reject;
      });
      db.close();
    },
    { meal, run, meals, runs },
  );
}

/** A browser of its own with so many meals and runs kept. */
async function shelf(browser: Browser, base: string, meals: number, runs: number): Promise<Page> {
  const page = await (await browser.newContext()).newPage();
  await page.goto(base);
  await page.getByRole('heading', { level: 1 }).waitFor();
  await fill(page, meals, runs);
  return page;
}

async function opens(page: Page, base: string): Promise<number> {
  const took: number[] = [];
  for (let i = 0; i < ROUNDS; i++) took.push(await mealsOpen(page, base));
  return median(took);
}

/** From the address to the first meal that can be pressed. */
async function mealsOpen(page: Page, base: string): Promise<number> {
  await page.goto(base);
  const there = await page.waitForFunction(
    () =>
      [...document.querySelectorAll('main button, main a')].some((one) =>
        one.textContent?.includes('Supper'),
      ) && performance.now(),
    undefined,
    { polling: 'raf' },
  );
  return Number(await there.jsonValue());
}

/** From the press on Meals, in the log, to the first meal that can be pressed. */
async function goesToMeals(page: Page): Promise<number> {
  await page.getByRole('link', { name: 'Log' }).first().click();
  await page.getByRole('searchbox').waitFor();
  await page
    .getByRole('link', { name: 'Meals' })
    .first()
    .evaluate((link: HTMLElement) => {
      performance.clearMarks();
      performance.mark('pressed');
      link.click();
    });
  const took = await page.waitForFunction(
    () =>
      document.querySelector('h1')?.textContent === 'Coming' &&
      [...document.querySelectorAll('main button, main a')].some((one) =>
        one.textContent?.includes('Supper'),
      ) &&
      performance.now() - (performance.getEntriesByName('pressed')[0]?.startTime ?? 0),
    undefined,
    { polling: 'raf' },
  );
  return Number(await took.jsonValue());
}

/** From the last letter to the list that follows it. */
function searched(page: Page, word: string): Promise<number> {
  return page.getByRole('searchbox').evaluate((box, text) => {
    const input = box as HTMLInputElement;
    const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')?.set;
    return new Promise<number>((resolve) => {
      const from = performance.now();
      set?.call(input, text);
      input.dispatchEvent(new Event('input', { bubbles: true }));
      requestAnimationFrame(() => requestAnimationFrame(() => resolve(performance.now() - from)));
    });
  }, word);
}
