import type { Mixture } from '../batch/index.ts';
import type { ReadAct } from './context.ts';

/**
 * Which mixture the food lies in at each soak of a recipe, by the index of its act: the one its
 * sentence names, else the next that has not been used. A soak more than there are mixtures has none.
 */
export function soaksOfActs(
  acts: readonly ReadAct[],
  mixtures: readonly Mixture[],
): ReadonlyMap<number, string> {
  const found = new Map<number, string>();
  const used = new Set<string>();
  acts.forEach((act, i) => {
    const own = mixtures.filter(({ kind, id }) => !used.has(id) && suits(act.verb, kind));
    const said = act.text.toLowerCase();
    const next = own.find(({ name }) => said.includes(name.toLowerCase())) ?? own[0];
    if (!next) return;
    found.set(i, next.id);
    used.add(next.id);
  });
  return found;
}

function suits(verb: ReadAct['verb'], kind: Mixture['kind']): boolean {
  if (verb === 'brine') return kind === 'wet brine' || kind === 'dry brine';
  return verb === 'marinate' && (kind === 'marinade' || kind === 'paste' || kind === 'rub');
}
