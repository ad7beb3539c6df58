import { uniqueId } from './ids.ts';

/** Every window is a device of its own, so that no two events ever have one name. */
export const DEVICE = uniqueId('w');
