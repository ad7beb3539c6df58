import { environmentNamed, USUAL_CONDITIONS, COOKERS } from '../places/index.ts';
import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { CUTS } from '../pantry/index.ts';
import { cylinderCore, slabCore, timeTo } from '../test/series.ts';
import { bodyOf, type Body } from './body.ts';
import { dimensionsOf } from './cut-dimensions.ts';
import { cook, type End, type Stage } from './cook.ts';
import type { PreparedPiece } from './prepared-piece.ts';
import { compositionOf } from './makeup.ts';
import { conductivityOf, densityOf, heatCapacityOf, type Composition } from './composition.ts';
import { cookOnce, type CookSpec } from './cook-spec.ts';
import { collagenOf } from './tenderness.ts';
import { constantProperties, enthalpyOf, thermalPropertiesOf } from './thermal-properties.ts';

const K = 0.5;
const RHO = 1000;
const CP = 3600;
const HALF_M = 0.03;
const DRY = { permeance: 1e-8, crustKgPerM2: 1, crustPower: 1, juiceShare: 0 };

function plain(body: Body): PreparedPiece {
  const properties = constantProperties(K, RHO, CP);
  return {
    body,
    properties,
    surface: DRY,
    boilingC: 200,
    weightG: 1000,
    startC: 20,
    softening: collagenOf(1),
  };
}

/** θ of core and surface of a body after a Fourier time, in a bath. */
function thetas(body: Body, biot: number, fourier: number, cells: number): [number, number] {
  const minutes = (fourier * HALF_M ** 2 * RHO * CP) / K / 60;
  const around = { airC: 80, convection: (biot * K) / HALF_M, emissivity: 0 };
  const stages: Stage[] = [{ around, end: { kind: 'minutes', minutes } }];
  const done = cook(plain(body), stages, { cells, everyMin: 1e6 });
  const theta = (tempC: number | undefined) => ((tempC ?? NaN) - 80) / (20 - 80);
  return [theta(done.coreC.at(-1)), theta(done.surfaceC.at(-1))];
}

/** The Fourier time at which the core of a body is down at θ. */
function fourierTo(body: Body, biot: number, theta: number): number {
  const around = { airC: 80, convection: (biot * K) / HALF_M, emissivity: 0 };
  const end: End = { kind: 'core', coreC: 80 - 60 * theta };
  const { minutes } = cook(plain(body), [{ around, end }], { cells: 24, everyMin: 1e6 });
  return (minutes * 60 * K) / (HALF_M ** 2 * RHO * CP);
}

describe('conduction against exact solutions', () => {
  // The series of Carslaw and Jaeger, reckoned here; a few values of the reference printed beside.
  it('has a series that says what the reference says', () => {
    expect(slabCore(1)(0.5)).toBeCloseTo(0.7725264, 6);
    expect(slabCore(0.5)(2)).toBeCloseTo(0.4557786, 6);
    expect(cylinderCore(100)(0.1)).toBeCloseTo(0.8554562, 5);
  });

  it.each([
    ['slab', 1, slabCore],
    ['cylinder', 2, cylinderCore],
  ] as const)('%s: θ of the core within 3e-4', (_name, dimension, coreOf) => {
    for (const biot of [0.1, 1, 10, 100]) {
      const exact = coreOf(biot);
      for (const fourier of [0.1, 0.2, 0.5, 1, 2]) {
        const [core] = thetas({ dimension, halfM: HALF_M }, biot, fourier, 50);
        expect(Math.abs(core - exact(fourier))).toBeLessThan(3e-4);
      }
    }
  });

  // From the reference, computed there: Bi, Fo, θ core, θ surface.
  it.each([
    [1, 0.1, 0.9931083, 0.7235772],
    [1, 0.5, 0.7725264, 0.5045219],
    [0.5, 2, 0.4557786, 0.3619337],
  ])('slab at Bi %d, Fo %d: core and surface', (biot, fourier, core, surface) => {
    const [here, outside] = thetas({ dimension: 1, halfM: HALF_M }, biot, fourier, 50);
    expect(Math.abs(here - core)).toBeLessThan(3e-4);
    expect(Math.abs(outside - surface)).toBeLessThan(3e-4);
  });

  it('lets one-dimensional bodies stand in for bricks, rods and discs', () => {
    const bodies = [
      [{ kind: 'brick', halfM: HALF_M, wide: 1.3, long: 1.6 }, 1 / 1.3, 1 / 1.6],
      [{ kind: 'brick', halfM: HALF_M, wide: 2, long: 3 }, 1 / 2, 1 / 3],
      [{ kind: 'rod', halfM: HALF_M, long: 1.5 }, 0, 1 / 1.5],
      [{ kind: 'disc', halfM: HALF_M, wide: 2.2 }, 1 / 2.2, 0],
    ] as const;
    const off: number[] = [];
    for (const [form, a, b] of bodies) {
      for (const biot of [0.5, 2, 7]) {
        const side = (share: number, of: typeof slabCore) => {
          const core = share === 0 ? () => 1 : of(biot / share);
          return (fo: number) => core(fo * share * share);
        };
        const [x, y, z] =
          form.kind === 'brick'
            ? [slabCore(biot), side(a, slabCore), side(b, slabCore)]
            : form.kind === 'rod'
              ? [cylinderCore(biot), side(b, slabCore), () => 1]
              : [slabCore(biot), side(a, cylinderCore), () => 1];
        for (const theta of [0.6, 0.35, 0.2]) {
          const exact = timeTo((fo) => x(fo) * y(fo) * z(fo), theta);
          off.push(Math.abs(fourierTo(bodyOf(form, biot), biot, theta) / exact - 1));
        }
      }
    }
    // The reference's own fits: 0.7 % in the mean, 3.4 % at worst.
    expect(off.reduce((sum, one) => sum + one, 0) / off.length).toBeLessThan(0.015);
    expect(Math.max(...off)).toBeLessThan(0.04);
  });
});

describe('what food is made of', () => {
  // Reference: Choi and Okos as ASHRAE prints them, examples computed there.
  const lean: Composition = {
    water: 0.715,
    protein: 0.215,
    fat: 0.06,
    carbohydrate: 0,
    ash: 0.01,
    freezesAtC: -1.7,
  };

  it('conducts, weighs and holds heat as the handbook reckons', () => {
    expect(densityOf(lean, 20)).toBeCloseTo(1055, -1);
    expect(conductivityOf(lean, 20)).toBeCloseTo(0.504, 2);
    expect(conductivityOf(lean, -20)).toBeCloseTo(1.485, 1);
    expect(heatCapacityOf(lean, 60) / 1000).toBeCloseTo(3.544, 2);
    const properties = thermalPropertiesOf(lean);
    const thaws = (enthalpyOf(properties, 4) - enthalpyOf(properties, -18)) / 1000;
    expect(Math.abs(thaws / 251 - 1)).toBeLessThan(0.02);
    expect((enthalpyOf(properties, 63) - enthalpyOf(properties, 4)) / 1000).toBeCloseTo(208, -1);
  });

  it('is the whole of it, for every cut', () => {
    for (const cut of CUTS.values()) {
      const { freezesAtC, ...shares } = compositionOf(cut);
      expect(Object.values(shares).reduce((sum, one) => sum + one, 0)).toBeCloseTo(1, 9);
      expect(freezesAtC).toBeLessThan(0);
    }
  });

  it('thaws as Plank’s formula says, on its own assumptions', () => {
    // t = ρ·L/(Ta − Tf)·(P·a/h + R·a²/k); slab P ½, R ⅛, k of what has thawed. Reference: thawing.
    // Its assumptions: all of it at the freezing point to begin with, heat only to melt it.
    const [thickM, h, airC] = [0.05, 30, 15];
    const properties = thermalPropertiesOf(lean);
    const k = conductivityOf(lean, 3);
    const meltJ = enthalpyOf(properties, -1) - enthalpyOf(properties, -5);
    const plankMin =
      ((properties.densityKgPerM3 * meltJ) / (airC + 1.7)) *
      ((0.5 * thickM) / h + (0.125 * thickM ** 2) / k);
    const food = { ...plain({ dimension: 1, halfM: thickM / 2 }), properties, startC: -5 };
    const end: End = { kind: 'core', coreC: -1 };
    const around = { airC, convection: h, emissivity: 0 };
    const { minutes } = cook(food, [{ around, end }], { cells: 40, everyMin: 1e6 });
    expect(Math.abs(minutes / (plankMin / 60) - 1)).toBeLessThan(0.1);
  });
});

const stages = fc.constantFrom(...COOKERS).chain((cooker) => {
  const [low, high] = environmentNamed(cooker).heats ?? [0, 0];
  return fc.record({
    cooker: fc.constant(cooker),
    tempC: low === high ? fc.constant(undefined) : fc.integer({ min: low, max: high }),
    end: fc.record({
      kind: fc.constant('minutes' as const),
      minutes: fc.integer({ min: 1, max: 90 }),
    }),
  });
});

const specs: fc.Arbitrary<CookSpec> = fc.record({
  piece: fc.record({
    cut: fc.constantFrom(...CUTS.values()),
    weightG: fc.integer({ min: 60, max: 6000 }),
  }),
  startC: fc.integer({ min: -20, max: 25 }),
  conditions: fc.record({
    altitudeM: fc.integer({ min: 0, max: 3000 }),
    roomC: fc.constant(21),
    outdoorC: fc.constant(8),
    windMPerS: fc.constant(2),
  }),
  stages: fc.array(stages, { minLength: 1, maxLength: 3 }),
});

describe('any cook', () => {
  it('keeps its heat to a part in a thousand million, and never passes its fire', () => {
    fc.assert(
      fc.property(specs, (spec) => {
        const done = cookOnce(spec, undefined, { cells: 10 });
        const scale = Math.max(1, Math.abs(done.takenUpJ), done.steamedJ);
        expect(Math.abs(done.takenUpJ - done.heldJ - done.steamedJ) / scale).toBeLessThan(1e-9);
        for (const coreC of done.coreC) expect(Number.isFinite(coreC)).toBe(true);
        expect(done.evaporated).toBeGreaterThanOrEqual(0);
        expect(done.tenderness).toBeLessThanOrEqual(1);
      }),
      { numRuns: 40 },
    );
  });

  it('takes longer when thicker, cooler or wanted hotter', () => {
    const roast = fc.record({
      thicknessMm: fc.integer({ min: 30, max: 120 }),
      tempC: fc.integer({ min: 110, max: 230 }),
      coreC: fc.integer({ min: 45, max: 75 }),
      cooker: fc.constantFrom('oven' as const, 'smoker' as const, 'fan-oven' as const),
    });
    type Roast = typeof roast extends fc.Arbitrary<infer One> ? One : never;
    const cut = CUTS.get('beef-rump-roast');
    if (!cut) throw new Error('no rump');
    const minutes = ({ thicknessMm, tempC, coreC, cooker }: Roast) => {
      // The same proportions: a larger piece and not a flatter one.
      const weightG = 1600 * (thicknessMm / 80) ** 3;
      return cookOnce(
        {
          piece: { cut, weightG },
          startC: 5,
          conditions: USUAL_CONDITIONS,
          stages: [{ cooker, tempC, end: { kind: 'core', coreC } }],
        },
        undefined,
        { everyMin: 1e6 },
      ).minutes;
    };
    fc.assert(
      fc.property(roast, (one) => {
        const usual = minutes(one);
        expect(minutes({ ...one, thicknessMm: one.thicknessMm + 8 })).toBeGreaterThan(usual);
        expect(minutes({ ...one, tempC: one.tempC + 10 })).toBeLessThan(usual);
        expect(minutes({ ...one, coreC: one.coreC + 3 })).toBeGreaterThan(usual);
      }),
      { numRuns: 15 },
    );
  });

  it('depends a little on the grid where the surface boils dry in a pan', () => {
    const cut = CUTS.get('beef-steak');
    if (!cut) throw new Error('no steak');
    const minutes = (cells: number) =>
      cookOnce(
        {
          piece: { cut, weightG: 300 },
          startC: 5,
          conditions: USUAL_CONDITIONS,
          stages: [{ cooker: 'pan', turnEveryMin: 2, end: { kind: 'core', coreC: 54 } }],
        },
        undefined,
        { cells, everyMin: 1e6 },
      ).minutes;
    expect(Math.abs(minutes(20) / minutes(60) - 1)).toBeLessThan(0.03);
  });

  it('hardly depends on the grid', () => {
    const grids: ReadonlyArray<readonly [string, CookSpec['stages'][number]]> = [
      ['pork-shoulder-bone-in', { cooker: 'smoker', tempC: 110, end: { kind: 'core', coreC: 92 } }],
      ['chicken-whole', { cooker: 'oven', tempC: 180, end: { kind: 'core', coreC: 74 } }],
      ['beef-chuck', { cooker: 'braise', end: { kind: 'tender', tenderness: 0.9 } }],
      ['salmon-fillet', { cooker: 'steam', end: { kind: 'core', coreC: 58 } }],
    ];
    for (const [id, stage] of grids) {
      const cut = CUTS.get(id);
      if (!cut) throw new Error(id);
      const piece = { cut, weightG: dimensionsOf(cut)?.atG ?? cut.pieceG ?? 300 };
      const spec = { piece, startC: 5, conditions: USUAL_CONDITIONS, stages: [stage] };
      const minutes = (cells?: number) =>
        cookOnce(spec, undefined, { everyMin: 1e6, ...(cells !== undefined && { cells }) }).minutes;
      const fine = minutes(60);
      expect(Math.abs(minutes(30) / fine - 1), `${id}, half the grid`).toBeLessThan(0.003);
      expect(Math.abs(minutes() / fine - 1), `${id}, sliders`).toBeLessThan(0.006);
    }
  });
});
