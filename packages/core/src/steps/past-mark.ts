import type { RouteStep } from './step';

/** Blows that a tool is taken to by its own scale, and a mandrel reads after. */
export const GAUGED = ['stretch', 'reduce'] as const;
export type Gauged = (typeof GAUGED)[number];

/** Whether an offset between the mandrel and the scales of tools shows in a kind of blow. */
export function isGauged(kind: string): kind is Gauged {
  return GAUGED.some((one) => one === kind);
}

/** What tells how far past its mark a step is taken. */
export type TakenStep = Pick<RouteStep, 'kind' | 'springbackMm' | 'gaugeMm' | 'endsMm'>;

/**
 * How far past its mark a tool is taken, mm: what the ring gives back, and what the mandrel is known to read too much, which
 * a pull stops short by and a reduction goes further by. The last true-up stops short by what rings gain to their end. Below
 * nothing it stops short.
 */
export function pastMarkMm({ kind, springbackMm = 0, gaugeMm = 0, endsMm = 0 }: TakenStep): number {
  if (kind === 'true-up') return 0 - endsMm;
  return springbackMm + (kind === 'stretch' ? -gaugeMm : gaugeMm);
}
