import { describe, expect, it } from 'vitest';
import { draftDish, readRecipe } from './index.ts';

/** The fires of a dish, and what waits for each. */
function fires(method: string): string[] {
  const { steps } = draftDish(readRecipe(`Pork\n\n1.5 kg pork loin\n\n${method}`)).dish;
  return steps
    .filter(({ verb }) => verb === 'preheat' || verb === 'light')
    .map(({ id, verb, label, place }) => {
      const next = steps.filter(({ after }) => after.some((gap) => gap.step === id));
      const heat = place.tempC === undefined ? '' : ` @${place.tempC}`;
      return `${verb}${heat}, ${label}: ${next.map((one) => one.verb).join(', ')}`;
    });
}

describe('a fire nobody speaks of', () => {
  it.each([
    ['Roast at 180 °C for 75 minutes. Rest 15 minutes.', ['preheat @180, Heat the oven: roast']],
    [
      'Roast at 220 °C for 20 minutes, then at 160 °C for an hour.',
      ['preheat @220, Heat the oven: roast'],
    ],
    ['Smoke at 110 °C for 4 hours.', ['light @110, Light the smoker: smoke']],
    ['Grill over hot coals for 20 minutes.', ['light, Light the coals: grill']],
    [
      'Sear 4 minutes. Meanwhile light the barbecue. Grill 20 minutes. Finish in the oven at 150 °C for 10 minutes.',
      ['light, Light the barbecue: grill', 'preheat @150, Heat the oven: roast'],
    ],
  ])('is lit for the first step over it: %s', (method, told) =>
    expect(fires(method)).toEqual(told),
  );

  it.each([
    ['Put it in a cold oven, set it to 150 °C and roast for 3 hours.'],
    // The element over the shelf, and no coals.
    ['Simmer for an hour. Brown under the grill for 3 minutes.'],
    ['Fry for 10 minutes. Simmer for an hour.'],
    ['Simmer for an hour. Brush with barbecue sauce and brown under the grill for 3 minutes.'],
  ])('is none where none burns, or it goes in cold: %s', (method) =>
    expect(fires(method)).toEqual([]),
  );

  it('is no second one where it is said', () => {
    expect(fires('Heat the oven to 180 °C. Roast for 75 minutes.')).toHaveLength(1);
    expect(fires('Light the smoker. Smoke at 110 °C for 4 hours.')).toHaveLength(1);
  });
});
