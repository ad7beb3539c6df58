import { audit, avoidConflicts, mannerOf, plan, say } from '@zemrin/core';
import { nowOf, readMeal, type Outcome } from './io.ts';
import type { Options } from './options.ts';

/** `check MEAL`: the format (bad input ends with 2), then what the plan breaks or must mention. */
export function checkCommand(file: string, options: Options): Outcome {
  const nowMin = nowOf(options.now);
  const meal = readMeal(file, nowMin);
  const made = plan(meal, meal.kitchen, nowMin);
  const manner = mannerOf(meal, made.servingMin);
  const found = made.steps.flatMap((step) =>
    step.cautions
      .filter((caution) => caution.broken)
      .map((caution) => ({ step: step.id, message: caution.message, source: caution.source })),
  );
  // What belongs to a mixture and no step is said too.
  const ofNoStep = made.findings.flatMap(({ step, dish, level, message, source }) =>
    step === undefined && level === 'stop' ? [{ step: dish, message, source }] : [],
  );
  const broken = [...found, ...ofNoStep].map(({ step, message, source }) => ({
    step,
    text: say(message, manner),
    source: say({ key: source }, manner),
  }));
  const avoids = avoidConflicts(meal).map((conflict) => ({
    dish: conflict.dish,
    text: `holds ${conflict.avoids} (${conflict.because}), which ${conflict.heads} at the table avoid`,
  }));
  const findings = made.status === 'cannot' ? [] : audit(made, meal, meal.kitchen);
  const lines = [
    `${file}: a good meal file; the plan ${made.status === 'cannot' ? 'cannot be done' : 'keeps its word'}.`,
    ...broken.map((item) => `! ${item.step}: ${item.text} (${item.source})`),
    ...avoids.map((item) => `! ${item.dish} ${item.text}`),
    ...findings.map((finding) => `! ${finding.steps.join(', ')}: ${finding.text}`),
  ];
  return {
    json: { format: 'good', status: made.status, broken, avoids, audit: findings },
    text: lines.join('\n'),
    exit: 0,
  };
}
