import { describe, expect, it } from 'vitest';
import { CUTS, INGREDIENTS } from '../pantry/index.ts';
import { PATTERNS, patternDish, type Choices } from './index.ts';

const dishOf = (id: string, wish: Partial<Choices> = {}) => {
  const pattern = PATTERNS.find((one) => one.id === id);
  if (!pattern) throw new Error(id);
  return patternDish(pattern, wish, new Set());
};
const stepOf = (id: string, verb: string, wish: Partial<Choices> = {}) => {
  const step = dishOf(id, wish).steps.find((one) => one.verb === verb);
  if (!step) throw new Error(`${id} ${verb}`);
  return step;
};
const weightsOf = (id: string, mixture: string) =>
  new Map(
    dishOf(id)
      .mixtures.find(({ name }) => name === mixture)
      ?.lines.map(({ ingredient, amount }) => [ingredient, Number.parseFloat(amount)]),
  );

describe('eggs, as they are published', () => {
  // US and EU sizes of eggs, g in the shell, from memory, confidence 0.85; 50 g of a large one are
  // eaten, 33 of white and 17 of yolk.
  it.each([
    ['eggs-medium', 50, 'US medium', [0, 53]],
    ['eggs', 57, 'US large', [53, 63]],
    ['eggs-extra-large', 64, 'US extra large', [63, 73]],
    ['eggs-jumbo', 71, 'US jumbo', [63, 73]],
  ] as const)('%s weigh %d g', (id, grams, name, [least, most]) => {
    const cut = CUTS.get(id);
    expect(cut?.pieceG).toBe(grams);
    expect(cut?.name).toContain(name);
    expect(grams).toBeGreaterThanOrEqual(least);
    expect(grams).toBeLessThan(most);
    const europe = { 0: 'EU S', 53: 'EU M', 63: 'EU L' }[least];
    expect(cut?.name).toContain(europe);
  });

  it('are white and yolk in their usual shares', () => {
    const large = CUTS.get('eggs');
    expect((large?.pieceG ?? 0) * (1 - (large?.trimShare ?? 0))).toBeCloseTo(50, 0);
    expect(INGREDIENTS.get('egg-beaten')?.countG?.egg).toBe(50);
    expect(INGREDIENTS.get('egg-white')?.countG?.white).toBe(33);
    expect(INGREDIENTS.get('egg-yolk')?.countG?.yolk).toBe(17);
  });

  // From the fridge: soft 6, jammy 7, medium 9, hard 10 to 12 minutes; poached 3 to 4; held at 63 °C
  // for 45 to 60. Kitchen convention, from memory, confidence 0.85.
  it('take their usual minutes', () => {
    const most = (coreC: number) => {
      const { time } = stepOf('eggs', 'boil', { coreC });
      // The water comes to the boil first, by itself.
      const boiled = dishOf('eggs', { coreC }).steps.filter(({ verb }) => verb === 'boil')[1] ?? {
        time,
      };
      return boiled.time.kind === 'range' ? boiled.time.mostMin : 0;
    };
    expect([63, 66, 70, 77].map(most)).toEqual([6, 7, 9, 12]);
    expect(stepOf('eggs-poached', 'simmer').time).toMatchObject({ leastMin: 3, mostMin: 4 });
    const held = dishOf('eggs-low').steps.find(({ doneWhen }) => doneWhen?.coreC !== undefined);
    expect(held?.time).toMatchObject({ leastMin: 45, mostMin: 60 });
    expect(held?.place.tempC).toBe(63);
  });

  it('take longer when they are larger', () => {
    const likely = (cut: string) => {
      const boiled = dishOf('eggs', { cut, coreC: 66 }).steps.filter(
        ({ verb }) => verb === 'boil',
      )[1];
      return boiled?.time.kind === 'range' ? boiled.time.likelyMin : NaN;
    };
    expect(likely('eggs-jumbo')).toBeGreaterThan(likely('eggs'));
    expect(likely('eggs-medium')).toBeLessThanOrEqual(likely('eggs'));
  });
});

describe('what is baked and what sours, as it is published', () => {
  // Cores, kitchen convention and not safety, from memory, confidence 0.8: custard 77 to 82,
  // cheesecake 66, enriched bread 88, lean bread 93 to 98.
  it('is baked to its usual core', () => {
    const coresOf = (id: string) => PATTERNS.find((one) => one.id === id)?.cores('') ?? [];
    for (const coreC of coresOf('baked-custard')) {
      expect(coreC).toBeGreaterThanOrEqual(77);
      expect(coreC).toBeLessThanOrEqual(82);
    }
    expect(coresOf('cheesecake-cups')[0]).toBe(66);
    expect(stepOf('enriched-loaf', 'bake').doneWhen?.coreC).toBe(88);
    const lean = stepOf('sourdough-loaf', 'bake').doneWhen?.coreC ?? 0;
    expect(lean >= 93 && lean <= 98).toBe(true);
  });

  // Salt, kitchen convention, from memory, confidence 0.85: cabbage 2 % dry; cucumbers 3.5 to 5 % of the brine.
  it('is salted as is usual', () => {
    expect(weightsOf('soured-cabbage', 'Salt').get('salt-fine-sea')).toBe(20);
    const brine = weightsOf('soured-cucumbers', 'Brine');
    const [salt, water] = [brine.get('salt-fine-sea') ?? 0, brine.get('water') ?? 0];
    const pct = (salt / (salt + water)) * 100;
    expect(pct).toBeGreaterThanOrEqual(3.5);
    expect(pct).toBeLessThanOrEqual(5);
  });

  // Portions, from memory, confidence 0.7: a dessert is 120 to 160 g.
  it('is as much as one eats', () => {
    for (const id of ['baked-custard', 'cheesecake-cups']) {
      const { share } = dishOf(id).foods[0] ?? {};
      const grams = share?.kind === 'pieces' ? share.pieces * share.pieceG : 0;
      expect(grams, id).toBeGreaterThanOrEqual(120);
      expect(grams, id).toBeLessThanOrEqual(160);
    }
  });

  it('has as much dough or batter as its food weighs or wants', () => {
    for (const pattern of PATTERNS) {
      const dish = patternDish(pattern, {}, new Set());
      for (const mixture of dish.mixtures) {
        if (mixture.kind !== 'batter' || mixture.basis.kind !== 'perWeight') continue;
        const grams = mixture.lines.reduce((sum, { ingredient, amount }) => {
          const found = INGREDIENTS.get(ingredient);
          const [count = 0] = [Number.parseFloat(amount)];
          if (/ml$/.test(amount)) return sum + count * (found?.gPerMl ?? 1);
          if (/ g$/.test(amount)) return sum + count;
          return sum + count * (found?.countG?.[''] ?? 0);
        }, 0);
        expect(grams / mixture.basis.baselineG, pattern.id).toBeGreaterThan(0.97);
        expect(grams / mixture.basis.baselineG, pattern.id).toBeLessThan(1.06);
      }
    }
  });
});
