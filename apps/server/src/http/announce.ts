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
    const [, named = '', id, action] = request.path.split('/');
    // A workshop that was put back is another one altogether.
    const resource = named === 'backups' && action === 'restore' ? 'workshop' : named;
    if (WRITING.has(request.method) && resource !== KEEPS_NOTHING && request.query['dryRun'] !== '1') {
      response.on('finish', () => {
        if (response.statusCode >= 300) return;
        const ofOne = idSchema.safeParse(id);
        announce({ resource, ...(ofOne.success ? { id: ofOne.data } : {}) }, request.get(PAGE_HEADER));
      });
    }
    next();
  };
}
