import { ICalAlarmType, ICalCalendar, ICalEventStatus } from 'ical-generator';
import type { Meal } from '../../meal/index.ts';
import type { Plan, PlannedStep } from '../../plan/index.ts';
import { isoOf } from '../../time/index.ts';
import { say } from '../../words/index.ts';
import { mannerOf } from '../plan-json.ts';

/** How long before hands are wanted the alarm goes. */
const AHEAD_MIN = 5;

/**
 * A plan as an iCalendar file (RFC 5545): an event for every step that wants hands, and one for
 * the meal. The ids are those of the steps, so a plan that is exported again moves its events.
 *
 * @param nowMin when it is exported, epoch minutes: a later export wins
 */
export function planCalendar(meal: Meal, plan: Plan, nowMin: number): string {
  const calendar = new ICalCalendar({
    name: meal.title,
    prodId: { company: 'Zemrin', product: 'Plan', language: 'EN' },
  });
  for (const step of plan.steps)
    if (step.hands.length > 0) addStep(calendar, meal, plan, step, nowMin);
  const serving = calendar.createEvent({
    id: `${meal.id}.serving@zemrin`,
    start: dateOf(plan.servingMin),
    end: dateOf(plan.servingMin + 60),
    summary: meal.title,
    description: meal.dishes.map(({ name }) => name).join('\n'),
    stamp: dateOf(nowMin),
    sequence: sequenceOf(nowMin),
    status: ICalEventStatus.CONFIRMED,
  });
  serving.createAlarm({
    type: ICalAlarmType.display,
    trigger: AHEAD_MIN * 60,
    description: meal.title,
  });
  return `${calendar.toString()}\r\n`.replace(/\r?\n/g, '\r\n').replace(/(?:\r\n)+$/, '\r\n');
}

function addStep(
  calendar: ICalCalendar,
  meal: Meal,
  plan: Plan,
  step: PlannedStep,
  nowMin: number,
): void {
  const manner = mannerOf(meal, plan.servingMin);
  const said = [
    ...step.hands.map(({ what }) => what),
    ...step.why.map((reason) => say(reason, manner)),
    ...step.cautions.map(({ message }) => say(message, manner)),
  ];
  const summary = `${step.label}: ${step.dishName}`;
  const event = calendar.createEvent({
    id: `${meal.id}.${step.id}@zemrin`,
    start: dateOf(step.startMin),
    end: dateOf(Math.max(step.endMin, step.startMin + 1)),
    summary,
    description: [...new Set(said)].join('\n'),
    stamp: dateOf(nowMin),
    sequence: sequenceOf(nowMin),
    status: ICalEventStatus.CONFIRMED,
  });
  for (const hands of step.hands) {
    event.createAlarm({
      type: ICalAlarmType.display,
      trigger: dateOf(hands.startMin - AHEAD_MIN),
      description: `${hands.what}: ${step.dishName}`,
    });
  }
}

function dateOf(epochMin: number): string {
  return isoOf(epochMin, 'UTC');
}

/** Grows with every minute, and stays a small whole number. */
const SINCE_2020_MIN = 26_297_280;
function sequenceOf(nowMin: number): number {
  return Math.max(0, Math.floor(nowMin - SINCE_2020_MIN));
}
