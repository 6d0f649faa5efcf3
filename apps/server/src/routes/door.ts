import { access } from '@round-mint/contract/endpoints-access';
import cookieParser from 'cookie-parser';
import { Router, type Request, type Response } from 'express';
import type { Database } from '../db/database';
import { pairedOnly, recogniseCaller, whoAsks } from '../http/caller';
import { requestLimit } from '../http/limits';
import type { NewDevice } from '../services/pairing';
import { deviceOfToken, tokenOf } from '../services/sessions';
import { changeWorkshop, readWorkshop, type WorkshopRow } from '../services/workshop';

/** Browsers keep a cookie for 400 days at most. */
const COOKIE_LIFE_MS = 400 * 24 * 3_600_000;

/** All that a stranger may ask. */
const OPEN_CALLS = new Set([`GET ${access.get.path}`, `POST ${access.pair.path}`]);

/** Cookies of one host are shared by all its ports: each workshop's has a name of its own. */
function cookieName({ key }: Pick<WorkshopRow, 'key'>): string {
  return `round-mint-${key.slice(0, 8)}`;
}

/** What stands before every call. */
export interface Door {
  /** Goes before everything else: counts requests, finds out who asks, turns strangers away. */
  readonly router: Router;
  /** Whether a request, its cookies read, comes from one that is let in. */
  readonly knows: (request: Request) => Promise<boolean>;
  /** Whether the machine itself has to be paired. */
  readonly isLocked: () => Promise<boolean>;
  readonly change: (patch: Parameters<typeof changeWorkshop>[1]) => Promise<void>;
  /** Gives a device its session. */
  readonly letIn: (device: NewDevice, request: Request, response: Response) => Promise<void>;
}

/** Lets in who may come in. */
export function createDoor(db: Database): Door {
  // Read once: nothing else changes it while this server runs.
  let row: WorkshopRow | undefined;
  const own = async () => (row ??= await readWorkshop(db));
  const isLocked = async () => (await own()).locked;
  const deviceOf = async ({ cookies }: Request) => deviceOfToken(db, cookies[cookieName(await own())]);

  const doorkeeper = { isLocked, deviceOf };
  const router = Router();
  router.use(requestLimit(), cookieParser());
  router.use(recogniseCaller(doorkeeper), pairedOnly(OPEN_CALLS));
  return {
    router,
    knows: async (request) => (await whoAsks(request, doorkeeper)).as !== 'stranger',
    isLocked,
    change: async (patch) => {
      row = await changeWorkshop(db, patch);
    },
    letIn: async (device, request, response) => {
      response.cookie(cookieName(await own()), tokenOf(device), {
        httpOnly: true,
        sameSite: 'strict',
        secure: request.secure,
        maxAge: COOKIE_LIFE_MS,
      });
    },
  };
}
