import { expect, test } from '@playwright/test';
import { expectNoFindings } from './axe.ts';
import { openSupper, segment } from './supper.ts';

test('a broken rule is said at its step, mended by one button, or overruled in words', async ({
  page,
}) => {
  await openSupper(page);
  await segment(page, /^Temper, Smoked lamb/).click();
  const minutes = page.getByRole('textbox', { name: 'Minutes' });
  await minutes.fill('3 h');
  await minutes.press('Enter');
  const card = page.getByRole('region', { name: 'Raw food out of the fridge' });
  await expect(card).toContainText(
    /Raw food is lukewarm for \d h \d\d in all, by its surface; 2 h is the limit\./,
  );
  await expect(card).toHaveCount(1);
  await expect(card).toContainText('USDA/FSIS');
  await card.getByRole('button', { name: /^Only 1 h/ }).click();
  await expect(card).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(card).toHaveCount(1);
  // One key does the same.
  await page.keyboard.press('m');
  await expect(card).toHaveCount(0);
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(card).toHaveCount(1);

  await page.getByRole('link', { name: 'Safety sheet' }).click();
  await expect(page.getByRole('heading', { name: 'Safety', exact: true })).toBeVisible();
  await expect(page.getByText('Your local food authority’s rules come before')).toBeVisible();
  await card.locator('summary').click();
  await card.getByRole('textbox').fill('The room is at nine degrees');
  await card.getByRole('button', { name: 'Keep my words' }).click();
  await expect(card).toContainText('You do it anyway: “The room is at nine degrees”');
  await expectNoFindings(page);
  await card.getByRole('button', { name: 'Take that back' }).click();
  await expect(card.getByRole('button', { name: /^Only 1 h/ })).toBeVisible();
});

test('the sheet has the day in its order, and every rule with its source; it prints', async ({
  page,
}) => {
  await openSupper(page);
  await page.getByRole('link', { name: 'Safety sheet' }).click();
  await expect(page.getByText('Nothing. Mind what follows.')).toBeVisible();
  const day = page.getByRole('listitem').filter({ hasText: 'Dry salt' });
  await expect(day.first()).toContainText('Keep it at 4 °C or colder');
  await expect(page.getByText('Source: UK Food Standards Agency')).toBeVisible();
  await page.emulateMedia({ media: 'print' });
  await expect(page.getByRole('button', { name: 'Print it' })).toBeHidden();
  await expect(page.getByRole('navigation', { name: 'Views' })).toBeHidden();
});
