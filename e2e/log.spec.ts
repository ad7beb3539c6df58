import { expect, test } from '@playwright/test';
import { expectNoFindings } from './axe.ts';
import { goTo, openSupper } from './supper.ts';

test('earlier suppers are told against their plan, and what they ask for is taken', async ({
  page,
}) => {
  await openSupper(page, 'Table');
  const next = page.getByRole('region', { name: 'Next time' });
  const honey = next.getByRole('listitem').filter({ hasText: 'Two spoons of honey' });
  await expect(honey).toContainText('honey: ½ tbsp instead of 1 tbsp');
  await honey.getByRole('button', { name: /^Take/ }).click();
  await expect(honey).toHaveCount(0);
  await goTo(page, 'Bench');
  await expect(
    page
      .getByRole('textbox', { name: /honey, recipe/i })
      .or(page.getByText('½ tbsp'))
      .first(),
  ).toBeVisible();
  // Taken with one key, undone with one.
  await page.keyboard.press('Control+z');
  await goTo(page, 'Table');
  await expect(honey).toHaveCount(1);
  await honey.getByRole('button', { name: /^Leave/ }).click();
  await expect(honey).toHaveCount(0);

  await page.locator('body').press('7');
  await expect(page).toHaveURL(/\/log$/);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('and how it went');
  await expect(page.getByText(/foreseen \d+ in 100/)).toBeVisible();
  await expectNoFindings(page);
  await page.getByRole('searchbox').fill('salty');
  const runs = page.getByRole('region', { name: 'Cooked' }).getByRole('listitem');
  await expect(runs).toHaveCount(1);
  await runs.getByRole('link').click();
  await expect(page.getByText('The beetroot was too salty')).toBeVisible();
  await expect(page.getByText(/\d\d min late/)).toBeVisible();

  // Said afterwards, and kept.
  const lamb = page.getByRole('region', { name: 'Smoked lamb shoulder' });
  await lamb.getByRole('slider', { name: 'salt' }).press('ArrowRight');
  await expect(lamb.getByRole('slider', { name: 'salt' })).toHaveAttribute(
    'aria-valuetext',
    'too much',
  );
  await lamb
    .getByRole('textbox', { name: 'What was said of Smoked lamb shoulder' })
    .fill('bark too dark');
  await lamb.getByRole('button', { name: 'Keep' }).click();
  await expect(lamb.getByText('bark too dark')).toBeVisible();
  await page.reload();
  await expect(lamb.getByText('bark too dark')).toBeVisible();
  await expect(runs).toHaveCount(2);
});

test('the kitchen says what it was taught, and reckons with it when told to', async ({ page }) => {
  await openSupper(page, 'Kitchen');
  const learnt = page.getByRole('listitem').filter({ hasText: /^Charcoal smoker runs \d+° cool/ });
  await expect(learnt).toContainText(/from \d cooks/);
  await learnt.getByRole('button', { name: 'Reckon with it' }).click();
  await expect(learnt.getByText('Reckoned with.')).toBeVisible();
  await expect(page.getByRole('textbox', { name: /Charcoal smoker.*hot/i })).not.toHaveValue('0');
  await learnt.getByRole('button', { name: 'Reset' }).click();
  await expect(learnt.getByRole('button', { name: 'Reckon with it' })).toBeVisible();
});
