import {
  offsetSdOf,
  type ApplianceEstimate,
  type Kitchen,
  type Learnt,
  type Meal,
} from '@zemrin/core';
import { useEffect, useState } from 'react';
import { useEdit } from '../store/useEdit.ts';
import { learning } from '../words/en/learning.ts';
import { verbs } from '../words/en/verbs.ts';
import { capitalised, learn, useWords } from '../words/words.ts';
import { runPlanner } from '../workers/runs.ts';
import { useRuns } from './useProposals.ts';

learn(learning);
learn(verbs);

/** Once is an evening, not a habit. */
const SEVERAL = 2;

/** What the runs say of this kitchen's appliances and of the hands in it; used when the cook says so. */
export default function KitchenLearnt({ meal }: { meal: Meal }) {
  const t = useWords();
  const edit = useEdit(meal.id);
  const learnt = useLearnt(meal.kitchen);
  if (!learnt) return null;
  const { appliances } = meal.kitchen;
  const hands = learnt.hands.filter(({ from }) => from >= SEVERAL);
  const set = (id: string, learntC?: { readonly runsHotC: number; readonly runsHotSdC: number }) =>
    edit({
      do: 'setAppliances',
      appliances: appliances.map((one) => {
        if (one.id !== id) return one;
        const { runsHotC: _was, runsHotSdC: _sure, ...rest } = one;
        return { ...rest, ...learntC };
      }),
    });
  return (
    <section className="mt-6">
      <h2 className="text-xl">{t('learning.kitchen')}</h2>
      {learnt.appliances.length + hands.length === 0 && (
        <p className="mt-1 text-muted">{t('learning.none')}</p>
      )}
      <ul>
        {learnt.appliances.map((one) => {
          const own = appliances.find(({ id }) => id === one.appliance);
          return (
            own && (
              <li key={one.appliance} className="border-t border-line py-2">
                <Estimate name={own.name} estimate={one} />
                <p className="mt-1 flex flex-wrap items-center gap-3">
                  {own.runsHotC !== one.offsetC ? (
                    <button
                      type="button"
                      className="btn"
                      onClick={() =>
                        set(own.id, { runsHotC: one.offsetC, runsHotSdC: offsetSdOf(one) })
                      }
                    >
                      {t('learning.use')}
                    </button>
                  ) : (
                    <span className="text-sm">{t('learning.used')}</span>
                  )}
                  {own.runsHotC !== undefined && (
                    <button type="button" className="btn" onClick={() => set(own.id)}>
                      {t('learning.reset')}
                    </button>
                  )}
                </p>
              </li>
            )
          );
        })}
        {hands.map(({ verb, times, least, most, from }) => (
          <li key={verb} className="border-t border-line py-2">
            {t('learning.pace', { work: capitalised(t(`verb.${verb}`)), times })}
            <span className="block text-sm text-muted">
              {t('learning.paceFrom', { count: from, least, most })}
            </span>
          </li>
        ))}
      </ul>
    </section>
  );
}

function Estimate({ name, estimate }: { name: string; estimate: ApplianceEstimate }) {
  const t = useWords();
  const { offsetC, least, most, from, leftOut } = estimate;
  const degrees = `${Math.abs(Math.round(offsetC))}°`;
  const key =
    Math.round(offsetC) === 0
      ? 'learning.runsTrue'
      : offsetC > 0
        ? 'learning.runsHot'
        : 'learning.runsCool';
  const signed = (c: number) => `${c < 0 ? '−' : '+'}${Math.abs(Math.round(c))}°`;
  return (
    <>
      <span className="font-semibold">{t(key, { name, degrees })}</span>
      <span className="block text-sm text-muted">
        {t('learning.from', { count: from, least: signed(least), most: signed(most) })}
        {leftOut > 0 && `. ${t('learning.leftOut', { count: leftOut })}`}
      </span>
    </>
  );
}

/** Reckoned beside the page, once the runs are there. */
function useLearnt(kitchen: Kitchen): Learnt | undefined {
  const runs = useRuns();
  const [learnt, setLearnt] = useState<Learnt>();
  useEffect(() => {
    if (runs.length === 0) return undefined;
    let gone = false;
    void runPlanner()
      .learnt(runs, kitchen)
      .then((found) => {
        if (!gone) setLearnt(found);
      });
    return () => {
      gone = true;
    };
  }, [runs, kitchen]);
  return runs.length === 0 ? undefined : learnt;
}
