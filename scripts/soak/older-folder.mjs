import { cp, mkdir, readFile, rm, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { ROOT } from '../lib/run.mjs';

/** As many migrations as the version had that did not count writes yet. */
const MIGRATIONS = 10;
const NAME = 'Kept from before';

/**
 * Makes a data folder as an older version left it, with a piece of stock in it.
 * @param {string} dataDir
 * @returns {Promise<string>} the piece's name
 */
export async function makeOlderFolder(dataDir) {
  const { PGlite } = await import('@electric-sql/pglite');
  const { drizzle } = await import('drizzle-orm/pglite');
  const { migrate } = await import('drizzle-orm/pglite/migrator');
  await mkdir(dataDir, { recursive: true });
  const migrations = join(dataDir, 'migrations');
  await cp(join(ROOT, 'apps/server/src/db/migrations'), migrations, { recursive: true });
  const journal = join(migrations, 'meta/_journal.json');
  const { entries, ...rest } = JSON.parse(await readFile(journal, 'utf8'));
  await writeFile(journal, JSON.stringify({ ...rest, entries: entries.slice(0, MIGRATIONS) }));
  const client = new PGlite(join(dataDir, 'database'));
  await migrate(drizzle(client), { migrationsFolder: migrations });
  await client.query(
    `insert into stock (id, name, issuer, metal, diameter_mm, rim_thickness_mm, form, edge, outside_face, grade, origin,
      legal_note, notes, quantity)
     values ('00000000-0000-4000-8000-000000000001', $1, 'Testland', 'silver-900', 30, 2, 'round', 'plain', 'either',
      '', '', '', '', 3)`,
    [NAME],
  );
  await client.close();
  await rm(migrations, { recursive: true });
  return NAME;
}
