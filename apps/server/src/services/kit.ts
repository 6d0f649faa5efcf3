import { type Kit, kitOrReference, mandrelOf } from '@round-mint/core/kit';
import { asc, isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import { kit } from '../db/schema';
import { storedTool } from './stored-rows';

/** The maker's own tools; a plain bench's until any are entered. */
export async function readKit(db: Database): Promise<Kit> {
  const rows = await db
    .select()
    .from(kit)
    .where(isNull(kit.archivedAt))
    .orderBy(asc(kit.createdAt), asc(kit.id));
  return kitOrReference(rows.map((row) => storedTool(row)));
}

export function mandrelTaper(tools: Kit): number {
  return mandrelOf(tools).mmPerUsSize;
}
