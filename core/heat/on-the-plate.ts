import {
  CARVED_PORTION_G,
  DINNER_PLATE,
  HOT_TO_EAT_C,
  SLICE_MM,
  WARMED_PLATE_C,
} from '../figures/index.ts';
import { conductivityOf, densityOf, heatCapacityOf } from './composition.ts';
import { thicknessMmOf, type Piece } from './form.ts';
import { compositionOf } from './makeup.ts';

/** How long a portion stays hot to eat, on a plate as it comes from the cupboard and on a warmed one. */
export interface OnThePlate {
  /** What is more than a portion is carved in slices so thick; left out for what is served in its piece. */
  readonly sliceMm?: number | undefined;
  readonly coldPlateMin: number;
  readonly warmedPlateMin: number;
}

/**
 * What a hot moist surface loses, and what a plate does: free convection, radiation, and of the meat
 * as much again by evaporation, W/(m²·K). Handbooks of heat transfer, from memory.
 */
const MEAT_LOSES = 20;
const PLATE_LOSES = 10;
/** A piece of more portions than this is carved. Common practice, no source. */
const CARVED_FROM_PORTIONS = 2;
/** Longer nobody eats. */
const LONGEST_MIN = 60;
const STEP_SECONDS = 2;

/**
 * How long meat stays hot once it is carved, or served in its piece: what its lower half gives to the
 * plate, and both to the room. The two are taken at one temperature each.
 *
 * @param servedC its middle as it comes to the plate, °C
 */
export function onThePlate(piece: Piece, servedC: number, roomC: number): OnThePlate {
  const isCarved = piece.weightG > CARVED_FROM_PORTIONS * CARVED_PORTION_G;
  const portion = {
    massKg: (isCarved ? CARVED_PORTION_G : piece.weightG) / 1000,
    thickM: (isCarved ? SLICE_MM : thicknessMmOf(piece)) / 1000,
  };
  const minutesOn = (plateC: number) => hotMinutes(piece, portion, servedC, plateC, roomC);
  return {
    ...(isCarved && { sliceMm: SLICE_MM }),
    coldPlateMin: minutesOn(roomC),
    warmedPlateMin: minutesOn(Math.max(roomC, WARMED_PLATE_C)),
  };
}

function hotMinutes(
  { cut }: Piece,
  { massKg, thickM }: { readonly massKg: number; readonly thickM: number },
  servedC: number,
  plateC: number,
  roomC: number,
): number {
  const composition = compositionOf(cut);
  const areaM2 = massKg / densityOf(composition, servedC) / thickM;
  const meatJPerK = massKg * heatCapacityOf(composition, servedC);
  const plateJPerK = DINNER_PLATE.weightG * DINNER_PLATE.jPerGK;
  const plateM2 = 2 * (Math.PI / 4) * DINNER_PLATE.widthM ** 2;
  // From the middle of the meat to the plate beneath.
  const between = (conductivityOf(composition, servedC) / (thickM / 2)) * areaM2;
  let [meatC, onC] = [servedC, plateC];
  for (let seconds = 0; seconds < 60 * LONGEST_MIN; seconds += STEP_SECONDS) {
    if (meatC < HOT_TO_EAT_C) return seconds / 60;
    const across = between * (meatC - onC);
    const meatLost = MEAT_LOSES * areaM2 * (meatC - roomC);
    const plateLost = PLATE_LOSES * Math.max(0, plateM2 - areaM2) * (onC - roomC);
    meatC -= ((across + meatLost) * STEP_SECONDS) / meatJPerK;
    onC += ((across - plateLost) * STEP_SECONDS) / plateJPerK;
  }
  return LONGEST_MIN;
}
