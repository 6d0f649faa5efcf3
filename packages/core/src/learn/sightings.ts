import { bisect, degToRad } from '../numeric';
import { arcWidthMm, curlDropMm, cutEdge, rimEdge, TRIM_GAIN_MM, type Meridian } from '../forming';
import type { Kit } from '../kit';
import { simulateMoves } from '../route';
import { type BenchTraits, DEFAULT_TRAITS, foldDieKey, type StepKind } from '../steps';
import { readSteps, type WorkedCoinRing, type WorkedRing } from './worked-ring';
import { listAt } from './list-at';
import type { Seen } from './sighting';

/** What a reading in quarter sizes and a careful hand come to, mm (standard deviation). */
export const READING_MM = 0.08;
/** Width and edges: calliper, worn relief and what the simulation does not know, as shares. */
const WIDTH_SHARE = 0.012;
const EDGE_SHARE = 0.03;
/** Half the difference by which the width's answer to the share is found. */
const PROBE = 0.03;
/** By how much a curl die's gain is changed to see what that does. */
const GAIN_PROBE = 0.1;

/** A ring's wall as the simulation ends it with another share. */
function walked(
  { ring, state }: WorkedCoinRing,
  kit: Kit,
  traits: BenchTraits,
  shareShift: number,
): Meridian {
  const { input: planned, school, moves } = ring.coin;
  const { coin, wall, targetInsideDiameterMm } = planned;
  const input = {
    coin,
    wall,
    holeMm: state.holeMm ?? planned.holeMm,
    targetInsideDiameterMm: state.targetInsideDiameterMm ?? targetInsideDiameterMm,
  };
  return simulateMoves(input, { kit, school, moves, shareShift, traits }).finished;
}

/** Figures of a finished wall that tell of the share. */
export const WALL_FIGURES = ['width', 'cut-edge', 'rim-edge'] as const;

/** What was seen of the share, and what the curl of the dies has to do with it. */
export interface ShareSeen extends Seen {
  readonly figure: (typeof WALL_FIGURES)[number];
  /** What one unit of a curl die's gain takes from `off`, by the die's angle. */
  readonly byCurlGain: Readonly<Record<string, number>>;
}

/** Angles of the curl dies that a ring was pressed with. */
function curlAngles({ state }: WorkedCoinRing): readonly number[] {
  const angles = state.steps.flatMap(({ contact }) => (contact?.kind === 'curl-die' ? contact.angleDeg : []));
  return [...new Set(angles)];
}

/**
 * What width and edge thicknesses say about the share a: seen against the route's own simulation, in shares of
 * themselves. The simulation is close to a straight line in the share and in the gain of each curl die, so that a few
 * more walks give the slopes: what the dies are found to do later needs no new walk.
 */
export function shareSightings(worked: WorkedCoinRing, kit: Kit): readonly ShareSeen[] {
  const { measured } = worked.state;
  if (!measured || worked.ring.coin.moves.length === 0) return [];
  const at = (shift: number, curlGain: BenchTraits['curlGain'] = {}) =>
    walked(worked, kit, { ...DEFAULT_TRAITS, curlGain }, shift);
  const [low, middle, high] = [at(-PROBE), at(0), at(PROBE)];
  const curled = curlAngles(worked).map((angle) => [angle, at(0, { [angle]: 1 + GAIN_PROBE })] as const);
  const figures = [
    { figure: 'width', seen: measured.bandWidthMm, of: arcWidthMm, sigma: WIDTH_SHARE },
    {
      figure: 'cut-edge',
      seen: measured.thicknessCutEdgeMm,
      of: (wall: Meridian) => cutEdge(wall).thicknessMm,
      sigma: EDGE_SHARE,
    },
    {
      figure: 'rim-edge',
      seen: measured.thicknessRimEdgeMm,
      of: (wall: Meridian) => rimEdge(wall).thicknessMm,
      sigma: EDGE_SHARE,
    },
  ] as const;
  return figures.flatMap(({ figure, seen, of, sigma }) => {
    if (seen === undefined) return [];
    const predicted = of(middle);
    return {
      figure,
      off: Math.log(seen / predicted),
      slope: Math.log(of(high) / of(low)) / (2 * PROBE),
      sigma,
      byCurlGain: Object.fromEntries(
        curled.map(([angle, wall]) => [angle, Math.log(of(wall) / predicted) / GAIN_PROBE]),
      ),
    };
  });
}

/** By how much trimming the lip raised the rim's reading, mm. */
export function trimSightings(worked: WorkedRing): readonly Seen[] {
  return readSteps(worked).flatMap(({ step, rimMm, before }) =>
    step.kind === 'trim' && before
      ? [
          {
            off: rimMm - before.rimMm - TRIM_GAIN_MM,
            slope: 1,
            sigma: READING_MM * Math.SQRT2,
          },
        ]
      : [],
  );
}

/** Steps that only read: nothing is formed in or after the last of them. */
const READS: readonly StepKind[] = ['true-up', 'read'];

/** By how much more the finished ring read than it was wanted, mm. */
export function endSightings(worked: WorkedRing): readonly Seen[] {
  const last = readSteps(worked).at(-1);
  if (!last?.step.reading || !READS.includes(last.step.kind)) return [];
  const { rimDownMm, cutDownMm } = last.step.reading;
  // It was trued up with what was known by then.
  const { endsMm = 0 } = worked.state.steps.findLast(({ kind }) => kind === 'true-up') ?? {};
  return [
    { off: (last.rimMm + last.cutMm - rimDownMm - cutDownMm) / 2 + endsMm, slope: 1, sigma: READING_MM },
  ];
}

/** A funnel is read while it leans and rocks on the mandrel, mm (standard deviation). */
const FUNNEL_READING_MM = 0.15;

/** By how much larger each die left its funnels than the law says, mm; keyed by the die. */
export function foldSightings(worked: WorkedRing): ReadonlyMap<string, readonly Seen[]> {
  const found = new Map<string, Seen[]>();
  for (const { step, rimMm, cutMm } of readSteps(worked)) {
    const { reading, contact, pieceState, funnel } = step;
    if (!reading || contact?.kind !== 'fold-die' || pieceState?.stage !== 'funnel') continue;
    const key = foldDieKey(contact);
    listAt(found, key).push({
      // It was planned with what was known of the die by then.
      off: (rimMm + cutMm - reading.rimDownMm - reading.cutDownMm) / 2 + (funnel?.growthMm ?? 0),
      slope: 1,
      sigma: FUNNEL_READING_MM,
    });
  }
  return found;
}

/** No die turns an edge further. */
const MOST_TURNED_DEG = 70;

/** The angle behind a drop: Δd = W(1 − cos α)/α solved for α, degrees. */
export function angleOfDropDeg(dropMm: number, arcWidth: number): number {
  return bisect((curlDeg) => curlDropMm(arcWidth, curlDeg), dropMm, 0, MOST_TURNED_DEG);
}

/** What each curl die really turns, against its nominal angle; keyed by that angle. */
export function curlSightings(worked: WorkedRing): ReadonlyMap<number, readonly Seen[]> {
  const found = new Map<number, Seen[]>();
  let straightMm: number | undefined;
  for (const { step, rimMm, cutMm, before } of readSteps(worked)) {
    const meanMm = (rimMm + cutMm) / 2;
    // A push to a depth is not the whole of an angle.
    if (step.kind !== 'curl' || step.pieceState?.pushedMm) {
      straightMm = undefined;
      continue;
    }
    straightMm ??= before && (before.rimMm + before.cutMm) / 2;
    const nominal = step.contact?.kind === 'curl-die' ? step.contact.angleDeg : undefined;
    const widthMm = step.outline.arcMm.at(-1) ?? 0;
    if (straightMm === undefined || nominal === undefined || widthMm === 0) continue;
    const turned = angleOfDropDeg(straightMm - meanMm, widthMm);
    // Both ends of the drop are read; an angle gives about half the width of drop per radian.
    const dropPerGain = (widthMm / 2) * degToRad(nominal);
    listAt(found, nominal).push({
      off: turned / nominal - 1,
      slope: 1,
      sigma: READING_MM / dropPerGain,
      sizeMm: dropPerGain,
    });
  }
  return found;
}
