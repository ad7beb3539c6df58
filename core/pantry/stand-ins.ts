import type { Ingredient } from './ingredient.ts';
import { type Pantry } from './pantry.ts';
import { StandInFile } from './rows.ts';
import data from './stand-ins.json';

/** What can take an ingredient's place, and how much of it. */
export interface StandIn {
  /** Grams of each for a gram of what it stands in for. */
  readonly parts: ReadonlyArray<{ readonly ingredient: Ingredient; readonly gPerG: number }>;
  readonly note?: string | undefined;
}

const FILE = StandInFile.parse(data);

/**
 * What can stand in for an ingredient. One salt stands in for any other by the weight of the
 * salt in it; the rest is from a table (common practice, no source).
 */
export function standInsFor(ingredient: Ingredient, pantry: Pantry): StandIn[] {
  const salts = ingredient.crystal
    ? [...pantry.ingredients.values()]
        .filter((other) => other.crystal && other.id !== ingredient.id && other.saltPct > 0)
        .map((other) => ({
          parts: [{ ingredient: other, gPerG: ingredient.saltPct / other.saltPct }],
        }))
    : [];
  const listed = FILE.standIns
    .filter((row) => row.for === ingredient.id)
    .flatMap((row): StandIn[] => {
      const parts = row.with.flatMap(({ ingredient: id, gPerG }) => {
        const other = pantry.ingredients.get(id);
        return other ? [{ ingredient: other, gPerG }] : [];
      });
      return parts.length === row.with.length ? [{ parts, note: row.note }] : [];
    });
  return [...salts, ...listed];
}
