import { expect, type Page } from '@playwright/test';
import { expectNoFindings } from './axe.ts';
import { test } from './one-page.ts';
import { goTo, openSupper, segment } from './supper.ts';

/** The row of a line; an editor may stand open beneath it. */
const row = (page: Page, name: RegExp) => page.getByRole('row', { name }).first();
const line = (page: Page, name: RegExp) => page.getByRole('button', { name });

/** The bench of an example meal, once it stands. */
async function openBench(page: Page, title?: string): Promise<void> {
  await openSupper(page, 'Bench', undefined, title);
  await expect(page.getByRole('textbox', { name: 'On the scale' })).toBeVisible();
}

test('one line changed shows what it does to salt and window, and a lock holds it', async ({
  page,
}) => {
  await openBench(page);
  await line(page, /^salt, coarse dense/).click();
  const amount = page.getByRole('textbox', { name: 'In the recipe' });
  await amount.fill('27 g');
  await amount.press('Enter');
  await expect(page.getByRole('status').filter({ hasText: /salt 1\.1 % → 1\.6 %/ })).toBeVisible();
  await expectNoFindings(page);
  await page.getByRole('button', { name: 'Lock', exact: true }).click();
  await expect(row(page, /salt, coarse dense/).getByLabel('locked')).toBeVisible();
  const scale = page.getByRole('textbox', { name: 'On the scale' });
  await scale.fill('4 kg');
  await scale.press('Enter');
  await expect(row(page, /salt, coarse dense/)).toContainText('47 g');
  await expect(row(page, /yoghurt/)).toContainText('853 g');
  await page.getByRole('button', { name: 'Unlock' }).click();
  await expect(row(page, /salt, coarse dense/)).toContainText('76 g');
});

test('something sour shortens the window, and the plan follows', async ({ page }) => {
  await openBench(page);
  const longest = page.getByRole('textbox', { name: 'longest' });
  await expect(longest).toHaveValue('24 h');
  await page.locator('body').press('a');
  await page.getByPlaceholder(/Garlic, lime/).fill('kiwi, raw');
  await page.keyboard.press('Enter');
  await line(page, /^kiwi, raw/).click();
  const amount = page.getByRole('textbox', { name: 'In the recipe' });
  await amount.fill('120 g');
  await amount.press('Enter');
  await expect(
    page.getByText(/Raw fruit \(\d+ g to a kilo\) turns the surface to paste/),
  ).toBeVisible();
  await expect(longest).not.toHaveValue('24 h');
  const most = await longest.inputValue();
  await goTo(page, 'Weave');
  await segment(page, /^Marinate, Smoked lamb/).click();
  await expect(page.getByText('Raw fruit', { exact: false }).first()).toBeVisible();
  await expect(page.getByText(`It may stay ${most} at most.`)).toBeVisible();
});

test('it is weighed out line by line with one key, the variant taken out on the way', async ({
  page,
}) => {
  await openBench(page);
  await page.locator('body').press('w');
  const dialog = page.getByRole('dialog', { name: /^Weigh out/ });
  await expect(dialog).toContainText('black limes');
  await expect(dialog).toContainText('The scale then reads 30 g');
  await expectNoFindings(page);
  for (let i = 0; i < 8; i++) await page.keyboard.press('Space');
  await expect(dialog.locator('[aria-current]')).toContainText('Take out: Without dairy');
  await page.keyboard.press('Backspace');
  await expect(dialog.locator('[aria-current]')).toContainText('honey');
  for (let i = 0; i < 3; i++) await page.keyboard.press('Space');
  await expect(dialog).toContainText('All in: 690 g');
});

test('the recipe stands beside the batch, and a stand-in takes a line’s place', async ({
  page,
}) => {
  await openBench(page);
  await page.locator('body').press('c');
  await expect(page.getByText('As written, 1.5 kg')).toBeVisible();
  await expect(row(page, /yoghurt/)).toContainText('291 g');
  await line(page, /^honey/).click();
  await page
    .getByRole('combobox', { name: 'In its place' })
    .selectOption({ label: '21 g malt syrup' });
  await expect(row(page, /malt syrup/)).toBeVisible();
  await page.locator('body').press('Control+z');
  await expect(row(page, /honey/)).toBeVisible();
});

test('a brine is salted by a target, covers what lies in its pot and is cold in time', async ({
  page,
}) => {
  await openBench(page, 'Towpath lunch');
  await expect(page.getByRole('heading', { level: 1, name: 'Cider brine' })).toBeVisible();
  await expect(row(page, /salt, coarse dense/)).toContainText('44 g');
  const target = page.getByRole('textbox', { name: 'Salt wanted in the food' });
  await target.fill('2');
  await target.press('Enter');
  await expect(row(page, /salt, coarse dense/)).toContainText('74 g');
  await expect(
    page.getByText(/fridge-cold after .* in the fridge or .* in an ice bath/),
  ).toBeVisible();
  await expect(page.getByText('Public guidance keeps raw poultry 2 days at most.')).toBeVisible();
  await target.fill('a lot');
  await target.press('Enter');
  await expect(page.getByRole('alert')).toContainText('“a lot” is no salting');

  await page.getByRole('button', { name: 'Change it' }).click();
  const form = page.getByRole('dialog');
  await form
    .getByRole('combobox', { name: 'As is usual for' })
    .selectOption('cucumbers to sour, 3.5 to 5 %');
  await expect(form.getByRole('textbox', { name: 'Strength, when strong' })).toHaveValue('4.5 %');
  await form.getByRole('textbox', { name: 'Strength, when strong' }).fill('10.5');
  await page.keyboard.press('Enter');
  await expect(form.getByText('a fresh egg floats in it')).toBeVisible();
});
