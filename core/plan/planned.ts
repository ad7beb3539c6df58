import type { Verb } from '../terms/index.ts';
import type { Command, DurationEstimate, Place } from '../meal/index.ts';
import type { FoodStory } from '../ledger/index.ts';
import type { Caution, LedgerTool, SafetyFinding } from '../safety/index.ts';
import type { Block } from '../time/index.ts';
import type { Message } from '../words/index.ts';
import type { WarmStartDecision } from './scheduling/warm-start-decision.ts';

/** A step with its times. All times in epoch minutes. */
export interface PlannedStep {
  readonly id: string;
  readonly dish: string;
  readonly dishName: string;
  readonly verb: Verb;
  readonly label: string;
  readonly startMin: number;
  readonly endMin: number;
  /** The earliest start in any plan that serves on time. */
  readonly canStartFromMin: number;
  /** The latest. */
  readonly mustStartByMin: number;
  readonly duration: DurationEstimate;
  readonly elastic: boolean;
  readonly limitedBy?: Message | undefined;
  readonly rounds?: number | undefined;
  /** What to know of it: how it lies in the pan, what of it goes aside for another dish. */
  readonly notes: readonly Message[];
  readonly place: Place;
  /** The appliance and the vessel it fell to, by id. */
  readonly appliance?: string | undefined;
  readonly vessel?: string | undefined;
  /** How many shelves, rings or litres it takes there. */
  readonly room?: number | undefined;
  /** What is done where it is not done by its end, minutes, and how often, 0 to 1. */
  readonly otherwise?:
    { readonly what: string; readonly minutes: number; readonly chance: number } | undefined;
  readonly hands: readonly PlannedHands[];
  readonly why: readonly Message[];
  readonly cautions: readonly Caution[];
  readonly begun: boolean;
  readonly pinned: boolean;
  /** How far from its pin it had to be put; 0 where it holds or there is none. */
  readonly pinMissedMin: number;
}

export interface PlannedHands {
  readonly startMin: number;
  readonly endMin: number;
  readonly what: string;
  /** Whoever lends a hand; left out, the cook. */
  readonly who?: string | undefined;
}

/** Something that mends a meal that cannot be done; solved before it is offered. */
export interface Rescue {
  readonly text: Message;
  readonly servingMin: number;
  readonly changes: readonly Command[];
  /** The chance it gives, 0 to 1. */
  readonly onTime: number;
  /** What it asks of the cook and the table, in points; the cheapest is offered first. */
  readonly cost: number;
}

/** Something that makes a plan surer that can be carried out; solved before it is offered. */
export interface Surer {
  readonly text: Message;
  readonly changes: readonly Command[];
  /** The chance it gives, 0 to 1. */
  readonly onTime: number;
}

export interface Plan {
  readonly meal: string;
  readonly servingMin: number;
  readonly zone: string;
  readonly nowMin: number;
  /**
   * `fits`: nothing beyond what the cook asked, and likely on time; `tight`: it can be carried out
   * as printed, with compromises or little in hand; `cannot`: not without changing the meal.
   */
  readonly status: 'fits' | 'tight' | 'cannot';
  /** When the cook is first wanted; undefined when nothing is left to begin. */
  readonly firstJobMin?: number | undefined;
  /** The chance to serve within five minutes of the time, 0 to 1; 0 when it cannot be done. */
  readonly onTime: number;
  /** The same for each dish, and how often it is the one that is late. */
  readonly onTimeOf: readonly DishChance[];
  /** What most often makes the evening late, where something does. */
  readonly endangeredBy?: Danger | undefined;
  readonly steps: readonly PlannedStep[];
  /** What the safety rules have to say. */
  readonly findings: readonly SafetyFinding[];
  /** Where each food is, how warm and for how long, span by span. */
  readonly stories: readonly FoodStory[];
  /** What raw food has touched: the board and the vessels. */
  readonly tools: readonly LedgerTool[];
  /** Empty unless it cannot be done. */
  readonly clashes: readonly Clash[];
  /** What is asked of the food beyond what the cook likes, the worst first. */
  readonly compromises: readonly Compromise[];
  /** Why it cannot be done. */
  readonly because: readonly Message[];
  /** The steps that is about, by id. */
  readonly becauseOf?: readonly string[] | undefined;
  readonly rescues: readonly Rescue[];
  /** What would raise a chance that is low, the best first. */
  readonly surer: readonly Surer[];
  /** Asleep and away, from the first step to serving. */
  readonly blocks: readonly Block[];
  /** By dish: minutes kept in hand against what a sure evening would want. */
  readonly buffers: ReadonlyArray<{ dish: string; heldMin: number; wishedMin: number }>;
  /** So many times what the food may overrun it wishes for in hand. */
  readonly inHandTimes?: number | undefined;
  /** How good it is: what it costs, and what every plan costs at least; none where no times fit at all. */
  readonly costBound?: CostBound | undefined;
  /** What it decided, for the next plan to begin from. */
  readonly warmStart: readonly WarmStartDecision[];
}

export interface DishChance {
  readonly dish: string;
  readonly onTime: number;
}

/** A step whose overrun is behind so many of the late evenings, 0 to 1. */
export interface Danger {
  readonly step: string;
  readonly share: number;
}

/** In points: minutes of steps that begin early, and what soaks and time in hand are short of. */
export interface CostBound {
  readonly cost: number;
  readonly atLeast: number;
  /** No plan is better; where something clashes: in none does nothing. */
  readonly proved: boolean;
}

/** A limit of the cook's that the plan passes, because every other plan is worse. */
export interface Compromise {
  /** A wait between two steps or for the table, a pot left alone, a step that goes on, a pin that is not kept. */
  readonly kind: 'gap' | 'fresh' | 'tend' | 'lasts' | 'pin';
  readonly step: string;
  readonly dish: string;
  /** What waits longer, and for what. */
  readonly text: Message;
  /** The step it waits for; left out where that is the table, or itself. */
  readonly next?: string | undefined;
  /** What that does to it, or how it is borne best. */
  readonly loss: Message;
  /** How warm it is when the wait is over, where that is felt. */
  readonly fallsTo?: Message | undefined;
  readonly minutesOver: number;
  /** In points, the more the worse. */
  readonly cost: number;
}

/** Two things wanted at once of which there is one. */
export interface Clash {
  readonly kind: 'hands' | 'heat' | 'room' | 'missing';
  readonly atMin: number;
  readonly endMin: number;
  readonly steps: readonly string[];
  readonly text: Message;
}
