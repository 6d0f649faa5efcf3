import { rm, statfs, writeFile } from 'node:fs/promises';
import { join } from 'node:path';
import { z } from 'zod';
import { makePrivateFolder } from '../files/private-files';

/** Room that a day's work and its journal need at least, MB. */
const LEAST_FREE_MB = 64;
const MB = 1_048_576;

/** Raised when a data folder cannot be worked in, in words for its maker. */
export class FolderProblemError extends Error {
  constructor(message: string) {
    super(`${message} Or set DATA_DIR to another folder.`);
    this.name = 'FolderProblemError';
  }
}

const failureSchema = z.object({ code: z.string() });

/** What a failure of the file system means for a data folder; undefined where it means something else. */
export function folderProblem(folder: string, error: unknown): FolderProblemError | undefined {
  const failure = failureSchema.safeParse(error);
  switch (failure.data?.code) {
    case 'EACCES':
    case 'EPERM':
      return new FolderProblemError(
        `The folder ${folder} may not be read and written by you: change its owner or its rights.`,
      );
    case 'EROFS':
      return new FolderProblemError(`The folder ${folder} lies on a disk that is read-only.`);
    case 'ENOSPC':
    case 'EDQUOT':
      return new FolderProblemError(`The disk of the folder ${folder} is full: make room on it.`);
    case 'EEXIST':
    case 'ENOTDIR':
      return new FolderProblemError(`${folder} is a file, not a folder.`);
    default:
      return undefined;
  }
}

/** @throws FolderProblemError when less than {@link LEAST_FREE_MB} are free. @param freeBytes of the folder's disk */
export function needRoom(folder: string, freeBytes: number): void {
  if (freeBytes >= LEAST_FREE_MB * MB) return;
  throw new FolderProblemError(
    `The disk of the folder ${folder} has ${Math.floor(freeBytes / MB)} MB left, and ${LEAST_FREE_MB} are needed: make room on it.`,
  );
}

/**
 * Makes sure that a data folder is there, is its maker's alone, and can be written.
 * @throws FolderProblemError in words, before anything of it is loaded
 */
export async function checkFolder(folder: string): Promise<void> {
  try {
    await makePrivateFolder(folder);
    const probe = join(folder, `.probe-${process.pid}`);
    await writeFile(probe, 'may this be written?');
    await rm(probe);
  } catch (error) {
    throw folderProblem(folder, error) ?? error;
  }
  const { bavail, bsize } = await statfs(folder);
  needRoom(folder, bavail * bsize);
}
