import { reading, type ReadRecipe, type SpoonSystem } from '@zemrin/core';
import { expose, type Endpoint } from 'comlink';

let wanted = 0;

/** How often it looks up from the text, ms. */
const AT_ONCE_MS = 50;

/** A long paste, off the main thread. Thin: the same function as on the command line. */
const api = {
  /** Reads it until it is done, another is asked for, or `stop`; undefined where it was left off. */
  async read(
    text: string,
    spoons: SpoonSystem,
    rather: ReadonlyMap<number, ReadonlySet<number>>,
    onProgress: (share: number) => void,
  ): Promise<readonly ReadRecipe[] | undefined> {
    const mine = ++wanted;
    const work = reading(text, spoons, rather);
    for (let since = performance.now(); ;) {
      const { done, value } = work.next();
      if (done === true) return value;
      if (performance.now() - since < AT_ONCE_MS) continue;
      onProgress(value);
      await new Promise((resolve) => setTimeout(resolve, 0));
      if (mine !== wanted) return undefined;
      since = performance.now();
    }
  },

  stop(): void {
    wanted++;
  },
};

export type ReaderApi = typeof api;

// A worker's own scope is an endpoint; the library of DOM types takes it for a window.
expose(api, self as unknown as Endpoint);
