import type { RefObject } from 'react';
import type { View } from 'react-native';

/** Scrolls to a part of the page; where it is no element of a page, there is nothing to scroll. */
export function bringIntoView({ current }: RefObject<View | null>): void {
  if (current && 'scrollIntoView' in current && typeof current.scrollIntoView === 'function') {
    current.scrollIntoView();
  }
}
