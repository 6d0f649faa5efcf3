import type { StepKind } from '@round-mint/core/steps';
import { useMemo } from 'react';
import { z } from 'zod';
import { keep, readKept } from '@/store/kept';

const KEPT_UNDER = 'cautions-read';

/** Nothing that can be read: the caution is shown in full again. */
function readBack(): readonly string[] {
  return readKept(KEPT_UNDER, z.array(z.string()), []);
}

/** Remembers that a kind of step was done with its caution in full view. */
export function cautionRead(kind: StepKind): void {
  const known = readBack();
  if (known.includes(kind)) return;
  keep(KEPT_UNDER, [...known, kind]);
}

/** Whether the caution of a step was read at an earlier one of its kind, as it stood when the step was come to. */
export function useCautionSeen(kind: StepKind, step: number): boolean {
  // eslint-disable-next-line react-hooks/exhaustive-deps -- what is read in full does not shrink before the next step
  return useMemo(() => readBack().includes(kind), [kind, step]);
}
