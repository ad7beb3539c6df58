import { NEXT_STEP_MOST_MIN } from '../figures/index.ts';
import { FIRE_VERBS, type Verb } from '../terms/index.ts';
import type { Mixture } from '../batch/index.ts';
import { once, type Food, type Step, type StepTime } from '../meal/index.ts';
import type { ReadAct } from './context.ts';
import type { ReadRecipe } from './read.ts';

interface About {
  readonly dishId: string;
  readonly foods: readonly Food[];
  readonly mixtures: readonly Mixture[];
  readonly fresh: (wish: string) => string;
}

/** How long a step takes that says nothing of it, and how far that may go. Common practice, no source. */
export const USUAL_MIN: Readonly<Record<Verb, number>> = {
  thaw: 1440,
  brine: 720,
  soak: 30,
  mix: 10,
  marinate: 480,
  temper: 40,
  light: 35,
  preheat: 15,
  sear: 8,
  brown: 12,
  grill: 12,
  smoke: 120,
  roast: 60,
  bake: 30,
  braise: 120,
  simmer: 30,
  boil: 10,
  steam: 15,
  fry: 8,
  reduce: 10,
  glaze: 5,
  baste: 3,
  turn: 2,
  stir: 3,
  rise: 75,
  ferment: 7 * 1440,
  knead: 10,
  shape: 15,
  cool: 40,
  chill: 60,
  rest: 10,
  hold: 15,
  slice: 8,
  shred: 15,
  serve: 5,
  prepare: 15,
};

/** Whose length is ours to choose, within what was said. */
const ELASTIC: ReadonlySet<Verb> = new Set([
  'brine',
  'marinate',
  'chill',
  'rest',
  'hold',
  'rise',
  'ferment',
  'soak',
  'thaw',
]);
/** Done by hand from beginning to end. */
export const BY_HAND: ReadonlySet<Verb> = new Set([
  'mix',
  'prepare',
  'knead',
  'shape',
  'slice',
  'shred',
  'serve',
  'stir',
  'turn',
  'baste',
  'glaze',
  'sear',
  'fry',
]);
const AHEAD: ReadonlySet<Verb> = new Set(['preheat', 'light']);

/** The steps of a recipe as a chain: one after the other, fires and what goes on meanwhile beside. */
export function stepsOf(recipe: ReadRecipe, about: About): Step[] {
  const steps: Step[] = [];
  let main: Step | undefined;
  let joins: Step[] = [];
  recipe.acts.forEach((act) => {
    const step = stepOf(act, about);
    if (AHEAD.has(act.verb)) {
      joins.push(step);
      steps.push(step);
      return;
    }
    if (act.meanwhile && main) {
      const beside: Step = { ...step, after: [{ step: main.id, from: 'start', leastMin: 0 }] };
      joins.push(beside);
      steps.push(beside);
      return;
    }
    const open = act.dayBefore || isSoak(act.verb) || (main !== undefined && isSoak(main.verb));
    const after: Step['after'] = [
      ...(main
        ? [
            {
              step: main.id,
              from: 'end' as const,
              leastMin: 0,
              ...(open ? {} : { mostMin: NEXT_STEP_MOST_MIN }),
            },
          ]
        : []),
      ...joins.map(({ id }) => ({ step: id, from: 'end' as const, leastMin: 0 })),
    ];
    main = { ...step, after };
    joins = [];
    steps.push(main);
  });
  return steps;
}

function isSoak(verb: Verb): boolean {
  return verb === 'marinate' || verb === 'brine' || verb === 'chill';
}

function stepOf(act: ReadAct, about: About): Step {
  const { verb, place = 'board', tempC } = act;
  const label = labelOf(act);
  const minutes = USUAL_MIN[verb];
  const likely = act.likelyMin ?? act.leastMin ?? act.mostMin ?? minutes;
  const core = act.untilC === undefined ? {} : { coreC: act.untilC };
  const text = act.until === undefined ? {} : { text: act.until };
  const otherwise = act.otherwise && { otherwise: { ...act.otherwise, chance: 0.25 } };
  const doneWhen = { ...core, ...text, ...otherwise };
  const onRoom = COLD_C[place];
  return {
    id: about.fresh(`${about.dishId}-${verb}`),
    verb,
    label,
    after: [],
    time: timeOf(act, about),
    place: {
      kind: place,
      ...(tempC !== undefined ? { tempC } : onRoom !== undefined && { tempC: onRoom }),
    },
    hands: handsOf(act, label, likely),
    cautions: [],
    ...(Object.keys(doneWhen).length > 0 && { doneWhen }),
  };
}

const COLD_C: Readonly<Partial<Record<string, number>>> = { fridge: 4, counter: 20 };

/** The time as the recipe says it; by heat where it says only a core. */
function timeOf(act: ReadAct, { foods, mixtures }: About): StepTime {
  const { verb, leastMin, likelyMin, mostMin, untilC } = act;
  const soaking = mixtures.find(({ kind }) =>
    verb === 'brine'
      ? kind === 'wet brine' || kind === 'dry brine'
      : kind === 'marinade' || kind === 'paste' || kind === 'rub',
  );
  if ((verb === 'marinate' || verb === 'brine') && soaking && foods.length > 0) {
    return { kind: 'soak', mixture: soaking.id };
  }
  const said = leastMin ?? likelyMin ?? mostMin;
  const [food] = foods;
  if (said === undefined && untilC !== undefined && food && FIRE_VERBS.has(verb)) {
    return { kind: 'heat', food: food.id, until: { coreC: untilC } };
  }
  const usual = USUAL_MIN[verb];
  const likely = Math.max(1, likelyMin ?? leastMin ?? mostMin ?? usual);
  const least = Math.min(likely, Math.max(1, leastMin ?? Math.round(likely * 0.8)));
  const most = Math.max(likely, mostMin ?? Math.round(likely * (ELASTIC.has(verb) ? 2 : 1.25)));
  if (ELASTIC.has(verb))
    return { kind: 'elastic', leastMin: least, bestMin: likely, longestMin: most };
  if (least === likely && likely === most) return { kind: 'fixed', minutes: likely };
  return { kind: 'range', leastMin: least, likelyMin: likely, mostMin: most };
}

function handsOf(act: ReadAct, label: string, likely: number): Step['hands'] {
  const { verb, tendEveryMin } = act;
  if (BY_HAND.has(verb) || (verb === 'brown' || verb === 'grill' ? likely <= 20 : false))
    return [{ when: 'all', what: label }];
  if (ELASTIC.has(verb) || verb === 'temper' || verb === 'cool')
    return [{ when: 'start', minutes: 3, what: label }];
  const start = { when: 'start' as const, minutes: Math.min(5, likely), what: label };
  const moments = (act.moments ?? []).map(({ afterMin, what }) =>
    once(afterMin, IN_PASSING_MIN, what),
  );
  if (tendEveryMin === undefined || tendEveryMin < 2) return [start, ...moments];
  return [
    start,
    ...moments,
    { when: 'every', everyMin: tendEveryMin, minutes: 2, what: TENDING[act.tendWhat ?? 'stir'] },
  ];
}

/** Something added, a lid taken off. Common practice, no source. */
const IN_PASSING_MIN = 3;

const TENDING = { stir: 'Stir', turn: 'Turn', baste: 'Baste' } as const;

/** Small words a label does not end on. */
const TRAILS =
  /(?:\s+(?:of|the|an?|in|on|to|and|with|from|into|it|de|la|el|los|las|con|y|en|al|del))+$/iu;
const LABEL_ENDS = /[,.;:(]|\s(?:for|until|till|about|durante|hasta|unos|por)\s/iu;

/** A few words of the sentence, from the verb on. */
function labelOf({ text, lit, verb }: ReadAct): string {
  const from = lit[0]?.[0] ?? 0;
  const own = text.slice(from).split(LABEL_ENDS)[0]?.trim() ?? '';
  const words = own.split(/\s+/).slice(0, 6).join(' ').replace(TRAILS, '');
  const label = words.length >= 3 ? words : verb;
  return label.charAt(0).toUpperCase() + label.slice(1);
}
