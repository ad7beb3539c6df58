import type { Block } from '../../time/index.ts';
import type { Message, MessageValue } from '../../words/index.ts';
import type { MealNetwork } from '../network/meal-network.ts';
import { minimalChain, type ReasonChain } from './minimal-chain.ts';
import { solveLatest, Trace, type Arc, type Push, type Times } from '../network/time-network.ts';

/**
 * Why a node can be no later: the pushes that put it there, each caused by the next, back to
 * serving, a pin, or round in a circle. Alone, these arcs force the node as far as all do.
 */
export function reasonChainOf(trace: Trace, node: number): ReasonChain {
  const links: Push[] = [];
  let index = trace.last[node] ?? -1;
  for (;;) {
    const push = trace.pushes[index];
    if (!push) return { links, circle: false };
    const again = links.findIndex((link) => link.node === push.node);
    const round = links.slice(again);
    if (again !== -1 && round.every((link) => !link.block)) return { links: round, circle: true };
    links.push(push);
    index = push.cause;
  }
}

/** Why it cannot be done, from serving back to what should have begun already. */
export function explainContradiction(built: MealNetwork, nowMin: number): Because {
  const trace = new Trace();
  const solved = solveLatest(built.network, trace);
  if (solved.ok) return { because: [], becauseOf: [] };
  const { node, times } = solved.contradiction;
  const chain = minimalChain(built, reasonChainOf(trace, node), node);
  const becauseOf = [...new Set(chain.links.flatMap(({ arc }) => arc?.why.step ?? []))].flatMap(
    (index) => built.steps[index]?.step.id ?? [],
  );
  const said = withoutEchoes([...chain.links].reverse().flatMap((link) => sayLink(built, link)));
  // Serving pushed before itself, and no night to blame: that holds at any serving time.
  const always = node === built.serving && chain.links.every((link) => !link.block);
  if (chain.circle || always) {
    return { because: [{ key: 'because.circle' }, ...said], becauseOf };
  }
  const servingAt = built.network.lower[built.serving] ?? 0;
  const first: Message = { key: 'because.serving', values: { at: { at: servingAt } } };
  return { because: [first, ...said, conclusion(built, node, times, nowMin)], becauseOf };
}

/** Why it cannot be done, and the steps it is about. */
export interface Because {
  readonly because: readonly Message[];
  readonly becauseOf: readonly string[];
}

/** What the chain comes to: a step that should have begun, or food that is ready too soon. */
function conclusion(built: MealNetwork, node: number, times: Times, nowMin: number): Message {
  const at = { at: times.at[node] ?? 0 };
  const step = stepAt(built, node);
  if (step === undefined) return { key: 'because.serveBy', values: { at } };
  const now = { at: Math.max(nowMin, built.network.lower[node] ?? nowMin) };
  return { key: 'because.tooLate', values: { label: labelOf(built, step), at, now } };
}

/** A push that went round twice between two nights is said once. */
function withoutEchoes(messages: readonly Message[]): Message[] {
  const seen = new Set<string>();
  return messages.filter((message) => {
    const text = JSON.stringify(message);
    return !seen.has(text) && seen.add(text);
  });
}

/** Arcs that say why a step lies where it lies; the others only carry a push through it. */
const BINDING = new Set<Arc['why']['kind']>([
  'gapLeast',
  'gapMost',
  'serving',
  'order',
  'inHand',
  'calm',
  'together',
  'pin',
]);

/** Why a step starts when it does and not later: its length, then what binds its start. */
export function explainStart(
  built: MealNetwork,
  times: Times,
  trace: Trace,
  index: number,
): Message[] {
  const step = built.steps[index];
  if (!step) return [];
  if (step.begunMin !== undefined) {
    return [{ key: 'why.begun', values: { at: { at: step.begunMin } } }];
  }
  const chain = reasonChainOf(trace, built.startOf[index] ?? 0).links;
  const binds = chain.findIndex((link) => link.arc && BINDING.has(link.arc.why.kind));
  const upTo = binds === -1 ? chain : chain.slice(0, binds + 1);
  const block = upTo.find((link) => link.block)?.block;
  const arc = chain[binds]?.arc;
  return [
    lengthSentence(built, times, index),
    ...limitSentences(built, index),
    ...whyShort(built, times, index),
    ...(block ? [blockSentence(block)] : []),
    ...(arc
      ? bindingSentence(built, times, index, arc)
      : [{ key: 'why.serving' as const, values: { at: { at: times.at[built.serving] ?? 0 } } }]),
  ];
}

function lengthSentence(built: MealNetwork, times: Times, index: number): Message {
  const step = built.steps[index];
  const at = (node: number | undefined) => times.at[node ?? 0] ?? 0;
  const minutes = at(built.endOf[index]) - at(built.startOf[index]);
  if (!step) return { key: 'why.takes', values: { minutes: { minutes } } };
  const { leastMin, likelyMin, mostMin } = step.duration;
  const values: Record<string, MessageValue> = {
    minutes: { minutes },
    least: { minutes: leastMin },
    likely: { minutes: likelyMin },
    most: { minutes: mostMin },
  };
  if (step.elastic) {
    if (minutes === likelyMin) return { key: 'why.soakBest', values };
    return { key: minutes > likelyMin ? 'why.soakLonger' : 'why.soakShorter', values };
  }
  return { key: leastMin === mostMin ? 'why.takes' : 'why.likely', values };
}

/** What sets the longest of a soak. */
function limitSentences(built: MealNetwork, index: number): Message[] {
  const step = built.steps[index];
  if (!step?.limitedBy) return [];
  return [
    { key: 'why.longest', values: { most: { minutes: step.duration.mostMin } } },
    step.limitedBy,
  ];
}

const WHY_SHORT = {
  asleep: 'why.shortAsleep',
  away: 'why.shortAway',
  spared: 'why.shortSpared',
} as const;

/** When a soak falls short of its best because it would have to begin in a block. */
function whyShort(built: MealNetwork, times: Times, index: number): Message[] {
  const step = built.steps[index];
  const startMin = times.at[built.startOf[index] ?? 0] ?? 0;
  const bestStart = (times.at[built.endOf[index] ?? 0] ?? 0) - (step?.duration.likelyMin ?? 0);
  if (!step?.elastic || bestStart >= startMin) return [];
  const block = built.network.blocks.find((b) => b.startMin < startMin && b.endMin > bestStart);
  if (!block) return [];
  const values = {
    best: { at: bestStart },
    from: { at: block.startMin },
    to: { at: block.endMin },
  };
  return [{ key: WHY_SHORT[block.kind], values }];
}

const WHY_CLOSED = { asleep: 'why.asleep', away: 'why.away', spared: 'why.spared' } as const;

function blockSentence(block: Block): Message {
  const values = { from: { at: block.startMin }, to: { at: block.endMin }, what: block.what ?? '' };
  return { key: WHY_CLOSED[block.kind], values };
}

function bindingSentence(built: MealNetwork, times: Times, index: number, arc: Arc): Message[] {
  const at = (node: number | undefined) => ({ at: times.at[node ?? 0] ?? 0 });
  const why = arc.why;
  switch (why.kind) {
    case 'serving':
      return [{ key: 'why.serving', values: { at: at(built.serving) } }];
    case 'gapLeast':
    case 'gapMost': {
      const other = why.step === index && why.kind === 'gapMost' ? why.before : why.step;
      const values = {
        other: labelFrom(built, other, index),
        at: at(built.startOf[other]),
        gap: { minutes: Math.abs(arc.lag) },
      };
      if (why.kind === 'gapMost') {
        return [{ key: arc.lag === 0 ? 'why.atOnce' : 'why.notLongAfter', values }];
      }
      return [{ key: arc.lag > 0 ? 'why.followsAfter' : 'why.follows', values }];
    }
    case 'order':
      return [
        {
          key: elsewhereKey(why),
          values: {
            other: labelFrom(built, why.other, index),
            at: at(arc.to),
            place: placeWord(why),
            who: why.name,
          },
        },
      ];
    case 'inHand': {
      const warmStart = arc.lag - leastRun(built, why.from, why.step);
      return warmStart > 0
        ? [
            {
              key: 'why.inHand',
              values: { minutes: { minutes: warmStart }, other: labelFrom(built, why.step, index) },
            },
          ]
        : [];
    }
    case 'calm':
      return [{ key: 'why.calm', values: { minutes: { minutes: why.freeMin } } }];
    case 'together':
      return [
        {
          key: 'why.together',
          values: { other: labelFrom(built, why.step === index ? why.other : why.step, index) },
        },
      ];
    case 'pin':
      return [{ key: 'why.pin' }];
    case 'takes':
    case 'atMost':
    case 'best':
    case 'fresh':
    case 'hands':
      return [];
  }
}

function elsewhereKey(why: Extract<Arc['why'], { kind: 'order' }>) {
  if (why.load !== 'hands') return 'why.placeElsewhere';
  return why.name === '' ? 'why.handsElsewhere' : 'why.helperElsewhere';
}

function placeWord(why: Extract<Arc['why'], { kind: 'order' }>): MessageValue {
  if (why.load === 'vessel') return why.name;
  return why.load === 'hands' ? '' : { oneOf: why.load };
}

/** Minutes from one step's start to another's end if all goes as likely and nothing is kept in hand. */
function leastRun(built: MealNetwork, from: number, to: number): number {
  const first = built.steps[from];
  if (!first) return 0;
  const length = (index: number) => {
    const step = built.steps[index];
    return step ? (step.elastic ? step.duration.leastMin : step.duration.likelyMin) : 0;
  };
  if (from === to) return length(from);
  const target = built.steps[to];
  const lengths = (target?.step.after ?? []).map((gap) => {
    const before = built.steps.find((step) => step.step.id === gap.step);
    return before ? leastRun(built, from, before.index) + gap.leastMin : 0;
  });
  return length(to) + Math.max(0, ...lengths);
}

function sayLink(built: MealNetwork, link: Push): Message[] {
  const block = link.block ? [blockSentence(link.block)] : [];
  return [...(link.arc ? sayArc(built, link.arc) : []), ...block];
}

function sayArc(built: MealNetwork, arc: Arc): Message[] {
  const why = arc.why;
  const label = labelOf(built, why.step);
  switch (why.kind) {
    case 'takes': {
      const step = built.steps[why.step];
      const minutes = { minutes: arc.lag };
      if (arc.lag === 0) return [];
      return [
        { key: step?.elastic ? 'because.least' : 'because.takes', values: { label, minutes } },
      ];
    }
    case 'atMost':
      return [{ key: 'because.atMost', values: { label, minutes: { minutes: -arc.lag } } }];
    case 'gapLeast':
      if (arc.lag === 0) return [];
      return [
        {
          key: 'because.gapLeast',
          values: { label, before: labelOf(built, why.before), minutes: { minutes: arc.lag } },
        },
      ];
    case 'gapMost':
      return [
        {
          key: 'because.gapMost',
          values: { label, before: labelOf(built, why.before), minutes: { minutes: -arc.lag } },
        },
      ];
    case 'fresh':
      return [{ key: 'because.fresh', values: { label, minutes: { minutes: -arc.lag } } }];
    case 'serving':
    case 'hands':
    case 'order':
    case 'best':
    case 'inHand':
    case 'calm':
    case 'together':
    case 'pin':
      return [];
  }
}

/** A step's label, with its dish where that is not the dish of the step that is explained. */
function labelFrom(built: MealNetwork, index: number, explained: number): string {
  const [step, here] = [built.steps[index], built.steps[explained]];
  return step?.dish === here?.dish ? (step?.step.label ?? '') : labelOf(built, index);
}

/** "Smoke (Smoked lamb shoulder)": a step's label with its dish, since two dishes may both rest. */
function labelOf(built: MealNetwork, index: number): string {
  const step = built.steps[index];
  return step ? `${step.step.label} (${step.dish.name})` : '';
}

function stepAt(built: MealNetwork, node: number): number | undefined {
  const byStart = built.startOf.indexOf(node);
  if (byStart !== -1) return byStart;
  const byEnd = built.endOf.indexOf(node);
  if (byEnd !== -1) return byEnd;
  return built.hands.find((hands) => hands.node === node)?.step;
}
