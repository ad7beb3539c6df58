import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { expectNoFindings } from './axe.ts';
import { goTo, openSupper, segment } from './supper.ts';

const RECIPE = `Cider-braised hock
Serves 4
Ingredients
2 ham hocks
500 ml dry cider
2 onions, sliced
Method
Brown the hocks for 8 to 10 minutes. Add the onions and cook 10 minutes. Pour in the cider, cover and simmer for 2½ to 3 hours, turning every 45 minutes.
Rest for 15 minutes, then shred.
The dog gets the bone.`;

test('a pasted recipe becomes a chain on the table, and nothing of it is lost', async ({
  page,
}) => {
  await openSupper(page, 'Dishes');
  await page.getByRole('link', { name: 'Paste a recipe' }).click();
  await page.getByRole('textbox', { name: 'The recipe' }).fill(RECIPE);
  const right = page.getByRole('region', { name: 'What was understood' });
  await expect(right).toContainText('Cider-braised hock');
  // However long its sentences, it stands beside the shelf and not below it.
  await expect(right).toBeInViewport({ ratio: 0.1 });
  await expect(right.getByRole('list', { name: 'Steps' }).getByRole('listitem')).toHaveCount(5);
  await expect(right.getByRole('textbox', { name: /^Time of Simmer/ })).toHaveValue(
    /2 h 30 to 3 h, turn every 45 min/,
  );
  const left = page.getByRole('list', { name: 'What you pasted' });
  await expect(left.getByText('The dog gets the bone.')).toContainText('The dog');
  await expect(left).toContainText('not understood');
  await expectNoFindings(page);

  // What was read wrongly is written anew, moved, or left out; the chain that was mended stays.
  await right.getByRole('textbox', { name: /^Time of Simmer/ }).fill('3 h');
  await right.getByRole('textbox', { name: /^Time of Simmer/ }).press('Enter');
  const cider = right.getByRole('textbox', { name: 'Line of dry cider' });
  await cider.fill('500 ml');
  await cider.press('Enter');
  await expect(right.getByRole('alert')).toContainText('names nothing to eat');
  await cider.fill('750 ml dry cider');
  await cider.press('Enter');
  await right.getByRole('combobox', { name: 'Where onions goes' }).selectOption('Sauce');
  await right.getByRole('textbox', { name: 'Add an ingredient' }).fill('1 tsp mustard seed');
  await right.getByRole('textbox', { name: 'Add an ingredient' }).press('Enter');
  await expect(right.getByRole('textbox', { name: 'Line of mustard seed' })).toBeVisible();
  await right.getByRole('button', { name: 'Leave mustard seed out' }).click();
  await expect(right.getByRole('textbox', { name: 'Line of mustard seed' })).toBeHidden();
  await expect(right.getByRole('textbox', { name: /^Time of Simmer/ })).toHaveValue(/^3 h/);
  await page.getByRole('button', { name: 'Put this dish on the table' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of Cider-braised hock' })).toBeVisible();
  await goTo(page, 'Weave');
  await expect(segment(page, /Cider-braised hock/).first()).toBeVisible();
});

test('a chain is edited by saying times, adding, moving, forking and undoing', async ({ page }) => {
  await openSupper(page, 'Dishes');
  await page.getByRole('link', { name: 'Roots from the oven' }).click();
  await page.getByRole('button', { name: 'Put it on the table' }).click();
  const steps = page.getByRole('list', { name: 'Steps' });
  await expect(steps.getByRole('listitem')).toHaveCount(3);

  const time = page.getByRole('textbox', { name: 'Time of Roast' });
  await time.fill('25–30 min, then glaze, then 10–15');
  await expect(
    page.getByText('Understood: 25 min to 30 min, then glaze, then roast'),
  ).toBeVisible();
  await time.press('Enter');
  await expect(steps.getByRole('listitem')).toHaveCount(5);
  await expect(time.first()).toHaveValue(/25 min to 30 min/);

  await time.first().fill('with love');
  await time.first().press('Enter');
  await expect(page.getByText('No time, heat or doneness in “with love”.')).toBeVisible();
  await time.first().press('Escape');

  const add = page.getByRole('textbox', { name: 'Add a step' });
  await add.fill('Rest 5 to 10 min');
  await add.press('Enter');
  await expect(steps.getByRole('listitem')).toHaveCount(6);
  await page.getByRole('button', { name: 'Rest earlier' }).click();
  await expect(steps.getByRole('listitem').nth(4)).toContainText('rest');
  await page.getByRole('button', { name: 'What Rest follows' }).click();
  await page.getByRole('menuitemcheckbox', { name: /Oven to 200/ }).click();
  await page.keyboard.press('Escape');
  await expect(page.getByRole('button', { name: 'What Rest follows' })).toContainText(
    'Oven to 200°',
  );
  for (const _each of [1, 2, 3, 4]) await page.getByRole('button', { name: 'Undo' }).click();
  await expect(steps.getByRole('listitem')).toHaveCount(3);
});

test('a step is dragged to another place by its grip, or moved by the keyboard', async ({
  page,
}) => {
  await openSupper(page, 'Dishes');
  const steps = page.getByRole('list', { name: 'Steps' }).getByRole('listitem');
  const third = await steps.nth(2).getByRole('textbox').first().inputValue();
  const grip = page.getByRole('button', { name: `Move ${third}` });
  await grip.focus();
  await page.keyboard.press('Space');
  await expect(page.getByText(new RegExp(`${third} is (?:lifted|at ${third})`))).toBeAttached();
  await page.keyboard.press('ArrowUp');
  await expect(page.getByText(new RegExp(`${third} is at (?!${third})`))).toBeAttached();
  await page.keyboard.press('Space');
  await expect(page.getByText(`${third} is put down.`)).toBeAttached();
  await expect(steps.nth(1).getByRole('textbox').first()).toHaveValue(third);
  const box = await grip.boundingBox();
  const target = await steps.nth(3).boundingBox();
  if (!box || !target) throw new Error('no grip');
  await page.mouse.move(box.x + 8, box.y + 20);
  await page.mouse.down();
  await page.mouse.move(box.x + 8, target.y + 20, { steps: 8 });
  await page.mouse.move(box.x + 8, target.y + 34, { steps: 4 });
  await page.mouse.up();
  await expect(steps.nth(1).getByRole('textbox').first()).not.toHaveValue(third);
});

test('a dish goes out to a file and comes back, and no other file is taken for one', async ({
  page,
}) => {
  await openSupper(page, 'Dishes');
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'As a dish file' }).click();
  const file = readFileSync(await (await download).path(), 'utf8');
  expect(JSON.parse(file)).toMatchObject({
    zemrin: 'dish',
    dish: { name: 'Smoked lamb shoulder' },
  });
  const input = page.getByLabel('A dish from a file');
  await input
    .last()
    .setInputFiles({ name: 'd.json', mimeType: 'application/json', buffer: Buffer.from(file) });
  // It is looked at before it comes onto the table, and beside what is there.
  const preview = page.getByRole('dialog', { name: 'Smoked lamb shoulder' });
  await expect(preview).toContainText('There is a dish of this name on the table.');
  await expect(preview.getByRole('listitem').first()).toBeVisible();
  await expectNoFindings(page);
  await preview.getByRole('button', { name: 'Keep both' }).click();
  await expect(page.getByRole('link', { name: 'Smoked lamb shoulder' })).toHaveCount(2);
  await input
    .last()
    .setInputFiles({ name: 'd.json', mimeType: 'application/json', buffer: Buffer.from(file) });
  await preview.getByRole('button', { name: 'Replace mine' }).click();
  await expect(preview).toBeHidden();
  await expect(page.getByRole('link', { name: 'Smoked lamb shoulder' })).toHaveCount(2);
  await input.last().setInputFiles({
    name: 'x.json',
    mimeType: 'application/json',
    buffer: Buffer.from('{"zemrin":"dish","version":1}'),
  });
  await expect(page.getByRole('alert')).toContainText('dish: is missing');
});

test('a kitchen comes in only as far as the cook takes it', async ({ page }) => {
  await openSupper(page, 'Kitchen');
  await page.getByRole('button', { name: 'What food lies in', exact: true }).click();
  const download = page.waitForEvent('download');
  await page.getByRole('button', { name: 'Export', exact: true }).click();
  const file = readFileSync(await (await download).path(), 'utf8');
  const document: unknown = JSON.parse(file);
  const other = JSON.stringify(document).replace('"vessels":[', '"vessels":[' + COPPER + ',');
  const take = () =>
    page
      .locator('input[type=file]')
      .last()
      .setInputFiles({ name: 'k.json', mimeType: 'application/json', buffer: Buffer.from(other) });
  await take();
  const preview = page.getByRole('dialog');
  await expect(preview).toContainText('New: Copper pan.');
  await preview.getByRole('button', { name: 'Leave mine' }).click();
  await expect(page.getByRole('textbox', { name: 'Name of Copper pan' })).toBeHidden();
  await take();
  await preview.getByRole('button', { name: 'Keep mine, add what is new' }).click();
  await expect(page.getByText('What was new is in “Lock cottage” now.')).toBeVisible();
  await expect(page.getByRole('textbox', { name: 'Width of Copper pan' })).toHaveValue('24 cm');
});

const COPPER = '{"id":"copper","name":"Copper pan","kind":"pan","capacityMl":2200,"widthCm":24}';
