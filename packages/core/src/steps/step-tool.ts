import {
  isSameMm,
  toolsOf,
  usableTools,
  type Kit,
  type Tool,
  type ToolContact,
  type ToolKind,
  type ToolSpec,
} from '../kit';
import type { RouteStep } from './step';
import type { StepKind } from './step-kind';

/** Whether a tool is the one that touches the wall so. */
function touchesSo(spec: ToolSpec, contact: ToolContact): boolean {
  switch (contact.kind) {
    case 'punch':
      return spec.kind === 'punch' && isSameMm(spec.diameterMm, contact.diameterMm);
    case 'ball':
      return spec.kind === 'dapping-ball' && isSameMm(spec.diameterMm, contact.diameterMm);
    case 'pusher':
      return spec.kind === 'stepped-pusher' && isSameMm(spec.diameterMm, contact.diameterMm);
    case 'former':
      return spec.kind === 'former' && isSameMm(spec.diameterMm, contact.diameterMm);
    case 'fold-die':
      return (
        spec.kind === 'fold-die' &&
        spec.angleDeg === contact.angleDeg &&
        isSameMm(spec.smallEndMm, contact.smallEndMm)
      );
    default:
      return false;
  }
}

/** Steps that are done with the one tool of a kind, wherever it touches. */
const BY_KIND: Partial<Readonly<Record<StepKind, ToolKind>>> = {
  roll: 'rolling-mill',
  read: 'mandrel',
  'true-up': 'mandrel',
};

/**
 * The tool of the kit that a step is done with; undefined where it takes none, or none that is known. Steps that name no
 * tool of the kit tell it by where it touches the wall, or by what they are: those planned before it was told, bends,
 * passes through the rolls.
 */
export function toolIdOf(
  kit: Kit,
  { kind, toolId, contact }: Pick<RouteStep, 'kind' | 'toolId' | 'contact'>,
): string | undefined {
  if (toolId !== undefined) return toolId;
  if (contact) return kit.find(({ spec }) => touchesSo(spec, contact))?.id;
  return kit.find(({ spec }) => spec.kind === BY_KIND[kind])?.id;
}

/** Steps as they are planned: each names the tool of a kit that it is to be done with, a sound one where there is one. */
export function withToolIds(kit: Kit, steps: readonly RouteStep[]): readonly RouteStep[] {
  const tools = usableTools(kit);
  return steps.map((step) => {
    const toolId = toolIdOf(tools, step);
    return toolId === undefined ? step : { ...step, toolId };
  });
}

/** Steps that are done in a press. */
const PRESSED: readonly StepKind[] = ['fold', 'reduce', 'stepped', 'curl', 'straighten'];

/** Presses of the kit, for a step that is done in one. */
export function pressesFor(kit: Kit, { kind }: Pick<RouteStep, 'kind'>): readonly Tool[] {
  return PRESSED.includes(kind) ? toolsOf(kit, 'press').map(({ tool }) => tool) : [];
}
