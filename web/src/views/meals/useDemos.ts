import type { Meal } from '@zemrin/core';
import { useEffect, useState } from 'react';
import { useNow } from '../../store/hooks.ts';
import { loadDemos } from './demos.ts';

/** The example meals, their serving days counted from today. */
export function useDemos(): readonly Meal[] {
  const nowMin = useNow();
  const [demos, setDemos] = useState<readonly Meal[]>([]);
  const day = Math.floor(nowMin / 1440);
  useEffect(() => {
    let gone = false;
    void loadDemos(day * 1440).then((loaded) => {
      if (!gone) setDemos(loaded);
    });
    return () => {
      gone = true;
    };
  }, [day]);
  return demos;
}
