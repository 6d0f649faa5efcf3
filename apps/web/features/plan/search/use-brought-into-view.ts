import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';

/** On the page a view is an element; where there is none, there is nothing to scroll. */
function show({ current }: RefObject<View | null>): void {
  if (current && 'scrollIntoView' in current && typeof current.scrollIntoView === 'function') {
    current.scrollIntoView();
  }
}

/**
 * A part of the page that was asked for and lies out of sight: it is brought into view at once, and again when all of it
 * is there.
 * @param isThere whether what was asked for is there
 */
export function useBroughtIntoView(isThere: boolean): {
  readonly part: RefObject<View | null>;
  readonly bring: () => void;
} {
  const part = useRef<View>(null);
  const isWanted = useRef(false);
  useEffect(() => {
    if (!isWanted.current || !isThere) return;
    isWanted.current = false;
    show(part);
  }, [isThere]);
  return {
    part,
    bring: () => {
      isWanted.current = true;
      show(part);
    },
  };
}
