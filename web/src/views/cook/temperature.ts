import { fahrenheitToC, type UnitSystem } from '@zemrin/core';

/** What a kitchen reads on its thermometers. */
export function temperatureUnit(units: UnitSystem): string {
  return units === 'metric' ? '°C' : '°F';
}

/** What was typed, in °C; undefined where it is no number. */
export function celsiusOf(text: string, units: UnitSystem): number | undefined {
  const value = Number(
    text
      .trim()
      .replace(',', '.')
      .replace(/\s*°?\s*[CF]?$/i, ''),
  );
  if (text.trim() === '' || !Number.isFinite(value)) return undefined;
  return units === 'metric' ? value : fahrenheitToC(value);
}
