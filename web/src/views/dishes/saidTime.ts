import {
  isOnce,
  showMinutes,
  showTemperature,
  showVolume,
  type Dish,
  type Hands,
  type Kitchen,
  type ReadPhrase,
  type Step,
  type StepTime,
} from '@zemrin/core';
import type { Say } from '../../words/words.ts';

/** The time of a step as one would say it, and as the field reads it back. */
export function saidTime(step: Step, dish: Dish, kitchen: Kitchen, t: Say): string {
  const every = step.hands.find((hands) => hands.when === 'every' && !isOnce(hands));
  const moments = step.hands.flatMap((hands) =>
    hands.when === 'every' && isOnce(hands)
      ? [t('dishes.was.once', { what: hands.what, minutes: showMinutes(hands.firstMin ?? 0) })]
      : [],
  );
  const core = step.doneWhen?.coreC;
  const isHeat = step.time.kind === 'heat' && 'coreC' in step.time.until;
  const short = step.after.find(({ coreShortC }) => coreShortC !== undefined)?.coreShortC;
  const said = [
    lengthOf(step.time, dish, kitchen, t),
    ...(core === undefined || isHeat
      ? []
      : [t('dishes.was.heat', { temp: showTemperature(core, kitchen.units) })]),
    ...(every?.when === 'every' ? [everyOf(every, t)] : []),
    ...moments,
    ...(short === undefined ? [] : [t('dishes.was.short', { degrees: short })]),
  ].join(', ');
  return withOtherwise(said, step.doneWhen?.otherwise, t);
}

/** "…; if not, a cup of water and 1 h more". */
function withOtherwise(
  said: string,
  otherwise: NonNullable<Step['doneWhen']>['otherwise'],
  t: Say,
): string {
  if (!otherwise) return said;
  const { what, minutes, chance } = otherwise;
  const times = Math.round(chance * 10);
  return t('dishes.was.ifNot', { said, what, minutes: showMinutes(minutes), times });
}

function everyOf(tending: Extract<Hands, { when: 'every' }>, t: Say): string {
  const { what, everyMin, firstMin } = tending;
  const said = { what: what.toLowerCase(), minutes: showMinutes(everyMin) };
  return firstMin === undefined
    ? t('dishes.was.every', said)
    : t('dishes.was.everyFrom', { ...said, first: showMinutes(firstMin) });
}

function between(least: number, most: number, t: Say): string {
  return least === most
    ? showMinutes(least)
    : t('dishes.was.to', { least: showMinutes(least), most: showMinutes(most) });
}

function lengthOf(time: StepTime, dish: Dish, { units }: Kitchen, t: Say): string {
  const mixture = (id: string) => dish.mixtures.find((one) => one.id === id)?.name ?? id;
  switch (time.kind) {
    case 'fixed':
      return showMinutes(time.minutes);
    case 'range':
      return between(time.leastMin, time.mostMin, t);
    case 'elastic':
      return between(time.leastMin, time.longestMin, t);
    case 'soak':
      return t('dishes.was.asSoak', { mixture: mixture(time.mixture) });
    case 'cooling':
      return t('dishes.was.cooling', { mixture: mixture(time.mixture) });
    case 'perWeight':
      return t('dishes.was.perKg', {
        minutes: between(Math.round(time.leastMinPerKg), Math.round(time.mostMinPerKg), t),
      });
    case 'heat':
      if ('tender' in time.until) return t(`dishes.was.${time.until.tender}`);
      return t('dishes.was.heat', { temp: showTemperature(time.until.coreC, units) });
    case 'rising':
      return t('dishes.was.rising');
    case 'leavening':
      return t('dishes.was.leavening');
    case 'reducing':
      return t('dishes.was.reducing', { share: `${Math.round(time.toShare * 100)} %` });
    case 'boiling':
      return t('dishes.was.boiling', { ml: showVolume(time.ml) });
    case 'readying':
      return t('dishes.was.ready');
    case 'batches':
      return t('dishes.was.batches', {
        count: time.perBatch,
        minutes: between(time.leastMin, time.mostMin, t),
      });
  }
}

/** What was understood of a phrase; empty where nothing was. */
export function saidPhrase(phrase: ReadPhrase, dish: Dish, kitchen: Kitchen, t: Say): string {
  const { time, tempC, coreC, tending, coreShortC, verb, then } = phrase;
  const parts = [
    verb === undefined ? undefined : t(`verb.${verb}`),
    time && lengthOf(time, dish, kitchen, t),
    tempC === undefined
      ? undefined
      : t('dishes.was.at', { temp: showTemperature(tempC, kitchen.units) }),
    coreC === undefined || (time?.kind === 'heat' && 'coreC' in time.until)
      ? undefined
      : t('dishes.was.heat', { temp: showTemperature(coreC, kitchen.units) }),
    tending?.when === 'every' ? everyOf(tending, t) : undefined,
    coreShortC === undefined ? undefined : t('dishes.was.short', { degrees: coreShortC }),
    ...then.map((one) => t('dishes.was.then', { what: saidPhrase(one, dish, kitchen, t) })),
  ];
  const said = parts.filter((part) => part !== undefined && part !== '').join(', ');
  return withOtherwise(said, phrase.otherwise, t);
}
