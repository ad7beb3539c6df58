import {
  answerKey,
  answersTo,
  isStew,
  practicesOf,
  type Dish,
  type Meal,
  type Mixture,
  type PracticeName,
} from '@zemrin/core';
import { useEdit } from '../../../store/useEdit.ts';
import { Choice } from '../../../ui/Choice.tsx';
import { useWords } from '../../../words/words.ts';

const AS_KITCHEN = '';

/** How this dish is done where cooks disagree: as the kitchen does, or in its own way. */
export function Schools({ meal, dish, mixture }: { meal: Meal; dish: Dish; mixture: Mixture }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const chosen = practicesOf(meal.kitchen, dish);
  const asked = questionsFor(dish, mixture);
  if (asked.length === 0) return null;
  return (
    <section className="mt-6">
      <h2 className="text-base">{t('bench.howWeDo')}</h2>
      {asked.map((school) => (
        <div key={school} className="mt-2 border-t border-line pt-2">
          <Choice
            label={t(`school.${school}`)}
            value={dish.schools?.[school] ?? AS_KITCHEN}
            className="field w-full"
            options={[
              [AS_KITCHEN, t('bench.asKitchen')],
              ...answersTo(school).map(({ answer, key }): [string, string] => [
                answer,
                t(`school.${key}`),
              ]),
            ]}
            onChoose={(to) =>
              edit({ do: 'setSchool', school, to: to === AS_KITCHEN ? null : to, dish: dish.id })
            }
          />
          <p className="mt-1 text-sm">
            {t(`school.${answerKey(school, chosen)}`)}.{' '}
            <span className="text-muted">{t(`school.${answerKey(school, chosen)}.why`)}</span>
          </p>
        </div>
      ))}
    </section>
  );
}

/** Only the questions this mixture raises. */
function questionsFor(dish: Dish, mixture: Mixture): PracticeName[] {
  const raw = mixture.touchesRaw && mixture.on.length > 0;
  const lies = mixture.kind === 'marinade' || mixture.kind === 'paste';
  const asked: Array<readonly [PracticeName, boolean]> = [
    ['brine', mixture.kind === 'wet brine' && mixture.salting?.by === undefined],
    ['usedMarinade', raw && lies],
    ['firstHalfHour', raw],
    ['tenderising', raw && lies],
    ['stewSalt', isStew(dish)],
    ['washing', raw],
  ];
  return asked.filter(([, yes]) => yes).map(([school]) => school);
}
