import { type Meal } from '@zemrin/core';
import { useState } from 'react';
import type { KeptRun } from '../../store/runs.ts';
import { Loading } from '../../ui/Loading.tsx';
import { AfterRun } from './AfterRun.tsx';
import { CookHead } from './CookHead.tsx';
import { CookDialog, type Asking } from './CookDialog.tsx';
import { NowCard } from './NowCard.tsx';
import { SidePanel } from './SidePanel.tsx';
import { ThenList } from './ThenList.tsx';
import { WaysOut } from './WaysOut.tsx';
import { Unmeasured } from './Unmeasured.tsx';
import { useAwake } from './useAwake.ts';
import { useRunOnPage } from './useRun.ts';

/** A run under way: one thing to do now, what comes then, and what stands where. */
export function LiveRun({ meal, kept }: { meal: Meal; kept: KeptRun }) {
  const page = useRunOnPage(kept);
  const [asking, setAsking] = useState<Asking>();
  useAwake(page.state.servedMin === undefined);
  if (page.state.servedMin !== undefined) return <AfterRun meal={meal} page={page} />;
  if (!page.plan) {
    return (
      <main className="p-4 md:px-7 md:py-5">
        <h1 className="text-base font-semibold text-muted">{meal.title}</h1>
        <Loading />
      </main>
    );
  }
  return (
    <div className="flex min-h-full flex-col lg:flex-row">
      <main className="min-w-0 grow p-4 md:px-7 md:py-5">
        <CookHead page={page} planned={page.plan.planned} />
        <NowCard page={page} plan={page.plan} onAsk={setAsking} />
        <Unmeasured page={page} />
        <WaysOut page={page} planned={page.plan.planned} />
        <ThenList page={page} />
      </main>
      <SidePanel page={page} plan={page.plan} onAsk={setAsking} />
      {asking && <CookDialog asking={asking} page={page} onClose={() => setAsking(undefined)} />}
    </div>
  );
}
