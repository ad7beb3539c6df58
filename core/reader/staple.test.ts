import { describe, expect, it } from 'vitest';
import { draftDish, readRecipe } from './index.ts';

const foodsOf = (text: string) => {
  const { foods, steps } = draftDish(readRecipe(text)).dish;
  return {
    cuts: foods.map(({ cut }) => cut),
    steps: steps.map(({ verb, foods: own }) => [verb, own?.length ?? foods.length]),
  };
};

describe('what is boiled and eaten for itself', () => {
  it('is a food of its own where rice boils beside what the dish is of', () => {
    const { cuts, steps } = foodsOf(
      'Rice salad\n\n300 g rice\n200 g cooked prawns\n\nBoil the rice for 12 minutes. Rest 10 minutes. Mix with the prawns.',
    );
    expect(cuts).toEqual(['cooked-fish', 'rice-dry']);
    expect(steps[0]).toEqual(['boil', 1]);
  });

  it('is none where rice goes into the pot with the meat', () => {
    const { cuts } = foodsOf(
      'Chicken and rice\n\n1 kg chicken thighs\n300 g rice\n700 ml stock\n\nBrown the chicken for 8 minutes. Add the rice and stock and simmer for 20 minutes.',
    );
    expect(cuts).toHaveLength(1);
    expect(cuts).not.toContain('rice-dry');
  });

  it('is a stock, of nothing but bones', () => {
    const { cuts } = foodsOf('Stock\n\n2 kg chicken bones\n4 l water\n\nSimmer for 4 hours.');
    expect(cuts).toEqual(['soup-starter']);
  });
});
