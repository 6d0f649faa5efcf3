import type { Settings } from '@round-mint/contract/settings';
import { parseDecimal, parseLengthMm, type LengthUnit } from '@round-mint/core/format';
import { isMetalId, type MetalId } from '@round-mint/core/metal';
import type { RingWish } from '@round-mint/core/search';
import { WAY_KINDS } from '@round-mint/core/ways/codes';
import type { Way } from '@round-mint/core/ways';
import type { PlanDraft } from '@/features/plan/draft/plan-draft-slice';
import { draftTarget, wallWish } from '@/features/plan/draft/plan-model';
import { workWords } from './made-words';
import type { WishTexts } from './search-slice';

export type WishProblems = Partial<Record<keyof WishTexts | 'size', string>>;

function optionalLength(text: string, unit: LengthUnit): number | undefined | 'wrong' {
  if (text.trim() === '') return undefined;
  return parseLengthMm(text, unit) ?? 'wrong';
}

function optionalNumber(text: string): number | undefined | 'wrong' {
  if (text.trim() === '') return undefined;
  const value = parseDecimal(text);
  return Number.isFinite(value) && value >= 0 ? value : 'wrong';
}

function metalOf(id: string): MetalId | undefined {
  return isMetalId(id) ? id : undefined;
}

/** A wish from what was typed and what the plan has chosen, or what is wrong with it. */
export function wishFrom(
  texts: WishTexts,
  draft: PlanDraft,
  settings: Settings,
): { readonly wish?: RingWish; readonly problems: WishProblems } {
  const { targetMm, problem } = draftTarget(draft, settings);
  const unit = settings.lengthUnit;
  const example = `a length in ${unit}, such as ${unit === 'mm' ? '8.5' : '0.33'}, or nothing`;
  const [min, max] = [optionalLength(texts.widthMin, unit), optionalLength(texts.widthMax, unit)];
  const year = optionalNumber(texts.year);
  const priceMax = optionalNumber(texts.priceMax);
  const problems: WishProblems = {
    ...(targetMm === undefined ? { size: problem ?? 'a size' } : {}),
    ...(min === 'wrong' ? { widthMin: example } : {}),
    ...(max === 'wrong' ? { widthMax: example } : {}),
    ...(typeof min === 'number' && typeof max === 'number' && min > max
      ? { widthMax: 'must not be less than the smallest width' }
      : {}),
    ...(year === 'wrong' || (year !== undefined && !Number.isInteger(year))
      ? { year: 'a year, such as 1948, or nothing' }
      : {}),
    ...(priceMax === 'wrong' ? { priceMax: 'an amount, such as 20, or nothing' } : {}),
  };
  if (Object.keys(problems).length > 0 || targetMm === undefined) return { problems };
  const metal = metalOf(texts.metal);
  return {
    problems,
    wish: {
      targetInsideDiameterMm: targetMm,
      wall: wallWish(draft),
      widthMm: {
        ...(typeof min === 'number' ? { min } : {}),
        ...(typeof max === 'number' ? { max } : {}),
      },
      ...(typeof year === 'number' ? { year } : {}),
      ...(typeof priceMax === 'number' ? { priceMax } : {}),
      ...(metal ? { metal } : {}),
      ...(texts.face === '' ? {} : { face: texts.face }),
      ...(texts.marks === 'may-cut' ? { mayCut: true } : {}),
      school: 'best',
    },
  };
}

/** Names a way: a piece, and its hole or what else is made of it. */
export function wayKey(way: Way): string {
  return way.kind === 'coin' ? `${way.stockId} ${way.holeMm}` : `${way.stockId} ${way.kind}`;
}

export type ShownKind = Way['kind'] | 'all';

/** Kinds of work among some ways, the usual first; and "all". */
export function kindChoices(ways: readonly Way[]): readonly { value: ShownKind; label: string }[] {
  const kinds = WAY_KINDS.filter((kind) => ways.some((way) => way.kind === kind));
  return [
    { value: 'all', label: 'all' },
    ...kinds.map((kind) => ({ value: kind, label: kind === 'coin' ? 'coin ring' : workWords(kind) })),
  ];
}

/** What the list can be sorted by; smaller first, except the score. */
export const SORTS = [
  { value: 'score', label: 'best' },
  { value: 'width', label: 'width' },
  { value: 'lost', label: 'risk' },
  { value: 'anneals', label: 'anneals' },
  { value: 'minutes', label: 'minutes' },
  { value: 'price', label: 'price' },
] as const;
export type SortBy = (typeof SORTS)[number]['value'];

const MEASURES: Readonly<Record<SortBy, (way: Way) => number>> = {
  score: ({ score }) => -score,
  width: ({ widthErrorMm }) => widthErrorMm,
  lost: ({ lost }) => lost,
  anneals: ({ annealCount }) => annealCount,
  minutes: ({ minutes }) => minutes,
  price: ({ price }) => price ?? Infinity,
};

/** Ways of one kind, or all, in another order; equals keep the search's. */
export function sorted(
  ways: readonly Way[],
  by: SortBy,
  frontOnly: boolean,
  shown: ShownKind = 'all',
): readonly Way[] {
  const measure = MEASURES[by];
  return ways
    .filter(({ onFront, kind }) => (onFront || !frontOnly) && (shown === 'all' || kind === shown))
    .sort((a, b) => measure(a) - measure(b));
}
