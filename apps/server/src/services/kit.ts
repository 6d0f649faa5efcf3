import type { ShownTool, StoredTool } from '@round-mint/contract/kit';
import { type Kit, kitOrReference, mandrelOf, toolStanding } from '@round-mint/core/kit';
import type { Renewal } from '@round-mint/core/learn';
import { asc, isNotNull, isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import { kit } from '../db/schema';
import { storedTool } from './stored-rows';

/** The maker's own tools as they stand, with what is wrong with them; a plain bench's until any are entered. */
export async function readKit(db: Database): Promise<Kit> {
  const rows = await db
    .select()
    .from(kit)
    .where(isNull(kit.archivedAt))
    .orderBy(asc(kit.createdAt), asc(kit.id));
  return kitOrReference(
    rows.map((row) => {
      const { id, name, spec, history } = storedTool(row);
      return { id, name, spec, faults: toolStanding(history).faults };
    }),
  );
}

export function mandrelTaper(tools: Kit): number {
  return mandrelOf(tools).mmPerUsSize;
}

/** Tools that another one took the place of, and when: archived ones, too. */
export async function readRenewals(db: Database): Promise<readonly Renewal[]> {
  const rows = await db.select().from(kit).where(isNotNull(kit.renewedAt)).orderBy(asc(kit.id));
  return rows.flatMap((row) => {
    const { spec, history } = storedTool(row);
    const { renewedAt: at } = toolStanding(history);
    return at === undefined ? [] : [{ spec, at }];
  });
}

/** A tool, and what its history has brought it to. */
export function shownTool(tool: StoredTool): ShownTool {
  const { faults, renewedAt = null, oiledAt = null } = toolStanding(tool.history);
  return { ...tool, faults: [...faults], renewedAt, oiledAt };
}
