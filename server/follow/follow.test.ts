import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beginRun, emptyMeal, eventsOf, merged, runDocument, type RunEvent } from '@zemrin/core';
import fc from 'fast-check';
import { afterAll, describe, expect, it } from 'vitest';
import { appOf } from '../app.ts';
import { listen } from '../listen.ts';
import { Pairing } from './pairing.ts';
import { Relay } from './relay.ts';
import { FollowAlong } from './routes.ts';

const run = beginRun(
  emptyMeal('supper', 'First-frost supper', '2026-12-05T19:00', 'Europe/Paris', 'Home'),
  'run-1',
  0,
);
const note = (by: string, n: number, log: readonly RunEvent[] = []): RunEvent[] =>
  eventsOf([{ did: 'noted', text: `${by} ${n}` }], log, { by, atMin: n });

const open: { close: () => void }[] = [];
afterAll(() => open.forEach((server) => server.close()));

async function served() {
  const dist = mkdtempSync(join(tmpdir(), 'zemrin-'));
  mkdirSync(join(dist, 'assets'));
  writeFileSync(join(dist, 'index.html'), '<title>Zemrin</title>');
  const along = new FollowAlong();
  const { server, port } = await listen(appOf(dist, { along }), 4761);
  open.push(server);
  const base = `http://127.0.0.1:${port}`;
  /** As another device asks: it came by another name than this machine's own. */
  const ask = (path: string, how: { method?: string; body?: unknown; cookie?: string } = {}) =>
    fetch(`${base}${path}`, {
      method: how.method ?? 'GET',
      headers: {
        'content-type': 'application/json',
        ...(how.cookie && { cookie: how.cookie }),
      },
      ...(how.body !== undefined && { body: JSON.stringify(how.body) }),
    });
  return { along, base, port, ask };
}

describe('pairing', () => {
  it('knows its code however it is typed, and no other', () => {
    const pairing = new Pairing();
    expect(pairing.code).toMatch(/^[A-Z2-9]{4}-[A-Z2-9]{4}$/);
    const key = pairing.pair(` ${pairing.code.toLowerCase().replace('-', ' ')} `);
    expect(pairing.isPaired(key)).toBe(true);
    expect(pairing.pair('AAAA-AAAA')).toBeUndefined();
    expect(pairing.isPaired(undefined)).toBe(false);
    expect(pairing.isPaired('')).toBe(false);
  });
});

describe('the relay', () => {
  it('gives 50 followers every event once, in one order, however often links are lost', () => {
    const said = fc.array(
      fc.record({ who: fc.nat(49), links: fc.boolean(), again: fc.boolean() }),
      { minLength: 1, maxLength: 300 },
    );
    fc.assert(
      fc.property(said, (moments) => {
        const relay = new Relay();
        relay.share('r', 'Supper', {});
        const followers = Array.from({ length: 50 }, () => {
          const own = { log: [] as readonly RunEvent[], place: '', stop: () => {}, on: false };
          return own;
        });
        const link = (one: (typeof followers)[number]) => {
          one.on = true;
          one.stop =
            relay.hear('r', one.place, (place, event) => {
              one.place = place;
              one.log = merged(one.log, [event]);
            }) ?? one.stop;
          relay.add('r', one.log);
        };
        moments.forEach(({ who, links, again }, i) => {
          const one = followers[who];
          if (!one) return;
          if (links && !one.on) link(one);
          else if (!links && one.on) {
            one.stop();
            one.on = false;
          }
          const [event] = note(`device ${who}`, i, one.log);
          if (!event) return;
          one.log = merged(one.log, [event]);
          if (one.on) relay.add('r', again ? [event, event] : [event]);
        });
        for (const one of followers) if (!one.on) link(one);
        for (const one of followers) expect(one.log).toEqual(followers[0]?.log);
        expect(followers[0]?.log).toHaveLength(moments.length);
      }),
      { numRuns: 30 },
    );
  });

  it('tells a place of a buffer that is gone from the beginning', () => {
    const relay = new Relay();
    relay.share('r', 'Supper', {});
    relay.add('r', note('a', 1));
    let place = '';
    relay.hear('r', '', (at) => (place = at));
    relay.end('r');
    relay.share('r', 'Supper', {});
    relay.add('r', note('b', 1));
    const heard: string[] = [];
    relay.hear('r', place, (_at, { id }) => heard.push(id));
    expect(heard).toEqual(['b-1']);
  });

  it('tells followers that it is over, and lets none of them share it again', () => {
    const relay = new Relay();
    relay.share('r', 'Supper', {});
    let over = 0;
    relay.hear(
      'r',
      '',
      () => undefined,
      () => over++,
    );
    relay.end('r');
    expect(over).toBe(1);
    expect(relay.share('r', 'Supper', {}, false)).toBe('ended');
    expect(relay.shared()).toEqual([]);
    // Where it is cooked it may be shared once more; then followers may as well.
    expect(relay.share('r', 'Supper', {}, true)).toBeUndefined();
    expect(relay.share('r', 'Supper', {}, false)).toBeUndefined();
  });

  it('holds no more than it said it would', () => {
    const relay = new Relay();
    for (const id of ['a', 'b', 'c', 'd']) expect(relay.share(id, id, {})).toBeUndefined();
    expect(relay.share('e', 'e', {})).toBe('full');
    expect(relay.add('nobody', note('a', 1))).toBe('unknown');
    const many = Array.from({ length: 20_001 }, (_, i) => ({
      id: `x-${i}`,
      by: 'x',
      count: i,
      atMin: 0,
      did: 'served' as const,
    }));
    expect(relay.add('a', many)).toBe('full');
  });
});

describe('following over the network', () => {
  it('lets nobody in without the code, and a device that gave it sees and says all', async () => {
    const { ask, along, base, port } = await served();
    expect((await ask('/relay/runs/run-1', { method: 'PUT', body: runDocument(run) })).status).toBe(
      204,
    );
    // A page that made its own name point here is not this machine.
    const stranger = await new Promise<number>((resolve, reject) => {
      void import('node:http').then(({ get }) =>
        get({ port, path: '/relay/runs', headers: { host: 'elsewhere.example' } }, (answer) => {
          answer.resume();
          resolve(answer.statusCode ?? 0);
        }).on('error', reject),
      );
    });
    expect(stranger).toBe(401);
    const wrong = await ask('/relay/pair', { method: 'POST', body: { code: 'AAAA-AAAA' } });
    expect(wrong.status).toBe(403);
    const paired = await ask('/relay/pair', {
      method: 'POST',
      body: { code: along.pairing.code },
    });
    expect(paired.headers.get('set-cookie')).toMatch(/HttpOnly; SameSite=Strict/);

    const [event] = note('phone', 1);
    const added = await ask('/relay/runs/run-1/events', {
      method: 'POST',
      body: { events: [event, event] },
    });
    expect(await added.json()).toEqual({ added: 1 });
    const stream = await fetch(`${base}/relay/runs/run-1/events`);
    const reader = stream.body?.getReader();
    let heard = '';
    while (!heard.includes('phone-1')) {
      heard += new TextDecoder().decode((await reader?.read())?.value);
    }
    await reader?.cancel();
    expect(heard).toMatch(/id: \w+-1\nevent: happened/);
  });

  it('says what is wrong with what it is sent', async () => {
    const { ask } = await served();
    const bad = await ask('/relay/runs/run-1', { method: 'PUT', body: { zemrin: 'run' } });
    expect(bad.status).toBe(400);
    await ask('/relay/runs/run-1', { method: 'PUT', body: runDocument(run) });
    const events = await ask('/relay/runs/run-1/events', {
      method: 'POST',
      body: { events: [{ did: 'exploded' }] },
    });
    expect([events.status, await events.json()]).toMatchObject([400, { error: /events\.0/ }]);
    expect((await ask('/relay/runs/none')).status).toBe(404);
    const huge = 'x'.repeat(600_000);
    const tooBig = await ask('/relay/calendars/supper', { method: 'PUT', body: { text: huge } });
    expect(tooBig.status).toBe(413);
  });

  it('stops a device that tries codes, and one that floods', async () => {
    const { ask } = await served();
    const tries: number[] = [];
    for (let i = 0; i < 8; i++) {
      const tried = await ask('/relay/pair', { method: 'POST', body: { code: `GUESS-${i}` } });
      tries.push(tried.status);
    }
    expect(tries).toEqual([403, 403, 403, 403, 403, 403, 429, 429]);
  });

  it('feeds a calendar at a secret address, as long as the plan is put there', async () => {
    const { ask } = await served();
    const text = 'BEGIN:VCALENDAR\r\nEND:VCALENDAR\r\n';
    const put = await ask('/relay/calendars/supper', { method: 'PUT', body: { text } });
    const { path } = (await put.json()) as { path: string };
    const feed = await ask(path);
    expect([feed.headers.get('content-type'), await feed.text()]).toEqual([
      'text/calendar; charset=utf-8',
      text,
    ]);
    await ask('/relay/calendars/supper', { method: 'DELETE' });
    expect((await ask(path)).status).toBe(404);
  });
});
