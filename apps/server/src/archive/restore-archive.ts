import type { ArchivePart, PartCounts } from '@round-mint/contract/archive-zip';
import { partChangesSchema, type PartChanges } from '@round-mint/contract/backups';
import { getTableName, sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { learnt, messagePhotos, orderStandings, ringOutcomes } from '../db/schema';
import { HttpError } from '../http/errors';
import { inPages, type ArchiveSource } from './archive-source';
import { ARCHIVE_TABLES } from './archive-tables';
import { compareLines, insertLines, pagesToTake, refusedImport } from './take-lines';
import { countParts, sumOf } from './write-archive';

/** What is asked beside the work itself. */
export interface Restoring {
  readonly signal?: AbortSignal | undefined;
  readonly onProgress?: (done: number, of: number) => void;
}

function stepper({ signal, onProgress }: Restoring, counts: PartCounts | undefined) {
  const total = counts ? sumOf(counts) : 0;
  let done = 0;
  return (things: number) => {
    signal?.throwIfAborted();
    done += things;
    onProgress?.(done, total);
  };
}

/** What would become of the workshop if it were put back to an archive. */
export async function compareWithArchive(
  db: Database,
  source: ArchiveSource,
  restoring: Restoring = {},
): Promise<PartChanges> {
  const step = stepper(restoring, source.counts);
  const now = await countParts(db);
  const changes: Record<string, { added: number; changed: number; removed: number }> = {};
  for (const spec of ARCHIVE_TABLES) {
    const found = { added: 0, changed: 0, same: 0 };
    for await (const lines of inPages(source.lines(spec.part), spec.pageRows)) {
      const { added, same, differing } = await compareLines(db, spec, lines);
      found.added += added.length;
      found.changed += differing.length;
      found.same += same.length;
      step(lines.length);
    }
    const removed = (now[spec.part] ?? 0) - found.same - found.changed;
    changes[spec.part] = { added: found.added, changed: found.changed, removed };
  }
  return partChangesSchema.parse(changes);
}

/** Everything that an archive holds is emptied first: who may come in, and the codes for it, stay. */
async function emptyTables(tx: Database): Promise<void> {
  const names = [
    messagePhotos,
    orderStandings,
    ringOutcomes,
    learnt,
    ...ARCHIVE_TABLES.map(({ table }) => table),
  ].map((table) => sql`${sql.identifier(getTableName(table))}`);
  await tx.execute(sql`truncate table ${sql.join(names, sql`, `)}`);
}

/**
 * Puts the workshop back to what an archive holds, in one transaction: all or nothing.
 * @throws HttpError 400 when the archive is damaged or does not hold what it counts
 */
export async function restoreArchive(
  db: Database,
  source: ArchiveSource,
  restoring: Restoring = {},
): Promise<void> {
  const step = stepper(restoring, source.counts);
  try {
    await db.transaction(async (tx) => {
      await tx.execute(sql`set constraints all deferred`);
      await emptyTables(tx);
      for (const spec of ARCHIVE_TABLES) {
        for await (const lines of pagesToTake(source, spec)) {
          await insertLines(tx, source, spec, lines);
          step(lines.length);
        }
      }
      refuseLoss(await countParts(tx), source.counts);
    });
  } catch (error) {
    throw refusedImport(error);
  }
}

/** Nothing is put back by halves. */
function refuseLoss(found: PartCounts, wanted: PartCounts | undefined): void {
  const short = Object.entries(wanted ?? {}).find(([part, n]) => found[part as ArchivePart] !== n);
  if (short) throw new HttpError('invalid', `The archive does not hold all of its ${short[0]}.`, []);
}
