import type { ShelfRing } from '@round-mint/contract/shelf';
import { metalById } from '@round-mint/core/metal';
import type { Label } from '@/features/shared/print/labels-pdf';
import type { Paper } from '@/features/shared/print/paper';
import type { QrShape } from '@/features/shared/print/qr-path';
import type { Writers } from '@/features/shared/settings/use-settings';

/** Smallest first, as they lie on a table. */
export function bySize(items: readonly ShelfRing[]): readonly ShelfRing[] {
  return items.toSorted((a, b) => a.ring.insideDiameterMm - b.ring.insideDiameterMm || a.price - b.price);
}

/** Every ring with its size, width and price, smallest first. */
export function priceList(items: readonly ShelfRing[], workshop: string, write: Writers): Paper {
  return {
    title: `Prices of ${workshop}`,
    blocks: [
      { kind: 'small', text: workshop },
      { kind: 'title', text: 'Prices' },
      ...bySize(items).map(({ ring, price, state }) => ({
        kind: 'line' as const,
        label: `${write.size(ring.insideDiameterMm)}  ${ring.name}`,
        value: `${write.length(ring.widthMm)}, ${metalById(ring.metal).name}  ${write.money(price)}${state === 'reserved' ? ', reserved' : ''}`,
      })),
    ],
  };
}

/** @param codeOf draws the code of an address */
export function labelsOf(
  items: readonly ShelfRing[],
  write: Writers,
  codeOf: (shelfId: string) => QrShape,
): readonly Label[] {
  return bySize(items).map(({ id, ring, price }) => ({
    name: ring.name,
    large: write.size(ring.insideDiameterMm),
    lines: [
      `${write.second(ring.insideDiameterMm)} · ${write.length(ring.insideDiameterMm)} inside`,
      `${write.length(ring.widthMm)} wide, ${metalById(ring.metal).name}`,
    ],
    price: write.money(price),
    code: codeOf(id),
  }));
}
