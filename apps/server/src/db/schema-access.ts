import { boolean, index, integer, pgTable, text, timestamp, uuid } from 'drizzle-orm/pg-core';
import { lifecycle, onlyRow } from './schema-columns';

/** What a workshop knows of itself; it stays here when the workshop's things are exported. */
export const workshop = pgTable(
  'workshop',
  {
    id: integer('id').primaryKey(),
    /** Tells workshops on one machine apart, whose cookies a browser keeps in one place. */
    key: uuid('key').notNull().defaultRandom(),
    /** Whether it is the made-up one; not known of folders older than this. */
    madeUp: boolean('made_up'),
    openToNetwork: boolean('open_to_network').notNull().default(false),
    /** Whether the machine itself has to be paired, too. */
    locked: boolean('locked').notNull().default(false),
    /** The pairing code that is good now, as scrypt leaves it. */
    codeHash: text('code_hash'),
    codeExpiresAt: timestamp('code_expires_at', { withTimezone: true, mode: 'string' }),
    codeTries: integer('code_tries').notNull().default(0),
  },
  (table) => [onlyRow('workshop_only_row', table.id)],
);

export const pairedDevices = pgTable(
  'paired_devices',
  {
    id: uuid('id').primaryKey(),
    name: text('name').notNull(),
    /** SHA-256 of the secret in its cookie, which is long and random: nothing to be guessed from it. */
    secretHash: text('secret_hash').notNull(),
    lastSeenAt: timestamp('last_seen_at', { withTimezone: true, mode: 'string' }).notNull().defaultNow(),
    ...lifecycle,
  },
  (table) => [index('paired_devices_by_age').on(table.archivedAt, table.createdAt)],
);
