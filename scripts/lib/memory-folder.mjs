import { constants } from 'node:fs';
import { access, chmod, mkdtemp, rm, statfs } from 'node:fs/promises';
import { freemem } from 'node:os';
import { join } from 'node:path';

const IN_MEMORY = '/dev/shm';
/** What tests keep there at once is well below this, and so is what is left for the rest, bytes. */
const ROOM = 3e9;

/**
 * A folder in memory for what tests write: hundreds of databases, each of which waits for a slow disk otherwise.
 * @returns undefined where the machine has none, or too little room
 */
export async function memoryFolder() {
  try {
    await access(IN_MEMORY, constants.W_OK);
    const { bavail, bsize } = await statfs(IN_MEMORY);
    if (bavail * bsize < ROOM || freemem() < 2 * ROOM) return undefined;
    const folder = await mkdtemp(join(IN_MEMORY, 'round-mint-tests-'));
    // A database server that runs as another user finds its own folder in it.
    await chmod(folder, 0o711);
    return { folder, remove: () => rm(folder, { recursive: true, force: true }) };
  } catch {
    return undefined;
  }
}
