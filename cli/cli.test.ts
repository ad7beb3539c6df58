import { spawnSync } from 'node:child_process';
import { mkdtempSync, readFileSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { beforeAll, describe, expect, it } from 'vitest';
import { bundle } from './build.mjs';
import { runCommandLine } from './command-line.ts';

const root = fileURLToPath(new URL('..', import.meta.url));
const SUPPER = 'demo/first-frost-supper.json';
const NOW = '2026-11-25T08:00';

const LAUNCHER = join(root, 'cli/zemrin.mjs');

/** The command in one file, built once, so that no call has to wait for it. */
beforeAll(bundle, 120_000);

/** What came out, and its documents where it was asked for JSON. */
function heard(code: number | null, out: string, err: string, args: readonly string[]) {
  const lines = out.trim().split('\n');
  const several = args.includes('--json') && lines.every((line) => /^\{.*\}$/.test(line));
  const parsed = () => (several ? lines.map((line) => JSON.parse(line)) : JSON.parse(out));
  const json = args.includes('--json') && out !== '' ? parsed() : undefined;
  return { code, out, err, json };
}

/** A call of the command line in the test's own process. */
function zemrin(...args: string[]) {
  let out = '';
  let err = '';
  const code = runCommandLine(args, {
    out: (text) => (out += text),
    err: (text) => (err += text),
  });
  return heard(code, out, err, args);
}

/** The same as a cook calls it: a process of its own, with something on standard input. */
function fed(input: string, ...args: string[]) {
  const { status, stdout, stderr } = spawnSync(process.execPath, [LAUNCHER, ...args], {
    cwd: root,
    encoding: 'utf8',
    input,
  });
  return heard(status, stdout, stderr, args);
}

function fileWith(text: string): string {
  const file = join(mkdtempSync(join(tmpdir(), 'zemrin-')), 'meal.json');
  writeFileSync(file, text);
  return file;
}

/** What of a meal file these tests change. */
interface Doc {
  readonly serving: object;
  readonly dishes: ReadonlyArray<{ readonly steps: readonly object[] }>;
}

describe('the command line', () => {
  it('says what it can do', () => {
    const { code, out } = fed('', '--help');
    expect([code, out.split('\n')[0]]).toEqual([
      0,
      'zemrin: plan a meal backwards from serving time',
    ]);
  });

  it('plans a meal as its contract says', () => {
    const { code, json } = fed('', 'plan', SUPPER, '--now', NOW, '--json');
    expect(code).toBe(0);
    expect(Object.keys(json)).toEqual(
      expect.arrayContaining([
        'meal',
        'serveAt',
        'zone',
        'status',
        'firstJob',
        'onTime',
        'steps',
        'clashes',
        'because',
        'rescues',
      ]),
    );
    expect(json).toMatchObject({
      meal: 'first-frost-supper',
      serveAt: '2026-11-28T19:00:00+01:00',
      zone: 'Europe/Paris',
      status: 'fits',
      firstJob: '2026-11-27T17:00:00+01:00',
      audit: [],
    });
    const smoke = json.steps.find((s: { id: string }) => s.id === 'lamb-smoke');
    expect(smoke).toMatchObject({ dish: 'lamb', verb: 'smoke', place: 'smoker', placeTempC: 125 });
    const { least, likely, most } = smoke.minutes;
    expect([least < likely, likely < most]).toEqual([true, true]);
    const braise = json.steps.find((s: { id: string }) => s.id === 'duck-braise');
    expect(braise.why).toMatch(/kept in hand/);
    expect(smoke.hands[0]).toMatchObject({ start: smoke.start, what: 'Lamb on, lid down' });
    const fire = json.steps.find((s: { id: string }) => s.id === 'lamb-fire');
    expect(fire.cautions[0].source).toMatch(/from memory/);
    for (const step of json.steps) {
      expect(Date.parse(step.canStartFrom)).toBeLessThanOrEqual(Date.parse(step.start));
      expect(Date.parse(step.start)).toBeLessThanOrEqual(Date.parse(step.mustStartBy));
    }
  });

  it('ends with 3, and still prints the plan, when it cannot be done', () => {
    const late = ['--now', '2026-11-25T08:00', '--serve', '2026-11-25T12:00', '--json'];
    const { code, json } = zemrin('plan', SUPPER, ...late);
    expect(code).toBe(3);
    expect(json.status).toBe('cannot');
    expect(json.because[0]).toBe('Serving is at 12:00.');
    expect(json.because.at(-1)).toMatch(/would have to begin by .*, and it is 08:00 now\.$/);
    expect(json.rescues[0].changes[0].do).toBe('serveAt');
    expect(fed('', 'plan', SUPPER, ...late.slice(0, 4)).out).toMatch(/It cannot be done\./);
  });

  it('cooks a food as its contract says', () => {
    const { code, json } = zemrin('heat', 'demo/cooks/smoked-shoulder.json', '--json');
    expect(code).toBe(0);
    expect(json.minutes.least).toBeLessThan(json.minutes.likely);
    expect(json.minutes.likely).toBeLessThan(json.minutes.most);
    expect(json.curve[0]).toEqual({ minute: 0, coreC: 4.5, surfaceC: 4.5 });
    expect(json.curve.at(-1).minute).toBeGreaterThan(json.minutes.likely);
    expect(json.pullC).toBeCloseTo(93, 0);
    expect(json.peakC).toBeGreaterThan(93);
    expect(json.logReduction).toBeGreaterThan(6.5);
    expect(json.tenderness).toBeGreaterThan(0.6);
    expect(json.warnings).toEqual([]);
    expect(json.checkedBy).toEqual({ fire: 'fitted', cut: 'uncharted', thickness: 'usual' });
  });

  it('says what would make a cook quicker, and what that costs the food', () => {
    const bird = fileWith(
      '{"zemrin":"cook","version":1,"cut":"chicken-whole","weight":"1.6 kg","stages":[{"cooker":"oven","tempC":190,"until":{"coreC":74}}]}',
    );
    const { json } = zemrin('heat', bird, '--quicker', '20', '--json');
    expect(json.quicker.length).toBeGreaterThan(1);
    for (const { savedMin, enough } of json.quicker) expect(enough && savedMin >= 19).toBe(true);
    expect(zemrin('heat', bird, '--quicker', '20').out).toMatch(/sooner: cut along the back/);
    expect(zemrin('heat', bird, '--quicker', 'soon')).toMatchObject({ code: 2 });
  });

  it('says which stage never ends, and what is wrong in a cook file', () => {
    const base = { zemrin: 'cook', version: 1, cut: 'beef-rump-roast', weight: '1.5 kg' };
    const cook = (stages: unknown, more = {}) =>
      zemrin('heat', fileWith(JSON.stringify({ ...base, ...more, stages })), '--json');
    const cool = cook([{ cooker: 'oven', tempC: 60, until: { coreC: 70 } }]);
    expect(cool.code).toBe(3);
    expect(cool.json.warnings[0]).toMatch(/Stage 1 never gets there/);
    const roast = { cooker: 'oven', tempC: 180, until: { finalC: 57 } };
    expect(cook([roast]).json.pullC).toBeLessThan(55);
    expect(cook([roast], { weight: 'heavy' }).err).toMatch(/weight: must be a weight/);
    expect(cook([roast], { cut: 'unicorn' }).err).toMatch(/cut: names “unicorn”, which is no cut/);
    expect(cook([]).err).toMatch(/stages: is too small/);
  });

  it('scales a mixture as its contract says', () => {
    const { code, json } = zemrin(
      'scale',
      SUPPER,
      '--dish',
      'lamb',
      '--mixture',
      'lime-paste',
      '--weight',
      '1.7kg',
      '--json',
    );
    expect(code).toBe(0);
    expect(json.factor).toBeCloseTo(1.7 / 1.5, 9);
    const yoghurt = json.lines.find(({ name }: { name: string }) => name === 'yoghurt, full fat');
    expect(yoghurt.measure).toContain('cup');
    // Of the 1.7 kg, 240 in 2620 parts are the piece without dairy, which gets none of either.
    const main = (1.7 / 1.5) * (2380 / 2620);
    expect(yoghurt.grams).toBeCloseTo(320 * main, 6);
    expect(json.reserve.ml).toBeCloseTo(60 * main, 6);
    const sum = json.lines.reduce((all: number, line: { grams: number }) => all + line.grams, 0);
    expect(json.totals.grams).toBeCloseTo(sum, 9);
    expect(json.window).toMatchObject({
      longestMin: 1440,
      limitedBy: expect.stringMatching(/^Sour milk/),
    });
    expect(json.cover.fits).toBe(true);
    expect(Object.keys(json.totals)).toEqual([
      'grams',
      'ml',
      'saltG',
      'sugarG',
      'sodiumMgPerServing',
    ]);
    expect(json.warnings).toEqual([]);
  });

  it('checks a good file and prints the schema', () => {
    const check = zemrin('check', SUPPER, '--now', NOW, '--json');
    expect(check.code).toBe(0);
    expect(check.json).toMatchObject({ format: 'good', status: 'fits', stops: [], avoids: [] });
    expect(Object.keys(check.json)).toEqual([
      'format',
      'status',
      'onTime',
      'stops',
      'cautions',
      'avoids',
      'audit',
    ]);
    const schema = zemrin('schema', '--json');
    expect(schema.json.properties.zemrin).toEqual({ type: 'string', const: 'meal' });
  });

  it.each([
    [['plan', 'nowhere.json'], /nowhere\.json: cannot be read \(ENOENT\)/],
    [['plan', SUPPER, '--now', 'soon'], /--now: “soon” is not a moment/],
    [
      ['scale', SUPPER, '--dish', 'soup'],
      /--dish: “soup” is not on this meal\. Name one of: lamb, duck/,
    ],
    [['scale', SUPPER, '--dish', 'lamb', '--mixture', 'x'], /Name one of: lime-paste/],
    [
      ['scale', SUPPER, '--dish', 'lamb', '--mixture', 'lime-paste', '--weight', 'heavy'],
      /does not begin with a number/,
    ],
    [['stir', SUPPER], /“stir” is not known/],
    [['plan'], /names no file/],
    [['plan', SUPPER, '--frob'], /--frob/],
  ])('ends with 2 and says what to do: %j', (args, message) => {
    const { code, out, err } = zemrin(...args);
    expect(code).toBe(2);
    expect(out).toBe('');
    expect(err).toMatch(message);
  });

  it('names the file and the path inside it', () => {
    const file = fileWith(
      '{"zemrin":"meal","version":1,"id":"x","title":"X","serving":{"at":"soon","zone":"UTC"}}',
    );
    const { code, err } = zemrin('check', file);
    expect(code).toBe(2);
    expect(err).toContain(`${file}: serving.at: must be a real date and time`);
    expect(err).toContain(`${file}: dishes: is missing`);
  });

  it('reads a recipe as its contract says, and nothing is dropped', () => {
    const text =
      'Hock\n\n1 kg ham hock\n500 ml cider\n\nSimmer the hock in the cider for 2 to 3 hours, stirring every 20 minutes. Rest 15 minutes. Blue is a colour.';
    const { code, json } = zemrin('read', fileWith(text), '--json');
    expect(code).toBe(0);
    expect(Object.keys(json)).toEqual(['dish', 'outline', 'ingredients', 'unread']);
    expect(json.outline).toEqual([
      {
        verb: 'simmer',
        leastMin: 120,
        likelyMin: 150,
        mostMin: 180,
        tendEveryMin: 20,
        place: 'hob',
      },
      { verb: 'rest', leastMin: 15, likelyMin: 15, mostMin: 15, place: 'board' },
    ]);
    expect(json.ingredients[1]).toMatchObject({ name: 'cider', ml: 500 });
    expect(json.unread).toEqual(['Blue is a colour.']);
    expect(zemrin('read', fileWith('  ')).err).toMatch(/holds no text/);
  });

  it('exports to calendars, tables, pages and recipes', () => {
    const to = (...more: string[]) => zemrin('export', SUPPER, '--now', NOW, '--to', ...more);
    expect(to('ics').out).toMatch(/^BEGIN:VCALENDAR\r?\n/);
    expect(to('csv', '--list', 'shopping').out).toMatch(/^day,section,item,buy/);
    expect(JSON.parse(to('jsonld').out)['@graph']).toHaveLength(5);
    expect(to('pdf').err).toMatch(/--to: “pdf” is no format\. Write ics, csv, md or jsonld\./);
  });

  it('ends with 3 when a rule of safety stops the plan, and names the rule', () => {
    const raw = readFileSync(join(root, SUPPER), 'utf8');
    const file = fileWith(
      raw.replace(
        /("id": "lamb-temper"[^]*?"time": )\{[^}]*\}/,
        '$1{ "kind": "fixed", "minutes": 150 }',
      ),
    );
    const { code, json, out } = zemrin('check', file, '--now', NOW, '--json');
    expect(out).not.toBe('');
    expect(code).toBe(3);
    expect(json.stops[0]).toMatchObject({ rule: 'counter', dish: 'lamb' });
    expect(json.stops[0].source).toMatch(/from memory/);
    expect(zemrin('check', file, '--now', NOW).out).toMatch(
      /a good meal file\. Its plan is not safe/,
    );
  });

  it('takes several files: a document a line, the bad one in its place, the gravest exit', () => {
    const bad = fileWith('{"zemrin":"meal"');
    const { code, json, err } = zemrin('plan', SUPPER, bad, SUPPER, '--now', NOW, '--json');
    expect(code).toBe(2);
    expect(json.map((one: { file: string }) => one.file)).toEqual([SUPPER, bad, SUPPER]);
    expect(json[1]).toMatchObject({ format: 'bad', error: expect.stringMatching(/is not JSON/) });
    expect(json[2].steps.length).toBeGreaterThan(10);
    expect(err).toMatch(/is not JSON/);
    const late = ['--now', '2026-11-25T08:00', '--serve', '2026-11-25T12:00', '--json'];
    expect(zemrin('plan', SUPPER, bad, ...late).code).toBe(3);
    expect(zemrin('heat', 'demo/cooks/smoked-shoulder.json', 'nowhere.json').out).toMatch(
      /^demo\/cooks\/smoked-shoulder\.json\nOn the fire/,
    );
  });

  it('reads standard input where a file would be, with a byte-order mark or without', () => {
    const text = readFileSync(join(root, SUPPER), 'utf8');
    for (const input of [text, `\uFEFF${text}`]) {
      const { code, json } = fed(input, 'plan', '-', '--now', NOW, '--json');
      expect([code, json.meal]).toEqual([0, 'first-frost-supper']);
    }
    expect(fed('', 'check', '-').err).toMatch(/^-: is not JSON/);
  });

  const changed = (change: (meal: Doc) => void): string => {
    const meal = JSON.parse(readFileSync(join(root, SUPPER), 'utf8'));
    change(meal);
    return fileWith(JSON.stringify(meal));
  };
  it.each<[string, (meal: Doc) => void, RegExp]>([
    [
      'a serving in 2099',
      ({ serving }: Doc) => Object.assign(serving, { at: '2099-06-05T19:00' }),
      /serving\.at: is 2099-06-05, years ahead of now/,
    ],
    [
      'a serving in the year 1',
      ({ serving }: Doc) => Object.assign(serving, { at: '0001-01-01T19:00' }),
      /years before now/,
    ],
    [
      'a serving beyond the calendar',
      ({ serving }: Doc) => Object.assign(serving, { at: '300000-01-01T19:00' }),
      /serving\.at: must be a real date/,
    ],
    [
      'a million minutes',
      ({ dishes }: Doc) =>
        Object.assign(dishes[0]?.steps[0] ?? {}, { time: { kind: 'fixed', minutes: 1e6 } }),
      /minutes: is too large.*at most a year/,
    ],
    [
      'hands every minute of a day',
      ({ dishes }: Doc) =>
        Object.assign(dishes[0]?.steps[0] ?? {}, {
          time: { kind: 'fixed', minutes: 1440 },
          hands: [{ when: 'every', everyMin: 1, minutes: 1, what: 'Stir' }],
        }),
      /asks for hands 1440 times/,
    ],
  ])('ends with 2 and one clear line for %s', (_what, change, message) => {
    const { code, out, err } = zemrin('plan', changed(change), '--now', NOW);
    expect([code, out]).toEqual([2, '']);
    expect(err).toMatch(message);
    expect(err).not.toMatch(/at .*:\d+:\d+/);
  });

  it.each([
    [['constructor', SUPPER]],
    [['__proto__', SUPPER]],
    [['plan', SUPPER, '--constructor', 'x']],
    [['export', SUPPER, '--to', 'constructor']],
    [['export', SUPPER, '--to', 'csv', '--list', 'toString']],
    [['scale', SUPPER, '--dish', 'hasOwnProperty', '--mixture', 'x']],
    [['plan', SUPPER, '--now', '+300000-01-01T00:00Z']],
  ])('takes no name of the language for one of its own: %j', (args) => {
    const { code, out, err } = zemrin(...args);
    expect([code, out]).toEqual([2, '']);
    expect(err).not.toMatch(/at .*:\d+:\d+/);
  });
});
