import { toolsOf, type Kit } from '../kit';
import { barWidthMm, spreadLog } from '../rolling';
import type { StepKind } from '../steps';
import { readSteps, type WorkedRing } from './worked-ring';
import { listAt } from './list-at';
import type { Seen } from './sighting';
import { READING_MM } from './sightings';

const SPRINGING: readonly StepKind[] = ['stretch', 'reduce', 'bend'];

/** What a ring gave back after each blow against what was predicted; of a bend, round which former. */
function springings(worked: WorkedRing, kit: Kit) {
  const { steps, toolsUsed } = worked.state;
  const formers = toolsOf(kit, 'former');
  return readSteps(worked).flatMap(({ step, cutMm }) => {
    const { kind, springbackMm, springbackFactor = 1, gaugeMm = 0, reading, contact } = step;
    if (!SPRINGING.includes(kind) || !springbackMm || !reading) return [];
    const plannedMm = contact?.kind === 'former' ? contact.diameterMm : undefined;
    const used = toolsUsed.get(steps.indexOf(step));
    const usedMm = used && formers.find(({ tool }) => tool.id === used.toolId)?.spec.diameterMm;
    const formerMm = plannedMm === undefined ? undefined : (usedMm ?? plannedMm);
    // Bent round another former than planned, it comes out so much larger even where nothing springs.
    const otherMm = formerMm === undefined || plannedMm === undefined ? 0 : formerMm - plannedMm;
    // Taken past the mark by what was predicted: an opened ring that gives back more ends smaller, a closed or bent one
    // larger.
    const slope = ((kind === 'stretch' ? -1 : 1) * springbackMm) / springbackFactor;
    // It was planned with what was known by then, and is held against the default.
    const known = (springbackFactor - 1) * slope + gaugeMm;
    const off = cutMm - reading.cutDownMm - otherMm + known;
    const sighting: Seen = { off, slope, sigma: READING_MM };
    return [{ kind, formerMm, sighting }];
  });
}

function byKey<K, T extends { readonly sighting: Seen }>(
  found: readonly T[],
  keyOf: (one: T) => K | undefined,
): ReadonlyMap<K, readonly Seen[]> {
  const lists = new Map<K, Seen[]>();
  for (const one of found) {
    const key = keyOf(one);
    if (key !== undefined) listAt(lists, key).push(one.sighting);
  }
  return lists;
}

/** Per kind of blow. */
export function springbackSightings(worked: WorkedRing, kit: Kit): ReadonlyMap<StepKind, readonly Seen[]> {
  return byKey(springings(worked, kit), ({ kind }) => kind);
}

/** Per former, keyed by its diameter, mm. */
export function formerSightings(worked: WorkedRing, kit: Kit): ReadonlyMap<number, readonly Seen[]> {
  return byKey(springings(worked, kit), ({ formerMm }) => formerMm);
}

/** A calliper over uneven edges, mm (standard deviation). */
const WIDTH_MM = 0.08;

/** How much wider than the rule a bar came out of the rolls: its last width tells of all its passes. */
export function spreadSightings({ state }: WorkedRing): readonly Seen[] {
  const read = state.rolled.findLast(({ widthMm }) => widthMm !== undefined);
  const rolling = read && state.steps[read.step]?.rolling;
  if (read?.widthMm === undefined || !rolling) return [];
  const { bar } = rolling;
  const slope = spreadLog(bar, read.thicknessMm);
  if (slope === 0) return [];
  return [
    {
      off: Math.log(read.widthMm / barWidthMm(bar)) - slope,
      slope,
      sigma: WIDTH_MM / read.widthMm,
    },
  ];
}
