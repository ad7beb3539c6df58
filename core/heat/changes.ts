import type { Cut } from '../pantry/index.ts';
import type { Cook } from './cook.ts';

/** What in a food heat changes. */
export type Stuffed =
  | 'meat'
  | 'land meat'
  | 'red meat'
  | 'egg'
  | 'milk'
  | 'wheat'
  | 'potato'
  | 'maize'
  | 'rice'
  | 'vegetable'
  | 'sugar';

interface Row {
  readonly in: Stuffed | 'all';
  /** The middle, or the surface. */
  readonly where: 'core' | 'surface';
  readonly fromC: number;
  /** Over by then; undefined: goes on for as long as it is that hot. */
  readonly toC?: number;
}

const inside = (of: Row['in'], fromC: number, toC?: number): Row => ({
  in: of,
  where: 'core',
  fromC,
  ...(toC !== undefined && { toC }),
});
const outside = (of: Row['in'], fromC: number): Row => ({ in: of, where: 'surface', fromC });

/** What heat does to food, °C. Source: food chemistry, from memory, confidence 0.85. */
export const CHANGES_BY_HEAT = {
  myosin: inside('meat', 50, 58),
  pink: inside('red meat', 57, 64),
  collagenShrinks: inside('land meat', 58, 66),
  juices: inside('meat', 60, 70),
  grey: inside('red meat', 70),
  actin: inside('meat', 71, 83),
  eggWhiteSets: inside('egg', 62),
  yolkThickens: inside('egg', 65),
  yolkFirm: inside('egg', 70),
  eggWhiteFirm: inside('egg', 80, 84),
  whey: inside('milk', 72),
  wheatStarch: inside('wheat', 52, 64),
  gluten: inside('wheat', 70, 85),
  potatoStarch: inside('potato', 58, 66),
  maizeStarch: inside('maize', 62, 72),
  riceStarch: inside('rice', 65, 78),
  pectin: inside('vegetable', 83),
  fructose: outside('sugar', 110),
  browning: outside('all', 140),
  glucose: outside('sugar', 160),
  sucrose: outside('sugar', 165),
} as const satisfies Readonly<Record<string, Row>>;
export type ChangeByHeat = keyof typeof CHANGES_BY_HEAT;

/** What of all that is in a cut. */
export function stuffedWith(cut: Pick<Cut, 'id' | 'animal' | 'holds' | 'section'>): Set<Stuffed> {
  const { id, animal, holds } = cut;
  const found = new Set<Stuffed>();
  if (animal !== 'none') found.add('meat');
  if (animal !== 'none' && animal !== 'fish' && animal !== 'shellfish') found.add('land meat');
  if (animal === 'beef' || animal === 'lamb' || animal === 'game') found.add('red meat');
  if (holds.includes('egg')) found.add('egg');
  if (holds.includes('dairy')) found.add('milk');
  if (holds.includes('gluten')) found.add('wheat');
  if (/potato/.test(id)) found.add('potato');
  if (/polenta|corn/.test(id)) found.add('maize');
  if (/^rice/.test(id)) found.add('rice');
  if (animal === 'none' && cut.section === 'greengrocer') found.add('vegetable');
  return found;
}

/** One change, and when it begins and is over along a cook. */
export interface Reached {
  readonly what: ChangeByHeat;
  readonly fromC: number;
  readonly toC?: number | undefined;
  readonly where: 'core' | 'surface';
  /** Minutes from the first stage; undefined where it is never so hot. */
  readonly beginsMin?: number | undefined;
  readonly overMin?: number | undefined;
}

/** What heat does to what is in a food, in the order of warmth: the middle first, then the surface. */
export function changesAlong(
  has: ReadonlySet<Stuffed>,
  cook: Pick<Cook, 'minute' | 'coreC' | 'surfaceC'>,
): Reached[] {
  const rows = Object.entries<Row>(CHANGES_BY_HEAT).filter(
    ([, row]) => row.in === 'all' || has.has(row.in),
  );
  return rows
    .map(([what, { where, fromC, toC }]) => {
      const curve = where === 'core' ? cook.coreC : cook.surfaceC;
      return {
        // The keys of an object are told as any text.
        what: what as ChangeByHeat,
        where,
        fromC,
        toC,
        beginsMin: firstAt(cook.minute, curve, fromC),
        overMin: toC === undefined ? undefined : firstAt(cook.minute, curve, toC),
      };
    })
    .sort(
      (a, b) => Number(a.where === 'surface') - Number(b.where === 'surface') || a.fromC - b.fromC,
    );
}

function firstAt(minute: Float64Array, curve: Float64Array, tempC: number): number | undefined {
  const found = curve.findIndex((value) => value >= tempC);
  return found === -1 ? undefined : minute[found];
}
