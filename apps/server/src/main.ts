import type { Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import packageJson from '../package.json' with { type: 'json' };
import { createApp } from './app';
import { readConfig, type Config } from './config';
import { openDatabase, type OpenDatabase } from './db/database';
import { networkLines, networkUrls } from './http/addresses';
import { keepApart } from './demo/keep-apart';
import { loadDemo } from './demo/load';

/** A browser keeps connections open; they get this long to end by themselves. */
const CLOSE_AFTER_MS = 2000;

function listen(app: ReturnType<typeof createApp>, { host, port }: Config): Promise<Server> {
  return new Promise((resolve, reject) => {
    const server = app.listen(port, host, (error?: Error) => (error ? reject(error) : resolve(server)));
  });
}

function closeOnSignal(server: Server, database: OpenDatabase): void {
  let closing = false;
  const close = () => {
    if (closing) return;
    closing = true;
    const force = setTimeout(() => server.closeAllConnections(), CLOSE_AFTER_MS);
    server.close(() => {
      clearTimeout(force);
      void database.close().then(() => process.exit(0));
    });
    server.closeIdleConnections();
  };
  process.on('SIGINT', close);
  process.on('SIGTERM', close);
}

function portOf(server: Server): number {
  return (server.address() as AddressInfo).port;
}

function readableUrl(server: Server, host: string): string {
  const port = portOf(server);
  const name = host === '0.0.0.0' || host === '::' ? 'localhost' : host.includes(':') ? `[${host}]` : host;
  return `http://${name}:${port}`;
}

async function start(): Promise<void> {
  // A workshop's files are its maker's alone: folders 0700, files 0600.
  process.umask(0o077);
  const config = readConfig(process.env);
  const database = await openDatabase(config.database);
  try {
    await keepApart(database.db, config.demo);
    if (config.demo && (await loadDemo(database.db))) console.log('Loaded the made-up workshop.');
    const { webDir, outboxDir, allowedHosts, demo } = config;
    const app = createApp({
      database,
      version: packageJson.version,
      webDir,
      outboxDir,
      allowedHosts: [config.host, ...allowedHosts],
      demo,
    });
    const server = await listen(app, config);
    closeOnSignal(server, database);
    console.log(`Round Mint is ready at ${readableUrl(server, config.host)}`);
    for (const line of await networkLines(networkUrls(config.host, portOf(server)))) console.log(line);
  } catch (error) {
    await database.close();
    throw error;
  }
}

start().catch((error: NodeJS.ErrnoException) => {
  const message =
    error.code === 'EADDRINUSE'
      ? 'That port is taken: set PORT to another one.'
      : (error.message ?? String(error));
  console.error(`Round Mint could not start. ${message}`);
  process.exit(1);
});
