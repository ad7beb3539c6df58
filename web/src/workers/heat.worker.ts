import {
  afterwards,
  cookOnce,
  cooks,
  ensembleOf,
  quickerCooks,
  whatIfs,
  type Afterwards,
  type CookSpec,
  type Ensemble,
  type QuickerCook,
  type WhatIf,
} from '@zemrin/core';
import { expose, type Endpoint } from 'comlink';

/** What takes too long to follow a slider: told as it comes. */
export interface Study {
  readonly after?: Afterwards | undefined;
  readonly whatIfs: readonly WhatIf[];
}

let wanted = 0;

/** Heat, off the main thread. Thin: the same functions as on the command line. */
const api = {
  /**
   * Studies a cook: first what comes after and what changes would do, then its band, member by
   * member, until it is done, another is asked for, or `stop`.
   */
  async study(
    spec: CookSpec,
    onStudy: (study: Study) => void,
    onProgress: (share: number) => void,
  ): Promise<Ensemble | undefined> {
    const mine = ++wanted;
    const rest = () => new Promise((resolve) => setTimeout(resolve, 0));
    await rest();
    if (mine !== wanted) return undefined;
    const onFire = spec.stages.some(({ cooker }) => cooks(cooker));
    onStudy({ after: onFire ? afterwards(spec) : undefined, whatIfs: whatIfs(spec) });
    const members = ensembleOf(spec, cookOnce(spec));
    for (;;) {
      const { done, value } = members.next();
      if (done === true) return value;
      onProgress(value);
      await rest();
      if (mine !== wanted) return undefined;
    }
  },

  /** What would make a cook so many minutes quicker. */
  quicker(spec: CookSpec, wantedMin: number): QuickerCook[] {
    return quickerCooks(spec, wantedMin);
  },

  stop(): void {
    wanted++;
  },
};

export type HeatApi = typeof api;

// A worker's own scope is an endpoint; the library of DOM types takes it for a window.
expose(api, self as unknown as Endpoint);
