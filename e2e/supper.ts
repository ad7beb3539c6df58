import { expect, type Page } from '@playwright/test';

/** A Wednesday morning; the supper is served on the Saturday after. */
export const WEDNESDAY = '2026-11-25T08:00:00+01:00';

/** Opens the application at a moment, on a first visit. */
export async function visit(page: Page, now = WEDNESDAY): Promise<void> {
  await page.clock.setFixedTime(new Date(now));
  await page.goto('/');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
}

export type View =
  'Meals' | 'Table' | 'Bench' | 'Heat' | 'Weave' | 'Cook' | 'Lists' | 'Dishes' | 'Kitchen';

/** Takes an example meal, the supper unless said otherwise, and goes to one of its views. */
export async function openSupper(
  page: Page,
  view: View = 'Weave',
  now = WEDNESDAY,
  title = 'First-frost supper',
): Promise<void> {
  if (page.url().startsWith('http')) await takeAway(page, now, title);
  else await visit(page, now);
  await page.getByRole('button', { name: `Open “${title}”` }).click();
  await expect(page).toHaveURL(/\/weave/);
  await goTo(page, view);
}

/** On a page used before: what was done to an example goes, so that it is offered anew. */
async function takeAway(page: Page, now: string, title: string): Promise<void> {
  await page.keyboard.press('Escape');
  await goTo(page, 'Meals');
  await page.clock.setFixedTime(new Date(now));
  const more = page.getByRole('button', { name: `More for ${title}` });
  const offered = page.getByRole('button', { name: `Open “${title}”` });
  await expect(more.or(offered).first()).toBeVisible();
  if (await offered.isVisible()) return;
  await more.click();
  await page.getByRole('menuitem', { name: 'Delete' }).click();
}

export async function goTo(page: Page, view: View): Promise<void> {
  const link = page.getByRole('navigation', { name: 'Views' }).getByRole('link', { name: view });
  await link.click();
  // Until the new view stands, the old one's heading is still there.
  await expect(link).toHaveAttribute('aria-current', 'page');
  await expect(page.getByRole('heading', { level: 1 })).toBeVisible();
}

/** The thread segment of a step; lists beside the weave name it too. */
export function segment(page: Page, name: RegExp | string) {
  return page.getByRole('button', { name, exact: false }).and(page.locator('[data-step]'));
}

/** The one in the head: what was said of an earlier change may offer its own. */
export async function undo(page: Page): Promise<void> {
  await page.getByRole('button', { name: 'Undo' }).first().click();
}

/** When a step starts, as the weave says it. */
export async function startOf(page: Page, name: RegExp): Promise<string> {
  const label = (await segment(page, name).getAttribute('aria-label')) ?? '';
  return /, ((?:\w{3} )?\d\d:\d\d) to /.exec(label)?.[1] ?? label;
}

/** How many minutes a step takes, as the weave says it. */
export async function lengthOf(page: Page, name: RegExp): Promise<number> {
  const label = (await segment(page, name).getAttribute('aria-label')) ?? '';
  return spanOf(/, ((?:\d+ h)?(?: ?\d+)?(?: min)?), \w+$/.exec(label)?.[1] ?? '');
}

/** "5 h 12", "2 h" or "40 min" as minutes. */
export function spanOf(text: string): number {
  // A sentence keeps a time together: its spaces do not break.
  const [, hours, minutes] = /(?:(\d+)\sh)?\s?(?:(\d+)(?:\smin)?)?/.exec(text) ?? [];
  return 60 * Number(hours ?? 0) + Number(minutes ?? 0);
}

/** "Fri 18:17" or "18:17" as minutes on a line, for differences. */
export function minutesOf(time: string): number {
  const days = ['Wed', 'Thu', 'Fri', 'Sat'];
  const [clock = '', day = 'Sat'] = time.split(' ').reverse();
  const [hour = 0, minute = 0] = clock.split(':').map(Number);
  return days.indexOf(day) * 1440 + hour * 60 + minute;
}

/** Comes again once all that was done is written, as nobody asks before leaving any more. */
export async function comeAgain(page: Page): Promise<void> {
  await expect
    .poll(() =>
      page.evaluate(() => window.dispatchEvent(new Event('beforeunload', { cancelable: true }))),
    )
    .toBe(true);
  await page.reload();
}
