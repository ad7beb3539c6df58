/** @zemrin/core: the computation, without an interface, a clock, files or chance. */
export * from './quantity/index.ts';
export * from './time/index.ts';
export * from './words/index.ts';
export * from './pantry/index.ts';
export * from './heat/index.ts';
export * from './safety/index.ts';
export * from './batch/index.ts';
export * from './meal/index.ts';
export * from './ledger/index.ts';
export * from './plan/index.ts';
export * from './patterns/index.ts';
export * from './lists/index.ts';
export * from './reader/index.ts';
export * from './formats/index.ts';
export * from './weave/index.ts';
