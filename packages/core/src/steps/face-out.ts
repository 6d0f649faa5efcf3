import { capital } from '../format';
import type { FACES } from './codes';
import type { RouteStep } from './step';

export type Face = (typeof FACES)[number];

/** What a fold says of the face while it is open which one. */
const OUTSIDE_DOWN = /outside face down/i;

/**
 * Steps that say which face of the coin becomes the outside: the one that lies down in the fold die (craft §15).
 * @param face undefined where either will do
 */
export function withFaceOut(steps: readonly RouteStep[], face: Face | undefined): readonly RouteStep[] {
  if (face === undefined) return steps;
  return steps.map((step) => {
    if (step.kind !== 'fold') return step;
    const instruction = step.instruction.replace(OUTSIDE_DOWN, (found) => {
      const words = `${face} down (it becomes the outside)`;
      return found.startsWith('O') ? capital(words) : words;
    });
    return { ...step, instruction };
  });
}
