import { useEffect, useRef } from 'react';

/** Keys of a wedge come faster than fingers type, ms. */
const FASTEST_GAP_MS = 80;
const NUMBER = /^\d{1,3}([.,]\d{1,3})?$/;

/** A run of keys as a calliper with a keyboard cable types it: digits, then Enter. */
export function createWedge(onValue: (value: number) => void) {
  let typed = '';
  let last = 0;
  return {
    /** @returns whether the key ended a number */
    key: (key: string, atMs: number): boolean => {
      if (atMs - last > FASTEST_GAP_MS) typed = '';
      last = atMs;
      if (key === 'Enter') {
        const whole = typed;
        typed = '';
        if (!NUMBER.test(whole)) return false;
        onValue(Number(whole.replace(',', '.')));
        return true;
      }
      typed = /^[\d.,]$/.test(key) ? typed + key : '';
      return false;
    },
  };
}

/** A calliper that types: what it sends is taken wherever the focus is, but for text boxes, which take it themselves. */
export function useWedge(onValue: (value: number) => void): void {
  const take = useRef(onValue);
  useEffect(() => {
    take.current = onValue;
  }, [onValue]);
  useEffect(() => {
    if (typeof document === 'undefined' || !('addEventListener' in document)) return undefined;
    const wedge = createWedge((value) => take.current(value));
    const onKey = (event: KeyboardEvent) => {
      if (event.target instanceof HTMLInputElement) return;
      // A number's Enter must not press the button that has the focus as well.
      if (wedge.key(event.key, event.timeStamp)) {
        event.preventDefault();
        event.stopPropagation();
      }
    };
    document.addEventListener('keydown', onKey, { capture: true });
    return () => document.removeEventListener('keydown', onKey, { capture: true });
  }, []);
}
