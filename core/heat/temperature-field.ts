import { KELVIN_AT_0C, STEFAN_BOLTZMANN } from '../figures/index.ts';
import type { PreparedPiece } from './prepared-piece.ts';
import { SurfaceBalance } from './surface-balance.ts';
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
  readonly tempC: Float64Array;
  /** J/kg of the whole that steam has carried away from inside. */
  steamedJ = 0;
  /** J/kg of the whole, taken up through the faces so far. */
  takenUpJ = 0;
  private readonly enthalpy: Float64Array;
  private readonly conductivity: Float64Array;
  private readonly capacity: Float64Array;
  private readonly peakC: Float64Array;
  private readonly pressed: Float64Array;
  /** J/kg of each cell that steam has carried away. */
  private readonly steamed: Float64Array;
  private readonly boilingJ: number;
  private readonly faceArea: Float64Array;
  private readonly volume: Float64Array;
  private readonly whole: number;
  private readonly dx: number;
  private readonly outer: SurfaceBalance;
  private readonly inner: SurfaceBalance | undefined;
  private readonly stuff: ThermalProperties;
  private readonly startJ: number;
  /** Times its faces, by which heat comes in. */
  private edge = 1;
  private around: Surroundings | undefined;
  private stepSeconds = 0;
  private steps = 0;
  /** Of one temperature through and through, when last looked at. */
  private even = false;
  private juiceOutM = 0;
  private pressedAll = 0;
  private readonly coreWeight: number;

  constructor(
    private readonly food: PreparedPiece,
    readonly cells: number,
    twoFaced: boolean,
  ) {
    const { properties, startC, surface, boilingC } = food;
    // What lies on one side keeps its own thickness; what it takes up by its edges is reckoned beside.
    const { halfM } = twoFaced ? food.flat : food.body;
    const dimension = twoFaced ? 1 : food.body.dimension;
    this.stuff = properties;
    this.dx = ((twoFaced ? 2 : 1) * halfM) / cells;
    const x = (i: number) => i * this.dx;
    this.faceArea = Float64Array.from({ length: cells + 1 }, (_unused, i) =>
      i === 0 ? (twoFaced ? 1 : 0) : x(i) ** (dimension - 1),
    );
    const moment = (i: number, n: number) => (x(i + 1) ** n - x(i) ** n) / n;
    this.volume = Float64Array.from({ length: cells }, (_unused, i) => moment(i, dimension));
    this.whole = this.volume.reduce((sum, one) => sum + one, 0);
    // A cell's mean lies where x² is its own mean: the core is a little further in than the first.
    const square = (i: number) => moment(i, dimension + 2) / (this.volume[i] ?? 1);
    this.coreWeight = twoFaced ? 0 : square(0) / (square(1) - square(0));
    this.startJ = enthalpyOf(properties, startC);
    this.enthalpy = new Float64Array(cells).fill(this.startJ);
    this.tempC = new Float64Array(cells).fill(startC);
    this.conductivity = new Float64Array(cells);
    this.capacity = new Float64Array(cells);
    this.peakC = new Float64Array(cells).fill(startC);
    this.pressed = new Float64Array(cells).fill(juiceShareAt(startC));
    this.steamed = new Float64Array(cells);
    this.boilingJ = enthalpyOf(properties, boilingC);
    this.outer = new SurfaceBalance(startC, surface, boilingC);
    this.inner = twoFaced ? new SurfaceBalance(startC, surface, boilingC) : undefined;
    this.look();
  }

  get surfaceC(): number {
    return this.outer.tempC;
  }

  get coreC(): number {
    const { tempC, cells } = this;
    if (this.inner) {
      const middle = cells >> 1;
      return cells % 2 === 1
        ? (tempC[middle] as number)
        : ((tempC[middle - 1] as number) + (tempC[middle] as number)) / 2;
    }
    const [first, second] = [tempC[0] as number, tempC[1] as number];
    return first - (second - first) * this.coreWeight;
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
    if (outer !== this.around) this.steps = 0;
    this.around = outer;
    if (this.steps++ % LOOK_EVERY === 0) {
      this.edge = this.inner && outer === inner ? this.edgeOf(outer) : 1;
      this.stepSeconds = this.stableSeconds();
      this.even = this.isEven();
    }
    if (this.even && this.isAt(outer, outerC) && this.isAt(inner, innerC)) {
      return Math.min(most, EVEN_SECONDS);
    }
    const { dx, cells, conductivity, tempC, faceArea, volume, enthalpy, edge } = this;
    const seconds = this.stepSeconds < most ? this.stepSeconds : most;
    const last = cells - 1;
    const juice = this.juiceOutM;
    const outside = this.outer.flow(
      outer,
      outerC,
      (2 * (conductivity[last] as number)) / dx,
      tempC[last] as number,
      seconds,
      juice,
      edge,
    );
    const inside = this.inner
      ? this.inner.flow(
          inner,
          innerC,
          (2 * (conductivity[0] as number)) / dx,
          tempC[0] as number,
          seconds,
          juice,
          edge,
        )
      : 0;
    const perMass = seconds / this.stuff.densityKgPerM3;
    let into = inside * (faceArea[0] as number);
    const across = into;
    for (let i = 0; i < last; i++) {
      const [a, b] = [conductivity[i] as number, conductivity[i + 1] as number];
      const out =
        ((((2 * a * b) / (a + b)) * ((tempC[i] as number) - (tempC[i + 1] as number))) / dx) *
        (faceArea[i + 1] as number);
      enthalpy[i] = (enthalpy[i] as number) + ((into - out) * perMass) / (volume[i] as number);
      into = out;
    }
    const taken = outside * (faceArea[cells] as number);
    enthalpy[last] =
      (enthalpy[last] as number) + ((into + taken) * perMass) / (volume[last] as number);
    this.takenUpJ += ((taken + across) * perMass) / this.whole;
    this.look();
    return seconds;
  }

  /** Temperatures and conductivities from the enthalpies; and the juice pressed out on the way. */
  private look(): void {
    const {
      enthalpy,
      tempC,
      conductivity,
      capacity,
      peakC,
      stuff: properties,
      cells,
      steamed,
      boilingJ,
    } = this;
    const { fromJ, stepJ, boilsAwayJ } = properties;
    const top = properties.tempC.length - 2;
    let juice = 0;
    for (let i = 0; i < cells; i++) {
      const over = (enthalpy[i] as number) - boilingJ;
      if (over > 0) this.boil(i, over, boilsAwayJ);
      const place = ((enthalpy[i] as number) - fromJ) / stepJ;
      const at = place < 0 ? 0 : place > top ? top : place | 0;
      const part = place - at;
      const low = properties.tempC[at] as number;
      const now = low + part * ((properties.tempC[at + 1] as number) - low);
      tempC[i] = now;
      const k = properties.conductivity[at] as number;
      const moist = k + part * ((properties.conductivity[at + 1] as number) - k);
      const dry = steamed[i] as number;
      conductivity[i] = dry > 0 ? moist * (1 - (DRY_K_LOSS * dry) / boilsAwayJ) : moist;
      capacity[i] = properties.capacity[at] as number;
      if (now > (peakC[i] as number) + JUICE_STEP_C) {
        peakC[i] = now;
        const share = juiceShareAt(now);
        juice += (share - (this.pressed[i] as number)) * (this.volume[i] as number);
        this.pressed[i] = share;
      }
    }
    this.pressedAll += juice;
    const { densityKgPerM3 } = properties;
    const area = (this.faceArea[cells] as number) + (this.faceArea[0] as number);
    this.juiceOutM = (this.food.surface.juiceShare * juice * densityKgPerM3) / area;
  }

  /** At the boiling point heat goes into steam, which leaves, until the cell has no more to give. */
  private boil(i: number, over: number, mostJ: number): void {
    const left = mostJ - (this.steamed[i] as number);
    const lost = over < left ? over : left;
    if (lost <= 0) return;
    this.steamed[i] = (this.steamed[i] as number) + lost;
    this.enthalpy[i] = (this.enthalpy[i] as number) - lost;
    this.steamedJ += (lost * (this.volume[i] as number)) / this.whole;
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

  /** Heat from all around comes in by the edges as well: all of it where it comes slowly, little where it comes fast. */
  private edgeOf({ convection, emissivity, airC }: Surroundings): number {
    const { halfM, edges } = this.food.flat;
    const kelvin = (airC + (this.tempC[this.cells - 1] as number)) / 2 + KELVIN_AT_0C;
    const transfer = convection + 4 * STEFAN_BOLTZMANN * emissivity * kelvin ** 3;
    return 1 + edges / (1 + (EDGES_LESS * transfer * halfM) / (this.conductivity[0] as number));
  }

  private stableSeconds(): number {
    const { cells, conductivity, capacity, faceArea, volume, dx } = this;
    let most = Infinity;
    for (let i = 0; i < cells; i++) {
      const k = conductivity[i] as number;
      // A surface may be held at one temperature by what it is in.
      const right = (i === cells - 1 ? 2 * this.edge : 1) * (faceArea[i + 1] as number);
      const left = (i === 0 ? 2 * this.edge : 1) * (faceArea[i] as number);
      const own = capacity[i] as number;
      const least = own > LEAST_CAPACITY ? LEAST_CAPACITY : own;
      const seconds =
        (this.stuff.densityKgPerM3 * least * (volume[i] as number) * dx) / (k * (left + right));
      if (seconds < most) most = seconds;
    }
    return SAFETY * most;
  }

  /** J/kg of the whole, held more than at the beginning. */
  heldJ(): number {
    let sum = 0;
    for (let i = 0; i < this.cells; i++) {
      sum += ((this.enthalpy[i] as number) - this.startJ) * (this.volume[i] as number);
    }
    return sum / this.whole;
  }

  /** Shares of the raw mass. */
  losses(): { evaporated: number; dripped: number } {
    const mass = this.whole * this.stuff.densityKgPerM3;
    const areas = [this.faceArea[this.cells] as number, this.faceArea[0] as number];
    const evaporated =
      (this.outer.evaporated * (areas[0] ?? 0) + (this.inner?.evaporated ?? 0) * (areas[1] ?? 0)) /
      mass;
    const pressed = this.pressedAll / this.whole;
    const dripped = (1 - this.food.surface.juiceShare) * pressed;
    return { evaporated: Math.max(0, evaporated), dripped };
  }
}

/** Nothing flows worth reckoning between temperatures so near. */
const EVEN_C = 0.01;
const EVEN_SECONDS = 60;
/** How soon edges count for less as heat comes in faster (Biot number). Set so that a flat food in an oven takes as long as its brick does. */
const EDGES_LESS = 2;
/** What has boiled dry conducts so much less. */
const DRY_K_LOSS = 0.6;
/** Juice is reckoned for each so many degrees more. */
const JUICE_STEP_C = 0.25;
