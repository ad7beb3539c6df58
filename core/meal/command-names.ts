import type { Command } from './commands.ts';

/** Every command by its name; a new one that is forgotten here does not compile. */
const NAMES: Readonly<Record<Command['do'], true>> = {
  rename: true,
  serveAt: true,
  changeSeat: true,
  addSeat: true,
  removeSeat: true,
  setStepTime: true,
  editStep: true,
  pinStep: true,
  beginStep: true,
  addStepAfter: true,
  addStepBefore: true,
  removeStep: true,
  keepInHand: true,
  haveAtHome: true,
  putDish: true,
  replaceDish: true,
  overrule: true,
  answerProposal: true,
  setHours: true,
  setKitchen: true,
  setUnits: true,
  setMeasures: true,
  setHelpers: true,
  setAppliances: true,
  setVessels: true,
  setSchool: true,
  ownIngredient: true,
  ownCut: true,
  renameDish: true,
  serveDishBefore: true,
  removeDish: true,
  weigh: true,
  addFood: true,
  editFood: true,
  removeFood: true,
  addMixture: true,
  editMixture: true,
  removeMixture: true,
  addLine: true,
  setLine: true,
  replaceLine: true,
  moveLine: true,
};

/** Whether something read from outside says which command it is. What it does is seen when applied. */
export function isCommand(value: unknown): value is Command {
  return (
    typeof value === 'object' &&
    value !== null &&
    'do' in value &&
    typeof value.do === 'string' &&
    Object.hasOwn(NAMES, value.do)
  );
}
