import {
  placeNamed,
  showMinutes,
  showTemperature,
  showTime,
  showWeight,
  type Call,
  type Manner,
  type PlaceKind,
  type StepAmounts,
} from '@zemrin/core';
import { useWords } from '../../words/words.ts';
import type { RunOnPage } from './useRun.ts';

/** What a call is in words: the same on the card, in the list, by voice and in a notice. */
export function useCallWords({ meal, state, plan }: Pick<RunOnPage, 'meal' | 'state' | 'plan'>) {
  const t = useWords();
  const { zone } = meal.serving;
  const { clock, units } = meal.kitchen;
  const servingMin = plan?.planned.plan.servingMin;
  const at = (min: number) => showTime(Math.round(min), zone, clock, servingMin);
  const temp = (tempC: number) => showTemperature(tempC, units);
  const what = (call: Call): string => {
    if (call.dishes) {
      return t('cook.serveDish', { dish: call.dishes.map(({ name }) => name).join(', ') });
    }
    if (call.kind === 'serve') return t('cook.serveWhat');
    const label = call.step?.label ?? '';
    if (call.kind !== 'end') return call.what;
    if (call.what !== '') return call.what;
    return call.doneC === undefined
      ? t('cook.seeDone', { label })
      : t('cook.takeOut', { label, tempC: temp(call.doneC) });
  };
  return {
    what,
    at,
    placeName: (place: PlaceKind): string => placeNamed(place).words.en.name,
    /** Until when it goes on, or where. */
    until: ({ kind, step, inHand, atMin }: Call): string => {
      if (!step) return '';
      if (kind === 'begin') {
        const { place, tempC } = { place: step.place.kind, tempC: step.place.tempC };
        const name = placeNamed(place).words.en.name;
        const where =
          tempC === undefined ? name : t('cook.place', { place: name, tempC: temp(tempC) });
        return `${where}, ${t('cook.until', { at: at(step.endMin) })}`;
      }
      return kind === 'tend' || inHand
        ? t('cook.until', { at: at(inHand ? atMin : step.endMin) })
        : t('cook.since', { at: at(state.begun.get(step.id) ?? step.startMin) });
    },
    doneWhen: ({ doneText, doneC, kind }: Call): string | undefined => {
      if (doneText !== undefined) return t('cook.doneWhen', { what: doneText });
      if (doneC === undefined || kind === 'end') return undefined;
      return t('cook.doneWhen', { what: t('cook.doneAtC', { tempC: temp(doneC) }) });
    },
    hands: ({ handsMin }: Call): string =>
      handsMin > 0
        ? t('cook.nextHands', { minutes: showMinutes(Math.round(handsMin)) })
        : t('cook.nextLook'),
    goingOn: (): string =>
      (plan?.planned.plan.steps ?? [])
        .filter(({ id }) => state.begun.has(id) && !state.ended.has(id))
        .map(({ label }) => label)
        .join(', '),
    food: ({ name, grams, pieces }: StepAmounts['foods'][number], manner: Manner): string => {
      const weight = showWeight(grams, manner.units);
      return pieces !== undefined && pieces > 1
        ? `${name}: ${pieces}, ${weight}`
        : `${name}: ${weight}`;
    },
    line: ({ name, grams, measure }: StepAmounts['lines'][number], manner: Manner): string => {
      const weight = grams === 0 ? '' : showWeight(Math.abs(grams), manner.units);
      return [name, [weight, measure].filter(Boolean).join(', ')].filter(Boolean).join(': ');
    },
  };
}
