import { expect } from '@playwright/test';
import { test } from './one-page.ts';
import { goTo, lengthOf, minutesOf, openSupper, segment, startOf, undo } from './supper.ts';

const SMOKE = /^Smoke, Smoked lamb shoulder/;
const MARINATE = /^Marinate, Smoked lamb shoulder/;

test('the meat on the scale changes spoons and plan', async ({ page }) => {
  await openSupper(page);
  const before = await lengthOf(page, SMOKE);
  await goTo(page, 'Bench');
  const yoghurt = page.getByRole('row', { name: /yoghurt, full fat/ });
  await expect(yoghurt).toContainText('508 g');
  const scale = page.getByRole('textbox', { name: 'On the scale' });
  await scale.fill('3 kg');
  await scale.press('Enter');
  await expect(yoghurt).toContainText('640 g');
  await expect(page.getByText('so × 2.16')).toBeVisible();
  await goTo(page, 'Weave');
  // Thicker too: the smoke takes longer, as heat has it.
  await expect.poll(() => lengthOf(page, SMOKE)).toBeGreaterThan(before + 20);
  await goTo(page, 'Table');
  await expect(page.getByRole('textbox', { name: 'Weight of lamb shoulder, bone in' })).toHaveValue(
    '3 kg',
  );
});

test('a later serving time carries the evening with it', async ({ page }) => {
  await openSupper(page);
  const griddle = minutesOf(await startOf(page, /^Griddle, Charred/));
  const serving = page.getByRole('textbox', { name: 'Serve at' });
  await serving.fill('20:00');
  await serving.press('Enter');
  await expect(page.getByText('Griddle the breads, six at a time')).toHaveCount(0);
  await expect
    .poll(async () => minutesOf(await startOf(page, /^Griddle, Charred/)) - griddle)
    .toBeGreaterThan(30);
  await page.getByRole('button', { name: 'A day later' }).click();
  await expect(page.getByRole('button', { name: 'Sun 29 November' })).toBeVisible();
  await expect(page.getByText('first job Sat')).toBeVisible();
});

test('one eater more buys more', async ({ page }) => {
  await openSupper(page, 'Table');
  const weight = page.getByRole('textbox', { name: 'Weight of lamb shoulder, bone in' });
  await expect(weight).toHaveValue('2.38 kg');
  await page.getByRole('button', { name: 'Someone more' }).click();
  await expect(weight).toHaveValue('2.72 kg');
  await page.getByRole('button', { name: /^Place 1: Adult/ }).click();
  await page.getByRole('button', { name: 'Child', exact: true }).click();
  await expect(weight).toHaveValue('2.55 kg');
  await page.getByRole('checkbox', { name: 'mustard' }).check();
  await page.keyboard.press('Escape');
  await expect(
    page.getByText('Duck legs in plum holds mustard (mustard), and 1 at the table do without it.'),
  ).toBeVisible();
});

test('a step’s minutes can be changed, undone and done again', async ({ page }) => {
  await openSupper(page);
  await segment(page, /^Temper, Smoked lamb/).click();
  const minutes = page.getByRole('textbox', { name: 'Minutes' });
  await minutes.fill('1 h');
  await minutes.press('Enter');
  await expect(segment(page, /^Temper, Smoked lamb/)).toHaveAttribute(
    'aria-label',
    /, 1 h, counter/,
  );
  await undo(page);
  await expect(segment(page, /^Temper, Smoked lamb/)).toHaveAttribute(
    'aria-label',
    /, 40 min, counter/,
  );
  await page.locator('body').press('Control+Shift+Z');
  await expect(segment(page, /^Temper, Smoked lamb/)).toHaveAttribute(
    'aria-label',
    /, 1 h, counter/,
  );
  await minutes.fill('3 h');
  await minutes.press('Enter');
  await expect(page.getByText(/2 h is the limit\./)).toBeVisible();
});

test('arrow keys move a step inside its give, and say where it ends', async ({ page }) => {
  await openSupper(page);
  const before = minutesOf(await startOf(page, MARINATE));
  await segment(page, MARINATE).click();
  await page.keyboard.press('ArrowLeft');
  await page.keyboard.press('ArrowLeft');
  await expect.poll(async () => minutesOf(await startOf(page, MARINATE))).toBe(before - 10);
  await expect(page.getByRole('button', { name: 'Let it float' })).toBeVisible();
  await page.getByRole('button', { name: 'Let it float' }).click();
  await expect.poll(async () => minutesOf(await startOf(page, MARINATE))).toBe(before);

  await segment(page, /^Pull, Smoked lamb/).focus();
  // Each press counts from the plan that is drawn, which may still be the one before.
  await expect(async () => {
    await page.keyboard.press('ArrowRight');
    await expect(
      page.getByText(/Pull cannot go further: it must start between 18:36 and 18:48/),
    ).toBeVisible({ timeout: 1000 });
  }).toPass();
  await expect.poll(() => startOf(page, /^Pull, Smoked lamb/)).toBe('18:48');
});

test('dragging moves a step, the rest follows, and one undo takes it all back', async ({
  page,
}) => {
  await openSupper(page);
  const before = minutesOf(await startOf(page, SMOKE));
  const wrap = minutesOf(await startOf(page, /^Wrap, on to 93°/));
  const box = await segment(page, SMOKE).boundingBox();
  if (!box) throw new Error('the smoke is not drawn');
  const y = box.y + box.height - 3;
  await page.mouse.move(box.x + box.width - 6, y);
  await page.mouse.down();
  await page.mouse.move(box.x + box.width + 10, y, { steps: 4 });
  await page.mouse.move(box.x + box.width + 26, y, { steps: 4 });
  await page.mouse.up();
  await expect.poll(async () => minutesOf(await startOf(page, SMOKE))).toBeGreaterThan(before + 10);
  // Plans of the moves on the way may still be drawn, so both are read at one moment.
  await expect
    .poll(async () => {
      const smoke = minutesOf(await startOf(page, SMOKE)) - before;
      return minutesOf(await startOf(page, /^Wrap, on to 93°/)) - wrap - smoke;
    })
    .toBe(0);
  await undo(page);
  await expect.poll(async () => minutesOf(await startOf(page, SMOKE))).toBe(before);
});

test('the panel says times, give and why', async ({ page }) => {
  await openSupper(page);
  await segment(page, SMOKE).click();
  const panel = page.getByRole('region', { name: 'Smoke, Smoked lamb shoulder' });
  await expect(panel).toContainText(/1[01]:\d\d to 14:\d\d/);
  await expect(panel).toContainText(/Eight in ten[23] h( \d\d)? to [456] h/);
  await expect(panel).toContainText(/10:\d\d and 12:\d\d/);
  await expect(panel.getByRole('link', { name: /look into it on Heat/ })).toBeVisible();
  await segment(page, /^Braise/).click();
  await expect(page.getByRole('region', { name: 'Braise, Duck legs in plum' })).toContainText(
    /is kept in hand, and Hold, lid on/,
  );
  await segment(page, /^Light the smoker/).click();
  const fire = page.getByRole('region', { name: 'Light the smoker, Smoked lamb shoulder' });
  await expect(fire).toContainText('carbon monoxide');
  await expect(fire).toContainText('Your local food authority’s rules come first.');
  await page.getByText('All times as a list').click();
  await expect(page.getByRole('row', { name: /Dry salt Duck legs in plum/ })).toContainText(
    /2[12] h/,
  );
});

test('a meal that cannot be done says why and offers times that work', async ({ page }) => {
  await openSupper(page, 'Table');
  for (let i = 0; i < 3; i++) await page.getByRole('button', { name: 'A day earlier' }).click();
  await expect(page.getByText('No, not by Wed 19:00.')).toBeVisible();
  await goTo(page, 'Weave');
  await expect(page.getByRole('heading', { name: /It cannot be done by Wed 19:00/ })).toBeVisible();
  await expect(page.getByText(/Dry salt \(Duck legs in plum\) needs at least 12 h/)).toBeVisible();
  await page
    .getByRole('button', { name: /^Serve at/ })
    .first()
    .click();
  await expect(page.locator('aside').getByText(/^\d+ in 100 on time$/)).toBeVisible();
  await expect(page.getByText(/wants four hands/)).toHaveCount(0);
});

test('a dish is renamed where it stands, and taken off the table', async ({ page }) => {
  await openSupper(page, 'Table');
  const name = page.getByRole('textbox', { name: 'Name of Charred flatbreads' });
  await name.fill('Hearth breads');
  await name.press('Enter');
  await goTo(page, 'Weave');
  await expect(page.getByRole('heading', { name: 'Hearth breads' })).toBeVisible();
  await goTo(page, 'Table');
  await page.getByRole('button', { name: 'Take Hearth breads off the table' }).click();
  await goTo(page, 'Weave');
  await expect(page.getByRole('heading', { name: 'Hearth breads' })).toHaveCount(0);
  await expect(page.getByRole('heading', { name: 'Duck legs in plum' })).toBeVisible();
});

test('a surer evening is bought with time in hand, and what moved is told', async ({ page }) => {
  await openSupper(page);
  await expect(page.getByText('No plan is better.')).toBeVisible();
  await expect(page.getByText(/Most often late because of/)).toBeVisible();
  const chance = async () =>
    Number(
      /(\d+) in 100/.exec(
        await page
          .getByText(/in 100 on time/)
          .last()
          .innerText(),
      )?.[1],
    );
  const usual = await chance();
  const slider = page.getByRole('slider', { name: 'Later start or surer' });
  await slider.press('Home');
  await expect(slider).toHaveAttribute('aria-valuetext', /^0\.0 of what/);
  await expect.poll(chance).toBeLessThan(usual);
  const moved = page.getByRole('heading', { name: 'Moved by your last change' });
  await expect(moved).toBeVisible();
  await slider.press('End');
  await expect.poll(chance).toBeGreaterThanOrEqual(usual - 1);
});

test('the meal that cannot be done says why, and one key takes the cheapest way out', async ({
  page,
}) => {
  await openSupper(page, 'Weave', undefined, 'Thursday in a hurry');
  await expect(page.getByText(/It cannot be done by/)).toBeVisible();
  await expect(page.getByText(/You are away from 08:30 to 17:00/)).toBeVisible();
  await expect(page.getByRole('button', { name: /^Serve at/ }).first()).toBeVisible();
  await page.keyboard.press('r');
  await expect(page.getByText(/It cannot be done by/)).toHaveCount(0);
  await page.locator('body').press('Control+z');
  await expect(page.getByText(/It cannot be done by/)).toBeVisible();
});

test('two steps that want the one pot are put one after the other', async ({ page }) => {
  await openSupper(page);
  const into = async (name: RegExp) => {
    await segment(page, name).click();
    // Not the step that was open before.
    await expect(page.getByText(name).first()).toBeVisible();
    await page.getByRole('button', { name: 'Change it' }).click();
    await page.getByLabel('In what').selectOption('braising pan');
    await page.getByRole('button', { name: 'Keep it' }).click();
  };
  await into(/^Hold, lid on, Duck/);
  await into(/^Reduce by half, Plum/);
  // The hold ends in time for the pan to be washed before the gloss is reduced in it.
  const between = async () => {
    const hold = (await segment(page, /^Hold, lid on, Duck/).getAttribute('aria-label')) ?? '';
    const ends = / to (\d\d:\d\d),/.exec(hold)?.[1] ?? '';
    return minutesOf(await startOf(page, /^Reduce by half, Plum/)) - minutesOf(ends);
  };
  await expect.poll(between).toBeGreaterThanOrEqual(5);
  await expect(page.getByText(/the braising pan is wanted twice/)).toHaveCount(0);
});
