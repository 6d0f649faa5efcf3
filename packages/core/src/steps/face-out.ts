import type { RouteStep } from './step';

/** Faces of a coin. */
export const FACES = ['obverse', 'reverse'] as const;
export type Face = (typeof FACES)[number];

/**
 * Steps that say which face of the coin becomes the outside: the one that lies down in the fold die (craft §15). Only the
 * first stroke says it; a piece that is folded lies as it lies.
 * @param face undefined where either will do
 */
export function withFaceOut(steps: readonly RouteStep[], face: Face | undefined): readonly RouteStep[] {
  const fold = steps.findIndex(({ kind }) => kind === 'fold');
  if (face === undefined) return steps;
  const words = `The ${face} lies down in the die: it becomes the outside. `;
  return steps.map((step, i) =>
    i === fold && !step.instruction.startsWith(words)
      ? { ...step, instruction: `${words}${step.instruction}` }
      : step,
  );
}
