import { useEffect, useRef } from 'react';
import { isTyping } from '@/features/shared/screen/keys';

/** What the keys at the bench do. */
export interface BenchKeys {
  readonly next: () => void;
  readonly back: () => void;
  readonly done: () => void;
  readonly read: () => void;
  readonly trouble: () => void;
  readonly undo: () => void;
}

const KEYS: Readonly<Record<string, keyof BenchKeys>> = {
  ArrowRight: 'next',
  ArrowLeft: 'back',
  d: 'done',
  r: 'read',
  t: 'trouble',
  u: 'undo',
};

/** Keys for a bench with a keyboard; they rest while a sheet is open. */
export function useBenchKeys(keys: BenchKeys, resting: boolean): void {
  const now = useRef(keys);
  useEffect(() => {
    now.current = keys;
  }, [keys]);
  useEffect(() => {
    if (resting || typeof window === 'undefined' || !('addEventListener' in window)) return undefined;
    const onKey = (event: KeyboardEvent) => {
      if (isTyping(event.target) || event.ctrlKey || event.metaKey || event.altKey) return;
      const what = KEYS[event.key];
      if (what) now.current[what]();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, [resting]);
}
