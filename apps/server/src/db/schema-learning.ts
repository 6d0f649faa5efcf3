import type { Learnt, Lesson } from '@round-mint/core/learn';
import { sql } from 'drizzle-orm';
import { bigint, index, integer, jsonb, pgTable, text, uuid } from 'drizzle-orm/pg-core';
import { drawnVersion, onlyRow } from './schema-columns';
import { rings } from './schema-workshop';

/** What each finished ring teaches: worked out from its log, so that no backup holds it. */
export const lessons = pgTable(
  'lessons',
  {
    ringId: uuid('ring_id')
      .primaryKey()
      .references(() => rings.id, { onDelete: 'cascade' }),
    /** Drawn by the database whenever the ring or its log changes. */
    seen: drawnVersion('seen'),
    /** What was drawn when the lesson was worked out; null before it ever was. */
    taught: bigint('taught', { mode: 'number' }),
    /** Grows with every lesson that is written down; null before it ever was. */
    written: bigint('written', { mode: 'number' }),
    /** Null for a ring that the maker left out. */
    lesson: jsonb('lesson').$type<Lesson>(),
  },
  (table) => [
    index('lessons_by_seen').on(table.seen),
    index('lessons_by_written').on(table.written),
    index('lessons_untaught')
      .on(table.ringId)
      .where(sql`${table.taught} is distinct from ${table.seen}`),
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
