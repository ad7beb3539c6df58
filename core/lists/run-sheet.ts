import { allergensOf, type DishAllergens } from './allergens.ts';
import { tableMinOf, type Meal } from '../meal/index.ts';
import type { Plan } from '../plan/index.ts';
import { coreWords, type Message } from '../words/index.ts';

/** One line of the run sheet: what begins then, and whether hands are wanted. */
export interface RunRow {
  readonly atMin: number;
  readonly endMin: number;
  readonly dish: string;
  readonly step: string;
  readonly what: string;
  /** Hands are wanted; otherwise something only begins, or goes on by itself. */
  readonly hands: boolean;
  readonly who?: string | undefined;
  readonly place?: string | undefined;
  readonly tempC?: number | undefined;
  readonly untilC?: number | undefined;
  readonly until?: string | undefined;
  /** What to mind at this moment. */
  readonly minds: readonly Message[];
  /** A rule of safety the plan breaks here. */
  readonly stops: readonly Message[];
}

export interface RunSheet {
  readonly rows: readonly RunRow[];
  /** What the plan breaks that belongs to no step. */
  readonly stops: readonly Message[];
  readonly allergens: readonly DishAllergens[];
}

/** The dishes that are on the table before the rest. */
function firstServings({ dishes }: Meal, { servingMin }: Plan): RunRow[] {
  return dishes
    .filter(({ servedBeforeMin = 0 }) => servedBeforeMin > 0)
    .map((dish): RunRow => {
      const atMin = tableMinOf(dish, servingMin);
      const what = coreWords['lists.serveFirst'];
      const base = { dish: dish.name, step: `serve ${dish.id}`, minds: [], stops: [] };
      return { ...base, atMin, endMin: atMin, what, hands: false };
    });
}

/** The plan as one carries it round the kitchen: by time, hands marked, cautions where they are. */
export function runSheet(meal: Meal, plan: Plan): RunSheet {
  const stops = plan.findings.filter(
    ({ level, overruled }) => level === 'stop' && overruled === undefined,
  );
  const rows = plan.steps.flatMap((planned): RunRow[] => {
    const step = meal.dishes.flatMap(({ steps }) => steps).find(({ id }) => id === planned.id);
    const until =
      step?.time.kind === 'heat' && 'coreC' in step.time.until
        ? step.time.until.coreC
        : step?.doneWhen?.coreC;
    const base = { dish: planned.dishName, step: planned.id };
    const broken = stops
      .filter((finding) => finding.step === planned.id)
      .map(({ message }) => message);
    const said = new Set(broken.map(({ key }) => key));
    const first: RunRow = {
      ...base,
      atMin: planned.startMin,
      endMin: planned.endMin,
      what: planned.label,
      hands: planned.hands.some(({ startMin }) => startMin === planned.startMin),
      who: planned.hands.find(({ startMin }) => startMin === planned.startMin)?.who,
      place: planned.place.kind,
      tempC: planned.place.tempC,
      untilC: until,
      until: step?.doneWhen?.text,
      minds: [
        ...planned.notes,
        ...planned.cautions.map(({ message }) => message).filter(({ key }) => !said.has(key)),
      ],
      stops: broken,
    };
    const later = planned.hands
      .filter(({ startMin }) => startMin > planned.startMin)
      .map(({ startMin, endMin, what, who }): RunRow => ({
        ...base,
        atMin: startMin,
        endMin,
        what,
        hands: true,
        who,
        minds: [],
        stops: [],
      }));
    return [first, ...later];
  });
  return {
    rows: [...rows, ...firstServings(meal, plan)].sort((a, b) => a.atMin - b.atMin),
    stops: stops.filter(({ step }) => step === undefined).map(({ message }) => message),
    allergens: allergensOf(meal),
  };
}
