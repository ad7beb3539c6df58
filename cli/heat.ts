import { cookJson, parseCook, showMinutes } from '@zemrin/core';
import { readWith, type Outcome } from './io.ts';

/** `heat COOK`: how long a food takes, stage by stage, and how sure that is. */
export function heatCommand(file: string): Outcome {
  const json = cookJson(readWith(file, parseCook));
  const { minutes, stages, pullC, peakC, logReduction, tenderness, warnings } = json;
  const time = (value: number) => showMinutes(Math.round(value));
  const text = [
    `On the fire ${time(minutes.likely)}; eight times in ten ${time(minutes.least)} to ${time(minutes.most)}.`,
    ...stages.map(
      (stage, i) =>
        `  stage ${i + 1}: ${time(stage.minutes)}, middle ${stage.coreC.toFixed(0)} °C, surface ${stage.surfaceC.toFixed(0)} °C`,
    ),
    `Off the fire at ${pullC.toFixed(0)} °C, it climbs to ${peakC.toFixed(0)} °C.`,
    `Tender ${(100 * tenderness).toFixed(0)} %; ${logReduction.toFixed(1)} powers of ten at the coldest point.`,
    ...warnings.map((warning) => `! ${warning}`),
  ].join('\n');
  return { json, text, exit: stages.every(({ reached }) => reached) ? 0 : 3 };
}
