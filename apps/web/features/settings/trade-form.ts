import { settingsSchema, tradeSettingsSchema, type Settings } from '@round-mint/contract/settings';
import { parseDecimal } from '@round-mint/core/format';
import { SPOT_METALS, type SaleWay } from '@round-mint/core/trade';
import { SALE_WAYS } from '@round-mint/core/trade/codes';

/** A rate as it is typed: shares in percent. */
interface TradeField {
  readonly key: keyof Settings['trade'];
  readonly label: string;
  readonly unit: 'money' | 'percent' | 'days';
  readonly hint?: string;
}

export const TRADE_FIELDS: readonly TradeField[] = [
  { key: 'hourlyRate', label: 'An hour at the bench', unit: 'money' },
  { key: 'marginShare', label: 'Profit, of the price', unit: 'percent' },
  { key: 'feeShare', label: 'Fees, of the price', unit: 'percent', hint: 'Card, market, agent.' },
  { key: 'feeFixed', label: 'Fees, for each sale', unit: 'money' },
  { key: 'post', label: 'Post and packing', unit: 'money' },
  { key: 'refinerShare', label: 'A refiner pays, of the metal', unit: 'percent' },
  { key: 'roundTo', label: 'Prices rounded up to', unit: 'money' },
  { key: 'quoteDays', label: 'A quote holds for', unit: 'days' },
];

export type TradeTexts = Readonly<Record<keyof Settings['trade'], string>>;

const shown = (value: number, percent: boolean) =>
  String(Math.round(value * (percent ? 1000 : 100)) / (percent ? 10 : 100));

export function tradeTexts(trade: Settings['trade']): TradeTexts {
  return Object.fromEntries(
    TRADE_FIELDS.map(({ key, unit }) => [key, shown(trade[key], unit === 'percent')]),
  ) as Record<keyof Settings['trade'], string>;
}

type Parsed<T> =
  | { readonly ok: true; readonly value: T }
  | { readonly ok: false; readonly problems: Readonly<Record<string, string>> };

/** Fees of one way of selling, as typed; both empty where the general ones hold. */
export interface WayTexts {
  readonly share: string;
  readonly fixed: string;
}

export function wayFeesTexts(wayFees: Settings['wayFees']): Readonly<Record<SaleWay, WayTexts>> {
  const textsOf = (way: SaleWay): WayTexts => {
    const fees = wayFees[way];
    return fees
      ? { share: shown(fees.feeShare, true), fixed: shown(fees.feeFixed, false) }
      : { share: '', fixed: '' };
  };
  return { 'own-page': textsOf('own-page'), market: textsOf('market'), other: textsOf('other') };
}

/** Texts to the fees of each way; one that is half typed is asked about. */
export function parseWayFees(texts: Readonly<Record<SaleWay, WayTexts>>): Parsed<Settings['wayFees']> {
  const typed = SALE_WAYS.filter((way) => `${texts[way].share}${texts[way].fixed}`.trim() !== '');
  const read = (text: string) => parseDecimal(text.trim() === '' ? '0' : text);
  const values = Object.fromEntries(
    typed.map((way) => [way, { feeShare: read(texts[way].share) / 100, feeFixed: read(texts[way].fixed) }]),
  );
  const result = settingsSchema.shape.wayFees.safeParse(values);
  if (result.success) return { ok: true, value: result.data };
  const wrong = result.error.issues.map(({ path }) => path.join('.'));
  return {
    ok: false,
    problems: Object.fromEntries(
      wrong.map((path) => [
        path,
        path.endsWith('feeShare') ? 'must be a share in percent, up to 50' : 'must be an amount such as 5',
      ]),
    ),
  };
}

/** Everything that prices and letters are made with, as typed. */
export function ratesTexts({ trade, workshopName, currency, spotTyped, wayFees }: Settings) {
  const spot: Readonly<Record<string, string>> = Object.fromEntries(
    SPOT_METALS.map((metal) => [metal, spotTyped[metal]?.toString() ?? '']),
  );
  return { trade: tradeTexts(trade), words: { workshopName, currency }, spot, ways: wayFeesTexts(wayFees) };
}

/** Texts to rates, checked by the contract. */
export function parseTrade(texts: TradeTexts): Parsed<Settings['trade']> {
  const values = Object.fromEntries(
    TRADE_FIELDS.map(({ key, unit }) => [key, parseDecimal(texts[key]) / (unit === 'percent' ? 100 : 1)]),
  );
  const result = tradeSettingsSchema.safeParse(values);
  if (result.success) return { ok: true, value: result.data };
  const wrong = result.error.issues.map(({ path }) => String(path[0]));
  return {
    ok: false,
    problems: Object.fromEntries(
      TRADE_FIELDS.filter(({ key }) => wrong.includes(key)).map(({ key, unit }) => [
        key,
        unit === 'percent' ? 'must be a share in percent, such as 25' : 'must be a number, such as 36',
      ]),
    ),
  };
}

type DaySpans = Settings['hours'][number];

const pad = (value: number) => String(value).padStart(2, '0');

function clock(min: number): string {
  return `${pad(Math.floor(min / 60))}:${pad(Math.round(min % 60))}`;
}

/** "09:00–12:30, 13:30–17:30"; empty on a day off. */
export function hoursText(spans: DaySpans): string {
  return spans.map(({ fromMin, toMin }) => `${clock(fromMin)}–${clock(toMin)}`).join(', ');
}

function minuteOf(text: string): number | undefined {
  const match = /^(\d{1,2})(?:[:.](\d{2}))?$/.exec(text.trim());
  if (!match) return undefined;
  const minute = Number(match[1]) * 60 + Number(match[2] ?? 0);
  return minute <= 1440 && Number(match[2] ?? 0) < 60 ? minute : undefined;
}

/** Reads a day's hours the way people write them: "9-12:30, 13:30-17". @returns undefined when it is none */
export function parseHours(text: string): DaySpans | undefined {
  const spans: DaySpans = [];
  for (const part of text.split(',').filter((one) => one.trim() !== '')) {
    const ends = part.split(/[-–]/);
    const [fromMin, toMin] = [minuteOf(ends[0] ?? ''), minuteOf(ends[1] ?? '')];
    const last = spans.at(-1)?.toMin ?? 0;
    if (ends.length !== 2 || fromMin === undefined || toMin === undefined) return undefined;
    if (toMin <= fromMin || fromMin < last) return undefined;
    spans.push({ fromMin, toMin });
  }
  return spans;
}
