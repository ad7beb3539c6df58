import { freshId } from '@zemrin/core';

/** An id no other window can come to by itself: the name and six signs of chance. */
export function uniqueId(name: string): string {
  const signs = crypto.getRandomValues(new Uint32Array(1))[0] ?? 0;
  return freshId(`${name} ${signs.toString(36).padStart(6, '0').slice(-6)}`, new Set());
}
