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

/** Whether the piece is large enough on paper: the rim never grows, and the wall stands outside the size. */
function maySuit(piece: CoinStock, targetMm: number): boolean {
  return !refusalOf(piece) && piece.diameterMm > targetMm + 2 * workingThickness(piece).thicknessMm;
}

/**
 * Pieces that may make the ring first, in the drawer's order. What is known from diameter and metal alone settles the
 * order, so that no row moves away under a thumb while the rest is being computed.
 */
function listed(stock: readonly CoinStock[], targetMm: number | undefined): readonly CoinStock[] {
  if (targetMm === undefined) return stock;
  const suits = new Set(stock.filter((piece) => maySuit(piece, targetMm)));
  return [...suits, ...stock.filter((piece) => !suits.has(piece))];
}

const NO_STOCK: CoinStock[] = [];
const NOTHING: ReadonlyMap<CoinStock, PieceOutcome> = new Map();

/** The size that the plan asks for; undefined while none is. */
function useTargetMm(): number | undefined {
  const settings = useSettings();
  const { sizeText, allowanceUs } = useAppSelector((state) => state.planDraft);
  return draftTarget({ sizeText, allowanceUs }, settings).targetMm;
}

/** Every coin of the drawer, those that may become the size first. */
export function useListedPieces(): readonly CoinStock[] {
  const stock = useCoins().data ?? NO_STOCK;
  const targetMm = useTargetMm();
  return useMemo(() => listed(stock, targetMm), [stock, targetMm]);
}

/**
 * What each of some pieces would give at the size asked for. Computed in slices, so that many never hold up the page; a
 * new question ends the old one.
 * @param pieces memoised
 */
export function usePieceOutcomes(pieces: readonly CoinStock[]): ReadonlyMap<CoinStock, PieceOutcome> {
  const kit = useListKitQuery().data;
  const traits = useBenchTraits();
  const { wall, curl, school } = useAppSelector((state) => state.planDraft);
  const targetMm = useTargetMm();
  const workOut = useMemo(() => {
    if (targetMm === undefined) return undefined;
    const tools = kitOrReference(kit ?? []);
    const wish = { targetInsideDiameterMm: targetMm, wall: wallWish({ wall, curl }), school };
    return (piece: CoinStock) => pieceOutcome(piece, wish, tools, traits);
  }, [kit, targetMm, wall, curl, school, traits]);
  const outcomes = useInSlices(pieces, workOut);
  return targetMm === undefined ? NOTHING : outcomes;
}
