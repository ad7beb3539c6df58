import { coreAt, cookOnce, type CookSpec, type ProbeReading } from '../heat/index.ts';
import { environmentNamed, type Cooker } from '../places/index.ts';
import { normalNumbers } from './chance.ts';

/**
 * By how much a real piece and a real fire are otherwise than what was said of them, as standard
 * deviations; wider than the forecast's own, and partly of another kind, so that a forecast tried on
 * them meets what it does not know. Our own figures, no source.
 */
const OTHERWISE = {
  weightLog: 0.06,
  thicknessLog: 0.07,
  offset: 1.1,
  moistureLog: 0.4,
  startC: 1.5,
  /** Whatever else makes time go quicker or slower. */
  timeLog: 0.05,
  /** The sensor of the probe. */
  sensorC: 0.3,
  /** The fire wanders by so much around what it is set to. */
  fireC: 4,
} as const;

/** A cook as it really goes: what nobody in the kitchen knows. */
export interface SimulatedCook {
  /** When each stage really ends, minutes from the beginning. */
  readonly endsMin: readonly number[];
  readonly coreAt: (minute: number) => number;
  /** What a probe in it says at a minute, with its noise. */
  readonly read: (minute: number, probe: string) => ProbeReading;
}

/** What is always so in one kitchen, and nobody in it knows. */
export interface HiddenKitchen {
  /** How much hotter each cooker runs than it says, °C. */
  readonly offsetC?: Readonly<Partial<Record<Cooker, number>>> | undefined;
  /** Hands take so many times as long as usual. */
  readonly pace?: number | undefined;
}

/** Of a kitchen whose offset is given, the fire is off by so much less from one cook to the next. */
const SAME_KITCHEN = 0.35;

/** Cooks a spec as one kitchen really would, by a seed; the same every time. */
export function simulateCook(
  spec: CookSpec,
  seed: number,
  { offsetC }: HiddenKitchen = {},
): SimulatedCook {
  const draw = normalNumbers(seed);
  const scale = Math.exp(OTHERWISE.weightLog * draw());
  const variation = {
    thickness: Math.exp(OTHERWISE.thicknessLog * draw()),
    offset: OTHERWISE.offset * draw() * (offsetC === undefined ? 1 : SAME_KITCHEN),
    moisture: Math.exp(OTHERWISE.moistureLog * draw()),
    startC: OTHERWISE.startC * draw(),
  };
  const stretch = Math.exp(OTHERWISE.timeLog * draw());
  const piece = { ...spec.piece, weightG: spec.piece.weightG * scale };
  const other = { ...spec, piece, offsetC: { ...spec.offsetC, ...offsetC } };
  const truth = cookOnce(other, variation, { everyMin: 2 });
  let at = 0;
  const endsMin = truth.stages.map(({ minutes }) => (at += minutes * stretch));
  const core = (minute: number) => coreAt(truth, minute / stretch);
  const stageAt = (minute: number) => {
    const stage = endsMin.findIndex((end) => minute < end);
    return spec.stages[stage === -1 ? spec.stages.length - 1 : stage];
  };
  return {
    endsMin,
    coreAt: core,
    read: (minute, probe) => {
      const noise = normalNumbers(seed * 7919 + Math.round(minute * 60));
      const tenths = (value: number) => Math.round(value * 10) / 10;
      const coreC = tenths(core(minute) + OTHERWISE.sensorC * noise());
      const stage = stageAt(minute);
      const set = stage?.tempC;
      const hiddenC = (stage && other.offsetC[stage.cooker]) ?? 0;
      const { offsetSdC } = environmentNamed(stage?.cooker ?? 'oven');
      const offC = hiddenC + variation.offset * offsetSdC;
      const cookerC =
        set === undefined ? undefined : tenths(set + offC + OTHERWISE.fireC * noise());
      return cookerC === undefined ? { minute, probe, coreC } : { minute, probe, coreC, cookerC };
    },
  };
}
