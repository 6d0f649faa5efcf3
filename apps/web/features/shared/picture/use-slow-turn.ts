import { useEffect } from 'react';
import type { Held } from './use-turning';

const DEG_A_SECOND = 14;

function wantsStillness(): boolean {
  return (
    typeof window.matchMedia === 'function' && window.matchMedia('(prefers-reduced-motion: reduce)').matches
  );
}

/** Turns a ring slowly by itself, until the maker takes hold of it; never for who wants no motion. */
export function useSlowTurn(change: (to: (before: Held) => Held) => void, isOn: boolean): void {
  useEffect(() => {
    if (!isOn || wantsStillness()) return undefined;
    let before = performance.now();
    let frame = requestAnimationFrame(function turn(now) {
      const passed = Math.min(0.1, (now - before) / 1000);
      before = now;
      change((was) => ({ ...was, turnDeg: was.turnDeg + DEG_A_SECOND * passed }));
      frame = requestAnimationFrame(turn);
    });
    return () => cancelAnimationFrame(frame);
  }, [change, isOn]);
}
