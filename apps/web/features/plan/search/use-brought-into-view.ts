import { useEffect, useRef, type RefObject } from 'react';
import type { View } from 'react-native';
import { bringIntoView } from '@/ui/bring-into-view';

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
    bringIntoView(part);
  }, [isThere]);
  return {
    part,
    bring: () => {
      isWanted.current = true;
      bringIntoView(part);
    },
  };
}
