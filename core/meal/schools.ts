import { z } from 'zod';

/**
 * Where cooks disagree about mixing. The first of each is the default; the words and the reasons
 * are in the catalogue.
 */
export const SCHOOLS = {
  washing: ['none', 'acid', 'flour'],
  tenderising: ['time', 'acid', 'fruit', 'powder', 'bicarbonate'],
  stewSalt: ['early', 'end'],
  usedMarinade: ['keptClean', 'thrown', 'boiled', 'second'],
  brine: ['equilibrium', 'strong'],
  firstHalfHour: ['fridge', 'counter'],
  tempering: ['short', 'cold'],
} as const;

export type SchoolName = keyof typeof SCHOOLS;
export const SCHOOL_NAMES = Object.keys(SCHOOLS) as SchoolName[];

export const SchoolsSchema = z.looseObject({
  washing: z.enum(SCHOOLS.washing).optional(),
  tenderising: z.enum(SCHOOLS.tenderising).optional(),
  stewSalt: z.enum(SCHOOLS.stewSalt).optional(),
  usedMarinade: z.enum(SCHOOLS.usedMarinade).optional(),
  brine: z.enum(SCHOOLS.brine).optional(),
  firstHalfHour: z.enum(SCHOOLS.firstHalfHour).optional(),
  tempering: z.enum(SCHOOLS.tempering).optional(),
});

/** Every question with its answer. */
export type Schools = { [Name in SchoolName]: (typeof SCHOOLS)[Name][number] };
/** Some questions with their answers. */
export type SomeSchools = { [Name in SchoolName]?: Schools[Name] | undefined };

/** How a dish is done: as it says itself, else as the kitchen does, else the default. */
export function schoolsOf(
  kitchen: { readonly schools?: SomeSchools | undefined },
  dish?: { readonly schools?: SomeSchools | undefined },
): Schools {
  const chosen = { ...DEFAULTS, ...said(kitchen.schools), ...said(dish?.schools) };
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

export const DEFAULTS: Schools = {
  washing: SCHOOLS.washing[0],
  tenderising: SCHOOLS.tenderising[0],
  stewSalt: SCHOOLS.stewSalt[0],
  usedMarinade: SCHOOLS.usedMarinade[0],
  brine: SCHOOLS.brine[0],
  firstHalfHour: SCHOOLS.firstHalfHour[0],
  tempering: SCHOOLS.tempering[0],
};

/** Only the questions that are answered. */
function said(schools: SomeSchools | undefined): Partial<Schools> {
  return Object.fromEntries(
    Object.entries(schools ?? {}).filter(([, answer]) => answer !== undefined),
  );
}

/** "brine.strong": one answer to one question, as the catalogue names it. */
export type SchoolAnswer = {
  [Name in SchoolName]: `${Name}.${Schools[Name]}`;
}[SchoolName];

/** The answer a set of schools gives to a question, as the catalogue names it. */
export function answerKey(school: SchoolName, schools: Schools): SchoolAnswer {
  // Question and answer are of one row, which a template of two unions cannot say.
  return `${school}.${schools[school]}` as SchoolAnswer;
}

/** All answers to a question: each with its name in the catalogue. */
export function answersTo(
  school: SchoolName,
): ReadonlyArray<{ readonly answer: string; readonly key: SchoolAnswer }> {
  return SCHOOLS[school].map((answer) => ({
    answer,
    key: answerKey(school, { ...DEFAULTS, [school]: answer }),
  }));
}
