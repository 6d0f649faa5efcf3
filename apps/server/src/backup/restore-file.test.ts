import { cp, mkdtemp, readdir, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { DamagedDatabaseError, openDatabase } from '../db/database';
import { harmZip } from '../testing/harm-zip';
import { makeDemoFolder, path, testServer } from '../testing/test-server';
import { createBackups } from './backups';
import { copyBeforeUpgrade } from './folder-copy';
import { restoreFile } from './restore-file';

let base: string;
let dataDir: string;
let backupDir: string;
let backup: string;
let copy: string;

/** A folder of its own for one test. */
async function folderOf(name: string): Promise<string> {
  const folder = join(base, name);
  await cp(dataDir, folder, { recursive: true, filter: (source) => !source.endsWith('.sock') });
  return folder;
}

async function restore(dataFolder: string, file: string): Promise<readonly string[]> {
  const said: string[] = [];
  const say = (line: string) => said.push(line);
  await restoreFile({ file, database: { dataDir: dataFolder }, backupDir, program: 'test', say });
  return said;
}

async function kitIn(folder: string): Promise<number> {
  const server = await testServer({ dataDir: folder });
  try {
    return (await server.api.get(path('/kit')).expect(200)).body.items.length;
  } finally {
    await server.close();
  }
}

let tools: number;

beforeAll(async () => {
  base = await mkdtemp(join(tmpdir(), 'round-mint-restore-'));
  dataDir = join(base, 'data');
  backupDir = join(base, 'backups');
  await makeDemoFolder(dataDir);
  const database = await openDatabase({ dataDir });
  const backups = createBackups({ database, folder: backupDir, program: 'test' });
  backup = (await backups.make('asked')).id;
  tools = (await backups.list()).items[0]?.counts?.kit ?? 0;
  const databaseDir = join(dataDir, 'database');
  copy = await copyBeforeUpgrade(database.db, { databaseDir, backupDir, schema: 1, program: 'test' });
  await database.db.execute('delete from kit');
  await database.close();
});
afterAll(() => rm(base, { recursive: true }));

describe('a backup put back from the terminal', () => {
  it('brings back what was lost, after keeping what is there', async () => {
    const folder = await folderOf('lost');
    expect(await kitIn(folder)).toBe(0);
    const said = await restore(folder, backup);
    expect(said.join(' ')).toMatch(/Kept as .*-before-restore\. .*Restored \d+ things/);
    expect(await kitIn(folder)).toBe(tools);
  });

  it('brings back a workshop whose database cannot be opened', async () => {
    const folder = await folderOf('damaged');
    await writeFile(join(folder, 'database', 'global', 'pg_control'), Buffer.alloc(8192));
    await expect(openDatabase({ dataDir: folder })).rejects.toThrow(DamagedDatabaseError);
    const said = await restore(folder, join(backupDir, `${backup}.zip`));
    expect(said.join(' ')).toMatch(/cannot be opened; it is kept in/);
    expect(await kitIn(folder)).toBe(tools);
    expect((await readdir(folder)).filter((name) => name.startsWith('database-before-'))).toHaveLength(1);
  });

  it('brings back the database’s own files as they were before an upgrade', async () => {
    const folder = await folderOf('older');
    const said = await restore(folder, copy);
    expect(said.join(' ')).toMatch(/Restored the database’s files/);
    expect(await kitIn(folder)).toBe(tools);
  });

  it('leaves everything as it is when the file is none, or damaged', async () => {
    const folder = await folderOf('kept');
    await expect(restore(folder, 'nothing-there')).rejects.toThrow(/There is no backup nothing-there/);
    await harmZip(join(backupDir, `${backup}.zip`), join(base, 'harmed.zip'), 'tables/kit.ndjson');
    await expect(restore(folder, join(base, 'harmed.zip'))).rejects.toThrow();
    await writeFile(join(base, 'none.zip'), 'no zip');
    await expect(restore(folder, join(base, 'none.zip'))).rejects.toThrow(/no whole zip/);
    expect(await kitIn(folder)).toBe(0);
  });
});
