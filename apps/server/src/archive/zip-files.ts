import { Readable, Transform, type Writable } from 'node:stream';
import { finished, pipeline } from 'node:stream/promises';
import { crc32 } from 'node:zlib';
import { openPromise, type Entry, type ZipFile as ReadableZip } from 'yauzl';
import { ZipFile } from 'yazl';
import { HttpError } from '../http/errors';

/** What is said of a file that came from outside, or lay on a disk. */
export function refusedZip(message: string): HttpError {
  return new HttpError('invalid', message, []);
}

/** Adds a file to a zip, and waits until it went out: no more than one is in memory. */
export async function addFile(
  zip: ZipFile,
  name: string,
  content: AsyncIterable<string | Uint8Array>,
  compress = true,
): Promise<void> {
  const stream = Readable.from(content, { objectMode: false });
  zip.addReadStreamLazy(name, { compress }, (pass) => pass(null, stream));
  await finished(stream);
}

/**
 * Writes a zip, a file at a time. Whichever fails first is told: what fills it, or where it goes to; the other ends too.
 * @param fill adds the files
 */
export async function writeZip<T>(out: Writable, fill: (zip: ZipFile) => Promise<T>): Promise<T> {
  const zip = new ZipFile();
  const gone = pipeline(zip.outputStream, out);
  const filling = async () => {
    try {
      const filled = await fill(zip);
      zip.end();
      return filled;
    } catch (error) {
      out.destroy();
      throw error;
    }
  };
  const [filled] = await Promise.all([filling(), gone]);
  return filled;
}

/** Passes bytes on, and finds out at their end whether they are those that were written. */
function comparedWith({ crc32: wanted, fileName }: Entry): Transform {
  let sum = 0;
  return new Transform({
    transform(chunk: Buffer, _encoding, done) {
      sum = crc32(chunk, sum);
      done(null, chunk);
    },
    flush(done) {
      done(
        sum === wanted ? null : refusedZip(`The archive is damaged: ${fileName} is not what was written.`),
      );
    },
  });
}

/** A zip that is read from a file: only what is asked for comes into memory. */
export interface OpenZip {
  readonly entries: ReadonlyMap<string, Entry>;
  /** What a file of it holds. Its end fails where that is not what was written. */
  readonly read: (entry: Entry) => Promise<Readable>;
  readonly close: () => void;
}

/** @throws HttpError 400 for a file that is no zip, or was cut off */
export async function openZipFile(path: string): Promise<OpenZip> {
  let zip: ReadableZip;
  try {
    zip = await openPromise(path, { autoClose: false });
  } catch {
    throw refusedZip('This is no whole zip file: it may have been cut off on its way.');
  }
  const entries = new Map<string, Entry>();
  try {
    for await (const entry of zip.eachEntry()) entries.set(entry.fileName, entry);
  } catch {
    zip.close();
    throw refusedZip('This zip file is damaged.');
  }
  return {
    entries,
    async read(entry) {
      const stream = await zip.openReadStreamPromise(entry);
      const checked = comparedWith(entry);
      stream.on('error', (error) => checked.destroy(error));
      return stream.pipe(checked);
    },
    close: () => zip.close(),
  };
}
