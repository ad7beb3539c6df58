import { audit, type Plan } from '../plan/index.ts';
import type { Meal } from '../meal/index.ts';
import { isoOf } from '../time/index.ts';
import { say, type Manner } from '../words/index.ts';

/** The manner of a meal's kitchen: its zone, clock and units. */
export function mannerOf(meal: Meal, servingMin?: number): Manner {
  return {
    zone: meal.serving.zone,
    clock: meal.kitchen.clock,
    units: meal.kitchen.units,
    servingMin,
  };
}

/** The plan as other tools read it: ISO times with their offset, sentences written out. */
export function planJson(plan: Plan, meal: Meal) {
  const manner = mannerOf(meal, plan.servingMin);
  const iso = (min: number) => isoOf(min, plan.zone);
  return {
    meal: plan.meal,
    serveAt: iso(plan.servingMin),
    zone: plan.zone,
    status: plan.status,
    firstJob: plan.firstJobMin === undefined ? null : iso(plan.firstJobMin),
    onTime: plan.onTime,
    steps: plan.steps.map((step) => ({
      id: step.id,
      dish: step.dish,
      verb: step.verb,
      label: step.label,
      start: iso(step.startMin),
      end: iso(step.endMin),
      canStartFrom: iso(step.canStartFromMin),
      mustStartBy: iso(step.mustStartByMin),
      minutes: {
        least: step.duration.leastMin,
        likely: step.duration.likelyMin,
        most: step.duration.mostMin,
      },
      place: step.place.kind,
      ...(step.place.tempC === undefined ? {} : { placeTempC: step.place.tempC }),
      hands: step.hands.map((hands) => ({
        start: iso(hands.startMin),
        end: iso(hands.endMin),
        what: hands.what,
      })),
      why: step.why.map((reason) => say(reason, manner)).join(' '),
      cautions: step.cautions.map((caution) => ({
        text: say(caution.message, manner),
        source: say({ key: caution.source }, manner),
        broken: caution.broken,
      })),
    })),
    findings: plan.findings.map((finding) => ({
      rule: finding.rule,
      level: finding.level,
      dish: finding.dish,
      step: finding.step ?? null,
      text: say(finding.message, manner),
      source: say({ key: finding.source }, manner),
      overruled: finding.overruled ?? null,
    })),
    compromises: plan.compromises.map(({ step, text, loss, fallsTo, minutesOver, cost }) => ({
      step,
      text: [text, fallsTo, loss].flatMap((one) => (one ? say(one, manner) : [])).join(' '),
      minutesOver,
      cost,
    })),
    clashes: plan.clashes.map((clash) => ({
      at: iso(clash.atMin),
      kind: clash.kind,
      steps: clash.steps,
      text: say(clash.text, manner),
    })),
    because: plan.because.map((reason) => say(reason, manner)),
    rescues: plan.rescues.map((rescue) => ({
      text: say(rescue.text, manner),
      serveAt: iso(rescue.servingMin),
      onTime: rescue.onTime,
      cost: rescue.cost,
      changes: rescue.changes,
    })),
    surer: plan.surer.map(({ text, onTime, changes }) => ({
      text: say(text, manner),
      onTime,
      changes,
    })),
    // A plan that cannot be done shows what would have been needed, and is never called good.
    audit: plan.status === 'cannot' ? [] : audit(plan, meal, meal.kitchen),
  };
}
