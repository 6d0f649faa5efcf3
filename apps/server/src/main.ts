import packageJson from '../package.json' with { type: 'json' };
import { join } from 'node:path';
import { createApp } from './app';
import { listFiles } from './backup/backup-files';
import { createBackups } from './backup/backups';
import { copyBeforeUpgrade } from './backup/folder-copy';
import { restoreFile } from './backup/restore-file';
import { startBackups } from './backup/schedule';
import { readConfig, type Config } from './config';
import {
  DamagedDatabaseError,
  DATABASE_FOLDER,
  openDatabase,
  type Database,
  type DatabaseLocation,
  type OpenDatabase,
} from './db/database';
import { keepApart } from './demo/keep-apart';
import { loadDemo } from './demo/load';
import { EVERYWHERE, LOOPBACK, networkLines } from './http/addresses';
import { checkPort } from './http/port-check';
import { createListening, type Listening } from './http/listening';
import type { Learner } from './learning/learner';
import { startLearning } from './learning/start-learning';
import { createChanges, type Changes } from './services/changes';
import { newCode } from './services/pairing';
import { changeWorkshop, readWorkshop } from './services/workshop';

/** Version of the program. */
const program = packageJson.version;

/** A browser keeps connections open; they get this long to end by themselves. */
const CLOSE_AFTER_MS = 2000;

interface Closing {
  readonly listening: Listening;
  readonly changes: Changes;
  readonly database: OpenDatabase;
  readonly learner: Learner;
  readonly stopBackups: () => void;
}

function closeOnSignal({ listening, changes, database, learner, stopBackups }: Closing): void {
  let closing = false;
  const close = () => {
    if (closing) return;
    closing = true;
    const force = setTimeout(() => listening.closeAllConnections(), CLOSE_AFTER_MS);
    stopBackups();
    changes.endAll();
    listening.close(() => {
      clearTimeout(force);
      void learner
        .close()
        .then(() => database.close())
        .then(() => process.exit(0));
    });
  };
  process.on('SIGINT', close);
  process.on('SIGTERM', close);
}

/** Says where other devices find the workshop and how they come in, when they may. */
async function tellOthers(db: Database, { network }: Listening): Promise<void> {
  const { locked } = await readWorkshop(db);
  if (!network.isOpen() && !locked) return;
  const { code } = await newCode(db);
  const [addresses, certificateAddress] = [network.addresses(), network.certificateAddress()];
  for (const line of await networkLines({ addresses, code, certificateAddress })) console.log(line);
}

/** A data folder is copied before this version takes over what an older one wrote. */
function withCopy({ database, backupDir }: Config): DatabaseLocation {
  if (!('dataDir' in database) || backupDir === undefined) return database;
  const databaseDir = join(database.dataDir, DATABASE_FOLDER);
  return {
    ...database,
    beforeUpgrade: async (db, schema) => {
      console.log('Keeping a copy of the data before this version takes them over …');
      const id = await copyBeforeUpgrade(db, { databaseDir, backupDir, schema, program });
      console.log(`Kept as ${id}.`);
    },
  };
}

/** What to do about a database that cannot be opened. */
async function adviceFor(error: unknown, { backupDir }: Config): Promise<string> {
  if (!(error instanceof DamagedDatabaseError)) return '';
  const [latest] =
    backupDir === undefined ? [] : (await listFiles(backupDir)).filter(({ check }) => check.ok);
  return latest
    ? ` The last good backup is of ${latest.at}. Put it back with: npm run restore -- ${latest.id}`
    : ' There is no backup of it.';
}

async function start(config: Config): Promise<void> {
  if (config.restore !== undefined) {
    const { restore: file, database, backupDir } = config;
    await restoreFile({ file, database, backupDir, program, say: (line) => console.log(line) });
    return;
  }
  // Before the database is read, which takes longer than to be told.
  if (config.port !== 0) await checkPort(config.port, config.host ?? LOOPBACK);
  const database = await openDatabase(withCopy(config));
  try {
    const { db } = database;
    await keepApart(db, config.demo);
    if (config.demo && (await loadDemo(db))) console.log('Loaded the made-up workshop.');
    const { webDir, outboxDir, backupDir, demo, port, authorityFolder } = config;
    const backups = createBackups({ database, folder: backupDir, program: program });
    if (config.locked) await changeWorkshop(db, { locked: true });
    // Loopback unless the maker says otherwise: a workshop's data is nobody else's.
    const host = config.host ?? ((await readWorkshop(db)).openToNetwork ? EVERYWHERE : LOOPBACK);
    const allowedHosts = [host, ...config.allowedHosts];
    const listening = createListening({ host, port, allowedHosts, authorityFolder });
    const changes = createChanges();
    const learner = await startLearning(db, changes);
    const app = createApp({
      database,
      version: program,
      webDir,
      outboxDir,
      allowedHosts,
      network: listening.network,
      changes,
      backups,
      demo,
    });
    const url = await listening.start(app);
    await backups.clearParts();
    const stopBackups = startBackups(backups, () => changes.announce({ resource: 'backups' }));
    closeOnSignal({ listening, changes, database, learner, stopBackups });
    console.log(`Round Mint is ready at ${url}`);
    await tellOthers(db, listening);
  } catch (error) {
    await database.close();
    throw error;
  }
}

async function run(): Promise<void> {
  // A workshop's files are its maker's alone: folders 0700, files 0600.
  process.umask(0o077);
  const config = readConfig(process.env, process.argv.slice(2));
  try {
    await start(config);
  } catch (error) {
    throw new Error(
      `${error instanceof Error ? error.message : String(error)}${await adviceFor(error, config)}`,
    );
  }
}

run().catch((error: unknown) => {
  console.error(`Round Mint could not start. ${error instanceof Error ? error.message : String(error)}`);
  process.exit(1);
});
