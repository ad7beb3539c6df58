import { readFileSync } from 'node:fs';
import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { chromium, type Browser, type Page } from '@playwright/test';
import { applyCommand, epochMinOf, mealOf } from '@zemrin/core';
import { appOf } from '../server/app.ts';
import { listen } from '../server/listen.ts';
import { atMost, median, told, type Line } from './measure.ts';
import { browserPath } from '../scripts/browser-path.mjs';

const ROUNDS = 7;
const WORKER_ROUNDS = 90;
const WORKER_WARM_UP = 30;
const MEAL = '/meal/first-frost-supper/weave';

/** The built application in a real browser: script to fetch, first paint, a change seen. */
export async function webBench(): Promise<Line[]> {
  const dist = fileURLToPath(new URL('../web/dist', import.meta.url));
  const { server, port } = await listen(appOf(dist), 4600);
  const browser = await chromium.launch({
    executablePath: browserPath(),
    args: ['--no-sandbox', '--disable-gpu', '--disable-quic', '--disable-background-networking'],
  });
  try {
    return await measure(browser, `http://127.0.0.1:${port}`);
  } finally {
    await browser.close();
    server.close();
  }
}

async function measure(browser: Browser, base: string): Promise<Line[]> {
  const page = await browser.newPage();
  const sizes: number[] = [];
  page.on('response', (response) => {
    const isScript = response.request().resourceType() === 'script';
    if (!isScript || response.url().includes('.worker-')) return;
    void response.body().then((body) => sizes.push(gzipSync(body).length));
  });
  await page.goto(base);
  await page.getByRole('button', { name: /First-frost supper/ }).waitFor();
  await page.waitForLoadState('networkidle');
  const kb = sizes.reduce((sum, size) => sum + size, 0) / 1024;
  await page.getByRole('button', { name: /First-frost supper/ }).click();
  await page.locator('[data-step=lamb-smoke]').waitFor();

  const replan = await replanInWorker(page);
  const first = await paints(page, `${base}/`);
  const weave = await paints(page, base + MEAL);
  const seen: number[] = [];
  await page.locator('[data-step=lamb-marinate]').waitFor();
  for (let i = 0; i < ROUNDS; i++) seen.push(await changeSeen(page));
  return [
    atMost('web', 'script of the first route, gzipped', kb, 'KB', 220),
    atMost('web', 're-plan of the supper in the worker, sent and back', replan, 'ms', 16),
    atMost('web', 'first paint of Meals', first, 'ms', 1500),
    atMost('web', 'first paint of the example’s weave', weave, 'ms', 1500),
    told('web', 'from a key to the plan that follows, drawn', median(seen), 'ms'),
  ];
}

/**
 * Milliseconds of a re-plan in the application's own worker, in this browser, from the meal sent to
 * the plan received: another worker from the same file, spoken to as Comlink does. The meal's
 * weight differs each time.
 */
async function replanInWorker(page: Page): Promise<number> {
  const file = new URL('../demo/first-frost-supper.json', import.meta.url);
  const nowMin = epochMinOf('2026-11-25T08:00', 'Europe/Paris');
  const meal = mealOf(JSON.parse(readFileSync(file, 'utf8')), nowMin);
  const meals = Array.from({ length: WORKER_ROUNDS }, (_unused, i) =>
    applyCommand(meal, {
      do: 'weigh',
      dish: 'lamb',
      food: 'lamb-shoulder',
      weightG: 2000 + i * 10,
    }),
  );
  const took = await page.evaluate(
    async ({ meals, nowMin }) => {
      const url = performance
        .getEntriesByType('resource')
        .find((entry) => entry.name.includes('planner.worker-'))?.name;
      if (url === undefined) throw new Error('the page has started no planner');
      const worker = new Worker(url, { type: 'module' });
      const times: number[] = [];
      for (const [id, meal] of meals.entries()) {
        const argumentList = [meal, nowMin].map((value) => ({ type: 'RAW', value }));
        const from = performance.now();
        const answer = await new Promise<{ value?: { steps?: unknown[] } }>((resolve) => {
          worker.onmessage = (event) => resolve(event.data);
          worker.postMessage({ id: String(id), type: 'APPLY', path: ['plan'], argumentList });
        });
        times.push(performance.now() - from);
        if (!answer.value?.steps?.length) throw new Error('the worker sent no plan');
      }
      worker.terminate();
      return times;
    },
    { meals, nowMin },
  );
  return median(took.slice(WORKER_WARM_UP));
}

async function paints(page: Page, url: string): Promise<number> {
  const took: number[] = [];
  for (let i = 0; i < ROUNDS; i++) {
    await page.goto(url);
    await page.getByRole('heading', { level: 1 }).waitFor();
    took.push(
      await page.evaluate(
        () => performance.getEntriesByName('first-contentful-paint')[0]?.startTime ?? NaN,
      ),
    );
  }
  return median(took);
}

/** Milliseconds from an arrow key until the step's new time stands on the page. */
function changeSeen(page: Page): Promise<number> {
  return page.locator('[data-step=lamb-marinate]').evaluate(
    (step) =>
      new Promise<number>((resolve) => {
        const from = performance.now();
        const observer = new MutationObserver(() => {
          observer.disconnect();
          resolve(performance.now() - from);
        });
        observer.observe(step, { attributes: true, attributeFilter: ['aria-label'] });
        step.dispatchEvent(new KeyboardEvent('keydown', { key: 'ArrowLeft', bubbles: true }));
      }),
  );
}
