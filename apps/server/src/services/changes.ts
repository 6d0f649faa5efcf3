import type { Change } from '@round-mint/contract/access';

/** A page that listens. */
export interface Listener {
  /** How the page names itself; it does not hear of its own changes. */
  readonly page: string | undefined;
  /** The paired device it runs on; null on the machine itself. */
  readonly deviceId: string | null;
  readonly hear: (change: Change) => void;
  /** The stream is over: the device was revoked, or the server ends. */
  readonly end: () => void;
}

export interface Changes {
  /** Tells every page but the one that made it of a change. */
  readonly announce: (change: Omit<Change, 'version'>, byPage?: string) => void;
  /** @returns how to stop listening */
  readonly listen: (listener: Listener) => () => void;
  /** Ends the streams of one device. */
  readonly endOf: (deviceId: string) => void;
  readonly endAll: () => void;
}

/** What the pages of a workshop tell each other. */
export function createChanges(): Changes {
  const listeners = new Set<Listener>();
  let version = 0;
  const end = (chosen: (listener: Listener) => boolean) => {
    for (const listener of [...listeners].filter(chosen)) {
      listeners.delete(listener);
      listener.end();
    }
  };
  return {
    announce: (change, byPage) => {
      // By the clock, so that it grows over restarts, too.
      version = Math.max(version + 1, Date.now());
      for (const { page, hear } of listeners) {
        if (page === undefined || page !== byPage) hear({ ...change, version });
      }
    },
    listen: (listener) => {
      listeners.add(listener);
      return () => listeners.delete(listener);
    },
    endOf: (deviceId) => end((listener) => listener.deviceId === deviceId),
    endAll: () => end(() => true),
  };
}
