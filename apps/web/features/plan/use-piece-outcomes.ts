import type { StockItem } from '@round-mint/contract/stock';
import { kitOrReference } from '@round-mint/core/route';
import { useMemo } from 'react';
import { useSettings } from '@/features/settings/use-settings';
import { useListKitQuery, useListStockQuery } from '@/store/api';
import { useAppSelector } from '@/store/store';
import { draftTarget, pieceOutcome, wallWish, type PieceOutcome } from './plan-model';
import { useInSlices } from './use-in-slices';

export interface ListedPiece extends PieceOutcome {
  /** Whether it was reckoned yet. */
  readonly known: boolean;
}

/** Pieces that make the ring first, in the drawer's order; those not reckoned yet keep their place among them. */
function listed(
  stock: readonly StockItem[],
  outcomes: ReadonlyMap<StockItem, PieceOutcome>,
): readonly ListedPiece[] {
  const all = stock.map((piece): ListedPiece => {
    const outcome = outcomes.get(piece);
    return { piece, holeMm: undefined, bandWidthMm: undefined, ...outcome, known: outcome !== undefined };
  });
  const makes = ({ known, holeMm }: ListedPiece) => !known || holeMm !== undefined;
  return [...all.filter(makes), ...all.filter((piece) => !makes(piece))];
}

const NO_STOCK: StockItem[] = [];
const NOTHING: ReadonlyMap<StockItem, PieceOutcome> = new Map();

/**
 * Every piece with the width it would give at the size asked for. Reckoned in slices, so that a full drawer never holds
 * up the page; a new question ends the old one.
 */
export function usePieceOutcomes(): readonly ListedPiece[] {
  const stock = useListStockQuery().data ?? NO_STOCK;
  const kit = useListKitQuery().data;
  const settings = useSettings();
  const { sizeText, wall, curlDeg, allowanceUs, school } = useAppSelector((state) => state.planDraft);
  const { targetMm } = draftTarget({ sizeText, allowanceUs }, settings);
  const workOut = useMemo(() => {
    if (targetMm === undefined) return undefined;
    const tools = kitOrReference(kit ?? []);
    const wish = { targetInsideDiameterMm: targetMm, wall: wallWish({ wall, curlDeg }), school };
    return (piece: StockItem) => pieceOutcome(piece, wish, tools);
  }, [kit, targetMm, wall, curlDeg, school]);
  const outcomes = useInSlices(stock, workOut);
  return useMemo(
    () => listed(stock, targetMm === undefined ? NOTHING : outcomes),
    [stock, outcomes, targetMm],
  );
}
