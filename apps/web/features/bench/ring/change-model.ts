import type { StoredTool } from '@round-mint/contract/kit';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import type { StepKind } from '@round-mint/core/steps';

type ToolKind = StoredTool['spec']['kind'];

/** Kinds of tool that a step may be done with. */
const TOOLS: Partial<Readonly<Record<StepKind, readonly ToolKind[]>>> = {
  cut: ['punch'],
  fold: ['fold-die', 'dapping-ball'],
  stretch: ['stretcher'],
  reduce: ['reducing-die'],
  stepped: ['stepped-pusher', 'reducing-die'],
  straighten: ['expansion-cone'],
  curl: ['fold-die', 'reducing-die', 'dapping-ball'],
  bend: ['former', 'mandrel'],
  close: ['former', 'mandrel'],
  'true-up': ['mandrel', 'reducing-die', 'stretcher'],
  read: ['mandrel'],
  roll: ['rolling-mill'],
};

/** What is put in most at the bench. */
export const STEPS_TO_ADD = [
  'anneal',
  'flatten',
  'stretch',
  'reduce',
  'true-up',
  'file',
  'sand',
  'pickle',
  'patina',
  'polish',
  'plate',
] as const satisfies readonly StepKind[];

/** The tools of a kit that a step may have been done with, by name. */
export function toolsOfStep<T extends StoredTool>(kind: StepKind, kit: readonly T[]): readonly T[] {
  const kinds = TOOLS[kind] ?? [];
  return kit.filter(({ spec }) => kinds.includes(spec.kind)).sort((a, b) => a.name.localeCompare(b.name));
}

/** Whether a ring from a handle has ends that lap or wind past each other, and is to keep them so far. */
export function hasLappedEnds({ ring, state }: Pick<BenchRing, 'ring' | 'state'>): boolean {
  if (ring.kind === 'coin' || ring.work.kind !== 'handle') return false;
  return ring.work.style !== 'straight' && state.style === undefined;
}
