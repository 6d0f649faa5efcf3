import { system } from '@round-mint/contract/endpoints-workshop';
import { openApiDocument } from '@round-mint/contract/openapi';
import { METALS } from '@round-mint/core/metal';
import { Router } from 'express';
import type { OpenDatabase } from '../db/database';
import { serve } from '../http/serve';

/** What does not belong to the workshop: health, the metals, the interface's own description. */
export function systemRouter({ kind, schemaVersion }: OpenDatabase, version: string): Router {
  const router = Router();
  const document = openApiDocument(version);
  const metals = METALS.map((metal) => ({
    ...metal,
    meltingC: metal.meltingC ?? null,
    annealC: metal.annealC ?? null,
    refusal: metal.refusal ?? null,
  }));
  serve(router, system.health, () => ({ ok: true, version, database: kind, schema: schemaVersion }));
  serve(router, system.metals, () => ({ items: metals }));
  serve(router, system.openApi, () => document);
  return router;
}
