import type { ShownTool, StoredTool, ToolInput } from '@round-mint/contract/kit';
import type { ListQuery } from '@round-mint/contract/common';
import { type Kit, kitOrReference, mandrelOf, toolStanding } from '@round-mint/core/kit';
import type { Renewal } from '@round-mint/core/learn';
import { asc, isNotNull, isNull } from 'drizzle-orm';
import type { Database } from '../db/database';
import { kit } from '../db/schema';
import { createResources } from './resources';
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

/** The kit as a resource: stored plainly, shown with where its history has brought each tool. */
export function createKit(db: Database) {
  const { kit: stored } = createResources(db);
  return {
    name: stored.name,
    async list(query: ListQuery) {
      const { items, nextCursor } = await stored.list(query);
      return { items: items.map(shownTool), nextCursor };
    },
    get: async (id: string) => shownTool(await stored.get(id)),
    create: async (input: ToolInput) => shownTool(await stored.create(input)),
    replace: async (id: string, input: ToolInput, version?: number) =>
      shownTool(await stored.replace(id, input, version)),
    remove: stored.remove,
    restore: async (id: string) => shownTool(await stored.restore(id)),
  };
}
