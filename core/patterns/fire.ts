import { BRIQUETTE_G, CHIMNEY_KG, COALS_AN_HOUR, CHIMNEY_MIN } from '../figures/index.ts';
import type { Place } from '../meal/index.ts';

/** How a fire is set up: what burns, how it lies, and when it wants more. */
export interface FireSetUp {
  /** To begin with, in the chimney. */
  readonly startKg: number;
  readonly refuelEveryMin: number;
  readonly refuelKg: number;
  readonly bank: 'whole bed' | 'one side' | 'both sides';
  readonly vents: 'open' | 'half open' | 'a finger open';
  /** Grate above the coals, cm. */
  readonly grateCm: number;
  /** Fist-sized pieces of hardwood. */
  readonly woodPieces: number;
}

/** The fire for a place kept hot for some minutes. */
export function fireFor({ kind, tempC = 120, zone }: Place, minutes: number): FireSetUp {
  const low = kind === 'smoker' || (zone === 'indirect' && tempC <= 140);
  if (low) {
    const hotter = Math.max(0.8, tempC / 120);
    return {
      startKg: round(0.7 * hotter),
      refuelEveryMin: 60,
      refuelKg: round((COALS_AN_HOUR * BRIQUETTE_G * hotter) / 1000),
      bank: 'one side',
      vents: tempC < 110 ? 'a finger open' : 'half open',
      grateCm: 25,
      woodPieces: Math.min(4, 1 + Math.floor(minutes / 90)),
    };
  }
  return {
    startKg: round(CHIMNEY_KG * (zone === 'indirect' ? 0.8 : 1)),
    refuelEveryMin: CHIMNEY_MIN,
    refuelKg: round(CHIMNEY_KG / 3),
    bank: zone === 'indirect' ? 'both sides' : 'one side',
    vents: 'open',
    grateCm: zone === 'indirect' ? 20 : 12,
    woodPieces: 0,
  };
}

function round(kg: number): number {
  return Math.round(kg * 10) / 10;
}

/** The set-up as one says it to whoever lights the fire. */
export function fireText(fire: FireSetUp): string {
  const wood = fire.woodPieces > 0 ? `, ${fire.woodPieces} pieces of hardwood on it` : '';
  const bed = {
    'whole bed': 'over the whole bed',
    'one side': 'on one side, the other left cool',
    'both sides': 'on both sides, the middle left cool',
  }[fire.bank];
  return `Light ${fire.startKg} kg of coals, bank them ${bed}${wood}; vents ${fire.vents}, grate ${fire.grateCm} cm above`;
}

/** And when it wants more. */
export function refuelText({ refuelKg }: FireSetUp): string {
  return `${refuelKg} kg of lit coals on, look at the vents`;
}
