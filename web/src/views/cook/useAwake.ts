import { useEffect } from 'react';

/** Keeps the screen on while something is cooked, where the browser can. */
export function useAwake(wanted: boolean): void {
  useEffect(() => {
    if (!wanted || !('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | undefined;
    let gone = false;
    const ask = async () => {
      try {
        const got = await navigator.wakeLock.request('screen');
        if (gone) await got.release();
        else lock = got;
      } catch {
        // A battery that is low may refuse: then the screen goes dark as it always does.
      }
    };
    const again = () => {
      if (document.visibilityState === 'visible') void ask();
    };
    void ask();
    document.addEventListener('visibilitychange', again);
    return () => {
      gone = true;
      document.removeEventListener('visibilitychange', again);
      void lock?.release();
    };
  }, [wanted]);
}
