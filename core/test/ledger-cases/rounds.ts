import { ROUND_1_1 } from './round-1-1.ts';
import { ROUND_1_2 } from './round-1-2.ts';
import { ROUND_1_3 } from './round-1-3.ts';
import { ROUND_2_1 } from './round-2-1.ts';
import { ROUND_2_2 } from './round-2-2.ts';
import { ROUND_3_1 } from './round-3-1.ts';
import { ROUND_3_2 } from './round-3-2.ts';
import { ROUND_4 } from './round-4.ts';
import { ROUND_5_1 } from './round-5-1.ts';
import { ROUND_5_2 } from './round-5-2.ts';
import { ROUND_6_1 } from './round-6-1.ts';
import { ROUND_6_2 } from './round-6-2.ts';
import { ROUND_7 } from './round-7.ts';
import { ROUND_8_1 } from './round-8-1.ts';
import { ROUND_8_2 } from './round-8-2.ts';
import { ROUND_9 } from './round-9.ts';
import { ROUND_10 } from './round-10.ts';
import { ROUND_11 } from './round-11.ts';
import { ROUND_12_1 } from './round-12-1.ts';
import { ROUND_12_2 } from './round-12-2.ts';
import { ROUND_13 } from './round-13.ts';
import { ROUND_15 } from './round-15.ts';
import { ROUND_16 } from './round-16.ts';
import { ROUND_14_1 } from './round-14-1.ts';
import { ROUND_14_2 } from './round-14-2.ts';
import type { LedgerCase } from './case.ts';

/** Cases written together, before the program was asked, and what it answered at first. */
export interface Round {
  readonly name: string;
  readonly cases: readonly LedgerCase[];
  /** Of those that must stop: stopped, minded, silent. */
  readonly stop: readonly [stopped: number, minded: number, silent: number];
  /** Of those to be minded: minded, silent. */
  readonly caution: readonly [minded: number, silent: number];
  /** Of the safe: not stopped, stopped. */
  readonly pass: readonly [passed: number, stopped: number];
}

export const ROUNDS: readonly Round[] = [
  {
    name: 'first',
    cases: [...ROUND_1_1, ...ROUND_1_2, ...ROUND_1_3],
    stop: [2, 1, 19],
    caution: [0, 9],
    pass: [18, 1],
  },
  {
    name: 'second',
    cases: [...ROUND_2_1, ...ROUND_2_2],
    stop: [19, 0, 0],
    caution: [8, 0],
    pass: [10, 3],
  },
  {
    name: 'third',
    cases: [...ROUND_3_1, ...ROUND_3_2],
    stop: [12, 1, 0],
    caution: [4, 0],
    pass: [12, 1],
  },
  { name: 'fourth', cases: ROUND_4, stop: [0, 2, 1], caution: [0, 0], pass: [2, 0] },
  {
    name: 'fifth',
    cases: [...ROUND_5_1, ...ROUND_5_2],
    stop: [13, 1, 2],
    caution: [2, 0],
    pass: [15, 1],
  },
  {
    name: 'sixth',
    cases: [...ROUND_6_1, ...ROUND_6_2],
    stop: [12, 1, 0],
    caution: [4, 1],
    pass: [10, 0],
  },
  {
    name: 'seventh',
    cases: ROUND_7,
    stop: [11, 0, 1],
    caution: [2, 0],
    pass: [5, 1],
  },
  {
    name: 'eighth',
    cases: [...ROUND_8_1, ...ROUND_8_2],
    stop: [13, 1, 0],
    caution: [2, 0],
    pass: [8, 0],
  },
  { name: 'ninth', cases: ROUND_9, stop: [12, 0, 0], caution: [1, 0], pass: [6, 1] },
  { name: 'tenth', cases: ROUND_10, stop: [12, 0, 0], caution: [2, 0], pass: [6, 0] },
  { name: 'eleventh', cases: ROUND_11, stop: [6, 2, 3], caution: [1, 5], pass: [6, 1] },
  {
    name: 'twelfth',
    cases: [...ROUND_12_1, ...ROUND_12_2],
    stop: [10, 0, 2],
    caution: [2, 0],
    pass: [10, 0],
  },
  { name: 'thirteenth', cases: ROUND_13, stop: [11, 1, 0], caution: [2, 1], pass: [4, 1] },
  {
    name: 'fourteenth',
    cases: [...ROUND_14_1, ...ROUND_14_2],
    stop: [9, 1, 0],
    caution: [2, 0],
    pass: [11, 1],
  },
  { name: 'fifteenth', cases: ROUND_15, stop: [3, 0, 1], caution: [2, 0], pass: [12, 0] },
  { name: 'sixteenth', cases: ROUND_16, stop: [14, 0, 0], caution: [0, 0], pass: [0, 0] },
];
