import { withTodaysNames } from '@round-mint/contract/earlier-names';
import { idSchema } from '@round-mint/contract/common';
import { ringEventSchema } from '@round-mint/contract/rings';
import { createStore, del, get, update } from 'idb-keyval';
import { z } from 'zod';
import { createBrowserKeeper } from './browser-keeper';
import type { Tabs } from './tabs';
import type { UnsentEvent } from './unsent-slice';
import { THING_KINDS, type UnsentThing } from './unsent-things-slice';

/** What the browser kept, checked: nothing that it does not know goes to the server. */
const unsentEventSchema = z.object({ ringId: idSchema, event: ringEventSchema });
const unsentThingSchema = z.object({
  kind: z.enum(THING_KINDS),
  id: idSchema,
  at: z.string(),
  ringId: idSchema.optional(),
  shelfId: idSchema.optional(),
  label: z.string().optional(),
  body: z.record(z.string(), z.unknown()),
});
/** Where an earlier version kept all events as one list. */
const EARLIER_LIST = 'unsent-events';

function eventsIn(record: unknown): readonly UnsentEvent[] {
  const parsed = unsentEventSchema.safeParse(withTodaysNames(record));
  return parsed.success ? [parsed.data] : [];
}

function thingsIn(record: unknown): readonly UnsentThing[] {
  const parsed = unsentThingSchema.safeParse(record);
  return parsed.success ? [parsed.data] : [];
}

export function createEventKeeper(tabs: Tabs) {
  const idOf = ({ event }: UnsentEvent) => event.id;
  return createBrowserKeeper({ database: 'round-mint-unsent-events', idOf, read: eventsIn, tabs });
}

export function createThingKeeper(tabs: Tabs) {
  const idOf = ({ id }: UnsentThing) => id;
  return createBrowserKeeper({ database: 'round-mint-unsent-things', idOf, read: thingsIn, tabs });
}

/** What a page of an earlier version could not send; asked for once. */
export async function earlierEvents(): Promise<readonly UnsentEvent[]> {
  const list = await get<unknown>(EARLIER_LIST);
  if (!Array.isArray(list)) return [];
  await del(EARLIER_LIST);
  return list.flatMap(eventsIn);
}

/** A tab that sends says so for this long at a time, ms; one that was closed meanwhile holds the others up no longer. */
export const LEASE_MS = 8000;

const LEASE = 'sending';
const leaseSchema = z.object({ tab: z.string(), until: z.number() });

/**
 * The lock that lets one tab send. The browser's own locks are missing on plain http, so one record does, read and
 * written in one transaction.
 */
export function createLease(tab: string) {
  const leases = createStore('round-mint-sender', 'leases');
  return {
    /** Asks to be the one that sends, or goes on to be it. @returns whether this tab may */
    async take(nowMs = Date.now()): Promise<boolean> {
      let mine = false;
      await update<unknown>(
        LEASE,
        (kept) => {
          const lease = leaseSchema.safeParse(kept);
          mine = !lease.success || lease.data.tab === tab || lease.data.until <= nowMs;
          return mine ? { tab, until: nowMs + LEASE_MS } : kept;
        },
        leases,
      );
      return mine;
    },
    /** Lets another tab send. */
    async give(): Promise<void> {
      await update<unknown>(
        LEASE,
        (kept) => {
          const lease = leaseSchema.safeParse(kept);
          return lease.success && lease.data.tab === tab ? null : kept;
        },
        leases,
      );
    },
  };
}
