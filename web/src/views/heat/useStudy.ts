import type { CookSpec, Ensemble } from '@zemrin/core';
import { proxy } from 'comlink';
import { useEffect, useState } from 'react';
import { heatWorker } from '../../workers/heat.ts';
import type { Study } from '../../workers/heat.worker.ts';

/** Sliders move quicker than this. */
const AT_REST_MS = 120;

export interface Studied {
  readonly study?: Study | undefined;
  readonly ensemble?: Ensemble | undefined;
  /** 0 to 1; undefined when nothing is reckoned. */
  readonly progress?: number | undefined;
  readonly stop: () => void;
}

interface Known {
  readonly key: string;
  readonly study?: Study;
  readonly ensemble?: Ensemble;
  readonly progress?: number | undefined;
}

/** The band, what comes after, and what changes would do: from the worker, once the hand rests. */
export function useStudy(spec: CookSpec): Studied {
  const key = JSON.stringify(spec);
  const [known, setKnown] = useState<Known>({ key: '' });

  useEffect(() => {
    let left = false;
    const put = (more: Partial<Known>) => {
      if (left) return;
      // What was studied last stays until the new is there, so that nothing on the page jumps.
      setKnown((was) =>
        was.key === key
          ? { ...was, ...more }
          : { key, ...(was.study && { study: was.study }), ...more },
      );
    };
    const timer = setTimeout(() => {
      put({ progress: 0 });
      const onStudy = proxy((study: Study) => put({ study }));
      const onProgress = proxy((progress: number) => put({ progress }));
      const asked = JSON.parse(key) as CookSpec;
      heatWorker()
        .study(asked, onStudy, onProgress)
        .then((ensemble) => put({ ...(ensemble && { ensemble }), progress: undefined }))
        .catch(() => put({ progress: undefined }));
    }, AT_REST_MS);
    return () => {
      left = true;
      clearTimeout(timer);
    };
  }, [key]);

  const stop = () => {
    void heatWorker().stop();
    setKnown((was) => ({ ...was, progress: undefined }));
  };
  if (known.key === key) return { ...known, stop };
  return { ...(known.study && { study: known.study }), stop };
}
