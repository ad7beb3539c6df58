import { HEATS, WET, type Context, type ReadAct } from './context.ts';
import type { VerbWords } from './verbs.ts';

/** What is done to a food that cooks by something else. */
const FINISHES: ReadonlySet<VerbWords> = new Set<VerbWords>(['glaze', 'reduce']);

/** Cold through again. Our own line, no source. */
const CHILLED_MIN = 240;

/** What later sentences lean on. */
export function noteAct(act: ReadAct, context: Context): void {
  if (act.likelyMin !== undefined || HEATS.has(act.verb)) context.turned = false;
  // So hot is the fat, and nothing else on a ring is told in degrees.
  if (act.verb === 'fry' && act.place === 'hob' && act.tempC !== undefined)
    context.oilC = act.tempC;
  // What is rolled into balls is no marinade.
  if (act.verb === 'mix' || act.verb === 'shape') context.mixed = act.verb === 'mix';
  if (act.verb === 'chill' && (act.likelyMin ?? 0) >= CHILLED_MIN) context.cooled = true;
  else if (HEATS.has(act.verb)) context.cooled = false;
  const isSoak = act.verb === 'marinate' || act.verb === 'brine';
  if (isSoak && act.likelyMin !== undefined) context.soaked = true;
  context.aside = act.meanwhile ? act.line : undefined;
  const cooks = HEATS.has(act.verb) && !FINISHES.has(act.verb);
  const beside = act.meanwhile && context.hot;
  if (cooks && !beside && !(context.soakAhead && WET.has(act.verb))) context.hot = act;
  if (act.place && act.verb !== 'prepare' && act.verb !== 'mix') context.place = act.place;
}
