import {
  localOf,
  mannerOf,
  planThoroughly,
  planJson,
  say,
  showMinutes,
  showTime,
  type Meal,
  type Plan,
} from '@zemrin/core';
import { instantOf, nowOf, readMeal, withinHorizon, type Outcome } from './io.ts';
import type { Options } from './options.ts';

/** `plan MEAL`: every step with its times. A time without offset is the meal's own local time. */
export function planCommand(file: string, options: Options): Outcome {
  const first = readMeal(file, nowOf(options.now));
  const nowMin = nowOf(options.now, first.serving.zone);
  const read = readMeal(file, nowMin);
  const { zone } = read.serving;
  const asked: Meal =
    options.serve === undefined
      ? read
      : {
          ...read,
          serving: {
            ...read.serving,
            at: localOf(instantOf(options.serve, zone, '--serve'), zone),
          },
        };
  const meal = withinHorizon(asked, nowMin, options.serve === undefined ? file : '--serve');
  const made = planThoroughly(meal, meal.kitchen, nowMin);
  return {
    json: planJson(made, meal),
    text: planText(made, meal),
    exit: made.status === 'cannot' ? 3 : 0,
  };
}

const STATUS = {
  fits: 'It can be done.',
  tight: 'It can be done, but only just.',
  cannot: 'It cannot be done.',
} as const;

/** What nobody has proved impossible is not called so. */
function statusOf({ status, costBound }: Plan): string {
  return status === 'cannot' && costBound?.proved === false ? 'No way was found.' : STATUS[status];
}

function planText(made: Plan, meal: Meal): string {
  const manner = mannerOf(meal, made.servingMin);
  const time = (min: number) => showTime(min, made.zone, manner.clock, made.servingMin);
  const serving = showTime(made.servingMin, made.zone, manner.clock);
  const lines = [`${meal.title}, ${serving}. ${statusOf(made)}`];
  if (made.firstJobMin !== undefined && made.status !== 'cannot') {
    const chance = Math.round(made.onTime * 100);
    lines.push(`First job ${time(made.firstJobMin)}; ${chance} in 100 to serve on time.`);
  }
  lines.push(...made.because.map((reason) => `  ${say(reason, manner)}`));
  for (const { text, onTime } of [...made.rescues, ...made.surer]) {
    lines.push(`  ${say(text, manner)}: ${Math.round(onTime * 100)} in 100.`);
  }
  for (const { text, loss, fallsTo } of made.compromises) {
    const said = [text, fallsTo, loss].flatMap((one) => (one ? say(one, manner) : []));
    lines.push(`  ${said.join(' ')}`);
  }
  for (const dish of meal.dishes) {
    lines.push('', dish.name);
    for (const step of made.steps.filter((s) => s.dish === dish.id)) {
      const length = showMinutes(step.endMin - step.startMin);
      const give = `${time(step.canStartFromMin)} to ${time(step.mustStartByMin)}`;
      lines.push(
        `  ${time(step.startMin).padEnd(10)} ${step.label.padEnd(22)} ${length.padEnd(10)} start ${give}`,
      );
      const broken = step.cautions.filter((caution) => caution.broken);
      lines.push(...broken.map((caution) => `             ! ${say(caution.message, manner)}`));
    }
  }
  if (made.clashes.length > 0) lines.push('', 'Clashes');
  lines.push(...made.clashes.map((clash) => `  ${say(clash.text, manner)}`));
  return lines.join('\n');
}
