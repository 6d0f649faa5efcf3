import { createStore, delMany, entries, setMany } from 'idb-keyval';
import type { Tabs } from './tabs';

interface KeeperOptions<T> {
  /** The browser's database: one record for each thing, so that two tabs write beside each other. */
  readonly database: string;
  readonly idOf: (thing: T) => string;
  /** What a record holds, checked; nothing for one that is not understood. */
  readonly read: (record: unknown) => readonly T[];
  readonly tabs: Tabs;
}

/** What a browser holds, and what this tab had known it to hold. */
export interface ReadBack<T> {
  readonly kept: readonly T[];
  readonly written: readonly string[];
}

/** Of a thing that is kept: what it is called, and when it came about. */
interface Told {
  readonly id: string;
  readonly at: string;
}

/**
 * What this tab knows after it has read back: what the browser keeps, other tabs' things too, with what this tab is only
 * about to write there. In the order of the clock; of one moment, as they stand.
 */
export function withReadBack<T>(
  known: readonly T[],
  { kept, written }: ReadBack<T>,
  told: (thing: T) => Told,
): readonly T[] {
  const there = new Set([...written, ...kept.map((thing) => told(thing).id)]);
  const coming = known.filter((thing) => !there.has(told(thing).id));
  return [...kept, ...coming].toSorted((a, b) => told(a).at.localeCompare(told(b).at));
}

/** Told to the other tabs when records came or went. */
export const KEPT = { kind: 'kept' } as const;

/** Keeps a list of things in the browser, over reloads and for every tab; written one after the other. */
export function createBrowserKeeper<T>({ database, idOf, read, tabs }: KeeperOptions<T>) {
  const records = createStore(database, 'records');
  /** Ids that the browser is known to hold. */
  let written: ReadonlySet<string> = new Set();
  let last: Promise<void> = Promise.resolve();
  const next = (work: () => Promise<void>) => {
    last = last.then(work, work);
    return last;
  };
  return {
    /** Brings the browser to what this tab knows. */
    keep: (things: readonly T[]) =>
      next(async () => {
        const ids = new Set(things.map(idOf));
        const added = things.filter((thing) => !written.has(idOf(thing)));
        const gone = [...written].filter((id) => !ids.has(id));
        if (added.length > 0) {
          await setMany(
            added.map((thing) => [idOf(thing), thing]),
            records,
          );
        }
        if (gone.length > 0) await delMany(gone, records);
        written = ids;
        if (added.length > 0 || gone.length > 0) tabs.tell(KEPT);
      }),
    /** Brings this tab to what the browser holds. @param take told what that is, and what was known of it before */
    readBack: (take: (found: ReadBack<T>) => void) =>
      next(async () => {
        const kept = (await entries<string, unknown>(records)).flatMap(([, record]) => read(record));
        const before = [...written];
        written = new Set(kept.map(idOf));
        if (kept.length > 0 || before.length > 0) take({ kept, written: before });
      }),
  };
}
