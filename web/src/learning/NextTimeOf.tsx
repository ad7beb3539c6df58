import type { Meal } from '@zemrin/core';
import { NextTime } from './NextTime.tsx';
import { useProposals } from './useProposals.ts';

/** What earlier runs ask for in a meal that is planned. */
export default function NextTimeOf({ meal }: { meal: Meal }) {
  return <NextTime meal={meal} proposals={useProposals(meal)} />;
}
