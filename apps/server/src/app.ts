import { API_PATH } from '@round-mint/contract/endpoint';
import { withTodaysNames } from '@round-mint/contract/earlier-names';
import { dieCharts, plans, recipes, stock, workshop } from '@round-mint/contract/endpoints-workshop';
import express, { Router, type Express } from 'express';
import helmet from 'helmet';
import type { OpenDatabase } from './db/database';
import { devicesRouter } from './devices/router';
import { errorHandler, unknownCall } from './http/errors';
import { announceWrites } from './http/announce';
import { jsonOnly, knownHostsOnly, ownPagesOnly } from './http/guard';
import { packAnswers, serveWeb } from './http/packed';
import { readableOnly } from './http/readable-body';
import { CLOSED_NETWORK, type Network } from './http/network';
import { createBackups, type Backups } from './backup/backups';
import { accessRouter } from './routes/access';
import { archiveRouter } from './routes/archive';
import { backupsRouter } from './routes/backups';
import { computeRouter } from './routes/compute';
import { csvRouter } from './routes/csv';
import { createDoor, type Door } from './routes/door';
import { facesRouter } from './routes/faces';
import { firstLookRouter } from './routes/first-look';
import { kitRouter } from './routes/kit';
import { photosRouter } from './routes/photos';
import { serveResource } from './routes/resource';
import { ringsRouter } from './routes/rings';
import { stockRouter } from './routes/stock';
import { systemRouter } from './routes/system';
import { tradeRouter } from './routes/trade';
import { workshopRouter } from './routes/workshop';
import { createChanges, type Changes } from './services/changes';
import { createResources } from './services/resources';

/** A queue of bench events may hold several re-planned routes. */
const BODY_LIMIT = '4mb';
/** A picture as it comes from a phone, in base64. */
const PICTURE_LIMIT = '17mb';
/** A workshop's whole history comes back as one file. */
const IMPORT_LIMIT = '64mb';

export interface AppOptions {
  readonly database: OpenDatabase;
  readonly version: string;
  /** Folder of the exported app; left out, only the interface is served. */
  readonly webDir?: string | undefined;
  /** Folder that mail files are laid down in; left out, they are only kept in the database. */
  readonly outboxDir?: string | undefined;
  /** Names that it answers under besides the machine's own. */
  readonly allowedHosts?: readonly string[] | undefined;
  /** Its backups; left out, it keeps none. */
  readonly backups?: Backups | undefined;
  /** Where a file that comes in is laid down; left out, the system's own place. */
  readonly incomingDir?: string | undefined;
  /** How it stands towards the network; left out, closed. */
  readonly network?: Network | undefined;
  /** What its pages tell each other; left out, its own. */
  readonly changes?: Changes | undefined;
  /** Whether it is the made-up workshop. */
  readonly demo?: boolean | undefined;
}

function apiRouter(
  door: Door,
  {
    database,
    version,
    outboxDir,
    incomingDir,
    demo = false,
    network = CLOSED_NETWORK,
    changes = createChanges(),
    backups = createBackups({ database, folder: undefined, program: version }),
  }: AppOptions,
): Router {
  const { db } = database;
  const resources = createResources(db);
  const api = Router();
  // Before bodies: a stranger's is not even read.
  api.use(door.router, announceWrites(changes));
  api.use(
    workshop.importAll.path,
    express.json({ limit: IMPORT_LIMIT }),
    readableOnly,
    (request, _response, next) => {
      request.body = withTodaysNames(request.body);
      next();
    },
  );
  const withPictures = [`${stock.list.path}/:id/faces/:face`, `${stock.list.path}/:id/top`];
  api.use(withPictures, express.json({ limit: PICTURE_LIMIT }));
  api.use(express.json({ limit: BODY_LIMIT }), readableOnly);
  api.use(accessRouter({ db, door, network, changes }));
  api.use(systemRouter({ database, version, demo, backups }));
  api.use(computeRouter(db));
  api.use(csvRouter(db));
  api.use(stockRouter(db));
  api.use(kitRouter(db));
  serveResource(api, plans, resources.plans);
  serveResource(api, dieCharts, resources.dieCharts);
  serveResource(api, recipes, resources.recipes);
  api.use(ringsRouter(db));
  api.use(photosRouter(db));
  api.use(facesRouter(db));
  api.use(devicesRouter());
  api.use(tradeRouter(db, outboxDir));
  api.use(workshopRouter(db));
  api.use(archiveRouter({ database, program: version, incomingDir }));
  api.use(backupsRouter(backups));
  api.use(unknownCall);
  return api;
}

/** Everything is served from here and nothing may be fetched from elsewhere; the app writes its own style elements. */
const securityHeaders = helmet({
  contentSecurityPolicy: {
    directives: {
      defaultSrc: ["'self'"],
      styleSrc: ["'self'", "'unsafe-inline'"],
      imgSrc: ["'self'", 'data:', 'blob:'],
      workerSrc: ["'self'", 'blob:'],
      upgradeInsecureRequests: null,
    },
  },
  strictTransportSecurity: false,
});

/** The whole server as a request handler. */
export function createApp(options: AppOptions): Express {
  const app = express();
  app.disable('x-powered-by');
  app.use(securityHeaders);
  app.use(knownHostsOnly(options.allowedHosts ?? []));
  app.use(ownPagesOnly, jsonOnly);
  const { database, webDir } = options;
  const door = createDoor(database.db);
  app.use(API_PATH, packAnswers, apiRouter(door, options));
  if (webDir) {
    app.use(firstLookRouter(database.db, door, webDir));
    serveWeb(app, webDir);
  }
  app.use(errorHandler);
  return app;
}
