import type { RingState } from '../ring';
import { rolledStanding } from '../work';
import type { DerivedRoute } from './derive-route';

interface RolledWord {
  readonly standing: 'before' | 'on-mark' | 'past' | 'off-plan';
  readonly advice: { readonly code: 'part-way' | 'on-mark' | 'past' | 'off-plan'; readonly message: string };
}

/** What the rolls leave no room for. */
function roomWords(derived: DerivedRoute): string {
  const { thinnerMm, tooShortMm } = (derived.kind === 'changed' && derived.rolled) || {};
  if (tooShortMm !== undefined) {
    return ` It is ${tooShortMm.toFixed(1)} mm too short for its size, however thin: take a smaller size or another piece.`;
  }
  return thinnerMm === undefined
    ? ''
    : ` It is too short as thick as planned: at ${thinnerMm.toFixed(2)} mm it is long enough.`;
}

/**
 * What is said of a bar that was measured between the rolls.
 * @param onwards how it goes on from there, where the rest was planned again
 * @returns undefined where nothing of the step at hand was measured
 */
export function rolledWords(
  { openRolled: read, steps, step }: RingState,
  derived: DerivedRoute,
  onwards: string,
): RolledWord | undefined {
  const pass = read && steps[read.step];
  if (!read || !pass || read.step < step - 1) return undefined;
  const { kind, offMm, widthOffMm } = rolledStanding(pass, read);
  const off = Math.abs(offMm).toFixed(2);
  switch (kind) {
    case 'part-way':
      return read.step === step
        ? {
            standing: 'before',
            advice: { code: kind, message: `${off} mm to go: close the rolls a little, and measure again.` },
          }
        : {
            standing: 'off-plan',
            advice: {
              code: 'off-plan',
              message: `Left ${off} mm thicker than its mark.${onwards}${roomWords(derived)}`,
            },
          };
    case 'on-mark':
      return read.step === step
        ? { standing: kind, advice: { code: kind, message: 'On the mark.' } }
        : undefined;
    case 'past':
      return {
        standing: kind,
        advice: { code: kind, message: `${off} mm thinner than its mark.${onwards}${roomWords(derived)}` },
      };
    case 'off-plan': {
      const wide = widthOffMm ?? 0;
      const shape =
        Math.abs(wide) < 0.05
          ? 'Of another length than planned.'
          : `${Math.abs(wide).toFixed(1)} mm ${wide > 0 ? 'wider' : 'narrower'} than planned.`;
      return {
        standing: kind,
        advice: { code: kind, message: `On its thickness. ${shape}${onwards}${roomWords(derived)}` },
      };
    }
  }
}
