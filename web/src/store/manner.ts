import { mannerOf, say, type Manner, type Meal, type Message, type Plan } from '@zemrin/core';
import { useMemo } from 'react';

/** How this meal's cook reads clocks and scales, and a way to say what the computation says. */
export function useManner(
  meal: Meal,
  plan?: Plan,
): { manner: Manner; sayIt: (message: Message) => string } {
  const servingMin = plan?.servingMin;
  return useMemo(() => {
    const manner = mannerOf(meal, servingMin);
    return { manner, sayIt: (message: Message) => say(message, manner) };
  }, [meal, servingMin]);
}
