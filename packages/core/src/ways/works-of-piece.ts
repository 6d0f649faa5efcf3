import { toolsOf, type Kit } from '../kit';
import { idealWidthMm } from '../search';
import { SEAM_MM, SPINNER_CLEARANCE_MM } from '../strip';
import { spinnerOf } from '../work';
import type { Attempt, WayCoin, WayPiece, WayStrip, WayWish, WayWork } from './way';

/** As planners begin: how far an end reaches over, and how much a turn climbs, mm. */
const OVERLAP_MM = 8;
const PITCH_MM = 10;
/** Usual thicknesses of a band that is rolled, mm. */
const ROLLED_MM = [2, 1.8, 1.5, 1.2] as const;
/** Less is no pass, mm. */
const LEAST_ROLLED_MM = 0.1;
/** So many strips are tried for another part: a drawer may have hundreds of coins, and dozens of strips. */
const MOST_STRIPS = 6;
/** A narrower band is none to turn, mm. */
const LEAST_OUTER_MM = 2;

const alone = (work: WayWork): Attempt => ({ work, other: undefined });

/** Each style, with either end showing. */
function handleAttempts(): readonly Attempt[] {
  return (['tip', 'neck'] as const).flatMap((keptEnd) => {
    const shared = { kind: 'handle', keptEnd, startMm: 0, ends: 'round', otherEnd: 'round' } as const;
    return [
      alone({ ...shared, style: 'straight' }),
      alone({ ...shared, style: 'overlap', overlapMm: OVERLAP_MM }),
      alone({ ...shared, style: 'spiral', fit: 'turns', pitchMm: PITCH_MM }),
    ];
  });
}

/** As it comes, narrowed to what is wanted, and rolled where there is a mill. */
function stripAttempts(piece: WayStrip, kit: Kit, wish: WayWish): readonly Attempt[] {
  const widthMm = idealWidthMm(wish.widthMm);
  const plain = { kind: 'strip', textured: false, seamMm: SEAM_MM } as const;
  const rolled =
    toolsOf(kit, 'rolling-mill').length > 0 && piece.section !== 'd' && piece.section !== 'court'
      ? ROLLED_MM.filter((mm) => mm < piece.thicknessMm - LEAST_ROLLED_MM)
      : [];
  return [
    alone(plain),
    ...(piece.widthMm > widthMm ? [alone({ ...plain, widthMm })] : []),
    ...rolled.flatMap((rolledToMm) => [
      alone({ ...plain, rolledToMm }),
      // Rolled it is wider than before: what is over is filed off, and less is refused.
      alone({ ...plain, rolledToMm, widthMm }),
    ]),
  ];
}

/** The piece as inner band, with an outer one from each strip of the drawer: as wide as the inner one leaves room for. */
function spinnerAttempts(piece: WayStrip, strips: readonly WayStrip[], wish: WayWish): readonly Attempt[] {
  const { targetInsideDiameterMm, finish } = wish;
  const innerMm = Math.min(piece.widthMm, idealWidthMm(wish.widthMm));
  return strips.flatMap((strip): readonly Attempt[] => {
    const work = {
      kind: 'spinner',
      outerThicknessMm: strip.thicknessMm,
      outerWidthMm: strip.widthMm,
      outerMetal: strip.metal,
      clearanceMm: SPINNER_CLEARANCE_MM,
      otherStockId: strip.id,
    } as const;
    const flaresMm =
      spinnerOf({ work, piece, targetInsideDiameterMm, finish }).innerWidthMm - work.outerWidthMm;
    const outerWidthMm = Math.min(strip.widthMm, innerMm - flaresMm);
    if (outerWidthMm < LEAST_OUTER_MM) return [];
    return [{ work: { ...work, outerWidthMm }, other: { piece: strip, isSame: strip.id === piece.id } }];
  });
}

/** The whole coin in a band from each strip of the drawer. */
function coinBandAttempts(piece: WayCoin, strips: readonly WayStrip[], wish: WayWish): readonly Attempt[] {
  const widthMm = idealWidthMm(wish.widthMm);
  return strips.map((strip) => {
    const stripWidthMm = Math.min(strip.widthMm, widthMm, piece.diameterMm);
    const { id: otherStockId, thicknessMm: stripThicknessMm, metal: stripMetal } = strip;
    const work = { kind: 'coin-band', stripWidthMm, stripThicknessMm, stripMetal, otherStockId } as const;
    return { work, other: { piece: strip, isSame: false } };
  });
}

/** The strips of a drawer that suit best for another part: as wide as is wanted, or nearly so. */
export function stripsForParts(drawer: readonly WayPiece[], wish: WayWish): readonly WayStrip[] {
  const off = ({ widthMm }: WayStrip) => Math.abs(widthMm - idealWidthMm(wish.widthMm));
  return drawer
    .filter((piece) => piece.kind === 'strip')
    .filter(({ quantity, section }) => quantity > 0 && section !== 'round')
    .sort((one, other) => off(one) - off(other))
    .slice(0, MOST_STRIPS);
}

/** Every work that a piece of the drawer may become, but for a coin ring. @param strips that other parts may be cut from */
export function attemptsFor(
  piece: WayPiece,
  strips: readonly WayStrip[],
  kit: Kit,
  wish: WayWish,
): readonly Attempt[] {
  switch (piece.kind) {
    case 'handle':
      return handleAttempts();
    case 'strip':
      return [...stripAttempts(piece, kit, wish), ...spinnerAttempts(piece, strips, wish)];
    case 'coin':
      return coinBandAttempts(piece, strips, wish);
  }
}
