import { placeOfCooker } from '../places/index.ts';
import type { Step } from './schema.ts';

/** Whether what a step leaves keeps warm where it is, with nobody there: in a slow cooker. */
export function keepsWarm({ place, time }: Step): boolean {
  if (place.kind === 'slow-cooker') return true;
  const cooker = time.kind === 'heat' ? time.cooker : undefined;
  return cooker !== undefined && placeOfCooker(cooker).own === 'slow-cooker';
}
