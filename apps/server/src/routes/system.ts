import type { ResponseOf } from '@round-mint/contract/endpoint';
import { system } from '@round-mint/contract/endpoints-workshop';
import { describeApi } from '@round-mint/contract/openapi';
import { METALS } from '@round-mint/core/metal';
import { Router } from 'express';
import type { OpenDatabase } from '../db/database';
import { serve } from '../http/serve';
import type { Backups } from '../backup/backups';
import { inSlices } from '../services/in-slices';

interface SystemOptions {
  readonly database: Pick<OpenDatabase, 'kind' | 'schemaVersion'>;
  readonly version: string;
  readonly demo: boolean;
  readonly backups: Pick<Backups, 'warning'>;
}

/** What does not belong to the workshop: health, the metals, the interface's own description. */
export function systemRouter({ database, version, demo, backups }: SystemOptions): Router {
  const { kind, schemaVersion } = database;
  const router = Router();
  let document: Promise<ResponseOf<typeof system.openApi>> | undefined;
  const metals = METALS.map((metal) => ({
    ...metal,
    meltingC: metal.meltingC ?? null,
    annealC: metal.annealC ?? null,
    refusal: metal.refusal ?? null,
  }));
  serve(router, system.health, async () => ({
    ...{ ok: true, version, database: kind, schema: schemaVersion, demo },
    warning: await backups.warning(),
  }));
  serve(router, system.metals, () => ({ items: metals }));
  // Few ask for it, and it takes a moment: it is made when the first one does.
  serve(router, system.openApi, () => (document ??= inSlices(describeApi(version))));
  return router;
}
