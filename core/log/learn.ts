import type { Kitchen } from '../meal/index.ts';
import type { Run } from '../run/index.ts';
import { calibrate, type ApplianceEstimate } from './calibrate.ts';
import { factsOf } from './facts.ts';
import { paceOf, type PaceEstimate } from './pace.ts';
import { proposalsOf } from './proposals.ts';
import type { Proposal } from './proposal.ts';

/** What a kitchen's runs have taught. */
export interface Learnt {
  readonly appliances: readonly ApplianceEstimate[];
  readonly hands: readonly PaceEstimate[];
  readonly proposals: readonly Proposal[];
}

/**
 * What runs say of their kitchen, of the cook's hands, and of the dishes.
 *
 * @param kitchen whose appliances are looked for; left out, those of the newest run
 */
export function learn(runs: readonly Run[], kitchen?: Kitchen): Learnt {
  const facts = runs.map((run) => factsOf(run));
  const newest = runs.reduce<Run | undefined>(
    (last, run) => (last && last.startedMin >= run.startedMin ? last : run),
    undefined,
  );
  const known = kitchen ?? newest?.meal.kitchen;
  return {
    appliances: known
      ? calibrate(
          facts.flatMap(({ cooks }) => cooks),
          known,
        )
      : [],
    hands: paceOf(facts.flatMap(({ steps }) => steps)),
    proposals: newestOf(runs.flatMap((run) => proposalsOf(run))),
  };
}

/**
 * Of several proposals for one thing the newest: it was said with the others already cooked. What
 * the cook said comes before what the clock says.
 */
export function newestOf(proposals: readonly Proposal[]): Proposal[] {
  const newest = new Map<string, Proposal>();
  for (const one of [...proposals].sort(byTime)) {
    newest.set(`${one.dishName.toLowerCase()} ${aboutOf(one)}`, one);
  }
  const said = ({ because }: Proposal) => (because.words === undefined ? 1 : 0);
  return [...newest.values()].sort((a, b) => said(a) - said(b) || byTime(a, b));
}

/** The oldest first; of two at one moment always the same one. */
function byTime(a: Proposal, b: Proposal): number {
  return a.because.atMin - b.because.atMin || (a.id < b.id ? -1 : 1);
}

/** What a proposal changes: a step's time, a line, a portion. */
function aboutOf({ commands }: Proposal): string {
  return commands
    .map((command) => {
      if (command.do === 'setLine') return `${command.mixture} ${command.line}`;
      return 'step' in command ? `${command.do} ${command.step}` : command.do;
    })
    .join(', ');
}
