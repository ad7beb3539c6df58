import { readFileSync } from 'node:fs';
import { expect, test } from '@playwright/test';
import { expectNoFindings } from './axe.ts';
import { comeAgain, goTo, openSupper } from './supper.ts';

test('the evening by the clock, the shopping, the weighing and what stands ready', async ({
  page,
}) => {
  await openSupper(page, 'Lists');
  await expect(page.getByRole('heading', { name: 'By time', level: 1 })).toBeVisible();
  await expect(page.getByText('Smoked lamb shoulder, Without dairy: meat')).toBeVisible();
  await expect(page.getByRole('img', { name: 'Hands' }).first()).toBeVisible();
  await expectNoFindings(page);

  await page.getByRole('link', { name: 'Shopping' }).click();
  const oil = page.getByRole('checkbox', { name: 'olive oil is at home' });
  await oil.check();
  await comeAgain(page);
  await expect(oil).toBeChecked();
  await page.getByRole('link', { name: 'Fetch and weigh' }).click();
  await expect(page.getByRole('heading', { name: 'Yoghurt and black-lime paste' })).toBeVisible();
  await page.getByRole('link', { name: 'What stands ready' }).click();
  await expect(page.getByText('Thermometer with a probe')).toBeVisible();
});

test('each list prints on few pages, on A4 and on Letter', async ({ page }) => {
  await openSupper(page, 'Lists');
  for (const [list, most] of [
    ['By time', 3],
    ['Shopping', 2],
    ['Fetch and weigh', 2],
    ['What stands ready', 1],
  ] as const) {
    await page.getByRole('link', { name: list, exact: true }).click();
    await expect(page.getByRole('heading', { name: list, level: 1 })).toBeVisible();
    for (const format of ['A4', 'Letter']) {
      const pdf = (await page.pdf({ format, preferCSSPageSize: false })).toString('latin1');
      const pages = pdf.match(/\/Type\s*\/Page[^s]/g)?.length ?? 0;
      expect(pages, `${list} on ${format}`).toBeGreaterThan(0);
      expect(pages, `${list} on ${format}`).toBeLessThanOrEqual(most);
    }
  }
});

test('goes out to tables, pages and calendars; a calendar comes in as away-hours', async ({
  page,
}) => {
  await openSupper(page, 'Lists');
  const save = async (name: string) => {
    const download = page.waitForEvent('download');
    await page.getByRole('button', { name }).click();
    return readFileSync(await (await download).path(), 'utf8');
  };
  expect(await save('As a table (CSV)')).toMatch(/^at,end,dish,what,hands/);
  expect(await save('As a page (Markdown)')).toMatch(/^# First-frost supper/);
  expect(await save('For the calendar (ICS)')).toMatch(/UID:first-frost-supper\.lamb-smoke@zemrin/);

  await goTo(page, 'Kitchen');
  await page.getByRole('button', { name: 'Busy hours from a calendar' }).click();
  const dialog = page.getByRole('dialog', { name: 'Busy hours from a calendar' });
  const busy = [
    'BEGIN:VCALENDAR',
    'VERSION:2.0',
    'PRODID:-//x//y//EN',
    'BEGIN:VEVENT',
    'UID:1@x',
    'DTSTAMP:20261101T000000Z',
    'SUMMARY:Choir',
    'DTSTART:20261127T160000Z',
    'DTEND:20261127T180000Z',
    'END:VEVENT',
    'END:VCALENDAR',
  ].join('\r\n');
  const input = dialog.locator('input[type=file]');
  await input.setInputFiles({
    name: 'x.ics',
    mimeType: 'text/calendar',
    buffer: Buffer.from('nonsense'),
  });
  await expect(dialog.getByRole('alert')).toContainText('This is no calendar file');
  await input.setInputFiles({
    name: 'c.ics',
    mimeType: 'text/calendar',
    buffer: Buffer.from(busy),
  });
  await expect(
    dialog.getByRole('checkbox', { name: /Fri 17:00 to Fri 19:00, Choir/ }),
  ).toBeChecked();
  await dialog.getByRole('button', { name: 'Take these hours' }).click();
  await goTo(page, 'Lists');
  // Salting the duck was at five on Friday: the cook sings then.
  await expect(page.getByText('Fri 17:00')).toHaveCount(0);
});
