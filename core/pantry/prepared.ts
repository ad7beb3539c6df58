/**
 * Ways to make a bird ready: with a stuffing in it, which is then its coldest part; or cut along the
 * back and pressed flat, its inside on the tray.
 */
export const PREPARED = ['stuffed', 'flattened'] as const;
export type Prepared = (typeof PREPARED)[number];
