import { expect, test, type Locator, type Page } from '@playwright/test';
import { expectNoFindings } from './axe.ts';
import { goTo, minutesOf, openSupper, segment, visit } from './supper.ts';

const VIEWS = [
  'Weave',
  'Cook',
  'Table',
  'Bench',
  'Heat',
  'Lists',
  'Dishes',
  'Kitchen',
  'Meals',
] as const;

async function expectNothingOffTheSide(page: Page) {
  const over = () =>
    page.locator('#page').evaluate((el) => Math.max(0, el.scrollWidth - el.clientWidth));
  await expect.poll(over).toBe(0);
  // Only the view scrolls: below it there is nothing to be drawn up into an empty screen.
  const below = () =>
    page.evaluate(() => document.documentElement.scrollHeight - globalThis.innerHeight);
  await expect.poll(below).toBe(0);
}

/** Every view: nothing off the side and nothing for axe; in the dark only colours differ. */
async function expectEveryViewSound(page: Page, { dark }: { dark: boolean }) {
  await openSupper(page);
  for (const view of VIEWS) {
    await goTo(page, view);
    await expectNothingOffTheSide(page);
    await expectNoFindings(page);
    if (!dark) continue;
    await page.emulateMedia({ colorScheme: 'dark' });
    await expectNoFindings(page, ['color-contrast', 'link-in-text-block']);
    await page.emulateMedia({ colorScheme: 'light' });
  }
}

test('axe finds nothing, light or dark, nor runs off the side, on every view', async ({ page }) => {
  await expectEveryViewSound(page, { dark: true });
});

test.describe('on a phone', () => {
  test.use({ viewport: { width: 390, height: 844 } });
  test('axe finds nothing, nor runs off the side, on every view', async ({ page }) => {
    await expectEveryViewSound(page, { dark: false });
  });
});

test('axe finds nothing on a first visit', async ({ page }) => {
  await visit(page);
  await expect(page.getByText('first job Fri 17:00')).toBeVisible();
  await expectNoFindings(page);
});

test('axe finds nothing in dialogs, nor where a meal cannot be done', async ({ page }) => {
  await openSupper(page);
  await page.locator('body').press('?');
  await expect(page.getByRole('dialog', { name: 'Keys' })).toBeVisible();
  await expectNoFindings(page);
  await page.keyboard.press('Escape');
  await page.getByRole('button', { name: 'Your hours and measures' }).click();
  await expectNoFindings(page);
  await page.keyboard.press('Escape');
  await segment(page, /^Smoke, Smoked lamb/).click();
  await expectNoFindings(page);
  await goTo(page, 'Table');
  await page.getByRole('button', { name: /^Place 1/ }).click();
  await expectNoFindings(page);
  await page.keyboard.press('Escape');
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'A day earlier' }).click();
  await expect(page.getByText(/^No, not by/)).toBeVisible();
  await goTo(page, 'Weave');
  await expectNoFindings(page);
});

test('everything is reached by keys', async ({ page }) => {
  await openSupper(page);
  const body = page.locator('body');
  await body.press('1');
  await expect(page).toHaveURL(/\/table$/);
  await body.press('2');
  await expect(page.getByRole('textbox', { name: 'On the scale' })).toBeVisible();
  await body.press('e');
  await expect(page.getByRole('textbox', { name: 'On the scale' })).toBeFocused();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByRole('textbox', { name: 'On the scale' })).toHaveValue('2.45 kg');
  await page.getByRole('textbox', { name: 'On the scale' }).blur();
  await body.press('4');
  await expect(page).toHaveURL(/\/weave$/);
  await body.press('0');
  await expect(page.getByRole('heading', { name: 'Coming' })).toBeVisible();

  await body.press('Control+k');
  await page.getByPlaceholder('A meal, a dish, a step, a mixture').fill('griddle');
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/weave\/bread-griddle$/);
  await segment(page, /^Griddle, Charred/).focus();
  await page.keyboard.press('ArrowUp');
  await expect(page).toHaveURL(/weave\/bread-prove$/);
  await expect(segment(page, /^Prove, Charred/)).toBeFocused();

  await goTo(page, 'Table');
  await expect(page.getByRole('link', { name: 'Add a dish' })).toBeVisible();
  await body.press('n');
  await expect(page).toHaveURL(/dishes$/);
});

test('nothing runs off the side between a phone and a desk', async ({ page }) => {
  await page.setViewportSize({ width: 768, height: 844 });
  await openSupper(page);
  for (const view of VIEWS) {
    await goTo(page, view);
    await expectNothingOffTheSide(page);
  }
});

const SPAN = /(\d\d:\d\d) to (\d\d:\d\d)/;

/** When a step begins and ends, as its dialog says it, in minutes on a line. */
async function spanIn(dialog: Locator): Promise<[begin: number, end: number]> {
  const [, begin = '', end = ''] = SPAN.exec(await dialog.innerText()) ?? [];
  return [minutesOf(begin), minutesOf(end)];
}

test('on a phone the weave stands upright and a job opens its step', async ({ page }) => {
  await page.setViewportSize({ width: 390, height: 844 });
  await openSupper(page);
  const jobs = page.getByRole('button', { name: /min$/ });
  await expect(jobs.first()).toContainText('Salt the duck legs');
  await page.getByRole('button', { name: /Wrap the lamb in foil/ }).click();
  const dialog = page.getByRole('dialog');
  await expect(dialog).toContainText(SPAN);
  const [begin, end] = await spanIn(dialog);
  await dialog.getByRole('button', { name: '5 min later' }).click();
  await expect.poll(() => spanIn(dialog)).toEqual([begin + 5, end + 5]);
});
