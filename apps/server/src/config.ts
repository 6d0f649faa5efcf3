import { existsSync } from 'node:fs';
import { join, resolve } from 'node:path';
import { fileURLToPath } from 'node:url';
import { parseArgs } from 'node:util';
import type { DatabaseLocation } from './db/database';
import { EVERYWHERE } from './http/addresses';

export interface Config {
  /** Left out, the workshop says whether it is open to the network. */
  readonly host: string | undefined;
  readonly port: number;
  readonly database: DatabaseLocation;
  readonly webDir: string | undefined;
  /** Where backups are kept; a database elsewhere has them only where DATA_DIR says. */
  readonly backupDir: string | undefined;
  /** Where mail files are laid down; a database elsewhere has no folder here. */
  readonly outboxDir: string | undefined;
  /** Where the certificate authority is kept; left out, plain http is served. */
  readonly authorityFolder: string | undefined;
  /** The made-up workshop: an empty folder is filled with it. */
  readonly demo: boolean;
  /** Names that it answers under besides the machine's own. */
  readonly allowedHosts: readonly string[];
  /** Whether the machine itself has to be paired; left out, as the workshop says. */
  readonly locked: true | undefined;
  /** A backup that the workshop is put back to, in place of serving it. */
  readonly restore: string | undefined;
}

const DEFAULT_PORT = 4173;

const OPTIONS = {
  lan: { type: 'boolean' },
  https: { type: 'boolean' },
  lock: { type: 'boolean' },
  restore: { type: 'string' },
} as const;

function readOptions(args: readonly string[]) {
  try {
    return parseArgs({ args: [...args], options: OPTIONS }).values;
  } catch {
    throw new Error(
      'These can be added: --lan (open to the network), --https, --lock (pair this machine, too), --restore FILE.',
    );
  }
}

/**
 * Reads PORT, HOST, DATA_DIR, DATABASE_URL, ALLOWED_HOSTS and ROUND_MINT_DEMO, and what was added to the command.
 * @throws when PORT is no port, or something unknown was added
 */
export function readConfig(env: NodeJS.ProcessEnv, args: readonly string[] = []): Config {
  const port = Number(env['PORT'] ?? DEFAULT_PORT);
  if (!Number.isInteger(port) || port < 0 || port > 65535) {
    throw new Error(`PORT must be a number from 0 to 65535, not “${env['PORT']}”.`);
  }
  const { lan, https, lock, restore } = readOptions(args);
  const webDir = fileURLToPath(new URL('../../web/dist', import.meta.url));
  const dataDir = resolve(env['DATA_DIR'] ?? 'data');
  return {
    host: env['HOST'] ?? (lan ? EVERYWHERE : undefined),
    port,
    database: env['DATABASE_URL'] ? { url: env['DATABASE_URL'] } : { dataDir },
    backupDir: env['DATABASE_URL'] && !env['DATA_DIR'] ? undefined : join(dataDir, 'backups'),
    outboxDir: env['DATABASE_URL'] ? undefined : join(dataDir, 'outbox'),
    authorityFolder: https ? join(dataDir, 'certificates') : undefined,
    webDir: existsSync(webDir) ? webDir : undefined,
    demo: env['ROUND_MINT_DEMO'] === '1',
    allowedHosts: (env['ALLOWED_HOSTS'] ?? '').split(',').flatMap((name) => name.trim() || []),
    locked: lock ? true : undefined,
    restore,
  };
}
