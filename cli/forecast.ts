import { forecastJson, parseCook, parseReadings, showMinutes } from '@zemrin/core';
import { InputError, readWith, type Outcome } from './io.ts';
import type { Options } from './options.ts';

/** `forecast COOK --readings FILE.csv`: when it is done, by what the probe has said so far. */
export function forecastCommand(file: string, { readings, at }: Options): Outcome {
  if (readings === undefined) {
    throw new InputError('--readings', 'is missing', 'Name a table: “--readings FILE.csv”.');
  }
  const atMin = at === undefined ? undefined : Number(at);
  if (atMin !== undefined && !(atMin >= 0)) {
    throw new InputError('--at', `“${at}” is no minute`, 'Write it like “--at 120”.');
  }
  const json = forecastJson(readWith(file, parseCook), readWith(readings, parseReadings), atMin);
  const { readyInMin, minutes, coreC, trusted, ignored } = json;
  const time = (value: number) => showMinutes(Math.round(value));
  const why = new Map(ignored.map((one) => [`${one.probe}: ${one.why}`, one]));
  const text = [
    `Done in ${time(readyInMin.likely)}; eight times in ten in ${time(readyInMin.least)} to ${time(readyInMin.most)}.`,
    `On the fire ${time(minutes.likely)} in all. The middle stands at ${coreC.toFixed(1)} °C.`,
    `${trusted.length} readings believed, ${ignored.length} not.`,
    ...[...why.keys()].map((one) => `! ${one}`),
  ].join('\n');
  return { json, text, exit: 0 };
}
