import { backups as calls } from '@round-mint/contract/endpoints-backups';
import { Router } from 'express';
import type { Backups } from '../backup/backups';
import { machineOnly } from '../http/caller';
import { givenUp } from '../http/given-up';
import { serve } from '../http/serve';

/** Backups: what there is, a new one, another folder, and putting one back. */
export function backupsRouter(backups: Backups): Router {
  const router = Router();
  serve(router, calls.list, () => backups.list());
  serve(router, calls.make, ({ response }) => backups.make('asked', givenUp(response)));
  serve(router, calls.change, ({ request, body }) => {
    // Where on the machine something is written is the machine's to say.
    machineOnly(request);
    return backups.keepAlsoIn(body.secondFolder);
  });
  serve(router, calls.file, async ({ params, response }) => {
    response.attachment(`round-mint-${params.id}.zip`).sendFile(await backups.file(params.id));
  });
  serve(router, calls.restore, ({ params, query, response }) =>
    backups.restore(params.id, query.dryRun === '1', givenUp(response)),
  );
  return router;
}
