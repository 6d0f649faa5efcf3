import { readFile, writeFile } from 'node:fs/promises';
import { openZipFile } from '../archive/zip-files';

/** Bytes of a file's header in a zip before its name, and where in them two lengths stand. */
const HEADER = { bytes: 30, nameLengthAt: 26, moreLengthAt: 28 } as const;

/**
 * Writes a zip anew with one bit of one of its files turned over.
 * A byte at a fixed place of the zip would not do: it may lie in a header, where nobody reads it.
 */
export async function harmZip(path: string, harmedPath: string, fileName: string): Promise<void> {
  const { entries, close } = await openZipFile(path);
  close();
  const entry = entries.get(fileName);
  if (!entry) throw new Error(`No ${fileName} in ${path}`);
  const bytes = await readFile(path);
  const header = entry.relativeOffsetOfLocalHeader;
  const start =
    header +
    HEADER.bytes +
    bytes.readUInt16LE(header + HEADER.nameLengthAt) +
    bytes.readUInt16LE(header + HEADER.moreLengthAt);
  const middle = start + Math.floor(entry.compressedSize / 2);
  bytes.writeUInt8(bytes.readUInt8(middle) ^ 1, middle);
  await writeFile(harmedPath, bytes);
}
