import type { StockItem } from '@round-mint/contract/stock';
import { metalById } from '@round-mint/core/metal';

const FORM_WORDS = {
  round: '',
  'not-round': 'not round',
  holed: 'holed',
  'ring-cored': 'ring-cored',
} as const;

/** Why a piece is never made into a ring; undefined when it may be. */
export function refusalOf(piece: Pick<StockItem, 'metal' | 'form'>): string | undefined {
  const metal = metalById(piece.metal);
  if (metal.refusal) return metal.refusal;
  const form = FORM_WORDS[piece.form ?? 'round'];
  return form ? `The piece is ${form}.` : undefined;
}

/** What a search looks at. */
export function searchText(piece: StockItem): string {
  return [piece.name, piece.issuer, piece.year, metalById(piece.metal).name, piece.notes, piece.grade]
    .join(' ')
    .toLowerCase();
}
