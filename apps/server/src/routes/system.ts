import { openApiDocument } from '@round-mint/contract/openapi';
import { METALS } from '@round-mint/core/metal';
import { Router } from 'express';
import type { OpenDatabase } from '../db/database';

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
  router.get('/health', (_request, response) => {
    response.json({ ok: true, version, database: kind, schema: schemaVersion });
  });
  router.get('/metals', (_request, response) => {
    response.json({ items: metals });
  });
  router.get('/openapi.json', (_request, response) => {
    response.json(document);
  });
  return router;
}
