import { createContext, useContext, useState } from 'react';
import { ScrollView, type ScrollViewProps } from 'react-native';

const Scroller = createContext<ScrollView | null>(null);

/** What scrolls the component that asks; null until it is drawn, and where nothing scrolls. */
export function useScroller(): ScrollView | null {
  return useContext(Scroller);
}

/** A part that scrolls, known to what lies in it: long lists draw only what is in sight. */
export function ScrollArea({ children, ...props }: ScrollViewProps) {
  const [scroller, setScroller] = useState<ScrollView | null>(null);
  return (
    <ScrollView ref={setScroller} {...props}>
      <Scroller value={scroller}>{children}</Scroller>
    </ScrollView>
  );
}
