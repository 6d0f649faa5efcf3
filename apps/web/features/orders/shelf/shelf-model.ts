import type { ShelfRing } from '@round-mint/contract/shelf';
import { holdingEvents } from '@round-mint/core/events';
import { countWords } from '@round-mint/core/format';
import { SALE_WAYS } from '@round-mint/core/trade/codes';
import { fingerFit, SALE_WAY_NAMES, type FingerFit, type SaleWay } from '@round-mint/core/trade';
import type { Writers } from '@/features/shared/settings/use-settings';
import { dayWords } from '@/features/shared/words/wall-clock';

export const WAY_CHOICES: readonly { readonly value: SaleWay; readonly label: string }[] = SALE_WAYS.map(
  (value) => ({ value, label: SALE_WAY_NAMES[value] }),
);

/** A ring, and how it would come onto a finger; undefined where none was asked for. */
export interface ShelfRow {
  readonly item: ShelfRing;
  readonly fit: FingerFit | undefined;
}

const CLOSEST_FIRST = ['as-it-is', 'safe', 'usual', 'no'] as const;

/** Rings of the shelf; for a finger, those that fit first, and the nearest of them before the others. */
export function shelfRows(items: readonly ShelfRing[], fingerMm: number | undefined): readonly ShelfRow[] {
  if (fingerMm === undefined) return items.map((item) => ({ item, fit: undefined }));
  const rows = items.map((item) => ({ item, fit: fingerFit(item.ring, fingerMm) }));
  return rows.toSorted(
    (a, b) =>
      CLOSEST_FIRST.indexOf(a.fit.how) - CLOSEST_FIRST.indexOf(b.fit.how) ||
      Math.abs(a.fit.changeMm) - Math.abs(b.fit.changeMm),
  );
}

/** "fits as it is", "fits when made ½ size larger: low risk". */
export function fitWords({ how, changeMm }: FingerFit, { amount }: Pick<Writers, 'amount'>): string {
  if (how === 'as-it-is') return 'fits as it is';
  const change = `${amount(changeMm)} ${changeMm > 0 ? 'larger' : 'smaller'}`;
  if (how === 'no') return `does not fit: it would have to be ${change}`;
  return `fits when made ${change}: ${how === 'safe' ? 'low risk' : 'the usual risk'}`;
}

/** What happened to a ring on the shelf, as it is told; what was taken back is left out. */
export function shelfHistory(
  { events }: Pick<ShelfRing, 'events'>,
  { money }: Pick<Writers, 'money'>,
): readonly { readonly id: string; readonly at: string; readonly words: string }[] {
  return holdingEvents(events).map(({ id, at, body }) => {
    switch (body.kind) {
      case 'put-up':
        return { id, at, words: `Put up at ${money(body.price)}` };
      case 'priced':
        return { id, at, words: `Priced at ${money(body.price)}` };
      case 'reserved':
        return { id, at, words: `Reserved for ${body.who} until ${dayWords(body.until)}` };
      case 'released':
        return { id, at, words: 'For sale again' };
      case 'sold':
        return { id, at, words: `Sold for ${money(body.price)} by ${SALE_WAY_NAMES[body.way]}` };
      case 'given-away':
        return { id, at, words: body.who === '' ? 'Given away' : `Given to ${body.who}` };
      case 'taken-apart':
        return { id, at, words: `Taken apart: ${body.massG.toFixed(1)} g into the scrap tin` };
    }
  });
}

/** What the shelf holds, in a line. */
export function shelfNote(items: readonly ShelfRing[], { money }: Pick<Writers, 'money'>): string {
  if (items.length === 0) return 'Nothing is for sale';
  const reserved = items.filter(({ state }) => state === 'reserved').length;
  const worth = items.reduce((sum, { price }) => sum + price, 0);
  return [
    `${countWords(items.length, 'ring')}, ${money(worth)}`,
    reserved > 0 ? `${reserved} reserved` : undefined,
  ]
    .filter(Boolean)
    .join(' · ');
}
