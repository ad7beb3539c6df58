import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { describe, expect, it } from 'vitest';
import { runCommandLine } from './command-line.ts';

/** A call of the command line in the test's own process. */
function zemrin(...args: string[]) {
  const said = { out: '', err: '' };
  const code = runCommandLine(args, {
    out: (text) => (said.out += text),
    err: (text) => (said.err += text),
  });
  const json = args.includes('--json') && said.out !== '' ? JSON.parse(said.out) : undefined;
  return { code, err: said.err, json };
}

describe('the command line of a run', () => {
  it('weighs a forecast by a table of readings, and says what is wrong in one', () => {
    const table = join(mkdtempSync(join(tmpdir(), 'zemrin-')), 'readings.csv');
    const cook = 'demo/cooks/smoked-shoulder.json';
    writeFileSync(table, 'minute,probe,coreC\n30,a,5.1\n60,a,7.2\n61,a,70\n90,a,\n');
    const { code, json } = zemrin('forecast', cook, '--readings', table, '--at', '95', '--json');
    expect(code).toBe(0);
    expect(json.trusted.length).toBe(2);
    expect(json.ignored).toEqual([
      { minute: 61, probe: 'a', why: 'slipped' },
      { minute: 90, probe: 'a', why: 'no signal' },
    ]);
    expect(json.readyInMin.least).toBeLessThan(json.readyInMin.likely);
    writeFileSync(table, 'minute,probe,coreC\nsoon,a,9\n');
    const bad = zemrin('forecast', cook, '--readings', table);
    expect(bad.code).toBe(2);
    expect(bad.err).toMatch(/line 2, minute: “soon” is no number/);
    expect(zemrin('forecast', cook).code).toBe(2);
  });

  it('rehearses a meal, the same for one seed, and keeps the run', () => {
    const saved = join(mkdtempSync(join(tmpdir(), 'zemrin-')), 'run.json');
    const now = ['--now', '2026-12-02T08:00:00+01:00'];
    const meal = 'demo/towpath-lunch.json';
    const { code, json } = zemrin('rehearse', meal, ...now, '--save', saved, '--json');
    expect(code).toBe(0);
    expect(Date.parse(json.servedAt) - Date.parse(json.wantedAt)).toBeLessThanOrEqual(5 * 60_000);
    expect(json.stops).toEqual([]);
    const run = JSON.parse(readFileSync(saved, 'utf8'));
    expect([run.zemrin, run.events.length]).toEqual(['run', json.events]);
    const bad = zemrin('rehearse', meal, ...now, '--trouble', 'earthquake');
    expect([bad.code, bad.err]).toEqual([2, expect.stringContaining('There are: late-guests')]);
  });

  it('learns from runs together, and says what is wrong with one', () => {
    const dir = mkdtempSync(join(tmpdir(), 'zemrin-'));
    const saved = [join(dir, '1.json'), join(dir, '2.json')];
    const now = ['--now', '2026-12-02T08:00:00+01:00'];
    for (const [i, file] of saved.entries()) {
      const seed = String(i + 1);
      zemrin('rehearse', 'demo/towpath-lunch.json', '--seed', seed, ...now, '--save', file);
    }
    const run = JSON.parse(readFileSync(saved[0] ?? '', 'utf8'));
    const { atMin, count } = run.events.at(-1);
    const text = 'too salty';
    const [dish] = run.meal.dishes;
    run.events.push({
      id: 'n',
      by: 'n',
      count: count + 1,
      atMin,
      did: 'noted',
      text,
      dish: dish.id,
    });
    writeFileSync(saved[0] ?? '', JSON.stringify(run));
    const { code, json } = zemrin('learn', ...saved, '--json');
    expect(code).toBe(0);
    for (const { offsetC, least, most, from } of json.appliances) {
      expect(least).toBeLessThanOrEqual(offsetC);
      expect(offsetC).toBeLessThanOrEqual(most);
      expect(from).toBeGreaterThan(0);
    }
    const [salted] = json.proposals.filter((one: { because: string }) => one.because === text);
    expect(salted).toMatchObject({ dish: dish.id, dishName: dish.name, event: 'n' });
    writeFileSync(saved[1] ?? '', '{"zemrin":"run","version":1}');
    const bad = zemrin('learn', ...saved);
    expect(bad.code).toBe(2);
    expect(bad.err).toContain('2.json');
  });
});
