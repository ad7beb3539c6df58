import {
  cookJson,
  parseCook,
  quickerCooks,
  showMinutes,
  type QuickerCook,
  type Sooner,
} from '@zemrin/core';
import { InputError, readWith, type Outcome } from './io.ts';
import type { Options } from './options.ts';

/**
 * `heat COOK`: how long a food takes, stage by stage, and how sure that is; with `--quicker`, what
 * would make it so many minutes quicker, and what is given up for it.
 */
export function heatCommand(file: string, options: Options): Outcome {
  const spec = readWith(file, parseCook);
  const wantedMin = wantedOf(options.quicker);
  const quicker = wantedMin === undefined ? undefined : quickerCooks(spec, wantedMin);
  const json = { ...cookJson(spec), ...(quicker && { quicker: quicker.map(quickerJson) }) };
  const { minutes, stages, pullC, peakC, logReduction, tenderness, warnings } = json;
  const text = [
    `On the fire ${time(minutes.likely)}; eight times in ten ${time(minutes.least)} to ${time(minutes.most)}.`,
    ...stages.map(
      (stage, i) =>
        `  stage ${i + 1}: ${time(stage.minutes)}, middle ${stage.coreC.toFixed(0)} °C, surface ${stage.surfaceC.toFixed(0)} °C`,
    ),
    `Off the fire at ${pullC.toFixed(0)} °C, it climbs to ${peakC.toFixed(0)} °C.`,
    `Tender ${(100 * tenderness).toFixed(0)} %; ${logReduction.toFixed(1)} powers of ten at the coldest point.`,
    ...warnings.map((warning) => `! ${warning}`),
    ...(quicker ? quickerText(quicker) : []),
  ].join('\n');
  return { json, text, exit: stages.every(({ reached }) => reached) ? 0 : 3 };
}

const time = (value: number) => showMinutes(Math.round(value));

function wantedOf(text: string | undefined): number | undefined {
  if (text === undefined) return undefined;
  const minutes = Number(text);
  if (Number.isFinite(minutes) && minutes > 0) return minutes;
  const mend = 'Write the minutes to save, more than 0: “--quicker 40”.';
  throw new InputError('--quicker', `“${text}” is no number of minutes`, mend);
}

function quickerJson({ ways, savedMin, enough, tenderer, drier, crustC }: QuickerCook) {
  return { ways, savedMin, enough, tenderer, drier, crustC };
}

function quickerText(quicker: readonly QuickerCook[]): string[] {
  if (quicker.length === 0) return ['Nothing makes it quicker without another fire.'];
  return quicker.map(({ ways, savedMin, tenderer, drier, crustC }) => {
    const share = (value: number) =>
      `${value < 0 ? '−' : '+'}${Math.abs(100 * value).toFixed(0)} %`;
    const given = `tenderness ${share(tenderer)}, loss ${share(drier)}, surface ${crustC < 0 ? '−' : '+'}${Math.abs(crustC).toFixed(0)} °C`;
    return `  ${time(savedMin)} sooner: ${ways.map(wayText).join(' and ')} (${given})`;
  });
}

const WAYS: Readonly<Record<Exclude<Sooner['do'], 'hotter'>, string>> = {
  unstuffed: 'the stuffing in a dish of its own',
  flattened: 'cut along the back and pressed flat',
  halved: 'in two pieces',
  thinner: 'a quarter thinner',
  tempered: 'an hour on the counter first',
  wrapped: 'wrapped from 74 °C',
};

function wayText(way: Sooner): string {
  return way.do === 'hotter' ? `${way.byC} °C hotter` : WAYS[way.do];
}
