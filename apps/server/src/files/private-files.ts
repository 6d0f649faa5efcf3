import { randomUUID } from 'node:crypto';
import { createWriteStream, type WriteStream } from 'node:fs';
import { chmod, mkdir, rename, rm, writeFile } from 'node:fs/promises';

/** A workshop's files are its maker's alone. */
const PRIVATE_FOLDER = 0o700;
const PRIVATE_FILE = 0o600;

/** Makes a folder that only its maker can read, also of one that was made before by a hand less careful. */
export async function makePrivateFolder(folder: string): Promise<void> {
  await mkdir(folder, { recursive: true, mode: PRIVATE_FOLDER });
  await chmod(folder, PRIVATE_FOLDER);
}

/** Writes a file that only its maker can read, whole or not at all. */
export async function writeWhole(file: string, content: string | Uint8Array): Promise<void> {
  // Two that write at once each have a file of their own until it is whole.
  const whole = `${file}.${randomUUID()}.new`;
  try {
    await writeFile(whole, content, { mode: PRIVATE_FILE });
    await rename(whole, file);
  } catch (error) {
    await rm(whole, { force: true });
    throw error;
  }
}

/** Writes a file that only its maker can read, a piece at a time. */
export function privateStream(file: string): WriteStream {
  return createWriteStream(file, { mode: PRIVATE_FILE });
}
