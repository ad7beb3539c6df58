import { placeWords } from '../places/index.ts';
import { en } from './en.ts';

/** What the computation says, and what its places are called. */
export const coreWords = { ...en, ...placeWords.en } as const;
