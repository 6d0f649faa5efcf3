import type { ImportResult } from '@round-mint/contract/archive';
import { partCountsSchema } from '@round-mint/contract/archive-zip';
import { sql } from 'drizzle-orm';
import type { Database } from '../db/database';
import { settings } from '../db/schema';
import { changeSettings } from '../services/settings';
import type { ArchiveSource } from './archive-source';
import type { ArchiveTable, Line } from './archive-table';
import { ARCHIVE_TABLES } from './archive-tables';
import { compareLines, insertLines, pagesToTake, refusedImport } from './take-lines';

/** Ids that collide are named, up to so many; all are counted. */
const MOST_NAMED = 100;

/** Thrown to leave the transaction of a dry run without a trace. */
class DryRun extends Error {}

function nameOf({ item }: Line): string {
  const { name } = item;
  return typeof name === 'string' ? name : '';
}

/** What of an archive has been taken in so far. */
function createTaking(tx: Database, source: ArchiveSource) {
  const added: Record<string, number> = {};
  const collided = { count: 0, items: [] as ImportResult['collided']['items'] };
  let same = 0;
  /** What stands here in another way: what belongs to it in the archive does not fit it. */
  const kept = new Set<string>();

  function collide(spec: ArchiveTable, line: Line): void {
    const id = String(line.item.id);
    kept.add(`${spec.part}/${id}`);
    collided.count += 1;
    if (collided.items.length < MOST_NAMED) collided.items.push({ part: spec.part, id, name: nameOf(line) });
  }

  async function takePage(spec: ArchiveTable, lines: readonly Line[]): Promise<void> {
    const { owner } = spec;
    const fitting = owner
      ? lines.filter(({ item }) => !kept.has(`${owner.part}/${String(item[owner.field])}`))
      : lines;
    const compared = await compareLines(tx, spec, fitting);
    await insertLines(tx, source, spec, compared.added);
    added[spec.part] = (added[spec.part] ?? 0) + compared.added.length;
    same += compared.same.length;
    for (const line of compared.differing) collide(spec, line);
  }

  return {
    takePage,
    result: (dryRun: boolean): ImportResult => ({
      dryRun,
      added: partCountsSchema.parse(added),
      same,
      collided,
    }),
  };
}

/** Settings are the file's: the maker takes a workshop in to go on with it. */
async function takeSettings(tx: Database, source: ArchiveSource): Promise<void> {
  for await (const { item } of source.lines('settings')) {
    await changeSettings(tx, item['data'] as Parameters<typeof changeSettings>[1]);
  }
}

/**
 * Takes an archive in, in one transaction: all or nothing. What is already there stays as it is; where it is not the same
 * as in the archive, that is told. @throws HttpError 400 for what is no archive, or refers to what it does not hold
 */
export async function importArchive(
  db: Database,
  source: ArchiveSource,
  dryRun: boolean,
): Promise<ImportResult> {
  let result: ImportResult | undefined;
  try {
    await db.transaction(async (tx) => {
      await tx.execute(sql`set constraints all deferred`);
      const taking = createTaking(tx, source);
      for (const spec of ARCHIVE_TABLES) {
        if (spec.table === settings) continue;
        for await (const lines of pagesToTake(source, spec)) await taking.takePage(spec, lines);
      }
      await takeSettings(tx, source);
      await tx.execute(sql`set constraints all immediate`);
      result = taking.result(dryRun);
      if (dryRun) throw new DryRun();
    });
  } catch (error) {
    if (!(error instanceof DryRun)) throw refusedImport(error);
  }
  if (!result) throw new Error('an import ended without a count');
  return result;
}
