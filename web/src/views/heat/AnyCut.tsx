import {
  ANIMALS,
  changesOfCut,
  cutFromNowhere,
  draftOfCut,
  isVegetable,
  pantryOf,
  SHAPES,
  type Animal,
  type Cut,
  type Meal,
  type Shape,
} from '@zemrin/core';
import { useMemo, useState, type ReactNode } from 'react';
import { Choice } from '../../ui/Choice.tsx';
import { useWords } from '../../words/words.ts';
import { CookThought } from './CookView.tsx';
import { useThought } from './useDraft.ts';

const NOWHERE = '_nowhere';
/** To begin with: then the slider says. */
const USUAL_MM = 50;

/** How any cut would cook: one of the pantry, or one by its animal, shape and thickness. */
export function AnyCut({ meal, children }: { meal: Meal; children: ReactNode }) {
  const t = useWords();
  const cuts = useMemo(() => cutsOf(meal), [meal]);
  const [chosen, setChosen] = useState(cuts[0]?.id ?? NOWHERE);
  const [animal, setAnimal] = useState<Animal>('beef');
  const [shape, setShape] = useState<Shape>('brick');
  const known = cuts.find(({ id }) => id === chosen);
  const name = t('heat.anyCut');
  const cut = useMemo(
    () => known ?? cutFromNowhere(name, animal, shape, USUAL_MM),
    [known, name, animal, shape],
  );
  return (
    <OneCut key={`${cut.id} ${animal} ${shape}`} cut={cut} meal={meal}>
      {children}
      <div className="mb-3 grid max-w-2xl gap-3 sm:grid-cols-3">
        <Choice
          label={t('heat.cut')}
          value={known?.id ?? NOWHERE}
          options={[
            ...cuts.map((one) => [one.id, one.name] as const),
            [NOWHERE, t('heat.fromNowhere')] as const,
          ]}
          onChoose={setChosen}
        />
        {!known && (
          <>
            <Choice
              label={t('heat.animal')}
              value={animal}
              options={ANIMALS.map((one) => [one, t(`animal.${one}`)])}
              onChoose={setAnimal}
            />
            <Choice
              label={t('heat.shape')}
              value={shape}
              options={SHAPES.map((one) => [one, t(`shape.${one}`)])}
              onChoose={setShape}
            />
          </>
        )}
      </div>
    </OneCut>
  );
}

function OneCut({ cut, meal, children }: { cut: Cut; meal: Meal; children: ReactNode }) {
  const t = useWords();
  const { kitchen } = meal;
  const thought = useThought(useMemo(() => draftOfCut(cut, kitchen), [cut, kitchen]));
  if (!thought) return null;
  return (
    <CookThought
      draft={thought}
      title={cut.name}
      of={t('heat.anyCutOf')}
      units={kitchen.units}
      changes={changesOfCut}
    >
      {children}
    </CookThought>
  );
}

/** What was an animal, and vegetables, by name. */
function cutsOf(meal: Meal): Cut[] {
  return [...pantryOf(meal.pantry).cuts.values()]
    .filter((cut) => cut.animal !== 'none' || isVegetable(cut))
    .toSorted((a, b) => a.name.localeCompare(b.name));
}
