import {
  NEXT_STEP_MOST_MIN,
  DIRECT_FROM_C,
  SMOKER_MOST_C,
  GRILL_LEAST_C,
  SIMMER_C,
  PAT_DRY_MIN,
} from '../figures/index.ts';
import type { Verb } from '../terms/index.ts';
import type { Hands, Place } from '../meal/index.ts';
import type { ApplianceKind } from '../places/index.ts';
import {
  after,
  counter,
  grill,
  hob,
  oven,
  part,
  range,
  smoker,
  start,
  type Part,
} from './parts.ts';

/** What a chain can be cooked in. */
export const FIRES = ['oven', 'grill', 'smoker', 'slow cooker', 'hob', 'pressure cooker'] as const;
export type Fire = (typeof FIRES)[number];

/** The appliance a fire needs. */
export function placeOfFire(fire: Fire): ApplianceKind {
  if (fire === 'slow cooker') return 'slow-cooker';
  return fire === 'pressure cooker' ? 'pressure-cooker' : fire;
}

/**
 * The chain over another fire: what lights or heats it, where its steps are, and what hands do. How
 * long they take follows from heat; steps that go by the clock keep their minutes.
 */
export function onFire(parts: readonly Part[], fire: Fire, setUpId = 'ready'): Part[] {
  const cooked = parts.filter(isOverFire);
  const [first] = cooked;
  if (!first && fire === 'pressure cooker') return parts.map(underPressure);
  if (!first || fireOf(first) === fire) return [...parts];
  const old = parts.find(isSetUp);
  const hottest = Math.max(
    ...cooked.map(({ place }) => placeOn(fire, place.tempC ?? SIMMER_C).tempC ?? SIMMER_C),
  );
  const setUp = setUpOf(fire, hottest, old?.id ?? setUpId);
  const moved = parts.flatMap((one): Part[] => {
    if (isSetUp(one)) return setUp ? [setUp] : [];
    const whole = isOverFire(one) ? movedPart(one, fire) : tempered(one, fire);
    return [setUp ? whole : without(whole, old?.id)];
  });
  return old || !setUp ? moved : withSetUp(moved, setUp, first.id);
}

/** A pot that simmers for more than an hour takes a third of that under pressure. Common practice, no source. */
function underPressure(one: Part): Part {
  const { time } = one;
  if (one.verb !== 'simmer' || time.kind !== 'range' || time.likelyMin < 60) return one;
  const third = (minutes: number) => Math.round(minutes / 3);
  return {
    ...one,
    verb: 'braise',
    label: LABELS['pressure cooker'],
    time: range(third(time.leastMin), third(time.likelyMin), third(time.mostMin)),
    place: { kind: 'pressure-cooker' },
    hands: start(4, GOES_IN['pressure cooker']),
    ...(one.doneWhen?.otherwise && {
      doneWhen: {
        ...one.doneWhen,
        otherwise: {
          ...one.doneWhen.otherwise,
          minutes: third(one.doneWhen.otherwise.minutes),
        },
      },
    }),
  };
}

/** Over a slow fire food comes from the cold: it stands out only as long as hands are on it. */
const SLOW: ReadonlySet<Fire> = new Set(['smoker', 'slow cooker']);

function tempered(one: Part, fire: Fire): Part {
  if (one.verb !== 'temper' || !SLOW.has(fire)) return one;
  return { ...one, time: { kind: 'fixed', minutes: PAT_DRY_MIN } };
}

/** A chain that needed no heating up waits for it. */
function withSetUp(parts: readonly Part[], setUp: Part, first: string): Part[] {
  return parts.flatMap((one, i) => {
    if (one.id !== first) return [one];
    // What says nothing of it follows the step above, which is not what is put in here.
    const above = parts[i - 1];
    const own = one.after ?? (above ? after(NEXT_STEP_MOST_MIN, above.id) : []);
    return [setUp, { ...one, after: [...own, ...after(NEXT_STEP_MOST_MIN, setUp.id)] }];
  });
}

const SET_UP: ReadonlySet<Verb> = new Set(['preheat', 'light']);
const COOKS: ReadonlySet<Verb> = new Set(['roast', 'bake', 'braise', 'smoke', 'grill', 'glaze']);

function isSetUp({ verb }: Part): boolean {
  return SET_UP.has(verb);
}

function isOverFire(one: Part): boolean {
  return COOKS.has(one.verb) && fireOf(one) !== undefined;
}

/** The fire a step is over; undefined where it is over none that can be another. */
export function fireOf({ place, time }: Part): Fire | undefined {
  if (time.kind === 'heat' && time.cooker?.startsWith('slow-cooker')) return 'slow cooker';
  if (time.kind === 'heat' && time.cooker === 'pressure') return 'pressure cooker';
  const { kind } = place;
  return kind === 'oven' || kind === 'grill' || kind === 'smoker' || kind === 'hob'
    ? kind
    : undefined;
}

function setUpOf(fire: Fire, tempC: number, id: string): Part | undefined {
  if (fire === 'oven') {
    const what = tempC > 200 ? 'oven-230' : 'oven-180';
    const label = `Oven to ${tempC}°`;
    return part(id, 'preheat', label, { kind: 'readying', what }, oven(tempC), { after: [] });
  }
  if (fire === 'grill') {
    const time = { kind: 'readying', what: 'chimney-briquettes' } as const;
    return part(id, 'light', 'Light the coals', time, grill(230), { after: [] });
  }
  if (fire === 'smoker') {
    const time = { kind: 'readying', what: 'smoker' } as const;
    return part(id, 'light', 'Light the smoker', time, smoker(Math.min(tempC, SMOKER_MOST_C)), {
      after: [],
    });
  }
  return undefined;
}

function movedPart(one: Part, fire: Fire): Part {
  const place = placeOn(fire, one.place.tempC ?? SIMMER_C);
  const verb = verbOn(fire, one.verb, place);
  return {
    ...one,
    place,
    verb,
    label: SAYS_PLACE.test(one.label) ? labelOn(fire, verb, place) : one.label,
    time: timeOn(one.time, fire),
    ...(one.hands && { hands: one.hands.map((hands): Hands => handsOn(hands, fire, place)) }),
  };
}

function placeOn(fire: Fire, tempC: number): Place {
  switch (fire) {
    case 'oven':
      return oven(Math.max(tempC, 150));
    case 'grill':
      return tempC >= DIRECT_FROM_C
        ? grill(tempC, 'direct')
        : grill(Math.max(tempC, GRILL_LEAST_C), 'indirect');
    case 'smoker':
      return smoker(Math.min(Math.max(tempC, 120), SMOKER_MOST_C));
    case 'slow cooker':
      return counter;
    case 'pressure cooker':
      return { kind: 'pressure-cooker' };
    case 'hob':
      return hob(SIMMER_C);
  }
}

function verbOn(fire: Fire, verb: Verb, place: Place): Verb {
  if (verb === 'glaze') return verb;
  if (fire === 'slow cooker' || fire === 'hob' || fire === 'pressure cooker') return 'braise';
  if (fire === 'smoker') return 'smoke';
  if (fire === 'grill' && place.zone === 'direct') return 'grill';
  return verb === 'braise' || verb === 'bake' ? verb : 'roast';
}

/** A lid is part of a slow cooker and of a pot on the hob. */
function timeOn(time: Part['time'], fire: Fire): Part['time'] {
  if (time.kind !== 'heat') return time;
  const { cooker: _cooker, wrap, ...rest } = time;
  if (fire === 'slow cooker') return { ...rest, cooker: 'slow-cooker-high' };
  if (fire === 'pressure cooker') return { ...rest, cooker: 'pressure' };
  return fire === 'hob' || wrap === undefined ? rest : { ...rest, wrap };
}

/** Words that belong to one fire only. */
const SAYS_PLACE = /oven|coals|fire|smok|grill|grate|grid|slow cooker|\bring\b|cool side/i;

const LABELS: Readonly<Record<Fire, string>> = {
  oven: 'Roast',
  grill: 'Over the coals',
  smoker: 'Smoke',
  'slow cooker': 'In the slow cooker',
  hob: 'Braise on the hob',
  'pressure cooker': 'Under pressure',
};
/** What braises in an oven does so in its pot; the first of two heats is the hot one. */
function labelOn(fire: Fire, verb: Verb, { tempC = 0 }: Place): string {
  if (fire !== 'oven') return LABELS[fire];
  if (verb === 'braise') return 'In the oven, lid on';
  return tempC >= DIRECT_FROM_C ? 'Roast, hot' : LABELS.oven;
}

const GOES_IN: Readonly<Record<Fire, string>> = {
  oven: 'Into the oven',
  grill: 'On the grate, lid on',
  smoker: 'Into the smoker, probe in the middle',
  'slow cooker': 'Into the slow cooker, lid on',
  hob: 'Into the pot, lid on',
  'pressure cooker': 'Into the pressure cooker, lid locked',
};

function handsOn(hands: Hands, fire: Fire, { tempC }: Place): Hands {
  if (SAYS_PLACE.test(hands.what)) return { ...hands, what: GOES_IN[fire] };
  return { ...hands, what: hands.what.replace(/Down to \d+/, `Down to ${tempC ?? SIMMER_C}`) };
}

/** A step that no longer waits for what lights or heats. */
function without(one: Part, setUp: string | undefined): Part {
  const others = one.after?.filter(({ step }) => step !== setUp);
  return others === undefined ? one : { ...one, after: others };
}
