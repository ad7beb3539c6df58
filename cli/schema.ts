import { mealJsonSchema } from '@zemrin/core';
import type { Outcome } from './io.ts';

/** `schema`: the JSON Schema of the meal file. The same with and without --json. */
export function schemaCommand(): Outcome {
  const schema = mealJsonSchema();
  return { json: schema, text: JSON.stringify(schema, null, 2), exit: 0 };
}
