import packageJson from '../package.json' with { type: 'json' };
import { createApp } from './app';
import { readConfig } from './config';
import { openDatabase, type Database, type OpenDatabase } from './db/database';
import { keepApart } from './demo/keep-apart';
import { loadDemo } from './demo/load';
import { EVERYWHERE, LOOPBACK, networkLines } from './http/addresses';
import { checkPort } from './http/port-check';
import { createListening, type Listening } from './http/listening';
import { createChanges, type Changes } from './services/changes';
import { newCode } from './services/pairing';
import { changeWorkshop, readWorkshop } from './services/workshop';

/** A browser keeps connections open; they get this long to end by themselves. */
const CLOSE_AFTER_MS = 2000;

function closeOnSignal(listening: Listening, changes: Changes, database: OpenDatabase): void {
  let closing = false;
  const close = () => {
    if (closing) return;
    closing = true;
    const force = setTimeout(() => listening.closeAllConnections(), CLOSE_AFTER_MS);
    changes.endAll();
    listening.close(() => {
      clearTimeout(force);
      void database.close().then(() => process.exit(0));
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

async function start(): Promise<void> {
  // A workshop's files are its maker's alone: folders 0700, files 0600.
  process.umask(0o077);
  const config = readConfig(process.env, process.argv.slice(2));
  // Before the database is read, which takes longer than to be told.
  if (config.port !== 0) await checkPort(config.port, config.host ?? LOOPBACK);
  const database = await openDatabase(config.database);
  try {
    const { db } = database;
    await keepApart(db, config.demo);
    if (config.demo && (await loadDemo(db))) console.log('Loaded the made-up workshop.');
    const { webDir, outboxDir, demo, port, authorityFolder } = config;
    if (config.locked) await changeWorkshop(db, { locked: true });
    // Loopback unless the maker says otherwise: a workshop's data is nobody else's.
    const host = config.host ?? ((await readWorkshop(db)).openToNetwork ? EVERYWHERE : LOOPBACK);
    const allowedHosts = [host, ...config.allowedHosts];
    const listening = createListening({ host, port, allowedHosts, authorityFolder });
    const changes = createChanges();
    const app = createApp({
      database,
      version: packageJson.version,
      webDir,
      outboxDir,
      allowedHosts,
      network: listening.network,
      changes,
      demo,
    });
    const url = await listening.start(app);
    closeOnSignal(listening, changes, database);
    console.log(`Round Mint is ready at ${url}`);
    await tellOthers(db, listening);
  } catch (error) {
    await database.close();
    throw error;
  }
}

start().catch((error: unknown) => {
  console.error(`Round Mint could not start. ${error instanceof Error ? error.message : String(error)}`);
  process.exit(1);
});
