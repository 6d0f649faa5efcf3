import type { ArchivePart, PartCounts } from '@round-mint/contract/archive-zip';
import { setImmediate } from 'node:timers/promises';
import type { ArchiveTable, Line } from './archive-table';

/** An archive that is read, whatever its format: each thing once, as it was last. */
export interface ArchiveSource {
  /** How many things each table holds, where the archive tells. */
  readonly counts: PartCounts | undefined;
  /** @throws HttpError 400 for a line that is not what its table holds */
  readonly lines: (part: ArchivePart) => AsyncIterable<Line>;
  /** The file that belongs to a thing. @throws HttpError 400 where there is none */
  readonly file: (spec: ArchiveTable, id: string) => Promise<Buffer>;
  readonly close: () => void;
}

/** Lines of a table, so many at a time, each page within a slice of the server's time: other calls go in between. */
export async function* inPages(lines: AsyncIterable<Line>, most: number): AsyncGenerator<readonly Line[]> {
  let page: Line[] = [];
  for await (const line of lines) {
    page.push(line);
    if (page.length < most) continue;
    yield page;
    page = [];
    await setImmediate();
  }
  if (page.length > 0) yield page;
}
