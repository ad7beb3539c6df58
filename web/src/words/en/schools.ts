import { schoolWords } from '@zemrin/core';

/** Where cooks disagree, as the computation words it. */
export const schools = schoolWords;
