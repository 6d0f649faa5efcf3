import type { Learnt, Lesson } from '@round-mint/core/learn';
import { sql } from 'drizzle-orm';
import { bigint, doublePrecision, index, integer, jsonb, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import { drawnVersion, onlyRow } from './schema-columns';
import { rings } from './schema-workshop';

/**
 * What came of each ring that is finished or spoilt: worked out from its log in the background, so that lists and sums
 * need not follow every event of every ring again. No backup holds it.
 */
export const ringOutcomes = pgTable(
  'ring_outcomes',
  {
    ringId: uuid('ring_id')
      .primaryKey()
      .references(() => rings.id, { onDelete: 'cascade' }),
    /** Drawn by the database whenever the ring or its log changes. */
    seen: drawnVersion('seen'),
    /** What was drawn when lesson and summary were worked out; null when they are to be worked out anew. */
    workedOut: bigint('worked_out', { mode: 'number' }),
    /** What was drawn when the summary was made: it holds for as long as that stands, whichever version made it. */
    summarised: bigint('summarised', { mode: 'number' }),
    /** Grows with every outcome that is written down; null before it ever was. */
    written: bigint('written', { mode: 'number' }),
    /** Null for a ring that teaches nothing. */
    lesson: jsonb('lesson').$type<Lesson>(),
    /** Parsed where it is read: another version may have written it. */
    summary: jsonb('summary').$type<unknown>(),
    /** Of the summary, what sums over all rings are made of. */
    workedMin: doublePrecision('worked_min'),
    spoiltBy: text('spoilt_by'),
    sizeErrorUs: doublePrecision('size_error_us'),
    /** How far the width came out from its plan, as a share of it. */
    widthError: doublePrecision('width_error'),
  },
  (table) => [
    index('ring_outcomes_by_seen').on(table.seen),
    index('ring_outcomes_by_written').on(table.written),
    index('ring_outcomes_to_do')
      .on(table.ringId)
      .where(sql`${table.workedOut} is distinct from ${table.seen}`),
  ],
);

/** What all lessons came to last. */
export const learnt = pgTable(
  'learnt',
  {
    id: integer('id').primaryKey(),
    /** The program and the tools that lessons are worked out with. */
    lessonsWith: text('lessons_with').notNull(),
    /** All that it was learnt from, as far as it tells whether something has changed. */
    learntFrom: text('learnt_from'),
    /** Null until it is learnt for the first time. */
    learnt: jsonb('learnt').$type<Learnt>(),
  },
  (table) => [onlyRow('learnt_only_row', table.id)],
);
