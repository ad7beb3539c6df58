import { FIRE_VERBS } from '../terms/index.ts';
import {
  RAW_BOARD_WORK,
  WORKTOPS,
  type LedgerAct,
  type LedgerDish,
  type LedgerFood,
  type LedgerTool,
  type ToolSpan,
} from '../safety/index.ts';

/** A step of a dish, as a tool meets it. */
interface Use {
  readonly dish: LedgerDish;
  readonly act: LedgerAct;
}

/**
 * What has lain on the board, with its knife, its brush and the hands, and in every vessel a step
 * names: from the first step that uses it until the table is served, without a gap.
 */
export function toolsOf(
  dishes: readonly LedgerDish[],
  vessels: ReadonlyMap<string, { readonly name: string }>,
  servingMin: number,
): LedgerTool[] {
  const uses = dishes
    .flatMap((dish) => dish.acts.map((act) => ({ dish, act })))
    .sort((a, b) => a.act.startMin - b.act.startMin);
  const onBoard = uses.filter(({ act }) => WORKTOPS.has(act.place) || act.washes);
  const named = [...new Set(uses.flatMap(({ act }) => act.vessel ?? []))];
  return [
    { id: 'board', kind: 'board', spans: spansOf(onBoard, servingMin, afterBoard) },
    ...named.map((id): LedgerTool => {
      const inIt = uses.filter(({ act }) => act.vessel === id);
      const name = vessels.get(id)?.name ?? id;
      return { id, kind: 'vessel', name, spans: spansOf(inIt, servingMin, afterVessel) };
    }),
  ];
}

/** What a use leaves on a tool; `clean` takes what lay there away, nothing leaves it. */
type Leaves = (use: Use) => readonly string[] | 'clean' | undefined;

function spansOf(uses: readonly Use[], servingMin: number, leaves: Leaves): ToolSpan[] {
  let raw: ToolSpan['raw'];
  return uses.map((use, i) => {
    const { act, dish } = use;
    const before = raw;
    const left = leaves(use);
    if (left === 'clean') raw = undefined;
    else if (left) raw = { dish: dish.id, foods: left, untilMin: act.endMin };
    const toMin = Math.max(act.startMin, uses[i + 1]?.act.startMin ?? servingMin);
    const met = left === 'clean' ? undefined : before;
    return { fromMin: act.startMin, toMin, dish: dish.id, step: act.id, before: met, raw };
  });
}

const OTHER_BOARD = /\b(clean|fresh|another|other|second|washed) (board|plate|knife)\b/i;

/** Raw food that hands work on; washed up, or put away for another. */
function afterBoard({ dish, act }: Use): ReturnType<Leaves> {
  if (act.washes) return 'clean';
  const handled = WORKTOPS.has(act.place) && RAW_BOARD_WORK.has(act.verb);
  const raw = handled ? rawIn(dish, act) : [];
  if (raw.length > 0) return raw;
  return OTHER_BOARD.test(act.label) ? 'clean' : undefined;
}

/** What is cooked in a vessel is cooked with it. */
function afterVessel({ dish, act }: Use): ReturnType<Leaves> {
  if (FIRE_VERBS.has(act.verb) || act.washes) return 'clean';
  const raw = rawIn(dish, act);
  return raw.length > 0 ? raw : undefined;
}

/** The raw meat and fish of a step, by id. */
function rawIn(dish: LedgerDish, act: LedgerAct): string[] {
  return dish.foods
    .filter((food) => act.foods.includes(food.id) && isRawIn(food, act))
    .map(({ id }) => id);
}

function isRawIn({ animal, ready, spans }: LedgerFood, { startMin }: LedgerAct): boolean {
  if (animal === 'none' || ready) return false;
  const at = spans.find(({ fromMin, toMin }) => fromMin <= startMin && startMin < toMin);
  return at === undefined || at.state === 'raw' || at.state === 'part-cooked';
}
