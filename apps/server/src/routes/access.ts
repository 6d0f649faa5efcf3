import type { Access } from '@round-mint/contract/access';
import { access } from '@round-mint/contract/endpoints-access';
import { Router, type Request } from 'express';
import type { Database } from '../db/database';
import { callerOf, machineOnly } from '../http/caller';
import { openStream } from '../http/event-stream';
import { codeLimit } from '../http/limits';
import type { Network } from '../http/network';
import { serve } from '../http/serve';
import type { Changes } from '../services/changes';
import { addDevice, newCode, pair } from '../services/pairing';
import { getDevice, listDevices, restoreDevice, revokeDevice } from '../services/sessions';
import type { Door } from './door';

/** What the machine is called when it is paired with its own workshop. */
const THIS_MACHINE = 'This machine';

interface AccessOptions {
  readonly db: Database;
  readonly door: Door;
  readonly network: Network;
  readonly changes: Changes;
}

/** Pairing, paired devices, and the stream of changes. */
export function accessRouter({ db, door, network, changes }: AccessOptions): Router {
  const tell = async (request: Request): Promise<Access> => {
    const { as, deviceId } = callerOf(request);
    const known = as !== 'stranger';
    return {
      as,
      deviceId,
      open: known && network.isOpen(),
      locked: known && (await door.isLocked()),
      addresses: known ? [...network.addresses()] : [],
      certificateAddress: network.certificateAddress(),
    };
  };
  const router = Router();
  router.use(access.pair.path, codeLimit());
  serve(router, access.get, ({ request }) => tell(request));
  serve(router, access.change, async ({ request, response, body: { open, locked } }) => {
    machineOnly(request);
    // Who locks the machine from it stays inside.
    if (locked && callerOf(request).deviceId === null) {
      await door.letIn(await addDevice(db, THIS_MACHINE), request, response);
    }
    if (open !== undefined) await network.setOpen(open);
    await door.change({
      ...(open === undefined ? {} : { openToNetwork: open }),
      ...(locked === undefined ? {} : { locked }),
    });
    // Every page asks anew, and is let in or not as it stands now.
    if (locked) changes.endAll();
    return tell(request);
  });
  serve(router, access.newCode, ({ request }) => {
    machineOnly(request);
    return newCode(db);
  });
  serve(router, access.pair, async ({ request, response, body }) => {
    const device = await pair(db, body);
    await door.letIn(device, request, response);
    return getDevice(db, device.id, device.id);
  });
  serve(router, access.devices, async ({ request }) => ({
    items: await listDevices(db, callerOf(request).deviceId),
  }));
  serve(router, access.revoke, async ({ params }) => {
    await revokeDevice(db, params.id);
    changes.endOf(params.id);
  });
  serve(router, access.restore, ({ request, params }) => {
    machineOnly(request);
    return restoreDevice(db, params.id);
  });
  serve(router, access.changes, ({ request, response, query }) => {
    const { deviceId } = callerOf(request);
    const stream = openStream(request, response, () => forget());
    const forget = changes.listen({ page: query.page, deviceId, hear: stream.send, end: stream.end });
  });
  return router;
}
