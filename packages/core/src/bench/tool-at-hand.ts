import { toolWarning, type Kit } from '../kit';
import type { RingState } from '../ring';
import { pressesFor, toolIdOf, type RouteStep } from '../steps';

/** What the step at hand is done with, and what is wrong with that. */
export interface ToolAtHand {
  readonly tool?: string | undefined;
  /** The tool of the kit that is used, where it is known. */
  readonly toolId?: string | undefined;
  /** What is wrong with it, and what to take or do instead. */
  readonly toolWarning?: string | undefined;
  /** To be taken instead. */
  readonly spareId?: string | undefined;
}

type Now = Pick<RingState, 'step' | 'toolsUsed'>;

/** What the step at hand is really done with, where that was told. */
function toolUsed({ step, toolsUsed }: Now, kit: Kit) {
  const used = toolsUsed.get(step);
  const tool = used && kit.find(({ id }) => id === used.toolId);
  return tool && { ...tool, setting: used.setting };
}

/** Splines of the stretcher at hand: of the one that is really used, where that was told. */
export function splinesAt(now: Now, kit: Kit, { contact }: RouteStep): number | undefined {
  const spec = toolUsed(now, kit)?.spec;
  if (spec?.kind === 'stretcher') return spec.splines;
  return contact?.kind === 'splines' ? contact.count : undefined;
}

/** The tool of the step at hand: the one that is really used, where that was told. */
export function toolAtHand(now: Now, kit: Kit, step: RouteStep): ToolAtHand {
  const used = toolUsed(now, kit);
  const named = used?.setting ? `${used.name}, ${used.setting}` : used?.name;
  const toolId = used?.id ?? toolIdOf(kit, step);
  const warning = toolWarning(kit, toolId);
  // A press is never named by a step, and may be the one that hurts.
  const presses = pressesFor(kit, step).flatMap(({ id }) => toolWarning(kit, id) ?? []);
  const warnings = [...(warning ? [warning] : []), ...presses];
  return {
    tool: named ?? step.tool,
    ...(toolId === undefined ? {} : { toolId }),
    ...(warnings.length > 0 ? { toolWarning: warnings.map(({ message }) => message).join(' ') } : {}),
    ...(warning?.spare ? { spareId: warning.spare.id } : {}),
  };
}
