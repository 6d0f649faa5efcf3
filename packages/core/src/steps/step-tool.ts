import { toolsOf, type Kit, type Tool, type ToolContact, type ToolSpec } from '../kit';
import type { RouteStep } from './step';
import type { StepKind } from './step-kind';

/** Measures that differ by less are the same tool's, mm. */
const SAME_MM = 0.05;
const same = (a: number, b: number) => Math.abs(a - b) <= SAME_MM;

/** Whether a tool is the one that touches the wall so. */
function touchesSo(spec: ToolSpec, contact: ToolContact): boolean {
  switch (contact.kind) {
    case 'punch':
      return spec.kind === 'punch' && same(spec.diameterMm, contact.diameterMm);
    case 'ball':
      return spec.kind === 'dapping-ball' && same(spec.diameterMm, contact.diameterMm);
    case 'pusher':
      return spec.kind === 'stepped-pusher' && same(spec.diameterMm, contact.diameterMm);
    case 'former':
      return spec.kind === 'former' && same(spec.diameterMm, contact.diameterMm);
    case 'fold-die':
      return (
        spec.kind === 'fold-die' &&
        spec.angleDeg === contact.angleDeg &&
        same(spec.smallEndMm, contact.smallEndMm)
      );
    default:
      return false;
  }
}

/**
 * The tool of the kit that a step is done with; undefined where it takes none, or none that is known. Steps that name no
 * tool of the kit tell it by where it touches the wall: those planned before it was told, and bends.
 */
export function toolIdOf(
  kit: Kit,
  { toolId, contact }: Pick<RouteStep, 'toolId' | 'contact'>,
): string | undefined {
  if (toolId !== undefined || !contact) return toolId;
  return kit.find(({ spec }) => touchesSo(spec, contact))?.id;
}

/** Steps that are done in a press. */
const PRESSED: readonly StepKind[] = ['fold', 'reduce', 'stepped', 'curl', 'straighten'];

/** Presses of the kit, for a step that is done in one. */
export function pressesFor(kit: Kit, { kind }: Pick<RouteStep, 'kind'>): readonly Tool[] {
  return PRESSED.includes(kind) ? toolsOf(kit, 'press').map(({ tool }) => tool) : [];
}
