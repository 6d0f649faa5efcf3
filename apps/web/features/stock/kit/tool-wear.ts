import type { ShownTool, ToolEventInput } from '@round-mint/contract/kit';
import { countWords } from '@round-mint/core/format';
import {
  canRust,
  FAULT_NAMES,
  needsOil,
  standingToolEvents,
  toolStanding,
  type ToolEventBody,
} from '@round-mint/core/kit';
import { dayAndYear } from '@/features/shared/words/dates';
import { newId } from '@/store/new-id';

/** What happened to a tool now. */
export function toldNow(toolId: string, body: ToolEventBody): ToolEventInput {
  return { id: newId(), toolId, at: new Date().toISOString(), body };
}

/** "34 passes since it was replaced"; nothing while they are counted. */
export function passesWords({ renewedAt }: ShownTool, passes: number | undefined): string {
  if (passes === undefined) return '';
  return `${countWords(passes, 'pass', 'passes')}${renewedAt === null ? '' : ' since it was replaced'}`;
}

function bodyWords(body: ToolEventBody): string {
  switch (body.kind) {
    case 'fault':
      return `found ${FAULT_NAMES[body.fault]}`;
    case 'mended':
      return `mended: ${FAULT_NAMES[body.fault]} no more`;
    case 'replaced':
      return 'replaced by a new one';
    case 'oiled':
      return 'oiled';
    case 'undone':
      return 'taken back';
  }
}

/** A line of a tool's history. */
export interface WearEvent {
  readonly id: string;
  readonly words: string;
  readonly day: string;
  readonly ringId: string | undefined;
}

/** What happened to a tool, the latest first; what was taken back is left out. */
export function wearHistory({ history }: Pick<ShownTool, 'history'>): readonly WearEvent[] {
  return standingToolEvents(history)
    .map(({ id, at, ringId, body }) => ({ id, words: bodyWords(body), day: dayAndYear(at), ringId }))
    .toReversed();
}

/** Tools of steel that are to be oiled now. */
export function toOil(kit: readonly ShownTool[], dampAt: string | null, now: string): readonly ShownTool[] {
  return kit.filter(
    ({ spec, history, createdAt }) =>
      canRust(spec) && needsOil(toolStanding(history), createdAt, dampAt ?? undefined, now),
  );
}
