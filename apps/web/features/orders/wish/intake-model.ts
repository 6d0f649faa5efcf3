import { wallWishOf } from '@round-mint/contract/coin-ring';
import { orderInputSchema, type OrderInput } from '@round-mint/contract/orders';
import { daySchema } from '@round-mint/contract/people';
import type { Settings } from '@round-mint/contract/settings';
import { parseLengthMm } from '@round-mint/core/format';
import { USUAL_CURL } from '@round-mint/core/forming';
import { isMetalId } from '@round-mint/core/metal';
import {
  knuckleAdvice,
  MM_PER_US_SIZE,
  parseSize,
  wideBandAllowance,
  type WideBandAllowance,
  type SizeSystemId,
} from '@round-mint/core/size';
import type { CustomerWish } from '@round-mint/core/trade';
import { readAmount } from '@/features/shared/inputs/read-amount';
import type { IntakeTexts } from './intake-slice';

/** A gauge this much narrower than the band reads too small, mm. */
const NARROW_GAUGE_MM = 2;

export type IntakeProblems = Partial<Record<keyof IntakeTexts, string>>;

export interface Intake {
  readonly problems: IntakeProblems;
  /** With the allowance; undefined when the size was not understood. */
  readonly targetMm: number | undefined;
  /** Undefined while something that it depends on is missing or wrong. */
  readonly wish: CustomerWish | undefined;
  /** An allowance for a wide band that was not yet taken. */
  readonly allowance: WideBandAllowance | undefined;
  /** What the finger's measure says: a narrow gauge, a large knuckle. */
  readonly advice: readonly string[];
}

type Read<T> = { readonly value: T | null } | { readonly problem: string };

function optional<T>(text: string, read: (text: string) => T | undefined, problem: string): Read<T> {
  if (text.trim() === '') return { value: null };
  const value = read(text.trim());
  return value === undefined ? { problem } : { value };
}

function wholeNumber(text: string): number | undefined {
  return /^-?\d+$/.test(text) ? Number(text) : undefined;
}

const LENGTH = 'a length such as 8.5, or nothing';

/** What was typed as numbers; each that cannot be read says what would be. */
function readTexts(texts: IntakeTexts, { lengthUnit, primarySystem }: Settings) {
  const length = (text: string) => parseLengthMm(text, lengthUnit);
  const size = parseSize(texts.size, primarySystem);
  const knuckle = optional(
    texts.knuckle,
    (text) => {
      const parsed = parseSize(text, primarySystem);
      return parsed.ok ? parsed.insideDiameterMm : undefined;
    },
    'a size such as 8½, or nothing',
  );
  return {
    size: size.ok ? { value: size.insideDiameterMm } : { problem: size.message },
    knuckle,
    gaugeWidth: optional(texts.gaugeWidth, length, LENGTH),
    widthMin: optional(texts.widthMin, length, LENGTH),
    widthMax: optional(texts.widthMax, length, LENGTH),
    year: optional(texts.year, wholeNumber, 'a year such as 1948, or nothing'),
    wantedBy: optional(
      texts.wantedBy,
      (text) => (daySchema.safeParse(text).success ? text : undefined),
      'a date such as 2026-12-24, or nothing',
    ),
    exchangePieces: optional(
      texts.exchangePieces,
      (text) => {
        const pieces = wholeNumber(text);
        return pieces !== undefined && pieces >= 2 ? pieces : undefined;
      },
      'a number from 2 on, or nothing',
    ),
    exchangeValue: optional(texts.exchangeValue, readAmount, 'an amount such as 12, or nothing'),
  } as const;
}

type Values = {
  readonly [K in keyof ReturnType<typeof readTexts>]: Extract<
    ReturnType<typeof readTexts>[K],
    { value: unknown }
  >['value'];
};

function split(read: ReturnType<typeof readTexts>): {
  readonly problems: IntakeProblems;
  readonly values: Partial<Values>;
} {
  const entries = Object.entries(read);
  return {
    problems: Object.fromEntries(
      entries.flatMap(([key, one]) => ('problem' in one ? [[key, one.problem]] : [])),
    ),
    values: Object.fromEntries(entries.flatMap(([key, one]) => ('value' in one ? [[key, one.value]] : []))),
  };
}

function fingerAdvice(
  texts: IntakeTexts,
  { size, knuckle, gaugeWidth, widthMin }: Partial<Values>,
  system: SizeSystemId,
): string[] {
  const advice: string[] = [];
  if (texts.measuredBy === 'knuckle' && typeof size === 'number' && typeof knuckle === 'number') {
    advice.push(knuckleAdvice(knuckle, size, system).reason);
  }
  if (typeof gaugeWidth === 'number' && typeof widthMin === 'number') {
    if (widthMin - gaugeWidth >= NARROW_GAUGE_MM) {
      advice.push('The gauge was narrower than the band will be: a wide band feels tighter.');
    }
  }
  if (texts.measuredBy === 'told')
    advice.push('As told, not measured: measure it, or send a sizer, before the first fold.');
  return advice;
}

/** Edges of rounded bands are turned in as usual, unless the maker plans it otherwise. */
function roundingOf(wall: IntakeTexts['wall']) {
  return wall === 'rounded' ? { curl: USUAL_CURL } : {};
}

const metalOf = (id: string) => (isMetalId(id) ? id : undefined);

/** The widest that was asked for decides whether a wide band is proposed more room. */
function allowanceFor(texts: IntakeTexts, { widthMin, widthMax }: Partial<Values>, settings: Settings) {
  const widths = [widthMin, widthMax].filter((width) => typeof width === 'number');
  if (!settings.wideBandAllowance || texts.allowanceUs > 0 || widths.length === 0) return undefined;
  const middle = widths.reduce((sum, width) => sum + width, 0) / widths.length;
  const proposed = wideBandAllowance(middle, texts.wall === 'rounded');
  return proposed.usSizes > 0 ? proposed : undefined;
}

/** Everything the intake shows, from what was typed. */
export function intakeOf(texts: IntakeTexts, settings: Settings): Intake {
  const { problems, values } = split(readTexts(texts, settings));
  const { size, year, widthMin, widthMax } = values;
  const wrongOrder =
    typeof widthMin === 'number' && typeof widthMax === 'number' && widthMin > widthMax
      ? { widthMax: 'must not be less than the smallest width' }
      : {};
  const missing =
    texts.personId === '' && texts.personName.trim() === '' ? { personName: 'must not be empty' } : {};
  const noPiece =
    texts.stockFrom === 'sent-in' && texts.stockId === ''
      ? { stockId: 'choose the piece: enter it under Stock first' }
      : {};
  const all = { ...problems, ...wrongOrder, ...missing, ...noPiece };
  const targetMm = typeof size === 'number' ? size + texts.allowanceUs * MM_PER_US_SIZE : undefined;
  const unclear = (['size', 'year', 'widthMin', 'widthMax', 'stockId'] as const).some((key) => key in all);
  const wish: CustomerWish | undefined =
    targetMm === undefined || unclear
      ? undefined
      : {
          kind: texts.kind,
          targetInsideDiameterMm: targetMm,
          wall: wallWishOf({ wall: texts.wall, ...roundingOf(texts.wall) }),
          finish: texts.finish,
          widthMm: { min: widthMin ?? undefined, max: widthMax ?? undefined },
          year: year ?? undefined,
          metal: metalOf(texts.metal),
          face: texts.face === '' ? undefined : texts.face,
          stockId: texts.stockFrom === 'sent-in' ? texts.stockId : undefined,
        };
  return {
    problems: all,
    targetMm,
    wish,
    allowance: allowanceFor(texts, values, settings),
    advice: fingerAdvice(texts, values, settings.primarySystem),
  };
}

/** What an order is called when nobody names it. */
function usualName(texts: IntakeTexts, person: string): string {
  const first = person.split(' ')[0] ?? person;
  const what = { coin: 'coin ring', handle: 'spoon ring', strip: 'band', band: 'resizing' }[texts.kind];
  return `${first}, ${texts.year.trim() ? `${texts.year.trim()} ` : ''}${what}`;
}

/** The order as it is kept; undefined while something is wrong. */
export function orderFrom(
  texts: IntakeTexts,
  settings: Settings,
  ids: { readonly id: string; readonly personId: string; readonly personName: string },
): OrderInput | undefined {
  const { targetMm, problems } = intakeOf(texts, settings);
  if (Object.keys(problems).length > 0 || targetMm === undefined) return undefined;
  const { values } = split(readTexts(texts, settings));
  const { wall, kind, face, finish, lining, dedication, stockFrom } = texts;
  const order = {
    id: ids.id,
    personId: ids.personId,
    name: texts.name.trim() || usualName(texts, ids.personName),
    hand: texts.hand,
    finger: texts.finger,
    sizeText: texts.size.trim(),
    insideDiameterMm: targetMm,
    measuredBy: texts.measuredBy,
    gaugeWidthMm: values.gaugeWidth ?? null,
    knuckleInsideDiameterMm: values.knuckle ?? null,
    wish: {
      kind,
      year: values.year ?? null,
      metal: metalOf(texts.metal) ?? null,
      face: face === '' ? null : face,
      widthMinMm: values.widthMin ?? null,
      widthMaxMm: values.widthMax ?? null,
      wall,
      curlDeg: null,
      ...roundingOf(wall),
      finish,
      lining,
      dedication,
    },
    wantedBy: values.wantedBy ?? null,
    stockFrom,
    stockId: stockFrom === 'sent-in' ? texts.stockId : null,
    exchange:
      typeof values.exchangePieces === 'number'
        ? { pieces: values.exchangePieces, valueEach: values.exchangeValue ?? 0 }
        : null,
    approvalWanted: texts.approvalWanted,
    sizerId: null,
    planId: null,
    ringId: null,
    quote: null,
    notes: texts.notes,
  };
  return orderInputSchema.parse(order);
}

/** The wish of an order that is kept, as the search takes it. */
export function wishOfOrder({
  wish,
  insideDiameterMm,
  stockFrom,
  stockId,
}: Pick<OrderInput, 'wish' | 'insideDiameterMm' | 'stockFrom' | 'stockId'>): CustomerWish {
  return {
    kind: wish.kind,
    targetInsideDiameterMm: insideDiameterMm,
    wall: wallWishOf(wish),
    finish: wish.finish,
    widthMm: { min: wish.widthMinMm ?? undefined, max: wish.widthMaxMm ?? undefined },
    year: wish.year ?? undefined,
    metal: wish.metal ?? undefined,
    face: wish.face ?? undefined,
    stockId: stockFrom === 'sent-in' ? (stockId ?? undefined) : undefined,
  };
}
