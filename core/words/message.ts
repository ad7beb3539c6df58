import { placeNamed, type PlaceKind } from '../places/index.ts';
import {
  showMinutes,
  showTemperature,
  showVolume,
  showWeight,
  type UnitSystem,
} from '../quantity/index.ts';
import { showTime, type ClockStyle } from '../time/index.ts';
import { en } from './en.ts';
import { safety } from './en-safety.ts';
import { schools } from './en-schools.ts';

/** A sentence the computation can say. */
export type MessageKey = keyof typeof en | keyof typeof safety | keyof typeof schools;

/** A value in a message, still with its kind, so that it is written in the cook's own way. */
export type MessageValue =
  | string
  | number
  | { readonly minutes: number }
  | { readonly at: number }
  | { readonly grams: number }
  | { readonly ml: number }
  | { readonly tempC: number }
  | { readonly place: PlaceKind }
  /** One of what a place holds, where one waits for that: a ring. */
  | { readonly oneOf: PlaceKind };

/** Something the computation has to say: which sentence, and what goes in it. */
export interface Message {
  readonly key: MessageKey;
  readonly values?: Readonly<Record<string, MessageValue>>;
}

const SENTENCES = { ...en, ...safety, ...schools };

/** How this cook reads clocks and scales. */
export interface Manner {
  readonly zone: string;
  readonly clock: ClockStyle;
  readonly units: UnitSystem;
  /** Times on this day go without the day's name. */
  readonly servingMin?: number | undefined;
}

/** The sentence of a message. */
export function say(message: Message, manner: Manner): string {
  const sentence: string = SENTENCES[message.key];
  return sentence.replace(/\{\{(\w+)\}\}/g, (_all, name: string) => {
    const value = message.values?.[name];
    return value === undefined ? '' : sayValue(value, manner);
  });
}

export function sayValue(value: MessageValue, manner: Manner): string {
  if (typeof value === 'string') return value;
  if (typeof value === 'number') return String(value);
  if ('minutes' in value) return showMinutes(value.minutes);
  if ('grams' in value) return showWeight(value.grams, manner.units);
  if ('ml' in value) return showVolume(value.ml);
  if ('tempC' in value) return showTemperature(value.tempC, manner.units);
  if ('place' in value) return placeNamed(value.place).words.en.name;
  if ('oneOf' in value) return oneOf(value.oneOf);
  return showTime(value.at, manner.zone, manner.clock, manner.servingMin);
}

function oneOf(kind: PlaceKind): string {
  const { name, one } = placeNamed(kind).words.en;
  return one ?? name;
}
