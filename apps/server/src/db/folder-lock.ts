import { createHash } from 'node:crypto';
import { existsSync } from 'node:fs';
import { mkdir, realpath, rm, rmdir, stat } from 'node:fs/promises';
import { connect, createServer, type Server } from 'node:net';
import { setTimeout as sleep } from 'node:timers/promises';

/** Raised when another server already writes to a data folder. */
export class FolderInUseError extends Error {
  constructor(folder: string) {
    super(
      `Another Round Mint server is already using ${folder}. Only one may write: stop the other one, or set DATA_DIR to another folder.`,
    );
    this.name = 'FolderInUseError';
  }
}

/** The socket, within the folder. */
const SOCKET = 'lock.sock';
/** Held while a dead server's socket is replaced: two that start at once must not both do it. */
const TAKING_OVER = 'lock.taking';
/** Whoever takes a lock over is done long before, unless it was killed meanwhile, ms. */
const TAKEN_OVER_WITHIN_MS = 3000;
const LOOK_AGAIN_MS = 100;

/**
 * Does something with the socket of a folder. Addresses of sockets are short (about a hundred characters), folders are
 * not: the socket is named from within its folder. Both callers bind or connect before they return.
 */
function at<T>(folder: string, use: (path: string) => T): T {
  if (process.platform === 'win32') {
    const name = createHash('sha256').update(folder).digest('hex').slice(0, 24);
    return use(`\\\\.\\pipe\\round-mint-${name}`);
  }
  const before = process.cwd();
  process.chdir(folder);
  try {
    return use(SOCKET);
  } finally {
    process.chdir(before);
  }
}

function listen(folder: string): Promise<Server> {
  return new Promise((resolve, reject) => {
    const server = createServer((socket) => socket.end());
    server.once('error', reject);
    at(folder, (path) =>
      server.listen(path, () => {
        server.unref();
        resolve(server);
      }),
    );
  });
}

function isAlive(folder: string): Promise<boolean> {
  return new Promise((resolve) => {
    const socket = at(folder, (path) => connect(path));
    socket.once('connect', () => {
      socket.destroy();
      resolve(true);
    });
    socket.once('error', () => resolve(false));
  });
}

/** Waits for whoever is taking the folder over; one that was killed in the middle of it holds nobody up for long. */
async function takeGuard(guard: string): Promise<void> {
  for (;;) {
    const isMine = await mkdir(guard).then(
      () => true,
      (error: NodeJS.ErrnoException) => {
        if (error.code !== 'EEXIST') throw error;
        return false;
      },
    );
    if (isMine) return;
    const ageMs = await stat(guard).then(
      ({ mtimeMs }) => Date.now() - mtimeMs,
      () => 0,
    );
    if (ageMs > TAKEN_OVER_WITHIN_MS) await rmdir(guard).catch(() => undefined);
    else await sleep(LOOK_AGAIN_MS);
  }
}

/** Replaces the socket that a killed server has left behind. */
async function takeOver(folder: string): Promise<Server> {
  const guard = `${folder}/${TAKING_OVER}`;
  await takeGuard(guard);
  try {
    // Somebody else may have been quicker.
    if (await isAlive(folder)) throw new FolderInUseError(folder);
    await rm(`${folder}/${SOCKET}`, { force: true });
    return await listen(folder);
  } finally {
    await rmdir(guard);
  }
}

/**
 * Keeps a data folder for one process. The lock is a listening socket in the folder, not a file with a process number:
 * it ends with the process however that ends, so a killed server never locks a maker out.
 * @returns a function that gives the folder free
 * @throws FolderInUseError when a living process holds it
 */
export async function lockFolder(folder: string): Promise<() => Promise<void>> {
  const real = await realpath(folder);
  const server = await listen(real).catch(async (error: NodeJS.ErrnoException) => {
    if (error.code !== 'EADDRINUSE') throw error;
    if (await isAlive(real)) throw new FolderInUseError(real);
    return takeOver(real);
  });
  return () =>
    new Promise((resolve) => {
      const close = () => server.close(() => resolve());
      // The socket is taken away by the name it was bound by. A folder that is gone has taken it along.
      if (existsSync(real)) at(real, close);
      else close();
    });
}
