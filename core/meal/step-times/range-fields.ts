import { minutes } from '../../quantity/index.ts';

/** A likely length between two unlikely ones. */
export const rangeFields = { leastMin: minutes, likelyMin: minutes, mostMin: minutes };
