import type { ShownTool, StoredTool, ToolEventInput } from '@round-mint/contract/kit';
import type { RingEventInput } from '@round-mint/contract/rings';
import { eq } from 'drizzle-orm';
import type { Database } from '../db/database';
import { kit } from '../db/schema';
import { notFound } from '../http/errors';
import { shownTool } from './kit';
import { storedTool, toolHistoryRow } from './stored-rows';

type Told = StoredTool['history'][number];

/** A tool that nobody else writes to until the transaction ends; undefined where there is none. */
async function holdTool(tx: Database, id: string): Promise<StoredTool | undefined> {
  const [row] = await tx.select().from(kit).where(eq(kit.id, id)).for('update');
  return row && storedTool(row);
}

/** Writes down what happened to a held tool; what is known already is left out. */
async function tell(tx: Database, tool: StoredTool, events: readonly Told[]): Promise<StoredTool> {
  const known = new Set(tool.history.map(({ id }) => id));
  const added = events.filter(({ id }) => !known.has(id));
  if (added.length === 0) return tool;
  const history = [...tool.history, ...added];
  // When it was changed stays: its measures are what lessons are worked out with, not its wear.
  await tx.update(kit).set(toolHistoryRow(history)).where(eq(kit.id, tool.id));
  return { ...tool, history };
}

/** What happened to some tools, by tool; always in the same order, so that two who write never wait for each other. */
function byTool(events: readonly ToolEventInput[]): readonly (readonly [string, readonly Told[]])[] {
  const found = new Map<string, Told[]>();
  for (const { toolId, ...event } of events) found.set(toolId, [...(found.get(toolId) ?? []), event]);
  return [...found].sort(([a], [b]) => a.localeCompare(b));
}

/** Writes down what happened to tools, in one transaction. @throws HttpError 404 */
export async function logToolEvents(
  db: Database,
  events: readonly ToolEventInput[],
): Promise<readonly ShownTool[]> {
  return db.transaction(async (tx) => {
    const told: ShownTool[] = [];
    for (const [toolId, own] of byTool(events)) {
      const tool = await holdTool(tx, toolId);
      if (!tool) throw notFound('tool');
      told.push(shownTool(await tell(tx, tool, own)));
    }
    return told;
  });
}

/**
 * Marks tools by what was told of them at the bench, under the ids of those events: a repeat adds nothing, and what was
 * taken back there is taken back here. A tool that is gone is left out: the ring's log keeps what was found.
 */
export async function markTools(
  tx: Database,
  ringId: string,
  added: readonly RingEventInput[],
  all: readonly RingEventInput[],
): Promise<void> {
  const events = added.flatMap(({ id, at, body }): readonly ToolEventInput[] => {
    if (body.kind === 'tool-marked') {
      return [{ id, toolId: body.toolId, at, ringId, body: { kind: 'fault', fault: body.fault } }];
    }
    const mark = body.kind === 'undone' ? all.find((one) => one.id === body.eventId)?.body : undefined;
    if (body.kind !== 'undone' || mark?.kind !== 'tool-marked') return [];
    return [{ id, toolId: mark.toolId, at, ringId, body }];
  });
  for (const [toolId, own] of byTool(events)) {
    const tool = await holdTool(tx, toolId);
    if (tool) await tell(tx, tool, own);
  }
}
