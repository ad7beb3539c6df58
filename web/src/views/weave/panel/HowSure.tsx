import {
  BUFFER_FACTOR,
  MOST_IN_HAND,
  showMinutes,
  showTime,
  type Meal,
  type Plan,
} from '@zemrin/core';
import { usePlanning } from '../../../store/hooks.ts';
import { useEdit } from '../../../store/useEdit.ts';
import { searchStopped } from '../../../store/plans.ts';
import { useAppDispatch } from '../../../store/store.ts';
import { WaysOut } from './WaysOut.tsx';
import { useWords } from '../../../words/words.ts';

/** The chance to be on time, in all and by dish, what endangers it, and the choice between early and sure. */
export function HowSure({ meal, plan }: { meal: Meal; plan: Plan }) {
  const t = useWords();
  const chance = Math.round(plan.onTime * 100);
  const nameOf = (id: string) => meal.dishes.find((dish) => dish.id === id)?.name ?? '';
  const unsure = plan.onTimeOf
    .filter(({ onTime }) => onTime < 0.995)
    .sort((a, b) => a.onTime - b.onTime)
    .slice(0, 3);
  const danger = plan.steps.find((step) => step.id === plan.endangeredBy?.step);
  return (
    <div className="mt-3">
      <div aria-hidden="true" className="h-2 rounded-full bg-soft">
        <div className="h-2 rounded-full bg-now" style={{ width: `${chance}%` }} />
      </div>
      <p className="mt-1 font-semibold">{t('weave.chance', { chance })}</p>
      {unsure.length > 0 && (
        <p className="text-sm text-muted">
          {unsure
            .map(({ dish, onTime }) =>
              t('weave.chanceOf', { dish: nameOf(dish), chance: Math.round(onTime * 100) }),
            )
            .join(', ')}
        </p>
      )}
      {danger && (
        <p className="text-sm text-muted">
          {t('weave.danger', { label: danger.label, dish: danger.dishName })}
        </p>
      )}
      <WaysOut meal={meal} plan={plan} title={t('weave.surerWays')} ways={plan.surer} />
      <Surer meal={meal} plan={plan} />
      <Quality meal={meal} plan={plan} />
    </div>
  );
}

/** A later start against a surer evening. */
function Surer({ meal, plan }: { meal: Meal; plan: Plan }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const factor = meal.inHand ?? plan.inHandTimes ?? BUFFER_FACTOR;
  return (
    <label className="mt-2 block text-sm">
      <span className="sr-only">{t('weave.surer')}</span>
      <input
        type="range"
        min={0}
        max={MOST_IN_HAND}
        step={0.2}
        value={factor}
        aria-valuetext={t('weave.inHandNow', { times: factor.toFixed(1) })}
        className="block h-8 w-full accent-[var(--now)]"
        onChange={(event) =>
          edit({ do: 'keepInHand', factor: Number(event.target.value) }, 'keepInHand')
        }
      />
      <span aria-hidden="true" className="flex justify-between text-muted">
        <span>{t('weave.startLater')}</span>
        <span>{t('weave.surest')}</span>
      </span>
    </label>
  );
}

/** How good the plan is known to be, and whether a better one is looked for. */
function Quality({ meal, plan }: { meal: Meal; plan: Plan }) {
  const t = useWords();
  const dispatch = useAppDispatch();
  const { searching } = usePlanning(meal.id);
  const { costBound } = plan;
  // With a clash left there is no telling how much better it could be.
  if (!costBound || plan.clashes.length > 0) return null;
  // Nobody is told that nothing is better of a plan that is likely late.
  if (costBound.proved && plan.status !== 'fits') return null;
  const looking = searching !== undefined && searching < 1;
  const gap = costBound.cost > 0 ? (costBound.cost - costBound.atLeast) / costBound.cost : 0;
  const share = Math.min(99, Math.ceil(gap * 100));
  return (
    <p className="mt-2 text-sm text-muted">
      {looking
        ? t('weave.searching', { share: Math.round(searching * 100) })
        : costBound.proved
          ? t('weave.bestThereIs')
          : t('weave.nearBest', { share })}
      {looking && (
        <button
          type="button"
          className="ml-2 underline"
          onClick={() => dispatch(searchStopped(meal.id))}
        >
          {t('weave.stopSearch')}
        </button>
      )}
    </p>
  );
}

const SHOWN_MOVES = 4;

/** What the last change moved. */
export function Moved(props: { meal: Meal; plan: Plan; onChoose: (step: string) => void }) {
  const t = useWords();
  const { meal, plan } = props;
  const moved = usePlanning(meal.id).moved ?? [];
  if (moved.length === 0) return null;
  const time = (min: number) => showTime(min, plan.zone, meal.kitchen.clock, plan.servingMin);
  const lengthOf = (id: string) => {
    const step = plan.steps.find((one) => one.id === id);
    return step ? showMinutes(step.endMin - step.startMin) : '';
  };
  return (
    <section className="mt-4">
      <h2 className="text-base">{t('weave.movedTitle')}</h2>
      <ul className="mt-1 text-[15px]">
        {moved.slice(0, SHOWN_MOVES).map((move) => (
          <li key={move.step} className="border-b border-line py-1">
            <button
              type="button"
              className="grid w-full grid-cols-[1fr_auto] gap-x-2 text-left hover:bg-soft"
              onClick={() => props.onChoose(move.step)}
            >
              <span className="truncate">{move.label}</span>
              <span className="font-semibold whitespace-nowrap">
                {move.fromMin === move.toMin
                  ? t('weave.movedLonger', { span: lengthOf(move.step) })
                  : t('weave.movedFrom', { from: time(move.fromMin), to: time(move.toMin) })}
              </span>
            </button>
          </li>
        ))}
      </ul>
      {moved.length > SHOWN_MOVES && (
        <p className="text-sm text-muted">
          {t('weave.movedMore', { count: moved.length - SHOWN_MOVES })}
        </p>
      )}
    </section>
  );
}
