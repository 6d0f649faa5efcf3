/** A step as the plan of a day has it. */
interface PlannedStep {
  readonly jobId: string;
  readonly step: number;
  readonly startMin: number;
}

/** A ring with all that was told of it. */
interface Told {
  readonly createdAt: string;
  readonly events: readonly { readonly at: string }[];
}

function lastTouched({ events, createdAt }: Told): string {
  return events.at(-1)?.at ?? createdAt;
}

/** Rings with the one that was touched last first. */
export function lastTouchedFirst<Ring extends Told>(rings: readonly Ring[]): readonly Ring[] {
  return [...rings].sort((a, b) => lastTouched(b).localeCompare(lastTouched(a)));
}

/**
 * Rings in the order of the plan of the day; those it says nothing of stay behind, as they were.
 * @param standing which ring it is, and its step at hand
 */
export function inPlanOrder<Ring>(
  planned: readonly PlannedStep[],
  rings: readonly Ring[],
  standing: (ring: Ring) => { readonly id: string; readonly step: number },
): readonly Ring[] {
  const startMin = (ring: Ring) => {
    const { id, step } = standing(ring);
    return planned.find((block) => block.jobId === id && block.step === step)?.startMin ?? Infinity;
  };
  return [...rings].sort((a, b) => {
    const [left, right] = [startMin(a), startMin(b)];
    return left === right ? 0 : left - right;
  });
}
