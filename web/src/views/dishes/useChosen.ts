import {
  cookedParts,
  patternDish,
  placeOfFire,
  readWeight,
  takenIds,
  usualChoices,
  withLeftOver,
  withPart,
  type Dish,
  type Fire,
  type LeftOver,
  type Meal,
  type PartSource,
  type Pattern,
} from '@zemrin/core';
import { useMemo, useState } from 'react';
import { useSearchParams } from 'react-router';
import { leftOverKey, useLeftOvers } from '../../learning/useLeftOvers.ts';

/** What the cook chose so far, and the dish it makes. */
export function useChosen(meal: Meal, pattern: Pattern) {
  const usual = usualChoices(pattern);
  const [name, setName] = useState('');
  const [cut, setCut] = useState(usual.cut);
  const [core, setCore] = useState(usual.coreC);
  const [fire, setFire] = useState(() => fireIn(meal, pattern));
  const [weight, setWeight] = useState('');
  const parts = usePartsToTake(meal, pattern);
  const [asked] = useSearchParams();
  const lefts = useLeftOversFor(pattern);
  const [part, setPart] = useState(
    () => asked.get('left') ?? asked.get('of') ?? parts[0]?.food.id ?? '',
  );
  const left = lefts.find((one) => leftOverKey(one) === part);
  const weightG = weight.trim() === '' ? undefined : readWeight(weight);
  const badWeight = weight.trim() !== '' && (weightG === undefined || weightG <= 0);
  const cores = pattern.cores(cut);
  const coreC = cores.includes(core) ? core : (cores[0] ?? 0);
  const choice = {
    cut: left?.cut ?? cut,
    coreC,
    ...(fire && { fire }),
    name: name.trim() || pattern.name,
    ...(weightG !== undefined && !badWeight && { weightG }),
  };
  const own = patternDish(pattern, choice, takenIds(meal));
  const source = parts.find(({ food }) => food.id === part);
  const [meat] = own.foods;
  const dish = meat ? takenFor(meal, own, meat.id, source, left) : own;
  const set = {
    name: setName,
    cut: setCut,
    core: setCore,
    fire: setFire,
    weight: setWeight,
    part: setPart,
  };
  /** Its meat is there already: how much and of what need not be asked. */
  const isThere = source !== undefined || left !== undefined;
  const from = { parts, lefts, value: source?.food.id ?? (left && leftOverKey(left)) ?? '' };
  return { name, cut, cores, coreC, fire, weight, badWeight, from, isThere, dish, set };
}

/** What is cooked on the table already, of which a part can become this dish. */
function usePartsToTake(meal: Meal, { ofCooked }: Pattern): readonly PartSource[] {
  return useMemo(() => (ofCooked ? cookedParts(meal) : []), [meal, ofCooked]);
}

type LeftOverMeat = LeftOver & { readonly cut: string };

/** What is left of earlier meals that this can be made of. */
function useLeftOversFor({ ofCooked, cuts }: Pattern): readonly LeftOverMeat[] {
  const all = useLeftOvers();
  return useMemo(
    () =>
      all.flatMap((one) =>
        ofCooked && one.cut !== undefined && cuts.includes(one.cut)
          ? [{ ...one, cut: one.cut }]
          : [],
      ),
    [all, ofCooked, cuts],
  );
}

function takenFor(
  meal: Meal,
  own: Dish,
  foodId: string,
  part: PartSource | undefined,
  left: LeftOverMeat | undefined,
): Dish {
  if (left) return withLeftOver(own, foodId, left, meal.serving.zone);
  return part ? withPart(own, foodId, part) : own;
}

/** The usual fire of a pattern, or the first of its others that the kitchen has. */
function fireIn({ kitchen }: Meal, { fires = [] }: Pattern): Fire | undefined {
  const owned = new Set(kitchen.appliances.map(({ kind }) => kind));
  return fires.find((fire) => owned.has(placeOfFire(fire))) ?? fires[0];
}
