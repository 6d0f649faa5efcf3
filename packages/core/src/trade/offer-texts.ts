import { metalById } from '../metal';
import {
  nearestMark,
  SIZE_SYSTEMS,
  sizeMm,
  wideBandAllowance,
  writeAmount,
  type SizeSystemId,
} from '../size';
import type { Finish } from '../steps';
import type { WallKind } from '../forming';
import type { WorkKind } from '../work';
import { careWords } from './care';
import type { FinishedBandFacts } from './finished-band';
import type { RingFits, SizeRange } from './ring-fit';

/** A ring as a buyer is told of it. */
export interface OfferRing extends FinishedBandFacts {
  readonly kind: 'coin' | WorkKind;
  readonly stockName: string;
  readonly issuer: string;
  readonly year: number | null;
  readonly wall: WallKind | null;
  readonly fits: RingFits;
}

/** How a buyer is written to. */
export interface OfferWords {
  /** Systems that sizes are told in, the buyer's own first. */
  readonly systems: readonly SizeSystemId[];
  readonly length: (mm: number) => string;
}

export interface OfferTexts {
  readonly short: string;
  readonly long: string;
}

const FINISH_WORDS: Readonly<Record<Finish, string>> = {
  'as-formed': 'sanded',
  satin: 'satin finish',
  polished: 'polished',
  dark: 'darkened in the recesses',
  'fire-scale': 'with the colours of the flame',
};

function madeFrom({ kind, stockName, issuer, year }: OfferRing): string {
  const origin = issuer === '' ? stockName : `${issuer}${year === null ? '' : `, ${year}`}`;
  switch (kind) {
    case 'coin':
      return `Ring made from a coin of ${origin}`;
    case 'handle':
      return `Ring made from silverware, ${origin}`;
    case 'strip':
      return 'Plain band';
    case 'spinner':
      return 'Spinner ring, whose outer band turns';
    case 'coin-band':
      return `Band with a coin in it, ${origin}`;
    case 'resize':
      return 'Band';
  }
}

/** A size in some systems: "US 7½, UK O½". */
function sizeWords(mm: number, systems: readonly SizeSystemId[]): string {
  return systems
    .map((id) => `${SIZE_SYSTEMS[id].prefix} ${nearestMark(mm, SIZE_SYSTEMS[id]).mark}`)
    .join(', ');
}

function rangeWords({ fromMm, toMm }: SizeRange, system: SizeSystemId): string {
  return `${sizeWords(fromMm, [system])} to ${sizeWords(toMm, [system])}`;
}

/** What it can be resized to, in words that promise nothing. */
function resizeWords({ fits: { safe, usual }, seam }: OfferRing, system: SizeSystemId): string {
  if (seam === 'open') return 'It is open: a maker bends it a little wider or narrower.';
  if (usual.toMm - usual.fromMm < sizeMm(system) / 8) return 'It cannot be resized.';
  const most = `at the most ${rangeWords(usual, system)}`;
  return safe.toMm - safe.fromMm < sizeMm(system) / 8
    ? `It can be resized: ${most}, with the usual risk.`
    : `It can be resized to ${rangeWords(safe, system)}; ${most}, with more risk.`;
}

function feelWords({ widthMm, wall }: OfferRing, system: SizeSystemId): string {
  const { usSizes } = wideBandAllowance(widthMm, wall === 'rounded');
  if (usSizes === 0) return '';
  const more = writeAmount(usSizes * sizeMm('us'), system);
  return ` Wide bands feel tighter: choose it ${more} larger than you usually wear.`;
}

/** What altering pieces and selling precious metal may be subject to, for whoever buys such a ring. */
export const OFFER_CAUTION =
  'It is made from a piece that was altered for good. In some countries altering coins, or owning altered ones, is restricted, and metal sold as silver or gold may need a hallmark: please check the law where you live. An altered coin must never be passed as money.';

/**
 * What a buyer is told of a ring, in plain words from its own figures: in a line, and in full.
 * @param story what the maker tells of it; may be empty
 */
export function offerTexts(ring: OfferRing, story: string, { systems, length }: OfferWords): OfferTexts {
  const [first = 'us'] = systems;
  const { insideDiameterMm, widthMm, heightMm, thicknessMm, massG, measured, metal, finish, lined } = ring;
  const computed = measured.mass ? '' : ' (computed)';
  const what = `${madeFrom(ring)}: ${metalById(metal).name}, ${FINISH_WORDS[finish]}${lined ? ', gold inside' : ''}.`;
  const size = `Size ${sizeWords(insideDiameterMm, systems)} (${length(insideDiameterMm)} inside)`;
  const planned = measured.size ? '' : ' The size is planned and not read yet.';
  const parts = [
    what,
    story,
    `${size}. It is ${length(widthMm)} wide, ${length(heightMm)} high, ${length(thicknessMm)} thick at its thinnest, and weighs ${massG.toFixed(1)} g${computed}.${planned}${feelWords(ring, first)}`,
    resizeWords(ring, first),
    careWords(ring).join(' '),
    OFFER_CAUTION,
  ];
  return {
    short: `${what} ${size}, ${length(widthMm)} wide.`,
    long: parts.filter((part) => part !== '').join('\n\n'),
  };
}
