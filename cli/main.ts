import { MealError, QuantityError } from '@zemrin/core';
import { checkCommand } from './check.ts';
import { exportCommand } from './export.ts';
import { heatCommand } from './heat.ts';
import { InputError, type Outcome } from './io.ts';
import { readArguments } from './options.ts';
import { planCommand } from './plan.ts';
import { readCommand } from './read.ts';
import { scaleCommand } from './scale.ts';
import { schemaCommand } from './schema.ts';

const HELP = `zemrin: plan a meal backwards from serving time

  plan MEAL [--now ISO] [--serve ISO]                        every step with its times
  scale MEAL --dish D --mixture M [--weight 1.7kg]           a mixture at the weight of its batch
  heat COOK                                                  how long a food takes on its fire
  read RECIPE                                                a recipe as a dish: text, web page, JSON-LD
  export MEAL --to ics|csv|md|jsonld [--list run|shopping|weighing]  for calendars and other programs
  check MEAL                                                 what is wrong in a meal file
  schema                                                     the JSON Schema of the meal file

  --json   one JSON document instead of text
Exit: 0 good, 2 bad input, 3 cannot be done.`;

function run(): Outcome {
  const { values, positionals } = readArguments();
  const [command, file, ...more] = positionals;
  if (values.help || command === undefined) return { json: { help: HELP }, text: HELP, exit: 0 };
  if (more.length > 0) {
    throw new InputError('the command', `has “${more.join(' ')}” too many`, 'Give one meal file.');
  }
  if (command === 'schema') return schemaCommand();
  const commands = {
    plan: planCommand,
    scale: scaleCommand,
    heat: heatCommand,
    read: readCommand,
    export: exportCommand,
    check: checkCommand,
  };
  const found = commands[command as keyof typeof commands];
  if (!found) throw new InputError('the command', `“${command}” is not known`, 'See “--help”.');
  if (file === undefined)
    throw new InputError('the command', 'names no file', `Write “${command} FILE”.`);
  return found(file, values);
}

function main(): void {
  const json = process.argv.includes('--json');
  try {
    const outcome = run();
    process.stdout.write(`${json ? JSON.stringify(outcome.json, null, 2) : outcome.text}\n`);
    process.exitCode = outcome.exit;
  } catch (error) {
    if (error instanceof InputError) process.stderr.write(`${error.message}\n`);
    else if (error instanceof MealError || error instanceof QuantityError) {
      process.stderr.write(`${error.message}\n`);
    } else throw error;
    process.exitCode = 2;
  }
}

main();
