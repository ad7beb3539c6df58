import type { Step } from '../meal/index.ts';

/** A step whose thing is wanted later, by the word it is then called. */
export interface WaitingStep {
  readonly step: Step;
  readonly word: string;
}

/** The last word of what a soak is of: "soak the dried chickpeas overnight" are chickpeas. */
export function lastNoun(text: string): string {
  const object = OBJECT.exec(text)?.[1] ?? text;
  const word =
    object
      .toLowerCase()
      .match(/\p{L}{3,}/gu)
      ?.at(-1) ?? '';
  return word.replace(/e?s$/u, '');
}

const OBJECT =
  /^(?:soak the|poner en remojo) (.+?)(?: overnight| for | toda la noche| durante |[.,]|$)/i;

/** What a step names is wanted there, and waits no longer. Changes the list. */
export function takeNamed(waiting: WaitingStep[], text: string): Step[] {
  const words = text.toLowerCase().match(/\p{L}+/gu) ?? [];
  const taken = waiting.filter(
    ({ word }) => word !== '' && words.some((said) => said.startsWith(word)),
  );
  for (const one of taken) waiting.splice(waiting.indexOf(one), 1);
  return taken.map(({ step }) => step);
}

/** What nothing has named goes into the first pot, or into what is done last. Changes the steps. */
export function joinLast(
  steps: Step[],
  waiting: readonly WaitingStep[],
  joining: (step: Step) => Step['after'][number],
): void {
  if (waiting.length === 0) return;
  const own = new Set(waiting.map(({ step }) => step.id));
  const pot = steps.findIndex(({ id, verb }) => !own.has(id) && POTS.has(verb));
  const at = pot === -1 ? steps.findLastIndex(({ id }) => !own.has(id)) : pot;
  const step = steps[at];
  if (!step) return;
  steps[at] = { ...step, after: [...step.after, ...waiting.map((one) => joining(one.step))] };
}

const POTS: ReadonlySet<Step['verb']> = new Set(['simmer', 'boil', 'braise']);
