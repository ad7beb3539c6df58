import { describe, expect, it } from 'vitest';
import { corpus } from '../test/corpus.ts';
import {
  carriedOver,
  draftDish,
  likelyMend,
  mendLine,
  readRecipe,
  type ReadRecipe,
} from './index.ts';

const NONE: ReadonlySet<string> = new Set();
const open = ({ lines }: ReadRecipe) =>
  lines.filter(({ part, lost }) => part === 'unread' || lost).length;
const read = (method: string) =>
  readRecipe(`Barley pot\n\nIngredients\n200 g pearl barley\n\nMethod\n${method}`);
const mendsOf = (recipe: ReadRecipe) =>
  recipe.lines.map((_line, i) => likelyMend(recipe, i, 'metric'));

describe('the likely mend of a line that was not understood', () => {
  it.each([
    ['Roast the barley. Hers is at 160°C.', { kind: 'heat', verb: 'roast', tempC: 160 }],
    ['Simmer the barley. Pearls go last.', { kind: 'step', verb: 'prepare', after: 0 }],
    ['Simmer the barley for an hour. Parsnips 1.2 kg.', { kind: 'ingredient' }],
  ])('%s', (method, mend) => {
    const found = mendsOf(read(method)).filter((one) => one !== undefined);
    expect(found).toMatchObject([mend]);
  });

  it('of one number leaves the line marked for another', () => {
    const recipe = read('Roast the barley. Hers is at 160°C, my aunt’s at 230°C.');
    const at = recipe.lines.findIndex(({ text }) => text.startsWith('Hers'));
    const mend = likelyMend(recipe, at, 'metric');
    if (!mend) throw new Error('no mend');
    const mended = mendLine(recipe, at, mend);
    expect(mended.lines[at]?.lost).toBe(true);
    expect(mended.unread).toEqual(recipe.unread);
  });

  it('is none for how long it keeps', () => {
    const recipe = read('Simmer the barley for 40 minutes. It keeps four days.');
    expect(open(recipe)).toBe(1);
    expect(mendsOf(recipe).every((mend) => mend === undefined)).toBe(true);
  });

  it('leaves one line less open, and a dish that can be drawn up, through all the corpus', () => {
    for (const { text } of corpus()) {
      const recipe = readRecipe(text);
      recipe.lines.forEach((_line, i) => {
        const mend = likelyMend(recipe, i, 'metric');
        if (!mend) return;
        const mended = mendLine(recipe, i, mend);
        // A line with two numbers that nothing took stays marked for the other.
        const still = mended.lines[i]?.lost ? 0 : 1;
        expect(open(mended)).toBe(open(recipe) - still);
        expect(mended.unread).toHaveLength(recipe.unread.length - still);
        const steps = draftDish(mended).dish.steps.length;
        expect(steps).toBeGreaterThanOrEqual(draftDish(recipe).dish.steps.length);
        for (const { acts } of mended.lines)
          for (const act of acts) expect(mended.acts[act]).toBeDefined();
      });
    }
  });
});

describe('the other way a sentence may be meant', () => {
  it('is offered where the first is a guess, and leads back to the first', () => {
    for (const { text } of corpus()) {
      const first = readRecipe(text);
      for (const { sentence, other, acts } of first.lines) {
        if (sentence === undefined) continue;
        expect(first.lines.some((line) => line.sentence === sentence && line.guessed)).toBe(true);
        const second = readRecipe(text, 'us', new Set([sentence]));
        const line = second.lines.find((one) => one.sentence === sentence);
        expect(line?.other?.map(({ verb }) => verb)).toEqual(acts.map((i) => first.acts[i]?.verb));
        expect(line?.acts.map((i) => second.acts[i]?.verb)).toEqual(other?.map(({ verb }) => verb));
      }
    }
  });
});

describe('a chain the cook has corrected beside its text', () => {
  const before = read('Simmer the barley for 40 minutes. Pearls go last. Rest 10 minutes.');
  const draft = draftDish(before).dish;
  const at = before.lines.findIndex(({ text }) => text.startsWith('Pearls'));
  const mend = likelyMend(before, at, 'metric');

  it('takes a mended line in where it belongs, and keeps every correction', () => {
    if (!mend) throw new Error('no mend');
    const [simmer] = draft.steps;
    if (!simmer) throw new Error('no step');
    const dish = {
      ...draft,
      steps: draft.steps.map((step) =>
        step === simmer ? { ...step, label: 'Simmer on the small ring' } : step,
      ),
    };
    const after = mendLine(before, at, mend);
    const made = carriedOver({ of: before, ingredients: before.ingredients, dish }, after, NONE);
    expect(made.dish?.steps.map(({ label }) => label)).toEqual([
      'Simmer on the small ring',
      'Pearls go last',
      draft.steps[1]?.label,
    ]);
    const [first, second, third] = made.dish?.steps ?? [];
    expect(second?.after.map(({ step }) => step)).toEqual([first?.id]);
    expect(third?.after.map(({ step }) => step)).toEqual([second?.id]);
  });

  it('starts afresh with another text', () => {
    const other = read('Boil the barley for 20 minutes.');
    const dish = { ...draft, name: 'Mine' };
    expect(carriedOver({ of: before, ingredients: [], dish }, other, NONE)).toEqual({
      of: other,
      ingredients: other.ingredients,
    });
  });
});

it('nobody is offered to fry for nine hours', () => {
  const recipe = read('Fry the onions for 8 minutes. After 9 hours add the butter.');
  const at = recipe.lines.findIndex(({ text }) => text.startsWith('After'));
  expect(recipe.lines[at]?.part).toBe('unread');
  expect(likelyMend(recipe, at, 'metric')).toBeUndefined();
});
