import type { CoinStock } from '@round-mint/contract/stock';
import { kitOrReference } from '@round-mint/core/kit';
import { workingThickness } from '@round-mint/core/stock';
import { useMemo } from 'react';
import { useSettings } from '@/features/shared/settings/use-settings';
import { refusalOf } from '@/features/shared/words/piece-words';
import { useListKitQuery } from '@/store/api';
import { useCoins } from '@/store/use-coins';
import { useAppSelector } from '@/store/store';
import { useBenchTraits } from '@/store/use-bench-traits';
import { draftTarget, pieceOutcome, wallWish, type PieceOutcome } from '@/features/plan/draft/plan-model';
import { useInSlices } from '@/features/plan/draft/use-in-slices';

export interface ListedPiece extends PieceOutcome {
  /** Whether it was computed yet. */
  readonly known: boolean;
}

/** Whether the piece is large enough on paper: the rim never grows, and the wall stands outside the size. */
function maySuit(piece: CoinStock, targetMm: number): boolean {
  return !refusalOf(piece) && piece.diameterMm > targetMm + 2 * workingThickness(piece).thicknessMm;
}

/**
 * Pieces that may make the ring first, in the drawer's order. What is known from diameter and metal alone settles the
 * order, so that no row moves away under a thumb while the rest is being computed.
 */
function listed(
  stock: readonly CoinStock[],
  outcomes: ReadonlyMap<CoinStock, PieceOutcome>,
  targetMm: number | undefined,
): readonly ListedPiece[] {
  const all = stock.map((piece): ListedPiece => {
    const outcome = outcomes.get(piece);
    return { piece, holeMm: undefined, bandWidthMm: undefined, ...outcome, known: outcome !== undefined };
  });
  if (targetMm === undefined) return all;
  const suits = ({ piece }: ListedPiece) => maySuit(piece, targetMm);
  return [...all.filter(suits), ...all.filter((piece) => !suits(piece))];
}

const NO_STOCK: CoinStock[] = [];
const NOTHING: ReadonlyMap<CoinStock, PieceOutcome> = new Map();

/**
 * Every piece with the width it would give at the size asked for. Computed in slices, so that a full drawer never holds
 * up the page; a new question ends the old one.
 */
export function usePieceOutcomes(): readonly ListedPiece[] {
  const stock = useCoins().data ?? NO_STOCK;
  const kit = useListKitQuery().data;
  const settings = useSettings();
  const traits = useBenchTraits();
  const { sizeText, wall, curl, allowanceUs, school } = useAppSelector((state) => state.planDraft);
  const { targetMm } = draftTarget({ sizeText, allowanceUs }, settings);
  const workOut = useMemo(() => {
    if (targetMm === undefined) return undefined;
    const tools = kitOrReference(kit ?? []);
    const wish = { targetInsideDiameterMm: targetMm, wall: wallWish({ wall, curl }), school };
    return (piece: CoinStock) => pieceOutcome(piece, wish, tools, traits);
  }, [kit, targetMm, wall, curl, school, traits]);
  const outcomes = useInSlices(stock, workOut);
  return useMemo(
    () => listed(stock, targetMm === undefined ? NOTHING : outcomes, targetMm),
    [stock, outcomes, targetMm],
  );
}
