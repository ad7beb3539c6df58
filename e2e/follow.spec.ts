import { spawn } from 'node:child_process';
import { expect, test, type Page } from '@playwright/test';
import { expectNoFindings } from './axe.ts';

const now = (page: Page) => page.getByRole('region', { name: 'Now' });

/** A kitchen that serves its home network, and the name another device reaches it by. */
async function homeKitchen(wanted: number) {
  const server = spawn(process.execPath, ['--import', 'tsx', 'server/main.ts', '--lan'], {
    env: { ...process.env, PORT: String(wanted) },
    stdio: ['ignore', 'pipe', 'inherit'],
  });
  let said = '';
  const [, port = '', code = ''] = await new Promise<RegExpExecArray>((resolve, reject) => {
    server.once('exit', () => reject(new Error(`The server ended: ${said}`)));
    server.stdout.on('data', (part: Buffer) => {
      said += part.toString();
      const told = /127\.0\.0\.1:(\d+)[^]*with the code (\S+)\n/.exec(said);
      if (told) resolve(told);
    });
  });
  return {
    code,
    here: `http://127.0.0.1:${port}`,
    there: `http://kitchen.home:${port}`,
    close: () => server.kill(),
  };
}

async function shareSupper(page: Page, address: string): Promise<void> {
  await page.goto(address);
  await page.getByRole('button', { name: 'Open “First-frost supper”' }).click();
  await page.getByRole('link', { name: 'Cook', exact: true }).click();
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await page.getByRole('button', { name: 'Other devices' }).click();
  await page.getByRole('button', { name: 'Share this run' }).click();
  await expect(page.getByRole('dialog').getByText(/^Shared\./)).toBeVisible();
}

test('a phone at the fire joins with the code, marks things done, and works on without a link', async ({
  page,
  browser,
}) => {
  const kitchen = await homeKitchen(4461);
  await shareSupper(page, kitchen.here);
  await expect(page.getByRole('dialog')).toContainText(kitchen.code);
  await expectNoFindings(page);
  await page.keyboard.press('Escape');

  const context = await browser.newContext({ viewport: { width: 390, height: 844 } });
  const phone = await context.newPage();
  await phone.goto(`${kitchen.there}/follow#ABCD-2345`);
  await expect(phone.getByRole('alert')).toContainText('That is not the code');
  await expectNoFindings(phone);
  await phone.getByRole('textbox', { name: 'Code' }).fill(kitchen.code.toLowerCase());
  await phone.getByRole('button', { name: 'Join' }).click();
  await expect(now(phone)).toHaveAttribute('data-call', /^begin /);
  // Done there is done here, and the other way about.
  await phone.keyboard.press('Space');
  await expect.poll(() => saidIn(page, 'started')).toHaveLength(1);
  await expect(now(page)).toBeVisible();
  await page.keyboard.press('Space');
  await expect.poll(() => saidIn(phone, 'started').then((all) => all.length)).toBeGreaterThan(1);

  // The link is lost; both go on, and both have all of it when it is back.
  await context.setOffline(true);
  await note(phone, 'The lid is hot');
  await note(page, 'The guests rang');
  await context.setOffline(false);
  for (const one of [page, phone]) {
    await expect(one.getByRole('button', { name: 'Other devices' })).toBeVisible();
    await expect
      .poll(() => notesIn(one), { timeout: 30_000 })
      .toEqual(['The guests rang', 'The lid is hot']);
  }
  // Ended where it is cooked, it stays ended: the phone goes on by itself.
  await page.getByRole('button', { name: 'Other devices' }).click();
  await page.getByRole('button', { name: 'Share it no more' }).click();
  await expect(phone.getByText(/^Shared\./)).toHaveCount(0);
  await expect(now(phone)).toBeVisible();
  await context.close();
  kitchen.close();
});

async function note(page: Page, text: string): Promise<void> {
  await expect(now(page)).toBeVisible();
  await page.keyboard.press('m');
  await page.getByRole('textbox', { name: 'What happened' }).fill(text);
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByRole('dialog')).toHaveCount(0);
}

/** Every note this browser has stored, in the order of its words. */
const notesIn = (page: Page) => saidIn(page, 'noted');

/** What has happened in the runs that are cooked here: the texts of notes, the steps of all else. */
function saidIn(page: Page, did: string): Promise<string[]> {
  return page.evaluate(
    (wanted) =>
      new Promise<string[]>((resolve, reject) => {
        const opening = indexedDB.open('zemrin');
        opening.onerror = () => reject(new Error('no store'));
        opening.onsuccess = () => {
          const asked = opening.result.transaction('happened').objectStore('happened').getAll();
          asked.onsuccess = () => {
            const all: { did: string; by: string; text?: string; step?: string }[] = asked.result;
            opening.result.close();
            // The suppers of the example were cooked elsewhere, by one called cook.
            const here = all.filter((one) => one.did === wanted && one.by !== 'cook');
            resolve(here.map(({ text, step }) => text ?? step ?? '').sort());
          };
        };
      }),
    did,
  );
}

test('where the network is not served, it says how, and a run goes along as a link', async ({
  page,
  context,
}) => {
  await context.grantPermissions(['clipboard-read', 'clipboard-write']);
  await page.goto('/');
  await page.getByRole('button', { name: 'Open “First-frost supper”' }).click();
  await page.getByRole('link', { name: 'Cook', exact: true }).click();
  await page.getByRole('button', { name: 'Start cooking' }).click();
  await note(page, 'Wind from the north');
  await page.getByRole('button', { name: 'Other devices' }).click();
  await expect(page.getByRole('dialog')).toContainText('npm run demo -- --lan');
  await page.getByRole('button', { name: 'Copy a link' }).click();
  const link = await expect
    .poll(() => page.evaluate(() => navigator.clipboard.readText()))
    .toMatch(/\/open#z=/)
    .then(() => page.evaluate(() => navigator.clipboard.readText()));

  const other = await context.browser()?.newContext();
  const phone = await other?.newPage();
  if (!phone) throw new Error('no second browser');
  await phone.goto(link);
  await expect(phone).toHaveURL(/\/cook$/);
  await expect(now(phone)).toBeVisible();
  await expect.poll(() => notesIn(phone)).toEqual(['Wind from the north']);
  await phone.goto(link.slice(0, -40));
  await expect(phone.getByRole('alert')).toContainText('cut off on its way');
  await other?.close();
});

test('a calendar subscribes to the plan where the network is served', async ({ page, request }) => {
  const kitchen = await homeKitchen(4481);
  await page.goto(kitchen.here);
  await page.getByRole('button', { name: 'Open “First-frost supper”' }).click();
  await page.getByRole('link', { name: 'Lists', exact: true }).click();
  await page.getByRole('button', { name: 'Address for a calendar' }).click();
  const address = page.getByRole('dialog').getByText(/\/calendar\//);
  await expect(address).toBeVisible();
  const path = /\/calendar\/.*$/.exec((await address.textContent()) ?? '')?.[0] ?? '';
  const feed = await request.get(kitchen.here + path);
  expect(await feed.text()).toContain('SUMMARY:Paste on');
  kitchen.close();
});
