import type { NextList, NextRing } from '@round-mint/contract/shelf';
import { countWords, durationWords } from '@round-mint/core/format';
import type { Href } from 'expo-router';
import type { Writers } from '@/features/shared/settings/use-settings';
import { KIND_NAMES } from '@/features/shared/words/shelf-words';

/** A rate a month, as fine as it is known. */
const perMonth = (rate: number) => rate.toFixed(1);

/** "61 in 100 to be sold within 3 months". */
export function chanceWords({ sellChance }: Pick<NextRing, 'sellChance'>, months: number): string {
  return `${Math.round(sellChance * 100)} in 100 to be sold within ${countWords(months, 'month')}`;
}

/** Why a ring is to be made: what was asked for, what lies there, what it leaves over. */
export function whyWords(
  { asked, alike, oldestDays, hours, price, margin }: NextRing,
  { money }: Pick<Writers, 'money'>,
): readonly string[] {
  const lies =
    alike === 0
      ? 'nothing like it on the shelf'
      : `${alike} like it on the shelf${oldestDays === null ? ', in this list' : `, the oldest for ${countWords(Math.round(oldestDays), 'day')}`}`;
  return [
    `asked for ${perMonth(asked.mean)} times a month (${perMonth(asked.low)} to ${perMonth(asked.high)})`,
    lies,
    `leaves ${money(margin)} at ${money(price)}, for ${durationWords(hours * 60)} of work`,
  ];
}

/** What the proposal goes by. */
export function basisWords({ asked, months }: NextList['basis']): string {
  if (asked === 0)
    return 'Nobody has asked for a ring yet: this goes by what is usual. Orders and sales make it yours.';
  return `From ${countWords(asked, 'ring')} asked for or sold in ${countWords(Math.max(1, Math.round(months)), 'month')}; the newest weigh most, neighbouring sizes count along. Ranges hold for 90 in 100.`;
}

/** What is to be made: "US 8½, rounded", "US 7, spinner". */
export function ringWords(
  { kind, wall, insideDiameterMm }: Pick<NextRing, 'kind' | 'wall' | 'insideDiameterMm'>,
  { size }: Pick<Writers, 'size'>,
): string {
  return `${size(insideDiameterMm)}, ${kind === 'coin' ? (wall ?? 'straight') : KIND_NAMES[kind]}`;
}

/** What it is made from. */
export function madeFromWords({ stockName, otherName }: Pick<NextRing, 'stockName' | 'otherName'>): string {
  return otherName === null || otherName === stockName ? stockName : `${stockName} and ${otherName}`;
}

/** Where such a ring is planned, with all that is settled. */
export function planHref(ring: NextRing, { size }: Pick<Writers, 'size'>): Href {
  const { stockId, kind, wall, work, insideDiameterMm } = ring;
  const params = { stockId, size: size(insideDiameterMm) };
  return kind === 'coin'
    ? { pathname: '/plan', params: { ...params, wall: wall ?? 'straight' } }
    : { pathname: '/plan/[kind]', params: { ...params, kind, work: JSON.stringify(work) } };
}
