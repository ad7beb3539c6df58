import { fileURLToPath } from 'node:url';
import { gzipSync } from 'node:zlib';
import { chromium, type Browser, type Page } from '@playwright/test';
import { appOf } from '../server/app.ts';
import { listen } from '../server/listen.ts';
import { atMost, median, told, type Line } from './measure.ts';

const ROUNDS = 7;
const MEAL = '/meal/first-frost-supper/weave';

/** The built application in a real browser: script to fetch, first paint, a change seen. */
export async function webBench(): Promise<Line[]> {
  const dist = fileURLToPath(new URL('../web/dist', import.meta.url));
  const { server, port } = await listen(appOf(dist), 4600);
  const browser = await chromium.launch({
    executablePath: process.env.CHROMIUM_PATH ?? '/usr/bin/chromium',
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

  const first = await paints(page, `${base}/`);
  const weave = await paints(page, base + MEAL);
  const seen: number[] = [];
  await page.locator('[data-step=lamb-marinate]').waitFor();
  for (let i = 0; i < ROUNDS; i++) seen.push(await changeSeen(page));
  return [
    atMost('web', 'script of the first route, gzipped', kb, 'KB', 220),
    atMost('web', 'first paint of Meals', first, 'ms', 1500),
    atMost('web', 'first paint of the example’s weave', weave, 'ms', 1500),
    told('web', 'from a key to the plan that follows, drawn', median(seen), 'ms'),
  ];
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
