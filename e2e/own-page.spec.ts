import { expect, test } from '@playwright/test';
import { expectNoFindings } from './axe.ts';
import { goTo, openSupper, segment, startOf } from './supper.ts';

// What these change outlives a meal (the kitchen, the pantry, measures, the clock, how the weave is
// shown), so each has a page of its own; see one-page.ts.

const SMOKE = /^Smoke, Smoked lamb shoulder/;

test('the cook’s hours change the plan', async ({ page }) => {
  await openSupper(page);
  await page.getByRole('button', { name: 'Your hours and measures' }).click();
  const work = page.getByRole('group', { name: 'work' });
  await work.getByRole('checkbox', { name: 'Fri' }).uncheck();
  await page.getByRole('button', { name: 'Keep these' }).click();
  await expect(page.getByText(/^first job Fri 1[45]:/)).toBeVisible();
});

test('a cook in the United States reads pounds, cups and a twelve-hour clock', async ({ page }) => {
  await openSupper(page);
  await page.getByRole('button', { name: 'Your hours and measures' }).click();
  await page.getByLabel('Weights and heat').selectOption({ label: 'pounds, °F' });
  await page.getByLabel('Cups and spoons').selectOption({ label: 'United States' });
  await page.getByLabel('Clock').selectOption({ label: '7:00 pm' });
  await page.getByRole('button', { name: 'Keep these' }).click();
  await expect(page.getByRole('textbox', { name: 'Serve at' })).toHaveValue('7:00 pm');
  await expect(segment(page, SMOKE)).toHaveAttribute('aria-label', /1[01]:\d\d am to 2:\d\d pm/);
  await goTo(page, 'Bench');
  await expect(page.getByRole('textbox', { name: 'On the scale' })).toHaveValue('5 lb 4 oz');
  await page.getByRole('button', { name: 'Undo' }).click();
  await expect(page.getByRole('textbox', { name: 'On the scale' })).toHaveValue('2.38 kg');
});

test('what has begun stays, and the plan goes on from there', async ({ page }) => {
  await openSupper(page, 'Weave');
  await page.clock.setFixedTime(new Date('2026-11-27T17:20:00+01:00'));
  await expect(page.getByText('Now Fri 17:20')).toBeVisible();
  await expect(page.getByRole('heading', { name: 'What would work' })).toHaveCount(0);
  await segment(page, /^Salt, Duck/).click();
  await page.getByRole('button', { name: 'Begun now' }).click();
  await expect.poll(() => startOf(page, /^Salt, Duck/)).toBe('Fri 17:20');
  await expect(page.getByText('You began it at Fri 17:20.')).toBeVisible();
});

test('ovens and rings lie below the threads; what one ring asks of the food is told', async ({
  page,
}) => {
  await openSupper(page);
  await expect(page.getByText('1 of 2 shelves')).toBeVisible();
  await expect(page.getByText('3 of 4 rings')).toBeVisible();
  await goTo(page, 'Kitchen');
  const rings = page.getByRole('textbox', { name: 'How much fits in or on Hob' });
  await rings.fill('none');
  await rings.press('Enter');
  await expect(page.getByRole('alert')).toContainText('“none” is no number of shelves or rings');
  await rings.fill('1');
  await rings.press('Enter');
  await goTo(page, 'Weave');
  await expect(page.getByText('What gives way')).toBeVisible();
  await page
    .getByRole('button', { name: /waits .* longer than you like/ })
    .first()
    .click();
  await expect(page).toHaveURL(/\/weave\/duck-/);
  await page.locator('body').press('Control+z');
  await expect(page.getByText('What gives way')).toHaveCount(0);
});

test('whoever helps does what would be done at the same time', async ({ page }) => {
  await openSupper(page, 'Kitchen');
  // The people in the drawing: a touch on them shows who they are.
  await page.getByRole('button', { name: 'People and hours: 2 at work' }).click();
  await page.getByRole('textbox', { name: 'Name of Ida' }).fill('Jon');
  await page.getByRole('textbox', { name: 'Name of Ida' }).press('Enter');
  await goTo(page, 'Weave');
  await expect(page.getByTitle(/^Jon: /).first()).toBeVisible();
  await goTo(page, 'Kitchen');
  await page.getByRole('button', { name: 'People and hours', exact: true }).click();
  await page.getByRole('button', { name: 'Jon does not help' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of Jon' })).toHaveCount(0);
  await goTo(page, 'Weave');
  await expect(page.getByRole('heading', { name: 'Your hands' })).toBeVisible();
  await expect(page.getByTitle(/^Jon: /)).toHaveCount(0);
});

test('the same plan lies by place, where a step is chosen and moved as well', async ({ page }) => {
  await openSupper(page);
  await expect(page.getByRole('button', { name: 'By place' })).toBeVisible();
  await page.keyboard.press('p');
  await expect(page.getByRole('button', { name: 'By place' })).toHaveAttribute(
    'aria-pressed',
    'true',
  );
  await expect(page.getByRole('heading', { name: 'Charcoal smoker' })).toBeVisible();
  const marinate = segment(page, /^Marinate, Smoked/);
  await marinate.click();
  await expect(page.getByRole('region', { name: 'Marinate, Smoked lamb shoulder' })).toBeVisible();
  const before = await startOf(page, /^Marinate, Smoked/);
  await marinate.press('ArrowLeft');
  await expect.poll(() => startOf(page, /^Marinate, Smoked/)).not.toBe(before);
});

test('an oven that heats slowly holds up the plan, and a helper keeps to the board', async ({
  page,
}) => {
  await openSupper(page, 'Kitchen');
  await page.getByRole('button', { name: 'Oven: 2 shelves' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of Oven' })).toBeFocused();
  const falls = page.getByRole('textbox', { name: 'Oven falls, °C a minute' });
  await falls.fill('slow');
  await falls.press('Enter');
  await expect(page.getByRole('alert')).toContainText('“slow”');
  await falls.fill('2');
  await falls.press('Enter');
  await page.getByRole('button', { name: 'People and hours', exact: true }).click();
  await expect(page.getByRole('img', { name: 'Sat: asleep, Ida, asleep' })).toBeVisible();
  for (const place of ['hob', 'oven', 'fire']) {
    await page.getByRole('button', { name: `Ida may work at the ${place}` }).click();
  }
  await goTo(page, 'Weave');
  await expect(page.getByTitle(/^Ida: Griddle/)).toHaveCount(0);
});

test('a mixture is made from nothing, with an ingredient of one’s own', async ({ page }) => {
  await openSupper(page, 'Bench');
  await expect(page.getByRole('textbox', { name: 'On the scale' })).toBeVisible();
  await page.getByRole('button', { name: 'New mixture' }).click();
  const dialog = page.getByRole('dialog', { name: 'New mixture' });
  await dialog.getByLabel('Name').fill('Spruce rub');
  await dialog.getByLabel('What it is').selectOption('rub');
  await dialog.getByLabel('Of which dish').selectOption('Duck legs in plum');
  await dialog.getByRole('button', { name: 'Put it on the bench' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Spruce rub' })).toBeVisible();
  await page.getByRole('button', { name: /^Add a line/ }).click();
  await page.getByPlaceholder(/Garlic, lime/).fill('spruce tips');
  await page.getByRole('button', { name: 'Add “spruce tips” as your own' }).click();
  const form = page.getByRole('dialog', { name: 'New ingredient' });
  await expectNoFindings(page);
  await form.getByLabel('Grams in a millilitre').fill('heavy');
  await form.getByRole('button', { name: 'Keep it as my own' }).click();
  await expect(form.getByRole('alert')).toContainText('gPerMl');
  await form.getByLabel('Grams in a millilitre').fill('0,3');
  await form.getByRole('button', { name: 'Keep it as my own' }).click();
  await expect(page.getByRole('row', { name: /spruce tips/ }).first()).toContainText('18 g');

  await page.locator('body').press('m');
  const change = page.getByRole('dialog', { name: 'Change Spruce rub' });
  await change.getByLabel('Reckon the salt from a target').check();
  await change.getByLabel('Keep a part clean').check();
  await change.getByLabel('Vessel').selectOption('mixing bowl');
  await expectNoFindings(page);
  await page.keyboard.press('Escape');
  await expect(page.getByText('Keep clean first')).toBeVisible();
  await expect(page.getByRole('img', { name: /mixing bowl/ })).toBeVisible();
});

test('how it is done is set in Kitchen and overruled for a dish', async ({ page }) => {
  await openSupper(page, 'Kitchen');
  await page.getByRole('button', { name: 'How we do it' }).click();
  const washing = page.getByRole('combobox', { name: 'Washing raw meat' });
  await expect(page.getByText('Public guidance is against it', { exact: false })).toBeVisible();
  await washing.selectOption({ label: 'With lime or vinegar' });
  await goTo(page, 'Weave');
  await expect(segment(page, /^Wash the meat, then sink and hands, Smoked/)).toBeVisible();
  await expect(segment(page, /^Wash the meat, then sink and hands, Duck/)).toBeVisible();
  await goTo(page, 'Bench');
  await page
    .getByRole('combobox', { name: 'Washing raw meat' })
    .selectOption({ label: 'Not at all' });
  await goTo(page, 'Weave');
  await expect(segment(page, /^Wash the meat, then sink and hands, Smoked/)).toHaveCount(0);
  await expect(segment(page, /^Wash the meat, then sink and hands, Duck/)).toBeVisible();
});

test('amounts are told in the spoons there are', async ({ page }) => {
  await openSupper(page, 'Kitchen');
  await page.getByRole('button', { name: 'Spoons and cups' }).click();
  for (const spoon of ['1 tbsp', '½ tbsp'])
    await page.getByRole('checkbox', { name: spoon, exact: true }).uncheck();
  await goTo(page, 'Bench');
  await expect(page.getByRole('row', { name: /turmeric/ }).first()).toContainText('tsp');
  await expect(page.getByRole('row', { name: /turmeric/ }).first()).not.toContainText('tbsp');
});

test('the pantry says where its figures come from, and cuts feed so many', async ({ page }) => {
  await openSupper(page, 'Kitchen');
  await page.getByRole('button', { name: 'Pantry', exact: true }).click();
  await page.getByRole('searchbox', { name: 'Find in the pantry' }).fill('pomegranate');
  await page.getByRole('button', { name: /pomegranate syrup/ }).click();
  await expect(page.getByRole('dialog')).toContainText('from memory of food-science tables');
  await page.keyboard.press('Escape');
  await goTo(page, 'Table');
  await page.getByRole('button', { name: 'Add a cut to Duck legs in plum' }).click();
  await page.getByPlaceholder('Shoulder, guinea fowl, roots').fill('guinea fowl');
  await expect(page.getByRole('option', { name: /guinea fowl, whole/ })).toContainText(
    '1 kg feeds',
  );
  await page.keyboard.press('Enter');
  await expect(page.getByRole('textbox', { name: 'Weight of guinea fowl, whole' })).toHaveValue(
    /kg$/,
  );
});
