import { parseArgs } from 'node:util';
import { InputError } from './io.ts';

const OPTIONS = {
  json: { type: 'boolean' },
  help: { type: 'boolean' },
  now: { type: 'string' },
  serve: { type: 'string' },
  dish: { type: 'string' },
  mixture: { type: 'string' },
  weight: { type: 'string' },
  to: { type: 'string' },
  list: { type: 'string' },
  readings: { type: 'string' },
  at: { type: 'string' },
  seed: { type: 'string' },
  speed: { type: 'string' },
  trouble: { type: 'string' },
  quicker: { type: 'string' },
  save: { type: 'string' },
} as const;

/** What a command was told besides its file. */
export type Options = ReturnType<typeof readArguments>['values'];

/** The words and options of the command line. @throws InputError for an option that is none */
export function readArguments(args: readonly string[]) {
  try {
    return parseArgs({ args: [...args], options: OPTIONS, allowPositionals: true });
  } catch (error) {
    throw new InputError(
      'the command',
      error instanceof Error ? error.message : String(error),
      'See “--help”.',
    );
  }
}
