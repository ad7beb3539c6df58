import type { MealNetwork } from '../network/meal-network.ts';
import { TimeNetwork, solveLatest, type Arc, type Push } from '../network/time-network.ts';

/** A chain of reasons, from a node back to what it hangs on. */
export interface ReasonChain {
  readonly links: readonly Push[];
  /** The links bite their own tail, with no night between: no serving time mends that. */
  readonly circle: boolean;
}

/** What a chain of reasons stands on: arcs, and moments whose hands keep out of blocks. */
export interface Reasons {
  readonly arcs: ReadonlySet<Arc>;
  readonly handsAt: ReadonlySet<number>;
}

/**
 * The shortest chain that still is impossible: one reason after another is left out, and put back
 * only if the rest can then be done. So of what is left, none can be spared.
 *
 * @param node the moment that would have to lie outside its bounds
 */
export function minimalChain(built: MealNetwork, chain: ReasonChain, node: number): ReasonChain {
  const arcs = new Set(chain.links.flatMap((link) => link.arc ?? []));
  const handsAt = new Set(chain.links.flatMap((link) => (link.block ? [link.node] : [])));
  const stands = () => !canBeDone(built, { arcs, handsAt }, chain, node);
  // A night under way may lean on another the trace has passed over; then nothing is left out.
  if (!stands()) return chain;
  for (const arc of [...arcs]) {
    arcs.delete(arc);
    if (!stands()) arcs.add(arc);
  }
  for (const at of [...handsAt]) {
    handsAt.delete(at);
    if (!stands()) handsAt.add(at);
  }
  const links = chain.links.flatMap((link): Push[] => {
    const arc = link.arc && arcs.has(link.arc) ? link.arc : undefined;
    const block = handsAt.has(link.node) ? link.block : undefined;
    return arc || block ? [{ ...link, arc, block }] : [];
  });
  return { ...chain, links };
}

/** Whether these reasons alone leave a solution. */
export function canBeDone(
  built: MealNetwork,
  { arcs, handsAt }: Reasons,
  { circle }: Pick<ReasonChain, 'circle'>,
  node: number,
): boolean {
  const { network } = built;
  const alone = new TimeNetwork(network.blocks);
  network.lower.forEach((lower, n) => {
    const bound = circle ? -1e7 : n === node ? lower : -Infinity;
    alone.addNode(bound, network.upper[n] ?? 0);
    if (handsAt.has(n)) alone.keepOut(n, network.handsMin[n] ?? 0, network.closed[n] ?? []);
  });
  for (const arc of arcs) alone.addArc(arc);
  return solveLatest(alone).ok;
}
