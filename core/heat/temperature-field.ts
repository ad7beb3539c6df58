import type { Body } from './body.ts';
import { cellsOf, cellWithin, coreOf, mover, type Cells } from './cells.ts';
import type { PreparedPiece } from './prepared-piece.ts';
import { SurfaceBalance } from './surface-balance.ts';
import { absorbedIn } from './waves.ts';
import { juiceShareAt } from './juice.ts';
import { enthalpyOf, type ThermalProperties } from './thermal-properties.ts';
import type { Surroundings } from '../places/index.ts';

/** Of the largest step that is stable. */
const SAFETY = 0.9;
/** The step is looked at anew after so many. */
const LOOK_EVERY = 8;
/** Least heat capacity a cell may come to within those, J/(kg·K): what it holds while it melts or boils is more. */
const LEAST_CAPACITY = 3300;

/**
 * The temperatures inside a food: finite volumes from the core to the surface, in enthalpy form,
 * advanced by explicit steps. What flows out of one cell flows into the next, so heat is kept
 * exactly. A flat food with different sides has a face at either end.
 */
export class TemperatureField {
  tempC: Float64Array;
  /** J/kg of the whole that steam has carried away from inside. */
  steamedJ = 0;
  /** J/kg of the whole, taken up through the faces so far. */
  takenUpJ = 0;
  private enthalpy: Float64Array;
  private readonly conductivity: Float64Array;
  private peakC: Float64Array;
  private pressed: Float64Array;
  /** J/kg of each cell that steam has carried away. */
  private steamed: Float64Array;
  private boilingC: number;
  private boilingJ: number;
  private made: Cells;
  private forkCell: number;
  private readonly outer: SurfaceBalance;
  private readonly inner: SurfaceBalance;
  private readonly stuff: ThermalProperties;
  private readonly startJ: number;
  private around: Surroundings | undefined;
  /** What waves leave in each cell, W/kg; undefined where there are none. */
  private absorbed: Float64Array | undefined;
  private stepSeconds = 0;
  private steps = 0;
  /** Of one temperature through and through, when last looked at. */
  private even = false;
  private juiceOutM = 0;
  /** Shares of the raw mass: juice pressed out, and what evaporated in bodies it had before. */
  private pressedShare = 0;
  private evaporatedBefore = 0;

  /** @param count of cells */
  constructor(
    private readonly food: PreparedPiece,
    private readonly count: number,
  ) {
    const { properties, startC, surface, boilingC } = food;
    this.stuff = properties;
    this.made = cellsOf(food.body, false, count);
    this.forkCell = cellWithin(this.made, count, FORK_AT_MASS);
    this.startJ = enthalpyOf(properties, startC);
    this.enthalpy = new Float64Array(count).fill(this.startJ);
    this.tempC = new Float64Array(count).fill(startC);
    this.conductivity = new Float64Array(count);
    this.peakC = new Float64Array(count).fill(startC);
    this.pressed = new Float64Array(count).fill(juiceShareAt(startC));
    this.steamed = new Float64Array(count);
    this.boilingC = boilingC;
    this.boilingJ = enthalpyOf(properties, boilingC);
    this.outer = new SurfaceBalance(startC, surface);
    this.inner = new SurfaceBalance(startC, surface);
    this.look();
  }

  get surfaceC(): number {
    return this.outer.tempC;
  }

  get coreC(): number {
    return coreOf(this.made, this.tempC);
  }

  /** Half-way through the part a fork tries: what is judged by its tenderness. */
  get forkC(): number {
    return this.tempC[this.forkCell] as number;
  }

  /** The body that stands for the food from here on, and whether its faces are in different surroundings. */
  take(body: Body, twoFaced: boolean): void {
    const { made } = this;
    if (made.twoFaced === twoFaced && sameBody(made.body, body)) return;
    const next = cellsOf(body, twoFaced, this.count);
    this.evaporatedBefore += this.evaporatedNow();
    if (twoFaced && !made.twoFaced) this.inner.takeOver(this.outer, this.outer);
    else if (!twoFaced && made.twoFaced) this.outer.takeOver(this.outer, this.inner);
    this.outer.evaporated = 0;
    this.inner.evaporated = 0;
    const move = mover(made, next);
    this.enthalpy = move(this.enthalpy);
    this.steamed = move(this.steamed);
    this.pressed = move(this.pressed);
    this.peakC = move(this.peakC);
    this.made = next;
    this.forkCell = cellWithin(next, this.count, FORK_AT_MASS);
    this.around = undefined;
    this.look();
  }

  /**
   * One step in time, as long as is stable.
   *
   * @returns its length in seconds, at most `most`
   */
  step(
    outer: Surroundings,
    outerC: number,
    inner: Surroundings,
    innerC: number,
    most: number,
  ): number {
    if (outer !== this.around) this.enter(outer);
    this.around = outer;
    if (this.steps++ % LOOK_EVERY === 0) {
      this.stepSeconds = this.stableSeconds();
      this.even = this.isEven();
    }
    if (
      this.even &&
      this.absorbed === undefined &&
      this.isAt(outer, outerC) &&
      this.isAt(inner, innerC)
    ) {
      return Math.min(most, EVEN_SECONDS);
    }
    const { conductivity, tempC, enthalpy } = this;
    const { dx, faceArea, areaPerDx, perVolume, whole, twoFaced } = this.made;
    const seconds = this.stepSeconds < most ? this.stepSeconds : most;
    const last = this.count - 1;
    const juice = this.juiceOutM;
    const outside = this.outer.flow(
      outer,
      outerC,
      (2 * (conductivity[last] as number)) / dx,
      tempC[last] as number,
      seconds,
      juice,
      this.boilingC,
    );
    const inside = twoFaced
      ? this.inner.flow(
          inner,
          innerC,
          (2 * (conductivity[0] as number)) / dx,
          tempC[0] as number,
          seconds,
          juice,
          this.boilingC,
        )
      : 0;
    const perMass = seconds / this.stuff.densityKgPerM3;
    let into = inside * (faceArea[0] as number);
    const throughInner = into;
    let here = conductivity[0] as number;
    let hereC = tempC[0] as number;
    for (let i = 0; i < last; i++) {
      const next = conductivity[i + 1] as number;
      const nextC = tempC[i + 1] as number;
      const across = ((2 * here * next) / (here + next)) * (areaPerDx[i + 1] as number);
      const out = across * (hereC - nextC);
      enthalpy[i] = (enthalpy[i] as number) + (into - out) * perMass * (perVolume[i] as number);
      into = out;
      here = next;
      hereC = nextC;
    }
    const taken = outside * (faceArea[last + 1] as number);
    enthalpy[last] =
      (enthalpy[last] as number) + (into + taken) * perMass * (perVolume[last] as number);
    this.takenUpJ += ((taken + throughInner) * perMass) / whole;
    if (this.absorbed) this.absorb(this.absorbed, seconds);
    this.look();
    return seconds;
  }

  /** New surroundings: looked at anew, and water boils where it boils in them. */
  private enter({ boilingC = this.food.boilingC, waves }: Surroundings): void {
    this.steps = 0;
    this.absorbed = waves && absorbedIn(this.made, waves, this.food.weightG);
    if (boilingC === this.boilingC) return;
    this.boilingC = boilingC;
    this.boilingJ = enthalpyOf(this.stuff, boilingC);
  }

  private absorb(wattsPerKg: Float64Array, seconds: number): void {
    const { enthalpy } = this;
    const { volume, whole } = this.made;
    for (let i = 0; i < this.count; i++) {
      const joulesPerKg = (wattsPerKg[i] as number) * seconds;
      enthalpy[i] = (enthalpy[i] as number) + joulesPerKg;
      this.takenUpJ += (joulesPerKg * (volume[i] as number)) / whole;
    }
  }

  /** Temperatures and conductivities from the enthalpies; and the juice pressed out on the way. */
  private look(): void {
    const {
      enthalpy,
      tempC,
      conductivity,
      peakC,
      pressed,
      stuff: properties,
      count,
      steamed,
      boilingJ,
    } = this;
    const { volume, whole, faceArea } = this.made;
    const { fromJ, stepJ, boilsAwayJ, densityKgPerM3, tempAndConductivity } = properties;
    const top = tempAndConductivity.length / 2 - 2;
    const perStep = 1 / stepJ;
    let juice = 0;
    for (let i = 0; i < count; i++) {
      const over = (enthalpy[i] as number) - boilingJ;
      if (over > 0) this.boil(i, over, boilsAwayJ);
      const place = ((enthalpy[i] as number) - fromJ) * perStep;
      const at = place < 0 ? 0 : place > top ? top : place | 0;
      const part = place - at;
      const row = 2 * at;
      const low = tempAndConductivity[row] as number;
      const now = low + part * ((tempAndConductivity[row + 2] as number) - low);
      tempC[i] = now;
      const k = tempAndConductivity[row + 1] as number;
      const moist = k + part * ((tempAndConductivity[row + 3] as number) - k);
      const dry = steamed[i] as number;
      conductivity[i] = dry > 0 ? moist * (1 - (DRY_K_LOSS * dry) / boilsAwayJ) : moist;
      if (now > (peakC[i] as number) + JUICE_STEP_C) {
        peakC[i] = now;
        const share = juiceShareAt(now);
        const before = pressed[i] as number;
        if (share > before) {
          juice += (share - before) * (volume[i] as number);
          pressed[i] = share;
        }
      }
    }
    this.pressedShare += juice / whole;
    const area = (faceArea[count] as number) + (faceArea[0] as number);
    this.juiceOutM = (this.food.surface.juiceShare * juice * densityKgPerM3) / area;
  }

  /** At the boiling point heat goes into steam, which leaves, until the cell has no more to give. */
  private boil(i: number, over: number, mostJ: number): void {
    const left = mostJ - (this.steamed[i] as number);
    const lost = over < left ? over : left;
    if (lost <= 0) return;
    this.steamed[i] = (this.steamed[i] as number) + lost;
    this.enthalpy[i] = (this.enthalpy[i] as number) - lost;
    this.steamedJ += (lost * (this.made.volume[i] as number)) / this.made.whole;
  }

  private isEven(): boolean {
    const [first] = this.tempC;
    return this.tempC.every((one) => Math.abs(one - (first as number)) < EVEN_C);
  }

  /** Whether nothing flows any more: as warm as what it lies in, and nothing evaporates. */
  private isAt({ vapourPa, emissivity }: Surroundings, airC: number): boolean {
    const near = Math.abs(airC - (this.tempC[0] as number)) < EVEN_C;
    return near && vapourPa === undefined && emissivity === 0;
  }

  private stableSeconds(): number {
    const { count, conductivity, enthalpy } = this;
    const { faceArea, volume, dx } = this.made;
    const { fromJ, stepJ, capacity, densityKgPerM3 } = this.stuff;
    let most = Infinity;
    for (let i = 0; i < count; i++) {
      const k = conductivity[i] as number;
      // A surface may be held at one temperature by what it is in.
      const right = (i === count - 1 ? 2 : 1) * (faceArea[i + 1] as number);
      const left = (i === 0 ? 2 : 1) * (faceArea[i] as number);
      const place = Math.trunc(((enthalpy[i] as number) - fromJ) / stepJ);
      const own = capacity[Math.min(Math.max(place, 0), capacity.length - 2)] as number;
      const least = own > LEAST_CAPACITY ? LEAST_CAPACITY : own;
      const seconds = (densityKgPerM3 * least * (volume[i] as number) * dx) / (k * (left + right));
      if (seconds < most) most = seconds;
    }
    return SAFETY * most;
  }

  /** J/kg of the whole, held more than at the beginning. */
  heldJ(): number {
    const { volume, whole } = this.made;
    let sum = 0;
    for (let i = 0; i < this.count; i++) {
      sum += ((this.enthalpy[i] as number) - this.startJ) * (volume[i] as number);
    }
    return sum / whole;
  }

  /** Shares of the raw mass. */
  losses(): { evaporated: number; dripped: number } {
    const dripped = (1 - this.food.surface.juiceShare) * this.pressedShare;
    return { evaporated: Math.max(0, this.evaporatedBefore + this.evaporatedNow()), dripped };
  }

  /** Share of the raw mass that evaporated from the faces of this body. */
  private evaporatedNow(): number {
    const { faceArea, whole, twoFaced } = this.made;
    const inner = twoFaced ? this.inner.evaporated * (faceArea[0] as number) : 0;
    const outer = this.outer.evaporated * (faceArea[this.count] as number);
    return (outer + inner) / (whole * this.stuff.densityKgPerM3);
  }
}

function sameBody(a: Body, b: Body): boolean {
  return a.dimension === b.dimension && a.halfM === b.halfM;
}

/** A fork goes in to the middle and feels all on its way: so much of the mass lies within what it feels most. Our own figure, confidence 0.4. */
const FORK_AT_MASS = 0.3;
/** Nothing flows worth reckoning between temperatures so near. */
const EVEN_C = 0.01;
const EVEN_SECONDS = 60;
/** What has boiled dry conducts so much less. */
const DRY_K_LOSS = 0.6;
/** Juice is reckoned for each so many degrees more. */
const JUICE_STEP_C = 0.25;
