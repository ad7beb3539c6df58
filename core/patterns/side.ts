import type { Food } from '../meal/index.ts';
import type { Chain, Pattern } from './pattern.ts';

/** A side has one chain, whatever it goes with. */
export const side = (id: string, name: string, kind: Pattern['kind'], chain: Chain): Pattern => ({
  id,
  name,
  kind,
  cuts: [],
  cores: () => [],
  schools: [],
  chain: () => chain,
});

/** So much of it for an adult. */
export const by = (id: string, name: string, cut: string, rawG: number): Food => ({
  id,
  name,
  cut,
  share: { kind: 'weight' as const, rawG },
});
