import { mkdtempSync, mkdirSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { beginRun, emptyMeal, eventsOf, merged, runDocument, type RunEvent } from '@zemrin/core';
import { appOf } from '../server/app.ts';
import { FollowAlong } from '../server/follow/routes.ts';
import { listen } from '../server/listen.ts';
import { atMost, told, type Line } from './measure.ts';

const BENCH = 'relay';
const FOLLOWERS = 50;
/** Minutes it goes on: ten are what a fire asks; `RELAY_MINUTES` for more or less. */
const MINUTES = Number(process.env.RELAY_MINUTES ?? 1);
/** Each says something so often, milliseconds. */
const SAYS_EVERY_MS = 7000;
/** One in so many of its words is followed by a lost link. */
const LOSES_ONE_IN = 12;
/** Time to hear the last word. */
const LAST_MS = 4000;

/** A device that follows: it hears the stream, says things, and loses its link now and then. */
class Follower {
  log: readonly RunEvent[] = [];
  said = 0;
  lost = 0;
  private place = '';
  private stop: AbortController | undefined;

  constructor(
    private readonly base: string,
    private readonly name: string,
  ) {}

  /** Hears until the link goes. */
  async hear(): Promise<void> {
    const stop = new AbortController();
    this.stop = stop;
    try {
      const headers: Record<string, string> =
        this.place === '' ? {} : { 'last-event-id': this.place };
      const answer = await fetch(`${this.base}/events`, { headers, signal: stop.signal });
      let rest = '';
      for await (const part of answer.body ?? []) {
        rest += new TextDecoder().decode(part);
        const blocks = rest.split('\n\n');
        rest = blocks.pop() ?? '';
        for (const block of blocks) this.take(block);
      }
    } catch {
      // The link is lost: that is what is tried.
    }
  }

  private take(block: string): void {
    const found = /^id: (\S+)\nevent: happened\ndata: (.*)$/.exec(block);
    if (!found?.[1] || !found[2]) return;
    this.place = found[1];
    this.log = merged(this.log, [JSON.parse(found[2]) as RunEvent]);
  }

  lose(): void {
    this.lost++;
    this.stop?.abort();
  }

  async say(): Promise<void> {
    const text = `${this.name} ${this.said++}`;
    const atMin = Date.now() / 60_000;
    const events = eventsOf([{ did: 'noted', text }], this.log, { by: this.name, atMin });
    this.log = merged(this.log, events);
    await fetch(`${this.base}/events`, {
      method: 'POST',
      headers: { 'content-type': 'application/json' },
      body: JSON.stringify({ events: this.log.filter(({ by }) => by === this.name).slice(-20) }),
    });
  }
}

/** Fifty devices on one run: what each has heard at the end, and in which order. */
export async function relayBench(): Promise<Line[]> {
  const dist = mkdtempSync(join(tmpdir(), 'zemrin-'));
  mkdirSync(join(dist, 'assets'));
  writeFileSync(join(dist, 'index.html'), '<title>Zemrin</title>');
  const { server, port } = await listen(appOf(dist, { along: new FollowAlong() }), 4790);
  const meal = emptyMeal('m', 'Supper', '2026-12-05T19:00', 'Europe/Paris', 'Home');
  const run = beginRun(meal, 'run', 0);
  const base = `http://127.0.0.1:${port}/relay/runs/run`;
  await fetch(base, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(runDocument(run)),
  });
  const followers = Array.from({ length: FOLLOWERS }, (_, i) => new Follower(base, `d${i}`));
  const until = Date.now() + MINUTES * 60_000;
  const wait = (ms: number) => new Promise((resolve) => setTimeout(resolve, ms));
  const hearing = followers.map(async (one) => {
    while (Date.now() < until + LAST_MS) {
      const quiet = setTimeout(() => one.lose(), until + LAST_MS - Date.now());
      await one.hear();
      clearTimeout(quiet);
      await wait(200);
    }
  });
  const saying = followers.map(async (one, i) => {
    await wait((i * SAYS_EVERY_MS) / FOLLOWERS);
    while (Date.now() < until) {
      await one.say();
      if (one.said % LOSES_ONE_IN === i % LOSES_ONE_IN) one.lose();
      await wait(SAYS_EVERY_MS);
    }
  });
  await Promise.all(saying);
  await Promise.all(hearing);
  server.closeAllConnections();
  server.close();
  const all = new Set(followers.flatMap(({ log }) => log.map(({ id }) => id)));
  const missing = followers.reduce((sum, { log }) => sum + all.size - log.length, 0);
  const order = (log: readonly RunEvent[]) => log.map(({ id }) => id).join(' ');
  const others = followers.filter(({ log }) => order(log) !== order(followers[0]?.log ?? []));
  return [
    told(BENCH, `events said by ${FOLLOWERS} followers in ${MINUTES} min`, all.size, ''),
    told(
      BENCH,
      'links lost on the way',
      followers.reduce((sum, { lost }) => sum + lost, 0),
      '',
    ),
    atMost(BENCH, 'events a follower lacks at the end, of all followers', missing, '', 0),
    atMost(BENCH, 'followers with another order', others.length, '', 0),
  ];
}
