import { ROUND_1_1 } from './round-1-1.ts';
import { ROUND_1_2 } from './round-1-2.ts';
import { ROUND_1_3 } from './round-1-3.ts';
import { ROUND_2_1 } from './round-2-1.ts';
import { ROUND_2_2 } from './round-2-2.ts';
import { ROUND_3_1 } from './round-3-1.ts';
import { ROUND_3_2 } from './round-3-2.ts';
import type { LedgerCase } from './case.ts';

export const ROUND_1: readonly LedgerCase[] = [...ROUND_1_1, ...ROUND_1_2, ...ROUND_1_3];
export const ROUND_2: readonly LedgerCase[] = [...ROUND_2_1, ...ROUND_2_2];
export const ROUND_3: readonly LedgerCase[] = [...ROUND_3_1, ...ROUND_3_2];
export { ROUND_4 } from './round-4.ts';
