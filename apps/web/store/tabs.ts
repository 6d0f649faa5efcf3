/** A line to the other tabs of this browser. */
export interface Tabs {
  readonly tell: (message: unknown) => void;
  readonly listen: (hear: (message: unknown) => void) => void;
}

const ALONE: Tabs = { tell: () => undefined, listen: () => undefined };

/** Opens a line by its name; where the browser has none, a tab is alone. */
export function openTabs(name: string): Tabs {
  // Outside a browser there are no tabs.
  if (typeof document === 'undefined' || typeof BroadcastChannel === 'undefined') return ALONE;
  // Opened when it is first used: a store that nobody looks at holds none.
  let opened: BroadcastChannel | undefined;
  const channel = () => (opened ??= new BroadcastChannel(name));
  return {
    tell: (message) => channel().postMessage(message),
    listen: (hear) => {
      channel().onmessage = ({ data }: MessageEvent<unknown>) => hear(data);
    },
  };
}
