import type { Kit } from '../kit';
import { alikeBy, type AlikePieces } from '../search';
import { SIZE_SYSTEMS } from '../size';
import type { BenchTraits } from '../steps';
import { runToEnd } from '../uncertainty';
import type { WorkPlan } from '../work';
import { wayLikeness } from './alike';
import { planAttempt } from './plan-attempt';
import { workWays } from './rank-ways';
import type { Attempt, WayPiece, WayStrip, WayWish, WorkWay } from './way';

/** A work that a piece may become, in one size, with its plan. */
export interface ShelfWork extends Attempt {
  readonly insideDiameterMm: number;
  readonly plan: WorkPlan;
}

/** Widths that rings for the shelf are made in, mm: narrower is wire, wider is ordered (our assumption). */
const SHELF_WIDTH_MM = { min: 3, max: 14 } as const;
/** How a work is done at its best is asked at these sizes, US, until it can be done: a short handle makes small rings only. */
const ASKED_AT_US = [8, 5, 11] as const;

function wishAt(targetInsideDiameterMm: number, traits: BenchTraits | undefined): WayWish {
  return {
    ...{ targetInsideDiameterMm, traits, widthMm: SHELF_WIDTH_MM, finish: 'polished' },
    ...{ wall: { kind: 'straight' }, school: 'best' },
  };
}

/** Equal pieces of a drawer as one, with how many there are. */
export function alikeWays<Piece extends WayPiece>(drawer: readonly Piece[]): readonly AlikePieces<Piece>[] {
  return alikeBy(drawer, wayLikeness);
}

/** Of each kind of work the best that the piece may become. */
function bestOfEach(
  piece: WayPiece,
  strips: readonly WayStrip[],
  kit: Kit,
  traits: BenchTraits | undefined,
): readonly WorkWay[] {
  const drawer = [piece, ...strips.filter(({ id }) => id !== piece.id)];
  const known = new Map<WorkWay['kind'], WorkWay>();
  for (const us of ASKED_AT_US) {
    const wish = wishAt(SIZE_SYSTEMS.us.toDiameterMm(us), traits);
    for (const way of runToEnd(workWays(drawer, kit, wish, { stockId: piece.id })))
      if (!known.has(way.kind)) known.set(way.kind, way);
    // Whatever it can become at all it mostly can at the first of them.
    if (known.size > 0) break;
  }
  return [...known.values()];
}

/**
 * What a handle, a strip, or a coin in a band makes for the shelf: each kind of work done as suits the piece best, in
 * every size that it can be made in.
 * @param strips of the drawer, that other parts may be cut from
 * @param sizesMm inside diameters to try, mm
 */
export function worksForShelf(
  piece: WayPiece,
  strips: readonly WayStrip[],
  sizesMm: readonly number[],
  { kit, traits }: { readonly kit: Kit; readonly traits?: BenchTraits | undefined },
): readonly ShelfWork[] {
  return bestOfEach(piece, strips, kit, traits).flatMap(({ work, other }) =>
    sizesMm.flatMap((insideDiameterMm): readonly ShelfWork[] => {
      const plan = planAttempt(piece, { work, other }, wishAt(insideDiameterMm, traits), { kit, traits });
      return plan ? [{ work, other, insideDiameterMm, plan }] : [];
    }),
  );
}
