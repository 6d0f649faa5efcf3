import type { MetalGroup } from '../metal';
import type { BenchTraits } from '../steps';
import type { Lesson } from './lesson';
import { latestOf } from './latest';
import { listAt } from './list-at';
import type { Sighting } from './sighting';
import type { ShareSeen } from './sightings';
import { counts } from './traits';
import { PULL, valueOf, type LearntValue } from './values';

/** A figure of a finished wall, seen against its simulation. */
export type WallSighting = Sighting &
  Pick<ShareSeen, 'figure'> & { readonly metalGroup: MetalGroup | undefined };

/** Names of what is left of each figure, and how far benches differ in it. */
const WALL_VALUES = {
  width: { of: 'width', pull: PULL.wallWidth },
  'cut-edge': { of: 'cut edge', pull: PULL.wallEdge },
  'rim-edge': { of: 'rim edge', pull: PULL.wallEdge },
} as const satisfies Readonly<Record<ShareSeen['figure'], { readonly of: string; readonly pull: number }>>;

/** What was seen of finished walls, the curl of each die being what it was found to be. */
export function wallSightings(
  lessons: readonly Lesson[],
  curlGain: BenchTraits['curlGain'],
): readonly WallSighting[] {
  const told = lessons.filter(({ shares }) => shares.length > 0);
  return latestOf(told, ({ metalGroup }) => metalGroup).flatMap(({ ringId, shares, metalGroup }) =>
    shares.map(({ byCurlGain, off, figure, slope, sigma, sizeMm }) => {
      let curled = 0;
      for (const angle in byCurlGain) {
        curled += (byCurlGain[angle] ?? 0) * ((curlGain[Number(angle)] ?? 1) - 1);
      }
      return { figure, slope, sigma, sizeMm, ringId, metalGroup, off: off - curled };
    }),
  );
}

/** What is left of what was seen when each metal has the share that plans take. */
function without(
  seen: readonly WallSighting[],
  shareOf: (one: WallSighting) => number,
): readonly WallSighting[] {
  return seen.map((one) => ({ ...one, off: one.off - one.slope * shareOf(one) }));
}

/** What finished walls teach, one value after the other, and what no value explains. */
export interface WallLearnt {
  readonly values: readonly LearntValue[];
  /** How far widths lay off what is planned with all that was learnt, as logarithms; oldest first. */
  readonly widthOffs: readonly number[];
}

/**
 * Learns from finished walls: the share of all metals, of each group what differs from that, and of each figure what is
 * left then. Each goes by what those before it, as far as plans go by them, leave to explain.
 */
export function wallValues(seen: readonly WallSighting[], kept: ReadonlySet<string>): WallLearnt {
  const share = valueOf({ key: 'share', what: 'share' }, 0, seen, PULL.share, kept);
  const used = (value: LearntValue | undefined) => (value && counts(value) ? value.value : 0);
  const ofAll = used(share);
  const byGroup = new Map<MetalGroup, WallSighting[]>();
  for (const one of without(seen, () => ofAll)) if (one.metalGroup) listAt(byGroup, one.metalGroup).push(one);
  const groups = [...byGroup].flatMap(([group, own]) => {
    const name = { key: `share-${group}`, what: 'share', of: group } as const;
    // One group alone is all metals there are; and who wants the default for all wants it for each.
    const isApart = byGroup.size > 1 && !kept.has('share');
    const value = isApart ? valueOf(name, ofAll, own, PULL.shareOf, kept) : undefined;
    return value ? [[group, value] as const] : [];
  });
  const ownShare = new Map(groups.map(([group, value]) => [group, counts(value) ? value.value : ofAll]));
  const left = without(seen, ({ metalGroup }) => (metalGroup && ownShare.get(metalGroup)) ?? ofAll);
  const figures = Object.entries(WALL_VALUES).flatMap(([figure, { of, pull }]) => {
    const own = left.filter((one) => one.figure === figure).map((one) => ({ ...one, slope: 1 }));
    return valueOf({ key: `wall-${figure}`, what: 'wall', of }, 0, own, pull, kept) ?? [];
  });
  const wider = used(figures.find(({ key }) => key === 'wall-width'));
  return {
    values: [...(share ? [share] : []), ...groups.map(([, value]) => value), ...figures],
    widthOffs: left.flatMap(({ figure, off }) => (figure === 'width' ? [off - wider] : [])),
  };
}
