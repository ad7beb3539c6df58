import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { comeAgain, goTo, openSupper } from './supper.ts';

test('meals survive a reload', async ({ page }) => {
  await openSupper(page, 'Bench');
  const scale = page.getByRole('textbox', { name: 'On the scale' });
  await scale.fill('2,62');
  await scale.press('Enter');
  await expect(scale).toHaveValue('2.62 kg');
  await comeAgain(page);
  await expect(scale).toHaveValue('2.62 kg');
});

test('a meal goes out to a file and comes back from it', async ({ page }) => {
  await openSupper(page);
  await goTo(page, 'Meals');
  await page.getByRole('button', { name: 'More for First-frost supper' }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('menuitem', { name: 'Export' }).click();
  const path = await (await download).path();
  const file = JSON.parse(readFileSync(path, 'utf8'));
  expect(file).toMatchObject({ zemrin: 'meal', version: 2, serving: { at: '2026-11-28T19:00' } });
  await page.locator('input[type=file]').setInputFiles({
    name: 'again.json',
    mimeType: 'application/json',
    buffer: Buffer.from(JSON.stringify({ ...file, title: 'Second supper' })),
  });
  const asked = page.getByRole('dialog', { name: 'Import 1 meal' });
  await expect(asked).toContainText('here already, and different');
  await asked.getByRole('button', { name: 'Import' }).click();
  await expect(page.getByText('Second supper is imported')).toBeVisible();
  await expect(page.getByRole('link', { name: 'Open Second supper' })).toBeVisible();
  await expect(page.getByRole('link', { name: 'Open First-frost supper' })).toBeVisible();
});

test('a bad file says where and what, and adds nothing', async ({ page }) => {
  await openSupper(page);
  await goTo(page, 'Meals');
  await page.locator('input[type=file]').setInputFiles({
    name: 'bad.json',
    mimeType: 'application/json',
    buffer: Buffer.from(
      '{"zemrin":"meal","version":1,"id":"x","serving":{"at":"noon","zone":"UTC"}}',
    ),
  });
  const alert = page.getByRole('alert');
  await expect(alert).toContainText('That file is not a meal');
  await expect(alert).toContainText('serving.at: must be a real date and time');
  await expect(page.getByRole('link', { name: /^Open / })).toHaveCount(1);
});

test('a meal is duplicated, deleted, and brought back', async ({ page }) => {
  await openSupper(page);
  await goTo(page, 'Meals');
  await page.getByRole('button', { name: 'More for First-frost supper' }).click();
  await page.getByRole('menuitem', { name: 'Duplicate' }).click();
  await expect(page.getByRole('link', { name: 'Open First-frost supper, again' })).toBeVisible();

  await page.getByRole('button', { name: 'More for First-frost supper, again' }).click();
  await page.getByRole('menuitem', { name: 'Delete' }).click();
  await expect(page.getByRole('link', { name: 'Open First-frost supper, again' })).toHaveCount(0);
  await page
    .getByText('First-frost supper, again is deleted')
    .locator('..')
    .locator('..')
    .getByRole('button', { name: 'Undo' })
    .click();
  await expect(page.getByRole('link', { name: 'Open First-frost supper, again' })).toBeVisible();

  await page.getByRole('button', { name: 'More for First-frost supper, again' }).click();
  await page.getByRole('menuitem', { name: 'Delete' }).click();
  await expect(page.getByRole('link', { name: 'Open First-frost supper, again' })).toHaveCount(0);
  await comeAgain(page);
  // What was opened while the page was still being read may be closed again.
  const back = page.getByRole('button', { name: 'Bring back' });
  await expect(async () => {
    if (!(await back.isVisible())) await page.getByText('Lately deleted').click();
    await expect(back).toBeVisible({ timeout: 2000 });
  }).toPass();
  await back.click();
  await expect(page.getByRole('link', { name: 'Open First-frost supper, again' })).toBeVisible();
});

test('Meals shows the next serving, the first job and whether it can be done', async ({ page }) => {
  await openSupper(page);
  await goTo(page, 'Meals');
  const row = page.getByRole('listitem').filter({ hasText: 'First-frost supper' });
  await expect(row).toContainText('19:00');
  await expect(row).toContainText('It can be done');
  await expect(row).toContainText('First job Fri 17:00, in 2 d 9 h');
  await page.clock.setFixedTime(new Date('2026-11-28T20:30:00+01:00'));
  await expect(page.getByText('Nothing planned.', { exact: false })).toBeVisible();
  await expect(page.getByRole('heading', { name: 'Past' })).toBeVisible();
});
