import { createHash } from 'node:crypto';
import { realpath, rm } from 'node:fs/promises';
import { connect, createServer, type Server } from 'node:net';
import { tmpdir } from 'node:os';
import { join } from 'node:path';

/** Raised when another server already writes to a data folder. */
export class FolderInUseError extends Error {
  constructor(folder: string) {
    super(
      `Another Round Mint server is already using ${folder}. Only one may write: stop the other one, or set DATA_DIR to another folder.`,
    );
    this.name = 'FolderInUseError';
  }
}

/** A socket path short enough for every system, the same for every way of naming the folder. */
async function socketPath(folder: string): Promise<string> {
  const name = createHash('sha256')
    .update(await realpath(folder))
    .digest('hex')
    .slice(0, 24);
  return process.platform === 'win32'
    ? `\\\\.\\pipe\\round-mint-${name}`
    : join(tmpdir(), `round-mint-${name}.sock`);
}

function listen(path: string): Promise<Server> {
  return new Promise((resolve, reject) => {
    const server = createServer((socket) => socket.end());
    server.once('error', reject);
    server.listen(path, () => {
      server.unref();
      resolve(server);
    });
  });
}

function isAlive(path: string): Promise<boolean> {
  return new Promise((resolve) => {
    const socket = connect(path);
    socket.once('connect', () => {
      socket.destroy();
      resolve(true);
    });
    socket.once('error', () => resolve(false));
  });
}

/**
 * Keeps a data folder for one process. The lock is a listening socket, not a file with a process number: it ends
 * with the process however that ends, so a killed server never locks a maker out.
 * @returns a function that gives the folder free
 * @throws FolderInUseError when a living process holds it
 */
export async function lockFolder(folder: string): Promise<() => Promise<void>> {
  const path = await socketPath(folder);
  const server = await listen(path).catch(async (error: NodeJS.ErrnoException) => {
    if (error.code !== 'EADDRINUSE' || (await isAlive(path))) throw new FolderInUseError(folder);
    await rm(path, { force: true });
    return listen(path);
  });
  return () => new Promise((resolve) => server.close(() => resolve()));
}
