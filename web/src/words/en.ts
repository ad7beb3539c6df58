import { placeWords } from '@zemrin/core';
import { app } from './en/app.ts';
import { meals } from './en/meals.ts';
import { schools } from './en/schools.ts';
import { table } from './en/table.ts';
import { bench } from './en/bench.ts';
import { heat } from './en/heat.ts';
import { safety } from './en/safety.ts';
import { weave } from './en/weave.ts';
import { kitchen } from './en/kitchen.ts';
import { lists } from './en/lists.ts';
import { cook } from './en/cook.ts';
import { follow } from './en/follow.ts';
import { learning } from './en/learning.ts';
import { log } from './en/log.ts';
import { keys } from './en/keys.ts';
import { verbs } from './en/verbs.ts';
import { dishes } from './en/dishes.ts';

/** Every word the views say. The sentences of the computation are core's own, and said by `say`. */
export const en = {
  ...placeWords.en,
  ...schools,
  ...app,
  ...meals,
  ...table,
  ...bench,
  ...heat,
  ...safety,
  ...weave,
  ...kitchen,
  ...lists,
  ...cook,
  ...follow,
  ...learning,
  ...log,
  ...keys,
  ...verbs,
  ...dishes,
} as const;

export type WordKey = keyof typeof en;
