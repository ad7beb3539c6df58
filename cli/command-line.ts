import { MealError, QuantityError } from '@zemrin/core';
import { COMMANDS, TOGETHER, type Command } from './commands.ts';
import { InputError, type Outcome } from './io.ts';
import { readArguments, type Options } from './options.ts';
import { schemaCommand } from './schema.ts';

const HELP = `zemrin: plan a meal backwards from serving time

  plan MEAL… [--now ISO] [--serve ISO]                       every step with its times
  scale MEAL… --dish D --mixture M [--weight 1.7kg]          a mixture at the weight of its batch
  heat COOK… [--quicker 40]                                  how long a food takes on its fire; what saves minutes
  forecast COOK --readings FILE.csv [--at MINUTE]            when it is done, by what the probe says
  rehearse MEAL [--seed N] [--trouble KIND,…] [--save FILE]  the whole meal cooked, in a kitchen nobody knows
  learn RUN…                                                 what runs say of the kitchen, the hands, the dishes
  read RECIPE…                                               a recipe as a dish: text, web page, JSON-LD
  check MEAL…                                                what is wrong in a meal file
  export MEAL --to ics|csv|md|jsonld [--list run|shopping|weighing]  for calendars and other programs
  schema                                                     the JSON Schema of the meal file

  -        in place of a file: standard input
  --json   one JSON document instead of text; of several files, one a line
Exit: 0 good, 2 bad input, 3 cannot be done, or not safely. Of several files, the gravest.`;

/** What went wrong, in a line: the input's fault, or one of ours, which is said. */
function badInput(error: unknown, file = 'the command'): string {
  const known =
    error instanceof InputError || error instanceof MealError || error instanceof QuantityError;
  if (known) return error.message;
  const why = error instanceof Error ? error.message : String(error);
  return `${file}: cannot be worked on (${why}). That is a fault of Zemrin's; nothing was changed.`;
}

/** Where a command's words go: what it found, and what was wrong with what it was given. */
export interface Streams {
  readonly out: (text: string) => void;
  readonly err: (text: string) => void;
}

function say(outcome: Outcome, json: boolean, { out }: Streams): void {
  out(`${json ? JSON.stringify(outcome.json, null, 2) : outcome.text}\n`);
}

/** One file: its document or its text; what is bad is told on the error stream alone. */
function runOne(
  { run }: Command,
  file: string,
  options: Options,
  streams: Streams,
): Outcome['exit'] {
  const outcome = run(file, options);
  say(outcome, options.json ?? false, streams);
  return outcome.exit;
}

/** Several files, in order: a bad one is told in its place, and the others go on. */
function runSeveral(
  { run }: Command,
  files: readonly string[],
  options: Options,
  { out, err }: Streams,
): Outcome['exit'] {
  const exits = files.map((file): Outcome['exit'] => {
    try {
      const { json, text, exit } = run(file, options);
      out(
        options.json
          ? `${JSON.stringify({ file, ...(json as object) })}\n`
          : `${file}\n${text}\n\n`,
      );
      return exit;
    } catch (error) {
      const message = badInput(error, file);
      if (options.json) {
        out(`${JSON.stringify({ file, format: 'bad', error: message })}\n`);
      }
      err(`${message}\n`);
      return 2;
    }
  });
  return exits.reduce((gravest, exit) => (exit > gravest ? exit : gravest), 0);
}

function run(args: readonly string[], streams: Streams): Outcome['exit'] {
  const { values, positionals } = readArguments(args);
  const [name, ...files] = positionals;
  const json = values.json ?? false;
  if (values.help || name === undefined) {
    say({ json: { help: HELP }, text: HELP, exit: 0 }, json, streams);
    return 0;
  }
  if (name === 'schema') {
    say(schemaCommand(), json, streams);
    return 0;
  }
  const command = COMMANDS.get(name);
  const together = TOGETHER.get(name);
  if (!command && !together)
    throw new InputError('the command', `“${name}” is not known`, 'See “--help”.');
  const [file] = files;
  if (file === undefined) {
    throw new InputError('the command', 'names no file', `Write “${name} FILE”.`);
  }
  if (together) {
    const outcome = together(files);
    say(outcome, json, streams);
    return outcome.exit;
  }
  if (!command) return 2;
  if (files.length === 1) return runOne(command, file, values, streams);
  if (command.several) return runSeveral(command, files, values, streams);
  const more = files.slice(1).join(' ');
  throw new InputError('the command', `has “${more}” too many`, 'Give one meal file.');
}

/**
 * One call of the command line: the words after its name, and where what it says goes.
 * @returns how it ends: 0 good, 2 bad input, 3 cannot be done or not safely
 */
export function runCommandLine(args: readonly string[], streams: Streams): Outcome['exit'] {
  try {
    return run(args, streams);
  } catch (error) {
    streams.err(`${badInput(error)}\n`);
    return 2;
  }
}
