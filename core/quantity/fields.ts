import { z } from 'zod';
import { parseQuantity } from './parse.ts';
import { QuantityError } from './quantity.ts';

/** A name within a file: how one part points at another. */
export const id = z
  .string()
  .regex(/^[a-z0-9][a-z0-9-]*$/, 'must be lower-case letters, digits and hyphens');
/** A year: what takes longer is a slip of the pen. */
const MOST_MIN = 525_600;
export const minutes = z
  .number()
  .int('must be whole minutes')
  .nonnegative()
  .max(MOST_MIN, 'must be at most a year, 525600 minutes');
export const grams = z.number().positive('must be more than nothing');
export const clock = z
  .string()
  .regex(/^([01]\d|2[0-3]):[0-5]\d$/, 'must be a clock time like “23:00”');
/** An amount in the cook's own words. */
export const amount = z.string().superRefine((text, context) => {
  try {
    parseQuantity(text);
  } catch (error) {
    if (!(error instanceof QuantityError)) throw error;
    context.addIssue({ code: 'custom', message: `${error.wrong}. ${error.mend}` });
  }
});

/** A refinement: three fields that must not run backwards. */
export const ascending = (least: string, middle: string, most: string) =>
  [
    (value: Record<string, unknown>) =>
      Number(value[least]) <= Number(value[middle]) && Number(value[middle]) <= Number(value[most]),
    {
      message: `must run from ${least} through ${middle} to ${most}, each at least the one before`,
    },
  ] as const;

/**
 * The fields this version knows. What a file holds beyond them is carried along unseen, so no
 * code can come to depend on it.
 */
export type Known<T> = T extends readonly (infer Item)[]
  ? Known<Item>[]
  : T extends object
    ? { [Key in keyof T as string extends Key ? never : Key]: Known<T[Key]> }
    : T;
