import { PAGE_HEADER } from '@round-mint/contract/access';
import { idSchema } from '@round-mint/contract/common';
import type { RequestHandler } from 'express';
import type { Changes } from '../services/changes';

const WRITING = new Set(['POST', 'PUT', 'PATCH', 'DELETE']);
/** What computes and keeps nothing. */
const KEEPS_NOTHING = 'compute';

/** Tells the other pages of every write that was done, once it stands. */
export function announceWrites({ announce }: Changes): RequestHandler {
  return (request, response, next) => {
    const [, resource = '', id] = request.path.split('/');
    if (WRITING.has(request.method) && resource !== KEEPS_NOTHING && request.query['dryRun'] !== '1') {
      response.on('finish', () => {
        if (response.statusCode >= 300) return;
        const named = idSchema.safeParse(id);
        announce({ resource, ...(named.success ? { id: named.data } : {}) }, request.get(PAGE_HEADER));
      });
    }
    next();
  };
}
