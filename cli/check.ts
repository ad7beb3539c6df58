import {
  audit,
  avoidConflicts,
  mannerOf,
  plan,
  say,
  sayStory,
  type Meal,
  type Plan,
  type SafetyFinding,
} from '@zemrin/core';
import { nowOf, readMeal, withinHorizon, type Outcome } from './io.ts';
import type { Options } from './options.ts';

/**
 * `check MEAL`: the format (bad input ends with 2), then what the plan breaks or must mention. What
 * cannot be done, and what a rule of safety stops, ends with 3.
 */
export function checkCommand(file: string, options: Options): Outcome {
  const nowMin = nowOf(options.now);
  const meal = withinHorizon(readMeal(file, nowMin), nowMin, file);
  const made = plan(meal, meal.kitchen, nowMin, { rescues: false });
  const manner = mannerOf(meal, made.servingMin);
  // What the cook does anyway, in their own words, is minded and no longer stopped.
  const levelOf = ({ level, overruled }: SafetyFinding) =>
    level === 'stop' && overruled !== undefined ? 'caution' : level;
  const told = (level: SafetyFinding['level']) =>
    made.findings
      .filter((finding) => levelOf(finding) === level)
      .map(({ rule, step, dish, food, message, source }) => ({
        rule,
        ...(step === undefined ? {} : { step }),
        dish,
        text: say(message, manner),
        source: say({ key: source }, manner),
        story: sayStory(made.stories, { dish, food, step }, manner),
      }));
  const [stops, cautions] = [told('stop'), told('caution')];
  const avoids = avoidConflicts(meal).map((conflict) => ({
    dish: conflict.dish,
    text: `holds ${conflict.avoids} (${conflict.because}), which ${conflict.heads} at the table avoid`,
  }));
  const found = auditOf(made, meal);
  const lines = [
    `${file}: a good meal file. ${sentenceOf(made, stops.length, cautions.length + avoids.length + found.length)}`,
    ...stops.flatMap((item) => lineOf('!', item)),
    ...avoids.map((item) => `! ${item.dish} ${item.text}`),
    ...found.map((finding) => `! ${finding.steps.join(', ')}: ${finding.text}`),
    ...cautions.flatMap((item) => lineOf('-', item)),
  ];
  return {
    json: {
      format: 'good',
      status: made.status,
      onTime: made.onTime,
      stops,
      cautions,
      avoids,
      audit: found,
    },
    text: lines.join('\n'),
    exit: stops.length > 0 || made.status === 'cannot' ? 3 : 0,
  };
}

function lineOf(
  mark: string,
  item: { step?: string; dish: string; text: string; source: string; story: string },
): string[] {
  const line = `${mark} ${item.step ?? item.dish}: ${item.text} (${item.source})`;
  return item.story === '' ? [line] : [line, `    ${item.story}`];
}

function auditOf(made: Plan, meal: Meal) {
  return made.status === 'cannot' ? [] : audit(made, meal, meal.kitchen);
}

function sentenceOf(made: Plan, stops: number, minded: number): string {
  if (made.status === 'cannot') return 'Its plan cannot be done.';
  if (stops > 0) return 'Its plan is not safe.';
  return minded > 0 ? 'Its plan can be done; mind what follows.' : 'Its plan keeps its word.';
}
