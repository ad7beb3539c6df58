import { describe, expect, expectTypeOf, it } from 'vitest';
import { mixture, OIL, on, SALT, YOGHURT } from '../test/batches.ts';
import {
  boil,
  mixed,
  ontoRaw,
  scaleMixture,
  setAside,
  toServe,
  type Servable,
  type TouchedRaw,
} from './index.ts';

describe('clean, touched by raw food, boiled', () => {
  it('keeps the reserve clean and says what the rest has touched', () => {
    const reserve = { amount: '80 ml', purpose: 'for basting' };
    const { reserve: kept, onFood } = scaleMixture(
      mixture([YOGHURT, OIL, SALT], { reserve }),
      on(1000),
    );
    expect(kept?.kept.contact).toBe('clean');
    expect(onFood.contact).toBe('raw');
    const sauce = mixture([YOGHURT], { kind: 'sauce', touchesRaw: false });
    expect(scaleMixture(sauce, on(1000)).onFood.contact).toBe('clean');
  });

  it('lets nothing that touched raw food to the plate unboiled: the types do', () => {
    const { kept, rest } = setAside(mixed({ grams: 100, ml: 90 }), 0.25);
    expect(kept.grams + rest.grams).toBe(100);
    expect(toServe(kept)).toBe(25);
    const raw = ontoRaw(rest);
    // @ts-expect-error what has been on raw food is not served
    toServe(raw);
    // @ts-expect-error nor set aside as if it were clean
    setAside(raw, 0.5);
    expectTypeOf<TouchedRaw>().not.toExtend<Servable>();
    expect(boil(raw)).toMatchObject({ contact: 'boiled', grams: 45 });
    expect(toServe(boil(raw))).toBe(45);
  });
});
