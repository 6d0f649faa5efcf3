import type { StockItem } from '@round-mint/contract/stock';
import { kitOrReference } from '@round-mint/core/route';
import { useEffect, useMemo, useState } from 'react';
import { useSettings } from '@/features/settings/use-settings';
import { useListKitQuery, useListStockQuery } from '@/store/api';
import { useAppSelector } from '@/store/store';
import { draftTarget, pieceOutcome, wallWish, type PieceOutcome } from './plan-model';

export interface ListedPiece extends PieceOutcome {
  /** Whether it was reckoned yet. */
  readonly known: boolean;
}

/** A slice of reckoning this long leaves the page free to answer a finger, ms. */
const SLICE_MS = 8;

/** Pieces that make the ring first, in the drawer's order; those not reckoned yet keep their place among them. */
function listed(
  stock: readonly StockItem[],
  outcomes: ReadonlyMap<string, PieceOutcome>,
): readonly ListedPiece[] {
  const all = stock.map((piece): ListedPiece => {
    const outcome = outcomes.get(piece.id);
    return { piece, holeMm: undefined, bandWidthMm: undefined, ...outcome, known: outcome !== undefined };
  });
  const makes = ({ known, holeMm }: ListedPiece) => !known || holeMm !== undefined;
  return [...all.filter(makes), ...all.filter((piece) => !makes(piece))];
}

const NO_STOCK: StockItem[] = [];
const NOTHING: ReadonlyMap<string, PieceOutcome> = new Map();

/**
 * Every piece with the width it would give at the size asked for. Reckoned in slices, so that a full drawer never holds
 * up the page; a new question ends the old one.
 */
export function usePieceOutcomes(): readonly ListedPiece[] {
  const stock = useListStockQuery().data ?? NO_STOCK;
  const kit = useListKitQuery().data;
  const settings = useSettings();
  const { sizeText, wall, curlDeg, allowanceUs, school } = useAppSelector((state) => state.planDraft);
  const [outcomes, setOutcomes] = useState(NOTHING);
  const { targetMm } = draftTarget({ sizeText, allowanceUs }, settings);

  useEffect(() => {
    if (targetMm === undefined) return undefined;
    const tools = kitOrReference(kit ?? []);
    const wish = { targetInsideDiameterMm: targetMm, wall: wallWish({ wall, curlDeg }), school };
    const found = new Map<string, PieceOutcome>();
    let timer: ReturnType<typeof setTimeout>;
    const slice = (from: number) => {
      const until = performance.now() + SLICE_MS;
      let next = from;
      while (next < stock.length && performance.now() < until) {
        const piece = stock[next++];
        if (piece) found.set(piece.id, pieceOutcome(piece, wish, tools));
      }
      if (next < stock.length) timer = setTimeout(() => slice(next), 0);
      else setOutcomes(found);
    };
    timer = setTimeout(() => slice(0), 0);
    return () => clearTimeout(timer);
  }, [stock, kit, targetMm, wall, curlDeg, school]);

  return useMemo(
    () => listed(stock, targetMm === undefined ? NOTHING : outcomes),
    [stock, outcomes, targetMm],
  );
}
