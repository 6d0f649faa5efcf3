import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import type { DatabaseLocation } from './db/database';

export interface Config {
  readonly host: string;
  readonly port: number;
  readonly database: DatabaseLocation;
  readonly webDir: string | undefined;
  /** Where mail files are laid down; a database elsewhere has no folder here. */
  readonly outboxDir: string | undefined;
  /** The made-up workshop: an empty folder is filled with it. */
  readonly demo: boolean;
  /** Names that it answers under besides the machine's own. */
  readonly allowedHosts: readonly string[];
}

const DEFAULT_PORT = 4173;
/** Loopback unless HOST says otherwise: a workshop's data is nobody else's. */
const DEFAULT_HOST = '127.0.0.1';

/**
 * Reads PORT, HOST, DATA_DIR, DATABASE_URL, ALLOWED_HOSTS and ROUND_MINT_DEMO.
 * @throws when PORT is no port
 */
export function readConfig(env: NodeJS.ProcessEnv): Config {
  const port = Number(env['PORT'] ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 0 || port > 65535) {
    throw new Error(`PORT must be a number from 0 to 65535, not “${env['PORT']}”.`);
  }
  const webDir = fileURLToPath(new URL('../../web/dist', import.meta.url));
  const dataDir = resolve(env['DATA_DIR'] ?? 'data');
  return {
    host: env['HOST'] ?? DEFAULT_HOST,
    port,
    database: env['DATABASE_URL'] ? { url: env['DATABASE_URL'] } : { dataDir },
    outboxDir: env['DATABASE_URL'] ? undefined : join(dataDir, 'outbox'),
    webDir: existsSync(webDir) ? webDir : undefined,
    demo: env['ROUND_MINT_DEMO'] === '1',
    allowedHosts: (env['ALLOWED_HOSTS'] ?? '').split(',').flatMap((name) => name.trim() || []),
  };
}
