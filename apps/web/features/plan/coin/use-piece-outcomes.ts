import type { CoinStock, StockItem } from '@round-mint/contract/stock';
import { kitOrReference } from '@round-mint/core/kit';
import { workingThickness } from '@round-mint/core/stock';
import { useMemo } from 'react';
import { askedBy, useSearchedPages } from '@/features/shared/screen/use-searched-pages';
import { useSettings } from '@/features/shared/settings/use-settings';
import { refusalOf } from '@/features/shared/words/piece-words';
import { useListKitQuery } from '@/store/api';
import { MOST_A_PAGE, type Paged } from '@/store/lists';
import { useStockPages } from '@/store/use-stock';
import { useAppSelector } from '@/store/store';
import { useBenchTraits } from '@/store/use-bench-traits';
import { draftTarget, pieceOutcome, wallWish, type PieceOutcome } from '@/features/plan/draft/plan-model';
import { useInSlices } from '@/features/plan/draft/use-in-slices';

/** Whether the piece is large enough on paper: the rim never grows, and the wall stands outside the size. */
function maySuit(piece: CoinStock, targetMm: number): boolean {
  return !refusalOf(piece) && piece.diameterMm > targetMm + 2 * workingThickness(piece).thicknessMm;
}

/**
 * Pieces that may make the ring first, in the drawer's order, page by page. What is known from diameter and metal alone
 * settles the order, so that no row moves away under a thumb while the rest is being computed, or read.
 */
function listed(stock: readonly StockItem[], targetMm: number | undefined): readonly CoinStock[] {
  const pages = Array.from({ length: Math.ceil(stock.length / MOST_A_PAGE) }, (_, i) =>
    stock.slice(i * MOST_A_PAGE, (i + 1) * MOST_A_PAGE).filter((piece) => piece.kind === 'coin'),
  );
  if (targetMm === undefined) return pages.flat();
  return pages.flatMap((page) => {
    const suits = new Set(page.filter((piece) => maySuit(piece, targetMm)));
    return [...suits, ...page.filter((piece) => !suits.has(piece))];
  });
}

const NOTHING: ReadonlyMap<CoinStock, PieceOutcome> = new Map();

/** The size that the plan asks for; undefined while none is. */
function useTargetMm(): number | undefined {
  const settings = useSettings();
  const { sizeText, allowanceUs } = useAppSelector((state) => state.planDraft);
  return draftTarget({ sizeText, allowanceUs }, settings).targetMm;
}

type ListedPieces = Paged<CoinStock> & {
  /** Whether they are yet to be narrowed to what is typed. */
  readonly narrowHere: boolean;
};

/** Coins of the drawer, those that may become the size first. @param search words to look for */
export function useListedPieces(search: string): ListedPieces {
  const typed = useMemo(() => askedBy(search), [search]);
  const { shown, narrowHere } = useSearchedPages(useStockPages, typed);
  const targetMm = useTargetMm();
  const data = useMemo(() => shown.data && listed(shown.data, targetMm), [shown.data, targetMm]);
  return { ...shown, data, narrowHere };
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
