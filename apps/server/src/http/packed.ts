import compression from 'compression';
import express, { type Express, type RequestHandler } from 'express';
import expressStaticGzip from 'express-static-gzip';
import { join } from 'node:path';

/** Answers in JSON and pages made for one caller, packed; streams and pictures pass as they are. */
export const packAnswers = compression({
  filter: (_request, response) => /json|html/.test(String(response.getHeader('content-type'))),
});

/** Files of the built app, packed as the browser takes them (scripts/lib/app-files.mjs). */
function packedFiles(folder: string, cache: { immutable?: boolean; maxAge?: string } = {}): RequestHandler {
  return expressStaticGzip(folder, {
    enableBrotli: true,
    orderPreference: ['br', 'gz'],
    serveStatic: cache,
  });
}

/** The one page of the built app. */
export const PAGE = 'index.html';

/** The built app; any address of a place is the same page. */
export function serveWeb(app: Express, webDir: string): void {
  // Hashed bundles never change; the page that names them always may.
  app.use('/_expo', packedFiles(join(webDir, '_expo'), { immutable: true, maxAge: '1y' }));
  app.use('/fonts', express.static(join(webDir, 'fonts'), { maxAge: '30d' }));
  const files = packedFiles(webDir);
  app.use(files);
  app.get('/{*path}', (request, response, next) => {
    request.url = `/${PAGE}`;
    files(request, response, next);
  });
}
