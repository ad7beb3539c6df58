export {
  agree,
  changeMin,
  type Cost,
  type Heat,
  type Lag,
  type Machine,
  type Pick,
  type Problem,
  type Stretch,
  type Use,
} from './problem.ts';
export { solve, LEFT_COST, type Effort, type Found } from './solve.ts';
export { conflictsOf, type Conflict, type Standing } from './conflicts.ts';
export { lagOf, State, type Choice } from './state.ts';
export { randomOf } from './random.ts';
