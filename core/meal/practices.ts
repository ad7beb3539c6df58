import { z } from 'zod';

/**
 * Where cooks disagree about mixing. The first of each is the default; the words and the reasons
 * are in the catalogue.
 */
export const PRACTICES = {
  washing: ['none', 'acid', 'flour'],
  tenderising: ['time', 'acid', 'fruit', 'powder', 'bicarbonate'],
  stewSalt: ['early', 'end'],
  usedMarinade: ['keptClean', 'thrown', 'boiled', 'second'],
  brine: ['equilibrium', 'strong'],
  firstHalfHour: ['fridge', 'counter'],
  tempering: ['short', 'cold'],
} as const;

export type PracticeName = keyof typeof PRACTICES;
export const PRACTICE_NAMES = Object.keys(PRACTICES) as PracticeName[];

export const PracticesSchema = z.looseObject({
  washing: z.enum(PRACTICES.washing).optional(),
  tenderising: z.enum(PRACTICES.tenderising).optional(),
  stewSalt: z.enum(PRACTICES.stewSalt).optional(),
  usedMarinade: z.enum(PRACTICES.usedMarinade).optional(),
  brine: z.enum(PRACTICES.brine).optional(),
  firstHalfHour: z.enum(PRACTICES.firstHalfHour).optional(),
  tempering: z.enum(PRACTICES.tempering).optional(),
});

/** Every question with its answer. */
export type Practices = { [Name in PracticeName]: (typeof PRACTICES)[Name][number] };
/** Some questions with their answers. */
export type SomePractices = { [Name in PracticeName]?: Practices[Name] | undefined };

/** How a dish is done: as it says itself, else as the kitchen does, else the default. */
export function practicesOf(
  kitchen: { readonly schools?: SomePractices | undefined },
  dish?: { readonly schools?: SomePractices | undefined },
): Practices {
  const chosen = { ...DEFAULT_PRACTICES, ...said(kitchen.schools), ...said(dish?.schools) };
  return {
    washing: chosen.washing,
    tenderising: chosen.tenderising,
    stewSalt: chosen.stewSalt,
    usedMarinade: chosen.usedMarinade,
    brine: chosen.brine,
    firstHalfHour: chosen.firstHalfHour,
    tempering: chosen.tempering,
  };
}

export const DEFAULT_PRACTICES: Practices = {
  washing: PRACTICES.washing[0],
  tenderising: PRACTICES.tenderising[0],
  stewSalt: PRACTICES.stewSalt[0],
  usedMarinade: PRACTICES.usedMarinade[0],
  brine: PRACTICES.brine[0],
  firstHalfHour: PRACTICES.firstHalfHour[0],
  tempering: PRACTICES.tempering[0],
};

/** Only the questions that are answered. */
function said(schools: SomePractices | undefined): Partial<Practices> {
  return Object.fromEntries(
    Object.entries(schools ?? {}).filter(([, answer]) => answer !== undefined),
  );
}

/** "brine.strong": one answer to one question, as the catalogue names it. */
export type PracticeAnswer = {
  [Name in PracticeName]: `${Name}.${Practices[Name]}`;
}[PracticeName];

/** The answer a set of schools gives to a question, as the catalogue names it. */
export function answerKey(school: PracticeName, schools: Practices): PracticeAnswer {
  // Question and answer are of one row, which a template of two unions cannot say.
  return `${school}.${schools[school]}` as PracticeAnswer;
}

/** All answers to a question: each with its name in the catalogue. */
export function answersTo(
  school: PracticeName,
): ReadonlyArray<{ readonly answer: string; readonly key: PracticeAnswer }> {
  return PRACTICES[school].map((answer) => ({
    answer,
    key: answerKey(school, { ...DEFAULT_PRACTICES, [school]: answer }),
  }));
}
