import { placeWords } from '../places/index.ts';
import { en } from './en.ts';
import { schools } from './en-schools.ts';

/** What the computation says, and what its places are called. */
export const coreWords = { ...en, ...schools, ...placeWords.en } as const;
