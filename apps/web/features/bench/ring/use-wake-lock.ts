import { useEffect } from 'react';

/** Keeps the screen awake while something is shown, where the browser can; a page in the background lets go of it. */
export function useWakeLock(): void {
  useEffect(() => {
    if (typeof navigator === 'undefined' || !('wakeLock' in navigator)) return undefined;
    let lock: WakeLockSentinel | undefined;
    let ended = false;
    const hold = async () => {
      if (document.visibilityState !== 'visible') return;
      try {
        lock = await navigator.wakeLock.request('screen');
        if (ended) await lock.release();
      } catch {
        // A low battery refuses it: the screen then sleeps as it always did.
      }
    };
    const onVisible = () => void hold();
    void hold();
    document.addEventListener('visibilitychange', onVisible);
    return () => {
      ended = true;
      document.removeEventListener('visibilitychange', onVisible);
      void lock?.release();
    };
  }, []);
}
