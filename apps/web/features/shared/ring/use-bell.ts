import { type SharedWait, waitClock, type WaitClock } from '@round-mint/core/steps';
import { useEffect, useRef } from 'react';
import { ringBell } from './ring-bell';
import { say } from './speech';

/** Rings, and where it is wanted speaks, once when a wait falls due and once when it is late; not for what was so before the page was opened. */
export function useBell(waits: readonly SharedWait[], now: number, speech: boolean): void {
  const heard = useRef(new Map<string, WaitClock['phase']>());
  useEffect(() => {
    for (const wait of waits) {
      const { phase } = waitClock(wait, now);
      const before = heard.current.get(wait.waitId);
      heard.current.set(wait.waitId, phase);
      if (before === undefined || before === phase || (phase !== 'due' && phase !== 'late')) continue;
      ringBell();
      if (speech) say(`${wait.what}: ${phase === 'due' ? 'ready' : 'late'}`);
    }
  }, [waits, now, speech]);
}
