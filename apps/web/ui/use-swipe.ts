import { useMemo, useRef } from 'react';
import type { GestureResponderEvent, ViewStyle } from 'react-native';

/** A swipe goes this far, px, and rather sideways than up or down. */
const FAR_PX = 60;
const SIDEWAYS = 2;

/** Sideways is ours, up and down the browser's: a web style that React Native's types do not know. */
const SIDEWAYS_OURS = { touchAction: 'pan-y' } as unknown as ViewStyle;

/** For what is dragged itself within a view that is swiped: its drags are no swipes. */
export const OWN_DRAG = {
  onTouchStart: (event: { stopPropagation: () => void }) => event.stopPropagation(),
} as const;

/** Where the only finger is; nothing while there are several, or none. */
function fingerAt({ nativeEvent }: GestureResponderEvent) {
  const [finger, ...others] = nativeEvent.changedTouches;
  return finger && others.length === 0 ? { x: finger.pageX, y: finger.pageY } : undefined;
}

/** What a view needs to be swiped: to the left is on, to the right is back. */
export function useSwipe(onTurn: (direction: 1 | -1) => void) {
  const begun = useRef<{ x: number; y: number }>(undefined);
  return useMemo(
    () => ({
      style: SIDEWAYS_OURS,
      onTouchStart: (event: GestureResponderEvent) => {
        begun.current = fingerAt(event);
      },
      onTouchEnd: (event: GestureResponderEvent) => {
        const [from, to] = [begun.current, fingerAt(event)];
        begun.current = undefined;
        if (!from || !to) return;
        const [dx, dy] = [to.x - from.x, to.y - from.y];
        if (Math.abs(dx) >= FAR_PX && Math.abs(dx) > SIDEWAYS * Math.abs(dy)) onTurn(dx < 0 ? 1 : -1);
      },
    }),
    [onTurn],
  );
}
