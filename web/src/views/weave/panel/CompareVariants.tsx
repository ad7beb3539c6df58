import {
  applyCommand,
  PULLS_AT,
  showMinutes,
  showTime,
  SLICES_AT,
  type Meal,
  type Plan,
  type PlanFigures,
  type MealVariant,
} from '@zemrin/core';
import { useEffect, useState } from 'react';
import { notifyError } from '../../../notices/notify.ts';
import { nowMinute } from '../../../store/clock.ts';
import { useManner } from '../../../store/manner.ts';
import { useEdit } from '../../../store/useEdit.ts';
import { Choice } from '../../../ui/Choice.tsx';
import { Modal } from '../../../ui/Modal.tsx';
import { useWords, type Say } from '../../../words/words.ts';
import { variantPlanner } from '../../../workers/variants.ts';

/** The plan beside the same meal otherwise: another hour, another fire, a joint in two. */
export default function CompareVariants(props: {
  readonly meal: Meal;
  readonly plan: Plan;
  readonly onClose: () => void;
}) {
  const t = useWords();
  const { meal, plan, onClose } = props;
  const edit = useEdit(meal.id);
  const { sayIt } = useManner(meal, plan);
  const [variants, setVariants] = useState<readonly MealVariant[]>([]);
  const [now, setNow] = useState<PlanFigures>();
  const [chosen, setChosen] = useState('');
  const [found, setFound] = useState<{ readonly of: string; readonly figures: PlanFigures }>();
  useEffect(() => {
    variantPlanner().variants(meal, plan).then(setVariants, failed);
    variantPlanner().figures(meal, nowMinute(), plan).then(setNow, failed);
  }, [meal, plan]);
  const variant = variants.find(({ text }) => sayIt(text) === chosen);
  useEffect(() => {
    if (!variant) return undefined;
    let gone = false;
    const changed = variant.changes.reduce(applyCommand, meal);
    variantPlanner()
      .figures(changed, nowMinute())
      .then((figures) => {
        if (!gone) setFound({ of: chosen, figures });
      }, failed);
    return () => {
      gone = true;
    };
  }, [variant, meal, chosen]);
  const instead = found?.of === chosen ? found.figures : undefined;
  const take = () => {
    variant?.changes.forEach((change) => edit(change, `variant-${chosen}`));
    onClose();
  };
  return (
    <Modal title={t('variants.title')} onClose={onClose}>
      <Choice
        label={t('variants.what')}
        value={chosen}
        options={[
          ['', t('variants.choose')],
          ...variants.map(({ text }) => [sayIt(text), sayIt(text)] as const),
        ]}
        onChoose={setChosen}
      />
      {variant && (!instead || !now) && (
        <p role="status" className="mt-4 text-muted">
          {t('meals.planning')}
        </p>
      )}
      {variant && instead && now && (
        <>
          <Figures meal={meal} now={now} instead={instead} />
          <button type="button" className="btn btn-main mt-4" onClick={take}>
            {t('variants.take')}
          </button>
        </>
      )}
    </Modal>
  );
}

/** Said, and not left to hang as “planning”. */
function failed(error: unknown): void {
  notifyError(error instanceof Error ? error.message : String(error));
}

type Row = readonly [name: string, now: string | undefined, instead: string | undefined];

function Figures({ meal, now, instead }: { meal: Meal; now: PlanFigures; instead: PlanFigures }) {
  const t = useWords();
  const both = [now, instead] as const;
  const row = (name: string, said: (of: PlanFigures) => string | undefined): Row => [
    name,
    said(now),
    said(instead),
  ];
  const { zone } = meal.serving;
  const { clock } = meal.kitchen;
  const time = (min: number | undefined, of: PlanFigures) =>
    min === undefined ? undefined : showTime(min, zone, clock, of.servingMin);
  const rows: Row[] = [
    row(t('variants.serve'), (of) => time(of.servingMin, of)),
    row(t('variants.status'), ({ status }) => t(`variants.status.${status}`)),
    row(t('variants.firstJob'), (of) => time(of.firstJobMin, of)),
    row(t('variants.hands'), ({ handsMin }) => showMinutes(handsMin)),
    row(t('variants.onTime'), ({ status, onTime }) =>
      status === 'cannot'
        ? undefined
        : t('variants.inHundred', { chance: Math.round(onTime * 100) }),
    ),
    row(t('variants.stops'), ({ stops }) => (stops === 0 ? undefined : String(stops))),
    row(t('variants.electricity'), ({ electricityKWh }) => unit(electricityKWh, 'kWh')),
    row(t('variants.coals'), ({ coalsKg }) => unit(coalsKg, 'kg')),
    row(t('variants.cost'), ({ cost }) => cost?.toFixed(2)),
  ];
  const dishes = now.dishes.flatMap(({ dish, name }): Row[] => {
    const of = both.map((one) => one.dishes.find((each) => each.dish === dish));
    return [
      [t('variants.tender', { dish: name }), ...pair(of, (one) => tenderWord(one?.tenderness, t))],
      [t('variants.salt', { dish: name }), ...pair(of, (one) => percent(one?.saltPct))],
    ];
  });
  return (
    <table className="mt-4 w-full text-left">
      <thead>
        <tr className="border-b border-line">
          <td />
          <th scope="col" className="px-2 py-1.5 font-semibold">
            {t('variants.now')}
          </th>
          <th scope="col" className="px-2 py-1.5 font-semibold">
            {t('variants.instead')}
          </th>
        </tr>
      </thead>
      <tbody>
        {[...rows, ...dishes]
          .filter(([, a, b]) => a !== undefined || b !== undefined)
          .map(([name, a, b]) => (
            <tr key={name} className="border-b border-line">
              <th scope="row" className="py-1.5 pr-2 font-normal text-muted">
                {name}
              </th>
              <td className="px-2 py-1.5">{a ?? '–'}</td>
              <td className={`px-2 py-1.5 ${a === b ? '' : 'font-semibold'}`}>{b ?? '–'}</td>
            </tr>
          ))}
      </tbody>
    </table>
  );
}

function pair<T>(
  [a, b]: readonly T[],
  say: (one: T | undefined) => string | undefined,
): [string | undefined, string | undefined] {
  return [say(a), say(b)];
}

function unit(value: number, of: string): string | undefined {
  return value < 0.05 ? undefined : `${value.toFixed(1)} ${of}`;
}

function percent(value: number | undefined): string | undefined {
  return value === undefined ? undefined : `${value.toFixed(1)} %`;
}

/** What a fork finds; nothing of what is not cooked for that. */
function tenderWord(tenderness: number | undefined, t: Say): string | undefined {
  if (tenderness === undefined || tenderness < 0.1) return undefined;
  if (tenderness >= PULLS_AT) return t('variants.tender.pulls');
  return t(tenderness >= SLICES_AT ? 'variants.tender.slices' : 'variants.tender.firm');
}
