import { mkdtempSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { StationReadingSchema, USUAL_CONDITIONS, type Probed } from '@zemrin/core';
import { afterAll, describe, expect, it } from 'vitest';
import { appOf } from '../app.ts';
import { listen } from '../listen.ts';
import { SimulatedStation } from './simulated-station.ts';

const LEG: Probed = {
  cut: 'lamb-leg-bone-in',
  weightG: 2200,
  startC: 5,
  fromMinute: 30,
  stages: [{ cooker: 'oven', tempC: 160, end: { kind: 'core', coreC: 60 } }],
  conditions: USUAL_CONDITIONS,
  speed: 60,
};

const open: { close: () => void }[] = [];
afterAll(() => open.forEach((one) => one.close()));

async function serve() {
  const dist = mkdtempSync(join(tmpdir(), 'zemrin-'));
  writeFileSync(join(dist, 'index.html'), '<title>Zemrin</title>');
  const station = new SimulatedStation();
  const { server, port } = await listen(appOf(dist, { station }), 4741);
  open.push(server, station);
  return { base: `http://127.0.0.1:${port}/station`, station };
}

const put = (base: string, probe: string, body: unknown) =>
  fetch(`${base}/probes/${probe}`, {
    method: 'PUT',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
  });

describe('the thermometer station', () => {
  it('says what its probes read, as it comes', async () => {
    const { base } = await serve();
    const leave = new AbortController();
    const heard = await fetch(`${base}/readings`, { signal: leave.signal });
    expect(heard.headers.get('content-type')).toContain('text/event-stream');
    expect((await put(base, 'probe%201', LEG)).status).toBe(204);
    const reader = heard.body?.getReader();
    let text = '';
    while (reader && !/data: .*\n\n/.test(text)) {
      text += new TextDecoder().decode((await reader.read()).value);
    }
    leave.abort();
    const data = /data: (.*)\n/.exec(text)?.[1] ?? '';
    const reading = StationReadingSchema.parse(JSON.parse(data));
    expect(reading.probe).toBe('probe 1');
    // Half an hour in, a leg is still cold inside.
    if (reading.coreC !== null) expect(reading.coreC).toBeLessThan(30);
    expect(await (await fetch(`${base}/probes`)).json()).toEqual({ probes: ['probe 1'] });
    await fetch(`${base}/probes/probe%201`, { method: 'DELETE' });
    expect(await (await fetch(`${base}/probes`)).json()).toEqual({ probes: [] });
  });

  it('says what it does not understand, and when all probes are in something', async () => {
    const { base, station } = await serve();
    const wrong = await put(base, 'a', { ...LEG, cut: 'unicorn' });
    expect([wrong.status, await wrong.text()]).toEqual([
      400,
      expect.stringContaining('cut: is no cut of the pantry'),
    ]);
    expect((await put(base, 'a', { ...LEG, weightG: -1 })).status).toBe(400);
    expect((await put(base, 'a', { ...LEG, fromMinute: 'soon' })).status).toBe(400);
    for (let i = 0; i < 8; i++) expect((await put(base, `p${i}`, LEG)).status).toBe(204);
    expect((await put(base, 'p9', LEG)).status).toBe(409);
    station.close();
    expect(station.probes()).toEqual([]);
  });
});
