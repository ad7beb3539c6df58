import {
  audit,
  avoidConflicts,
  mannerOf,
  plan,
  say,
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
  const told = (level: SafetyFinding['level']) =>
    made.findings
      .filter((finding) => finding.level === level && finding.overruled === undefined)
      .map(({ rule, step, dish, message, source }) => ({
        rule,
        ...(step === undefined ? {} : { step }),
        dish,
        text: say(message, manner),
        source: say({ key: source }, manner),
      }));
  const [stops, cautions] = [told('stop'), told('caution')];
  const avoids = avoidConflicts(meal).map((conflict) => ({
    dish: conflict.dish,
    text: `holds ${conflict.avoids} (${conflict.because}), which ${conflict.heads} at the table avoid`,
  }));
  const found = auditOf(made, meal);
  const where = ({ step, dish }: { step?: string; dish: string }) => step ?? dish;
  const lines = [
    `${file}: a good meal file. ${sentenceOf(made, stops.length, cautions.length + avoids.length + found.length)}`,
    ...stops.map((item) => `! ${where(item)}: ${item.text} (${item.source})`),
    ...avoids.map((item) => `! ${item.dish} ${item.text}`),
    ...found.map((finding) => `! ${finding.steps.join(', ')}: ${finding.text}`),
    ...cautions.map((item) => `- ${where(item)}: ${item.text} (${item.source})`),
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

function auditOf(made: Plan, meal: Meal) {
  return made.status === 'cannot' ? [] : audit(made, meal, meal.kitchen);
}

function sentenceOf(made: Plan, stops: number, minded: number): string {
  if (made.status === 'cannot') return 'Its plan cannot be done.';
  if (stops > 0) return 'Its plan is not safe.';
  return minded > 0 ? 'Its plan can be done; mind what follows.' : 'Its plan keeps its word.';
}
