import { airFryer } from './air-fryer.ts';
import { board } from './board.ts';
import { box } from './box.ts';
import { counter } from './counter.ts';
import { deepFryer } from './deep-fryer.ts';
import { freezer } from './freezer.ts';
import { fridge } from './fridge.ts';
import { grill } from './grill.ts';
import { hob } from './hob.ts';
import { microwave } from './microwave.ts';
import { outside } from './outside.ts';
import { oven } from './oven.ts';
import { pressureCooker } from './pressure-cooker.ts';
import { slowCooker } from './slow-cooker.ts';
import { smoker } from './smoker.ts';
import { table } from './table.ts';

/**
 * Every place, from the cold to the table. To add one, write its file beside these and name it
 * here; docs/extending.md shows how.
 */
export const REGISTERED = [
  freezer,
  fridge,
  counter,
  board,
  hob,
  oven,
  smoker,
  grill,
  slowCooker,
  pressureCooker,
  deepFryer,
  airFryer,
  microwave,
  box,
  outside,
  table,
] as const;
