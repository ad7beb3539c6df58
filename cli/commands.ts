import { checkCommand } from './check.ts';
import { exportCommand } from './export.ts';
import { forecastCommand } from './forecast.ts';
import { heatCommand } from './heat.ts';
import type { Outcome } from './io.ts';
import { learnCommand } from './learn.ts';
import type { Options } from './options.ts';
import { planCommand } from './plan.ts';
import { readCommand } from './read.ts';
import { rehearseCommand } from './rehearse.ts';
import { scaleCommand } from './scale.ts';

/** A command on a file. */
export interface Command {
  readonly run: (file: string, options: Options) => Outcome;
  /** Whether it takes several files in one call. */
  readonly several: boolean;
}

/** Every command that works on files, by name. */
export const COMMANDS: ReadonlyMap<string, Command> = new Map([
  ['plan', { run: planCommand, several: true }],
  ['scale', { run: scaleCommand, several: true }],
  ['heat', { run: heatCommand, several: true }],
  ['forecast', { run: forecastCommand, several: false }],
  ['rehearse', { run: rehearseCommand, several: false }],
  ['read', { run: readCommand, several: true }],
  ['check', { run: checkCommand, several: true }],
  ['export', { run: exportCommand, several: false }],
]);

/** Commands that look at all their files together. */
export const TOGETHER: ReadonlyMap<string, (files: readonly string[]) => Outcome> = new Map([
  ['learn', learnCommand],
]);
