import { applyCommand, type Command } from '@zemrin/core';
import { edited, type LibraryState } from './library.ts';
import { own } from './own.ts';

/** One change to a meal. Changes of one `gesture` are undone together. */
export interface Edit {
  readonly meal: string;
  readonly command: Command;
  readonly gesture?: string | undefined;
}

/**
 * What a command does to a meal of the library, as an action; undefined where it changes nothing.
 * Apart from the library itself, so that a page that only shows meals need not know all commands.
 */
export function editAction(
  library: LibraryState,
  { meal, command, gesture }: Edit,
): ReturnType<typeof edited> | undefined {
  const before = own(library.meals, meal);
  if (!before) return undefined;
  const after = applyCommand(before, command);
  return after === before ? undefined : edited({ before, after, command, gesture });
}
