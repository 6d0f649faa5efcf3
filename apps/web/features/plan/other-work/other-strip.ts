import type { StockItem } from '@round-mint/contract/stock';
import { workingThickness } from '@round-mint/core/stock';
import type { WorkKind } from '@round-mint/core/work';
import { NEAREST_STRIP, type WorkTexts } from './work-fields';

export type StripStock = Extract<StockItem, { kind: 'strip' }>;

/** The strip that suits best: of a spinner the inner band's own, beside a coin the one that is as thick. */
function nearestStrip(
  kind: WorkKind,
  strips: readonly StripStock[],
  piece: StockItem | undefined,
): StripStock | undefined {
  const flat = strips.filter(({ section, lengthMm }) => section !== 'round' && lengthMm > 0);
  if (kind === 'spinner') return flat.find(({ id }) => id === piece?.id) ?? flat[0];
  if (piece?.kind !== 'coin') return undefined;
  const { thicknessMm } = workingThickness(piece);
  const off = (strip: StripStock) => Math.abs(strip.thicknessMm - thicknessMm);
  return [...flat].sort((a, b) => off(a) - off(b))[0];
}

/** The strip that another part is cut from; undefined where it is told beside it, or none is needed. */
export function chosenStrip(
  kind: WorkKind,
  { otherStockId }: WorkTexts,
  strips: readonly StripStock[],
  piece: StockItem | undefined,
): StripStock | undefined {
  return otherStockId === NEAREST_STRIP
    ? nearestStrip(kind, strips, piece)
    : strips.find(({ id }) => id === otherStockId);
}
