import type { CoinStock } from '@round-mint/contract/stock';
import type { MustStay, PieceFace } from '@round-mint/contract/stock-faces';
import {
  behindDeg,
  judgeMark,
  largestHoleMm,
  lipRadiusMm,
  type HoleOffset,
  type MarkVerdict,
  faceOutside,
} from '@round-mint/core/faces';
import { capital } from '@round-mint/core/format';
import type { CoinRingPlan } from '@round-mint/core/route';
import type { BenchTraits } from '@round-mint/core/steps';
import { otherFace } from '@/features/shared/picture/face-choice';

/** Where the trimmed lip begins on each face, mm from its middle; its rim where nothing is trimmed. */
export type LipRadii = Readonly<Record<PieceFace, number>>;

/** The lip stands inside the rim edge: it takes something of the face that lies inside. */
export function lipRadii(piece: CoinStock, plan: CoinRingPlan | undefined, traits: BenchTraits): LipRadii {
  const rimMm = piece.diameterMm / 2;
  const whole = { obverse: rimMm, reverse: rimMm };
  if (!plan?.route) return whole;
  const begins = lipRadiusMm(plan.meridian, plan.route.steps, traits);
  return { ...whole, [otherFace(faceOutside(piece))]: Math.min(rimMm, begins) };
}

/** What becomes of something that must stay. */
export interface MarkStanding extends MarkVerdict {
  readonly mark: MustStay;
  /** Whether a lip is trimmed away on its face. */
  readonly hasLip: boolean;
  /** The largest of the maker's holes that leaves it whole. */
  readonly betterHoleMm: number | undefined;
  /** Face that one leaves between it and the mark, mm. */
  readonly betterGapMm: number;
  /** The largest hole of all; undefined where the lip cuts it, whatever the hole. */
  readonly mostMm: number | undefined;
}

/** What a hole leaves of everything that must stay on a piece. */
export function markStandings(
  piece: CoinStock,
  holeMm: number,
  lips: LipRadii,
  ownedHoles: readonly number[],
): readonly MarkStanding[] {
  return (piece.mustStay ?? []).map((mark) => {
    const cut = { lipRadiusMm: lips[mark.face] };
    const mostMm = largestHoleMm([mark.mark], cut);
    const fitting = ownedHoles.filter((hole) => mostMm !== undefined && hole <= mostMm);
    const betterHoleMm = fitting.length > 0 ? Math.max(...fitting) : undefined;
    const better = judgeMark(mark.mark, { ...cut, holeMm: betterHoleMm ?? 0 });
    return {
      ...judgeMark(mark.mark, { ...cut, holeMm }),
      mark,
      hasLip: cut.lipRadiusMm < piece.diameterMm / 2,
      betterHoleMm,
      betterGapMm: better.holeGapMm,
      mostMm,
    };
  });
}

/** Where a hole lies on a face that is off the middle by so much as seen on the face that comes outside. */
function offsetOn(piece: CoinStock, face: PieceFace, offset: HoleOffset | undefined): HoleOffset | undefined {
  if (!offset || face === faceOutside(piece)) return offset;
  return { ...offset, angleDeg: behindDeg(offset.angleDeg, piece.faceTurn ?? 'medal') };
}

/**
 * What a hole spoils of everything that must stay, by name: "cuts the year".
 * @param offset of a hole off the middle, as seen on the face that comes outside
 */
export function spoilWords(
  piece: CoinStock,
  holeMm: number,
  lips: LipRadii,
  offset?: HoleOffset,
): string | undefined {
  const verdicts = (piece.mustStay ?? []).map(({ name, face, mark }) => ({
    name,
    stays: judgeMark(mark, { holeMm, lipRadiusMm: lips[face], offset: offsetOn(piece, face, offset) }).stays,
  }));
  const lost = verdicts.find(({ stays }) => stays === 'lost');
  if (lost) return `loses ${lost.name}`;
  const cut = verdicts.find(({ stays }) => stays === 'cut');
  return cut && `cuts ${cut.name}`;
}

/** What becomes of it, in a sentence. */
export function standingWords(
  { mark, stays, holeGapMm, lipGapMm, betterHoleMm, betterGapMm, mostMm, hasLip }: MarkStanding,
  holeMm: number,
  length: (mm: number) => string,
): string {
  const name = capital(mark.name);
  if (stays === 'whole') {
    const [gapMm, beside] =
      holeGapMm <= lipGapMm ? [holeGapMm, 'the hole'] : [lipGapMm, hasLip ? 'the lip' : 'the rim'];
    return `${name} stays whole: ${length(gapMm)} of the face is left between it and ${beside}.`;
  }
  const is = stays === 'lost' ? 'is lost' : 'is cut';
  if (mostMm === undefined)
    return `${name} ${is} by the trimmed lip, whatever the hole: turn the other face outside.`;
  if (betterHoleMm === undefined) {
    return `${name} ${is} with ${length(holeMm)}; it stays with ${length(mostMm)} at most, and no punch here is as small.`;
  }
  return `${name} ${is} with ${length(holeMm)}; ${length(betterHoleMm)} leaves ${length(betterGapMm)} below it.`;
}
