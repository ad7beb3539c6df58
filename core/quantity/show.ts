/** How weights, times and temperatures are read off a scale, a clock and a thermometer. */
import { celsiusToF } from './convert.ts';
import { GRAMS_PER } from './units.ts';

export type UnitSystem = 'metric' | 'us';

/** "1.35 kg", "577 g", "2.4 g"; in US units "5 lb 12 oz", "3 oz". Grams at least 0. */
export function showWeight(weightG: number, units: UnitSystem = 'metric'): string {
  return units === 'us' ? showPounds(weightG) : showGrams(weightG);
}

function showGrams(weightG: number): string {
  if (weightG >= 999.5) return `${trimZeros((weightG / 1000).toFixed(2))} kg`;
  if (weightG >= 9.95) return `${Math.round(weightG)} g`;
  return `${trimZeros(weightG.toFixed(1))} g`;
}

function showPounds(weightG: number): string {
  const ounces = weightG / (GRAMS_PER.oz ?? 1);
  if (ounces < 15.75) return `${trimZeros(ounces.toFixed(ounces < 4 ? 1 : 0))} oz`;
  const whole = Math.round(ounces);
  const pounds = Math.floor(whole / 16);
  const rest = whole - pounds * 16;
  return rest === 0 ? `${pounds} lb` : `${pounds} lb ${rest} oz`;
}

/** "120 ml", "0.74 l". */
export function showVolume(ml: number): string {
  return ml >= 500 ? `${trimZeros((ml / 1000).toFixed(2))} l` : `${Math.round(ml)} ml`;
}

/** Minutes as one says them of a dish: to five minutes, to a quarter from two hours on, to an hour from twelve. */
export function showAbout(minutes: number): string {
  const step = minutes < 120 ? 5 : minutes < 720 ? 15 : 60;
  return showMinutes(Math.max(step, Math.round(minutes / step) * step));
}

/** "40 min", "5 h 30", "14 h 40", "2 d 3 h". Whole minutes, at least 0. */
export function showMinutes(minutes: number): string {
  const whole = Math.round(minutes);
  if (whole < 60) return `${whole} min`;
  const hours = Math.floor(whole / 60);
  if (hours >= 48) {
    const days = Math.floor(hours / 24);
    return hours % 24 === 0 ? `${days} d` : `${days} d ${hours % 24} h`;
  }
  const rest = whole % 60;
  return rest === 0 ? `${hours} h` : `${hours} h ${String(rest).padStart(2, '0')}`;
}

/** "118°" in the cook's degrees, "−18°" below nothing. */
export function showTemperature(tempC: number, units: UnitSystem = 'metric'): string {
  const degrees = Math.round(units === 'us' ? celsiusToF(tempC) : tempC);
  return `${degrees < 0 ? '−' : ''}${Math.abs(degrees)}°`;
}

function trimZeros(decimal: string): string {
  return decimal.includes('.') ? decimal.replace(/\.?0+$/, '') : decimal;
}
