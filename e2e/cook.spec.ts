import { expect, test, type Page } from '@playwright/test';
import { expectNoFindings } from './axe.ts';

/**
 * These tests cook: time goes by, so they take the machine's clock as it is. The example supper is
 * always some days ahead, and a rehearsal begins just before its first job.
 */
async function openCook(page: Page): Promise<void> {
  await page.goto('/');
  await page.getByRole('button', { name: 'Open “First-frost supper”' }).click();
  await page.getByRole('link', { name: 'Cook', exact: true }).click();
  await expect(page.getByRole('button', { name: 'Start cooking' })).toBeVisible();
}

const now = (page: Page) => page.getByRole('region', { name: 'Now' });

/** Which call the page makes now. */
async function callOf(page: Page): Promise<string> {
  // All that is there at once, so that a card that is just going keeps nobody waiting.
  const cards = await now(page).evaluateAll((all) =>
    all.map((card) => card.getAttribute('data-call') ?? ''),
  );
  return cards[0] ?? '';
}

/** Goes on to what is called next, and says that it is done. @returns what it was */
async function sayDone(page: Page): Promise<string> {
  const before = await callOf(page);
  const skip = page.getByRole('button', { name: /^On to/ });
  if ((await skip.count()) > 0) await page.keyboard.press('g');
  // Said twice it is still one thing done.
  await expect(async () => {
    if ((await callOf(page)) === before) await page.keyboard.press('Space');
    expect(await callOf(page)).not.toBe(before);
  }).toPass({ intervals: [300, 700, 1500] });
  return before;
}

test('a whole supper is rehearsed, with guests late, a guess, a reading and the page closed', async ({
  page,
}) => {
  test.setTimeout(240_000);
  await openCook(page);
  await page.getByRole('button', { name: 'Rehearse it' }).click();
  await expect(now(page)).toBeVisible();
  const said: string[] = [];
  const closedAfter = new Set([2, 9, 17, 26]);
  const served = page.getByRole('heading', { name: /^Served at/ });
  for (let i = 0; i < 80 && (await served.count()) === 0; i++) {
    let call = await callOf(page);
    if (call === 'begin bread-shape' && !said.includes('guests')) {
      said.push('guests');
      await page.getByRole('button', { name: 'Something happened' }).click();
      await page.getByRole('button', { name: 'Guests are 30 min late' }).click();
      await expect(page.getByText(/serve at 19:30/)).toBeVisible();
      call = await callOf(page);
    }
    if (
      call.startsWith('end ') &&
      said.includes('begin duck-braise') &&
      !said.includes('not yet')
    ) {
      said.push('not yet');
      await page.keyboard.press('n');
      await page.getByRole('button', { name: '5 more', exact: true }).click();
      await expect(page.getByRole('dialog')).toHaveCount(0);
    }
    if (closedAfter.has(i)) {
      // What was said is written before it is shown: closing the page loses nothing of it.
      await page.reload();
      await expect(now(page)).toBeVisible();
    }
    if (call === 'serve') await measureAll(page);
    said.push(await sayDone(page));
  }
  await expect(served).toBeVisible();
  // A minute of the rehearsal is a second of the machine: a slow one serves some minutes later.
  await expect(page.getByText(/^(On time\.|.+ later than planned\.)$/)).toBeVisible();
  expect(said.filter((one) => one.startsWith('begin ')).length).toBeGreaterThan(15);
  // Everything that happened is there, in its order.
  const log = page.getByRole('list').getByRole('listitem');
  const text = (await log.allTextContents()).join('\n');
  for (const part of ['begun: Paste on', 'done: Smoke', 'probe in', '5 min more', 'served']) {
    expect(text).toContain(part);
  }
});

/** What no probe was in is measured by hand before it is eaten. */
async function measureAll(page: Page): Promise<void> {
  const forms = page.getByRole('region', { name: 'Not measured yet' }).getByRole('textbox', {
    name: /^Measured/,
  });
  for (let left = await forms.count(); left > 0; left = await forms.count()) {
    await forms.first().fill('78');
    await forms.first().press('Enter');
    await expect(forms).toHaveCount(left - 1);
  }
}

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 }, hasTouch: true });

  test('a run that is on comes first, and every view can be reached', async ({ page }) => {
    await page.goto('/');
    await page.getByRole('button', { name: 'Open “First-frost supper”' }).click();
    await page.getByRole('link', { name: 'Meals' }).tap();
    await page.getByRole('link', { name: 'Start cooking' }).tap();
    await expect(now(page)).toBeVisible();
    await expectNoFindings(page);
    const bar = page.getByRole('navigation', { name: 'Views' });
    const box = await bar.getByRole('link', { name: 'Cook' }).boundingBox();
    expect(box?.x).toBeLessThan(10);
    await bar.getByRole('link', { name: 'Kitchen' }).tap();
    await expect(page).toHaveURL(/kitchen/);
    await bar.getByRole('link', { name: 'Meals' }).tap();
    await page.getByRole('link', { name: 'Cooking now' }).tap();
    for (const button of await now(page).getByRole('button').all()) {
      expect((await button.boundingBox())?.height).toBeGreaterThanOrEqual(56);
    }
  });
});

test('a note, a timer and what was said too soon are kept and taken back', async ({ page }) => {
  await openCook(page);
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await expect(now(page)).toBeVisible();
  await page.keyboard.press('t');
  await page.getByRole('textbox', { name: 'What for' }).fill('Eggs');
  await page.getByRole('textbox', { name: 'Minutes' }).fill('7');
  await page.getByRole('button', { name: 'Start it' }).click();
  await expect(page.getByText(/^0[0-6]:\d\d$/)).toBeVisible();
  await page.keyboard.press('m');
  await page.getByRole('textbox', { name: 'What happened' }).fill('Windy, the fire is slow');
  await page.getByRole('button', { name: 'Keep it' }).click();
  const before = await callOf(page);
  await page.keyboard.press('Space');
  await expect.poll(() => callOf(page)).not.toBe(before);
  await page.getByRole('button', { name: 'Something happened' }).click();
  await page.getByRole('button', { name: 'Take back' }).click();
  await expect.poll(() => callOf(page)).toMatch(/^begin /);
  await page.reload();
  await expect(page.getByText('Eggs')).toBeVisible();
  // Nothing is begun: what was taken back stays so.
  await expect(now(page)).toHaveAttribute('data-call', /^begin /);
  await expect(page.getByRole('complementary').getByText(/^since/)).toHaveCount(0);
});
