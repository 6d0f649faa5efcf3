import { workshop } from '@round-mint/contract/endpoints-workshop';
import { Router, type Request } from 'express';
import { createWriteStream } from 'node:fs';
import { mkdtemp, rm } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { pipeline } from 'node:stream/promises';
import { exportArchive } from '../archive/export-json';
import { importArchive } from '../archive/import-archive';
import { jsonSource } from '../archive/json-source';
import { writeArchive } from '../archive/write-archive';
import { withZip } from '../archive/zip-source';
import type { Database, OpenDatabase } from '../db/database';
import { givenUp } from '../http/given-up';
import { isZip } from '../http/guard';
import { serve } from '../http/serve';

interface ArchiveOptions {
  readonly database: OpenDatabase;
  readonly program: string;
  /** Where a file that comes in is laid down; left out, the system's own place. */
  readonly incomingDir: string | undefined;
}

/** Lays a file that comes in down: it may be larger than the memory. */
async function withFile<T>(request: Request, folder: string, work: (path: string) => Promise<T>): Promise<T> {
  const own = await mkdtemp(join(folder, 'round-mint-'));
  try {
    const path = join(own, 'incoming.zip');
    await pipeline(request, createWriteStream(path));
    return await work(path);
  } finally {
    await rm(own, { recursive: true, force: true });
  }
}

/** The whole workshop as a file, out and in. */
export function archiveRouter({ database, program, incomingDir = tmpdir() }: ArchiveOptions): Router {
  const { db } = database;
  const router = Router();
  const zips = zipRouter(db, incomingDir);
  router.use((request, response, next) => (isZip(request) ? zips(request, response, next) : next()));
  serve(router, workshop.exportAll, ({ response }) => {
    response.attachment('round-mint-workshop.json');
    return exportArchive(db);
  });
  serve(router, workshop.exportZip, async ({ response }) => {
    response.attachment('round-mint-workshop.zip');
    await writeArchive(database, response, { program, signal: givenUp(response) });
  });
  serve(router, workshop.importAll, ({ body, query }) =>
    importArchive(db, jsonSource(body), query.dryRun === '1'),
  );
  return router;
}

/** The same call with a zip, whose body is not read into memory. */
const { request: _json, ...importZip } = workshop.importAll;

function zipRouter(db: Database, incomingDir: string): Router {
  const router = Router();
  serve(router, importZip, ({ request, query }) =>
    withFile(request, incomingDir, (path) =>
      withZip(path, (source) => importArchive(db, source, query.dryRun === '1')),
    ),
  );
  return router;
}
