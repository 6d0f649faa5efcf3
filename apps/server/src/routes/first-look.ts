import cookieParser from 'cookie-parser';
import { Router } from 'express';
import { readFile } from 'node:fs/promises';
import { join } from 'node:path';
import { setTimeout } from 'node:timers/promises';
import type { Database } from '../db/database';
import { withFirstLook } from '../http/first-look-page';
import { PAGE, packAnswers } from '../http/packed';
import { firstLook, type FirstLook } from '../services/first-look';
import type { Door } from './door';

/** So long the page waits for what is to stand on it; then it goes out without. */
const PATIENCE_MS = 1000;

/**
 * The page at the addresses that a maker begins at, with the rings in work on it. Who is not let in, and who comes
 * while the database is busy or away, gets the page as it was built.
 */
export function firstLookRouter(db: Database, door: Door, webDir: string): Router {
  const router = Router();
  router.get<{ id?: string }>(
    ['/', '/bench', '/bench/:id'],
    cookieParser(),
    packAnswers,
    async (request, response, next) => {
      const look = async (): Promise<FirstLook | undefined> =>
        (await door.knows(request)) ? firstLook(db, request.params.id) : undefined;
      // Nothing waits for a patience that is not needed any more.
      const patience = setTimeout(PATIENCE_MS, undefined, { ref: false });
      const inTime = await Promise.race([look().catch(() => undefined), patience]);
      if (!inTime) {
        next();
        return;
      }
      const page = await readFile(join(webDir, PAGE), 'utf8');
      response.set('cache-control', 'private, no-cache').type('html').send(withFirstLook(page, inTime));
    },
  );
  return router;
}
