import type { StepKind } from '@round-mint/core/steps';
import { useState } from 'react';
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

/** Whether a caution was read at an earlier step of its kind: then a line will do. */
export function useCautionSeen(kind: StepKind): boolean {
  const [seen] = useState(() => readBack().includes(kind));
  return seen;
}
