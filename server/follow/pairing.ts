import { randomBytes, randomInt, timingSafeEqual } from 'node:crypto';

/** Letters and digits no two of which are taken for each other. */
const SIGNS = 'ACDEFHJKLMNPQRTUVWXY34679';
const LENGTH = 8;
const MOST_DEVICES = 200;

/**
 * Who may follow: whoever was told the code, which is made anew every time the server starts. A
 * device that gave it gets a key of its own; the code itself is never stored anywhere.
 */
export class Pairing {
  /** As it is told: two groups of four. */
  readonly code = codeByChance();
  private readonly keys = new Set<string>();

  /** A key for a device that knows the code; nothing for one that does not. */
  pair(told: string): string | undefined {
    if (!same(plain(told), plain(this.code)) || this.keys.size >= MOST_DEVICES) return undefined;
    const key = randomBytes(18).toString('base64url');
    this.keys.add(key);
    return key;
  }

  isPaired(key: string | undefined): boolean {
    return key !== undefined && this.keys.has(key);
  }
}

function codeByChance(): string {
  const signs = Array.from({ length: LENGTH }, () => SIGNS[randomInt(SIGNS.length)] ?? '');
  return `${signs.slice(0, LENGTH / 2).join('')}-${signs.slice(LENGTH / 2).join('')}`;
}

/** As the code is compared: its signs only, however it was typed. */
function plain(code: string): string {
  return code.toUpperCase().replace(/[^A-Z0-9]/g, '');
}

function same(a: string, b: string): boolean {
  return a.length === b.length && timingSafeEqual(Buffer.from(a), Buffer.from(b));
}
