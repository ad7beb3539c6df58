import { NUMBER, numberIn } from '../reader/index.ts';
import { findUnit } from '../quantity/index.ts';

/** A note with a consequence, as it was understood. */
export type Remark =
  /** So much of something was said, and how much it should have been. */
  | { readonly kind: 'amount'; readonly from?: number | undefined; readonly to: Amount }
  /** Too much or too little of a taste, or of something that is named. */
  | { readonly kind: 'taste'; readonly taste: Taste | undefined; readonly way: Way }
  | { readonly kind: 'minutes'; readonly minutes: number; readonly way: Way }
  | { readonly kind: 'carryOver'; readonly degrees: number }
  | { readonly kind: 'late'; readonly minutes: number | undefined }
  | { readonly kind: 'early'; readonly minutes: number | undefined }
  | { readonly kind: 'done'; readonly how: Doneness }
  | { readonly kind: 'portion'; readonly way: Way };

export interface Amount {
  readonly value: number;
  /** As it was written; empty where it was said before. */
  readonly unit: string;
}

/** What it wants next time. */
export type Way = 'more' | 'less';
export type Taste = 'salt' | 'heat' | 'sweet' | 'acid';
export type Doneness = 'dry' | 'tough' | 'raw' | 'burnt' | 'pale';

/** One thing that was said, and what was understood of it. */
export interface Understood {
  readonly words: string;
  readonly remark: Remark;
}

/** What a note says should be otherwise next time; what is only a remark says nothing. */
export function remarksIn(note: string): Understood[] {
  return note
    .split(/[.!;\n]+(?=\s|$)|,\s+(?=but\b)/u)
    .map((clause) => clause.trim())
    .filter((clause) => clause !== '')
    .filter((words) => !DENIED.test(words))
    .flatMap((words) =>
      READERS.flatMap((read) => read(plainTimes(words.toLowerCase())))
        .slice(0, 1)
        .map((remark) => ({ words, remark })),
    );
}

/** Nothing went wrong, and it says so. */
const DENIED =
  /\b(?:nobody|no one|nothing|never|none)\b.{0,20}\b(?:was|were|came|went|is|too)\b|\b(?:not|n['’]t) (?:at all )?(?:too|over)\b|\bjust right\b/i;

/** Times in minutes, however they are said. */
function plainTimes(clause: string): string {
  return clause
    .replace(/\b(?:three quarters|3\/4|¾) of an hour\b/g, '45 min')
    .replace(/\b(?:a |one )?quarter(?: of an)? hour\b/g, '15 min')
    .replace(/\b(?:an|one|1) hour and a half\b/g, '90 min')
    .replace(/\b(?:half an hour|a half hour|half hour)\b/g, '30 min')
    .replace(
      /\b(\d+)\s*(?:h|hours?|hrs?)\s*(?:and\s*)?(\d+)(?:\s*(?:m|min|minutes?))?\b/g,
      (_all, hours: string, minutes: string) => `${Number(hours) * 60 + Number(minutes)} min`,
    );
}

const N = NUMBER;
const MINUTES = `(${N})\\s*-?\\s*(min(?:ute)?s?|h|hours?|hrs?)\\b`;
const re = (pattern: string) => new RegExp(pattern, 'i');

const minutesOf = (value: string | undefined, unit: string | undefined): number => {
  const number = numberIn(value ?? '');
  return /^h/.test(unit ?? '') ? number * 60 : number;
};

type Reader = (clause: string) => Remark[];

const LONGER = re(
  `(?:need|took|take|want|ask|give|cook|another|longer|more|over|required).{0,40}?${MINUTES}(?:.{0,20}\\b(?:more|longer|extra|over)\\b)?|${MINUTES}.{0,16}\\b(?:more|longer|extra|too short|too little|not enough|over)\\b`,
);
const IS_MORE = /\b(more|longer|extra|another|too short|not long enough|not enough|over)\b/;
const CARRY = re(
  `(?:carry[- ]?over|rose|climbed|went up|rise after|gained).{0,24}?(${N})\\s*(?:°|degrees|deg|c\\b|k\\b)`,
);
const SHORTER = re(
  `${MINUTES}.{0,16}\\b(?:less|sooner|shorter|quicker|too long|too much|too many)\\b`,
);
/** Longer than it should have been: shorter next time. */
const NEEDLESS = re(
  `${MINUTES}\\s+(?:more|longer).{0,8}than (?:it |we |they )?(?:need|had to|should|necessary|was good)`,
);
const LATE = re(`\\b(?:late|behind|not ready|wasn['’]t ready|came last|kept us waiting)\\b`);
const BEGIN_EARLIER = re(
  `\\b(?:start|begin|begun|put|light|lit|get|got)\\w*\\b.{0,40}\\b(?:earlier|sooner|before)\\b|\\b(?:earlier|sooner)\\b.{0,12}next time`,
);
const EARLY = re(
  `\\b(?:too early|too soon|ready early|early|went cold|was cold|were cold|gone cold)\\b`,
);
const HAS_TIME = re(MINUTES);
const TOO_LITTLE_FOOD =
  /\b(?:ran out|not enough (?:for|to go)|too little (?:food|meat)|still hungry|all gone|wanted more|(?:one|another|an extra) (?:more )?portion)\b/;
const TOO_MUCH_FOOD =
  /\b(?:too much (?:food|meat)|far too much|(?:half|a lot|lots|much|plenty)(?: of it| the \w+| of the \w+)? (?:was |were )?(?:left|over))\b/;

function carryOver(clause: string): Remark[] {
  const found = CARRY.exec(clause);
  return found ? [{ kind: 'carryOver', degrees: numberIn(found[1] ?? '') }] : [];
}

function shorter(clause: string): Remark[] {
  const found = SHORTER.exec(clause) ?? NEEDLESS.exec(clause);
  if (!found) return [];
  return [{ kind: 'minutes', minutes: minutesOf(found[1], found[2]), way: 'less' }];
}

function longer(clause: string): Remark[] {
  const found = LATE.test(clause) || !IS_MORE.test(clause) ? undefined : LONGER.exec(clause);
  if (!found) return [];
  const [, a, aUnit, b, bUnit] = found;
  return [{ kind: 'minutes', minutes: minutesOf(a ?? b, aUnit ?? bUnit), way: 'more' }];
}

function doneness(clause: string): Remark[] {
  if (/\b(nobody|not|never|n['’]t)\s+(?:was\s+)?(dry|tough|raw|burnt|too)\b/.test(clause))
    return [];
  const found = DONENESS.find(([pattern]) => pattern.test(clause));
  return found ? [{ kind: 'done', how: found[1] }] : [];
}

function portion(clause: string): Remark[] {
  if (TOO_LITTLE_FOOD.test(clause)) return [{ kind: 'portion', way: 'more' }];
  return TOO_MUCH_FOOD.test(clause) ? [{ kind: 'portion', way: 'less' }] : [];
}

function timed(kind: 'late' | 'early', pattern: RegExp, clause: string): Remark[] {
  if (/°|\bdegrees?\b/.test(clause)) return [];
  if (!pattern.test(clause) || /\b(not|never|n['’]t)\s+(?:too\s+)?(late|early)\b/.test(clause))
    return [];
  const found = HAS_TIME.exec(clause);
  return [{ kind, minutes: found ? minutesOf(found[1], found[2]) : undefined }];
}

const DONENESS: ReadonlyArray<readonly [RegExp, Doneness]> = [
  [/\b(burnt|burned|too dark|charred too|scorched|too black)\b/, 'burnt'],
  [/\b(pale|no colou?r|no crust|soggy|flabby|not crisp|rubbery skin)\b/, 'pale'],
  [/\b(under-?done|under-?cooked|raw|too rare|too pink|not done|bloody)\b/, 'raw'],
  [/\b(tough|chewy|not tender|stringy|like leather)\b/, 'tough'],
  [/\b(dry|over-?done|over-?cooked|dried out|mealy)\b/, 'dry'],
];

const TOO = re('\\b(?:too|far too|much too|way too|over)[ -]?(?:much|strong|heavy|many)?\\b');
const LESS =
  /\b(less|fewer|half as much|go easy|halve|reduce|too (?:much|many|strong|heavy|high)|(?:over|under)?powering|overpowering|dominat\w+|(?:touch|bit) (?:high|much|strong)|drown\w*)\b/;
const MORE =
  /\b(more|not enough|needs?|lacks?|lacking|missing|too (?:little|weak|few)|could (?:use|take)|could(?: not|n['’]t) taste|(?:hardly|barely|scarcely)(?: any)?|wants?|double)\b/;

const TASTES: ReadonlyArray<readonly [RegExp, Taste, Way]> = [
  [
    /\b(too salty|over-?salted|very salty|less salt|salt was (?:a |too )?\w* ?(?:high|much))\b/,
    'salt',
    'less',
  ],
  [
    /\b(not salty enough|under-?salted|bland|more salt|(?:needs?|wants?) (?:\w+ )?salt|lacks? salt|too little salt)\b/,
    'salt',
    'more',
  ],
  [/\b(too (?:hot|spicy|fiery)|less (?:chilli|chili|heat|spice))\b/, 'heat', 'less'],
  [
    /\b(too mild|not (?:hot|spicy) enough|not enough (?:heat|spice|fire|chilli)|no heat|more (?:chilli|chili|heat|spice))\b/,
    'heat',
    'more',
  ],
  [/\b(too sweet|sweetness (?:was )?too much|less (?:sugar|sweet|honey))\b/, 'sweet', 'less'],
  [/\b(not sweet enough|more (?:sugar|sweet|honey))\b/, 'sweet', 'more'],
  [/\b(too (?:sour|sharp|acid|acidic|tart)|less (?:acid|vinegar|lemon|lime))\b/, 'acid', 'less'],
  [
    /\b(not (?:sour|sharp|acid) enough|flat|needs? (?:\w+ )?acid|more (?:acid|vinegar|lemon|lime))\b/,
    'acid',
    'more',
  ],
];

function tasteIn(clause: string): Remark[] {
  // Of a time or a heat nobody says that it is too salty.
  if (HAS_TIME.test(clause) || /°|\bdegrees?\b/.test(clause)) return [];
  const found = TASTES.find(([pattern]) => pattern.test(clause));
  if (found) return [{ kind: 'taste', taste: found[1], way: found[2] }];
  // Of something that is named: which it is, the dish knows.
  if (LESS.test(clause) || TOO.test(clause))
    return [{ kind: 'taste', taste: undefined, way: 'less' }];
  return MORE.test(clause) ? [{ kind: 'taste', taste: undefined, way: 'more' }] : [];
}

const UNIT = '([a-zµ]+(?:\\s?(?:spoons?|cups?))?)?';
const AMOUNT = new RegExp(`(?<![a-zß-ɏ\\d])(${N})\\s*(?:level |heaped |big |good )?${UNIT}`, 'gi');
const INSTEAD =
  /\b(instead|next time|take|use|try|make it|only|enough|would do|better|should be|next|rather|then)\b/;

/** "Three spoons of chilli: too strong, two": what it was, and what it should be. */
function amountIn(clause: string): Remark[] {
  const found = [...clause.matchAll(AMOUNT)]
    .filter(([, value = '']) => !/^(?:a|an|another|half|a few|a couple)$/.test(value.trim()))
    .map(({ index, 1: value = '', 2: unit = '' }) => ({
      index,
      value: numberIn(value),
      unit: isUnit(unit) ? unit : '',
    }))
    .filter(({ value }) => Number.isFinite(value) && value > 0);
  if (HAS_TIME.test(clause) || /°|\bdegrees?\b/.test(clause)) return [];
  const about = TOO.test(clause) || LESS.test(clause) || MORE.test(clause) || INSTEAD.test(clause);
  const [first, second] = found;
  if (!about || !first) return [];
  if (second) {
    // "Two instead of three" says first what it should be.
    const turn = /\b(?:instead of|rather than|better than|not)\b/.exec(clause)?.index ?? -1;
    const [from, to] =
      turn > first.index && turn < second.index ? [second, first] : [first, second];
    return [
      { kind: 'amount', from: from.value, to: { value: to.value, unit: to.unit || from.unit } },
    ];
  }
  const { value, unit } = first;
  return INSTEAD.test(clause) && !TOO.test(clause) ? [{ kind: 'amount', to: { value, unit } }] : [];
}

/** In the order they are asked: what says more is understood first. */
const READERS: readonly Reader[] = [
  carryOver,
  (clause) => timed('late', BEGIN_EARLIER, clause),
  shorter,
  longer,
  (clause) => timed('late', LATE, clause),
  (clause) => timed('early', EARLY, clause),
  portion,
  amountIn,
  doneness,
  tasteIn,
];

function isUnit(word: string): boolean {
  return (
    /^(?:tea|table)?\s?spoons?$/.test(word) ||
    (word !== '' && findUnit(word, 'metric') !== undefined)
  );
}
