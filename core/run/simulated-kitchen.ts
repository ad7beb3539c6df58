import {
  cookUpTo,
  settledTime,
  stepFactsOf,
  type Dish,
  type Meal,
  type Step,
} from '../meal/index.ts';
import { NINE_IN_TEN_Z } from '../figures/index.ts';
import { cookOnce, type ProbeReading } from '../heat/index.ts';
import { normalNumbers } from './chance.ts';
import { simulateCook, type HiddenKitchen, type SimulatedCook } from './simulated-cook.ts';

/** A cook is so much quicker or slower at a job than usual, as a logarithm. Our own, no source. */
const PACE_LOG_SD = 0.15;

/** How long things really take in one kitchen on one evening, by a seed; nobody in it knows. */
export class SimulatedKitchen {
  private readonly lengths = new Map<string, number>();
  private readonly cooks = new Map<string, SimulatedCook>();

  /**
   * @param stalls by step: so many times as long as it otherwise would take
   * @param hidden what is always so here, whatever the evening
   */
  constructor(
    private readonly seed: number,
    private readonly stalls: ReadonlyMap<string, number> = new Map(),
    private readonly hidden: HiddenKitchen = {},
  ) {}

  /** Minutes a step really takes from its beginning, its hands all there. */
  lengthOf(meal: Meal, dish: Dish, step: Step): number {
    const known = this.lengths.get(step.id);
    if (known !== undefined) return known;
    const drawn = this.draw(meal, dish, step) * (this.stalls.get(step.id) ?? 1);
    this.lengths.set(step.id, drawn);
    return drawn;
  }

  /** Hands-on minutes a job of so many usual ones really takes. */
  handsOf(job: string, minutes: number): number {
    const evening = Math.exp(PACE_LOG_SD * normalNumbers(this.seedOf(`hands ${job}`))());
    return minutes * evening * (this.hidden.pace ?? 1);
  }

  /** What a probe in a step's food, and beside it, says so many minutes after the step began. */
  readAt(meal: Meal, dish: Dish, step: Step, minute: number): ProbeReading {
    const truth = this.cookOf(meal, dish, step);
    const before = truth.endsMin.at(-2) ?? 0;
    const stall = this.stalls.get(step.id) ?? 1;
    return truth.read(before + minute / stall, 'core');
  }

  private cookOf(meal: Meal, dish: Dish, step: Step): SimulatedCook {
    const known = this.cooks.get(step.id);
    if (known) return known;
    const made = simulateCook(cookUpTo(meal, dish, step), this.seedOf(dish.id), this.hidden);
    this.cooks.set(step.id, made);
    return made;
  }

  private draw(meal: Meal, dish: Dish, step: Step): number {
    const { duration } = settledTime(step.time, stepFactsOf(meal, dish, step));
    const { leastMin, likelyMin, mostMin } = duration;
    if (step.time.kind === 'heat') {
      const truth = this.cookOf(meal, dish, step);
      const length = (truth.endsMin.at(-1) ?? 0) - (truth.endsMin.at(-2) ?? 0);
      const usual = cookOnce(cookUpTo(meal, dish, step), undefined, { everyMin: 1e6 });
      const last = usual.stages.at(-1)?.minutes ?? likelyMin;
      // In proportion to what the plan reckons with, which counts rounds and several pieces too.
      return last > 0 ? (likelyMin * length) / last : likelyMin;
    }
    const z = normalNumbers(this.seedOf(step.id))();
    const sd = (z < 0 ? likelyMin - leastMin : mostMin - likelyMin) / NINE_IN_TEN_Z;
    const all = step.hands.some(({ when }) => when === 'all');
    return Math.max(1, (likelyMin + z * sd) * (all ? (this.hidden.pace ?? 1) : 1));
  }

  /** A seed of its own for everything that has a name. */
  private seedOf(name: string): number {
    let hash = this.seed;
    for (let i = 0; i < name.length; i++) hash = (Math.imul(hash, 31) + name.charCodeAt(i)) | 0;
    return hash;
  }
}
