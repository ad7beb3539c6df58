import type { Avoidable, Pantry } from '../pantry/index.ts';
import type { SpoonSystem } from '../quantity/index.ts';
import { boil, ontoRaw, mixed, toServe, type Servable } from './contact.ts';
import { NOTHING, plus, times, type Contents } from './contents.ts';
import { gramsOfAmount, mixableOf, type Mixable } from './line.ts';
import type { Mixture, MixtureLine } from './mixture.ts';

/** Where the lines of a mixture find what they are made of. */
export interface Shelf {
  readonly pantry: Pantry;
  readonly siblings: readonly Mixture[];
  readonly spoons: SpoonSystem;
}

/** What lines hold at the amounts they are written with. */
export function contentsOf(lines: readonly MixtureLine[], shelf: Shelf): Contents {
  return lines.reduce((sum, line) => {
    const of = mixableOfLine(line, shelf);
    return plus(sum, of.perGram, gramsOfAmount(line.amount, of, shelf.spoons));
  }, NOTHING);
}

/**
 * What a line takes: an ingredient, or another mixture as one thing. What has been on raw food
 * is taken boiled: there is no other way to ask for it.
 */
export function mixableOfLine(line: MixtureLine, shelf: Shelf): Mixable {
  if (line.part === undefined) return mixableOf(line.ingredient, shelf.pantry);
  const source = shelf.siblings.find((mixture) => mixture.id === line.ingredient);
  if (!source) throw new RangeError(`the dish has no mixture “${line.ingredient}”`);
  const contents = contentsOf(source.lines, shelf);
  const whole = mixed(contents);
  const taken = line.part === 'used' && source.touchesRaw ? boil(ontoRaw(whole)) : whole;
  return mixableOfMixture(source, contents, taken, holdsOf(source, shelf));
}

function mixableOfMixture(
  source: Mixture,
  contents: Contents,
  taken: Servable,
  holds: readonly Avoidable[],
): Mixable {
  const perGram = contents.grams > 0 ? times(contents, 1 / contents.grams) : NOTHING;
  // Heat ends what raw fruit does to meat.
  const cooked = taken.contact === 'boiled' || source.boiled === true;
  return {
    id: source.id,
    name: source.name,
    spice: source.kind === 'rub',
    crystal: false,
    holds,
    gPerMl: contents.ml > 0 ? contents.grams / contents.ml : 1,
    // "1" of it is all that there is to serve, as the recipe is written.
    countG: { '': toServe(taken) },
    perGram: cooked ? { ...perGram, strongEnzymeG: 0, mildEnzymeG: 0 } : perGram,
  };
}

/** Everything in a mixture that someone may avoid, through the mixtures it is made of. */
export function holdsOf(mixture: Pick<Mixture, 'lines'>, shelf: Shelf): Avoidable[] {
  return [...new Set(mixture.lines.flatMap((line) => mixableOfLine(line, shelf).holds))];
}
