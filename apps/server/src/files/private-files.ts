import { createWriteStream, type WriteStream } from 'node:fs';
import { chmod, mkdir, rename, writeFile } from 'node:fs/promises';

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
  await writeFile(`${file}.new`, content, { mode: PRIVATE_FILE });
  await rename(`${file}.new`, file);
}

/** Writes a file that only its maker can read, a piece at a time. */
export function privateStream(file: string): WriteStream {
  return createWriteStream(file, { mode: PRIVATE_FILE });
}
