import { useEffect, useRef } from 'react';

/** What a pedal, a key or a tap does. */
export interface PedalActions {
  readonly next: () => void;
  readonly undo: () => void;
  readonly leave: () => void;
}

/** Keys that a foot pedal sends, and those that lie next to them on a keyboard. */
const KEYS: Readonly<Record<string, keyof PedalActions>> = {
  ' ': 'next',
  Enter: 'next',
  PageDown: 'next',
  PageUp: 'undo',
  Backspace: 'undo',
  Escape: 'leave',
};

/** Buttons that are not the whole page. */
const OTHER_BUTTONS = '[role="button"]:not([data-testid="hands-free-next"])';

/** Listens to keys and pedals; one that is held down counts once. */
export function useFootPedal(actions: PedalActions): void {
  const now = useRef(actions);
  useEffect(() => {
    now.current = actions;
  }, [actions]);
  useEffect(() => {
    if (typeof window === 'undefined' || !('addEventListener' in window)) return undefined;
    const onKey = (event: KeyboardEvent) => {
      const what = KEYS[event.key];
      if (!what || event.ctrlKey || event.metaKey || event.altKey) return;
      // A key that presses a button with the focus on it is that button's.
      const onButton = event.target instanceof HTMLElement && event.target.closest(OTHER_BUTTONS) !== null;
      if (onButton && (event.key === ' ' || event.key === 'Enter')) return;
      event.preventDefault();
      if (!event.repeat) now.current[what]();
    };
    window.addEventListener('keydown', onKey);
    return () => window.removeEventListener('keydown', onKey);
  }, []);
}
