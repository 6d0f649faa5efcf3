import {
  arcWidthMm,
  FINISHING_SCHOOLS,
  washerFits,
  type FinishingSchool,
  type FormingMethod,
} from '../forming';
import { coinRoute, holesFor, type Kit, type MissingTool, type RouteCost } from '../route';
import { outsideWishMm, pieceFitsWish, WIDTH_TOLERANCE_MM, type RingWish, type SearchPiece } from './wish';

/** A piece, a hole and a school that make the ring. */
export interface Candidate {
  readonly piece: SearchPiece;
  readonly holeMm: number;
  readonly school: FinishingSchool;
  readonly bandWidthMm: number;
  readonly method: FormingMethod;
  readonly way: readonly string[];
  readonly cost: RouteCost;
  readonly missingTools: readonly MissingTool[];
  readonly risks: readonly string[];
}

/** Widths to a hundredth are enough to choose by. */
const QUICK_INTERVALS = 16;

function schoolsOf(wish: RingWish): readonly FinishingSchool[] {
  if (wish.wall.kind === 'tapered') return ['leave'];
  const { school = 'best' } = wish;
  return school === 'best' ? FINISHING_SCHOOLS : [school];
}

/** The candidate of one piece, hole and school; undefined when it cannot be made or is too wide or narrow. */
export function candidateFor(
  piece: SearchPiece,
  holeMm: number,
  school: FinishingSchool,
  wish: RingWish,
  kit: Kit,
): Candidate | undefined {
  const { targetInsideDiameterMm, wall, widthMm } = wish;
  const question = { coin: piece, targetInsideDiameterMm, wall, school };
  const quick = washerFits(question, holeMm);
  // The quick width is up to 5 % narrower than the route's: what is far outside already then stays outside.
  if (
    !quick.fits ||
    outsideWishMm(quick.bandWidthMm * 1.02, widthMm) > quick.bandWidthMm * 0.04 + WIDTH_TOLERANCE_MM
  ) {
    return undefined;
  }
  const route = coinRoute({ ...question, holeMm }, { kit, intervals: QUICK_INTERVALS });
  if (!route) return undefined;
  const bandWidthMm = arcWidthMm(route.finished);
  if (outsideWishMm(bandWidthMm, widthMm) > WIDTH_TOLERANCE_MM) return undefined;
  return {
    piece,
    holeMm,
    school,
    bandWidthMm,
    method: route.method,
    way: route.way,
    cost: route.cost,
    missingTools: route.missingTools,
    risks: route.risks.map(({ message }) => message),
  };
}

/**
 * Every piece × owned punch × school that makes the ring.
 * @yields the share of pieces looked at
 */
export function* candidates(
  stock: readonly SearchPiece[],
  kit: Kit,
  wish: RingWish,
): Generator<number, readonly Candidate[]> {
  const found: Candidate[] = [];
  const pieces = stock.filter((piece) => pieceFitsWish(piece, wish));
  for (const [i, piece] of pieces.entries()) {
    for (const holeMm of holesFor(kit, piece.diameterMm)) {
      yield i / pieces.length;
      for (const school of schoolsOf(wish)) {
        const candidate = candidateFor(piece, holeMm, school, wish, kit);
        if (candidate) found.push(candidate);
      }
    }
  }
  return found;
}
