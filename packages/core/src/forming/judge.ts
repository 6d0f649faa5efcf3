import { capital, percentWords } from '../format';
import { metalById, THIN_STOCK_MM } from '../metal';
import { writeSize } from '../size';
import { checkFill, type Coin } from '../stock';
import type { Washer } from './finished';
import {
  COMFORTABLE_CUT_EDGE_MM,
  FOLD_RIM_STRAIN_LIMIT,
  NARROWEST_LAND_MM,
  SHARP_CUT_EDGE_MM,
} from './limits';
import { cutEdge, rimEdge, type Meridian } from './meridian';
import { naturalInsideDiameterMm } from './natural-size';
import { middleThicknessMm } from './places';
import { leastHollowMm } from './push';
import { gravestFirst, type Reason, type ReasonCode } from './reason';
import type { SchoolWish } from './codes';
import { leastOverStretchMm } from './school';
import { landMm, sizeLimits } from './size-limits';
import type { SizeRange } from './size-range';
import type { WallWish } from './wall';

/** Writes an inside diameter in the maker's size system. */
export type SizeWriter = (insideDiameterMm: number) => string;

export function defaultSizeWriter(insideDiameterMm: number): string {
  return `${writeSize(insideDiameterMm, 'us')} (${insideDiameterMm.toFixed(1)} mm)`;
}

/** How far the target may lie from the natural size before it is worth saying, mm. */
const FAR_FROM_NATURAL_MM = 4;

const FORM_REFUSALS: Readonly<
  Record<Exclude<Coin['form'], undefined | 'round'>, readonly [ReasonCode, string]>
> = {
  'not-round': [
    'stock-not-round',
    'The piece is not round: its corners would stand out as points on the rim edge.',
  ],
  holed: [
    'stock-holed',
    'The piece has a hole of its own: the band would be open there, and a punch cannot centre on it.',
  ],
  'ring-cored': [
    'stock-ring-cored',
    'Two metals are pressed together: the core falls out when the hole is cut.',
  ],
};

/** What is said of the piece itself, before any size. */
function judgePiece(coin: Coin, thicknessMm: number): readonly Reason[] {
  const metal = metalById(coin.metal);
  const reasons: Reason[] = [];
  if (metal.refusal) {
    reasons.push({
      code: 'metal-refused',
      level: 'refuse',
      message: `${capital(metal.name)}: ${metal.refusal}`,
      instead: 'Choose a piece of silver, copper, bronze, brass or cupro-nickel.',
    });
  }
  if (coin.form && coin.form !== 'round') {
    const [code, message] = FORM_REFUSALS[coin.form];
    reasons.push({
      code,
      level: 'refuse',
      message,
      instead: 'Choose a round piece of one metal without a hole.',
    });
  }
  if (thicknessMm < THIN_STOCK_MM) {
    reasons.push({
      code: 'thin-stock',
      level: 'warn',
      message: `Works as ${thicknessMm.toFixed(2)} mm thin: it slips and splits easily. Go slowly, centre it with a card.`,
    });
  }
  const fill = checkFill(coin);
  if (fill && !fill.ok) reasons.push({ code: 'fill-off', level: 'warn', message: fill.message });
  for (const note of metal.refusal ? [] : metal.notes) {
    reasons.push({ code: 'metal-note', level: 'note', message: note });
  }
  return reasons;
}

export interface JudgeInput {
  readonly coin: Coin;
  readonly washer: Washer;
  readonly wall: WallWish;
  readonly targetInsideDiameterMm: number;
  readonly finished: Meridian;
  readonly range: SizeRange | undefined;
  readonly writeSize: SizeWriter;
  /** Finishing school; left out, {@link DEFAULT_SCHOOL}. */
  readonly school?: SchoolWish | undefined;
}

/** How far off the top of a range its comfortable part has to end to be worth saying, mm. */
const WORTH_SAYING_MM = 0.1;

/** "US 6 to US 11; above US 9½ the cut edge is under 0.9 mm": what can be made, and what is comfortable. */
export function rangeWords(
  { min, max, comfortableMax }: Pick<SizeRange, 'min' | 'max' | 'comfortableMax'>,
  write: SizeWriter,
): string {
  const all = `${write(min)} to ${write(max)}`;
  if (comfortableMax === undefined) return `${all}, all with a cut edge under ${COMFORTABLE_CUT_EDGE_MM} mm`;
  if (max - comfortableMax < WORTH_SAYING_MM) return all;
  return `${all}; above ${write(comfortableMax)} the cut edge is under ${COMFORTABLE_CUT_EDGE_MM} mm`;
}

/** What the range offers instead of a size it does not hold. */
function insteadOfSize({ range, writeSize: write }: JudgeInput): { readonly instead?: string } {
  if (!range) return { instead: 'Take another hole or another coin.' };
  return { instead: `With this hole it makes ${rangeWords(range, write)}.` };
}

/** What is said of a cut edge: nothing while it is comfortable, a warning below, a refusal once it would be sharp. */
export function cutEdgeReasons(thicknessMm: number): readonly Reason[] {
  if (thicknessMm >= COMFORTABLE_CUT_EDGE_MM) return [];
  const thin = `The cut edge would be ${thicknessMm.toFixed(2)} mm`;
  const instead = 'Take a larger hole, a smaller size or a thicker coin.';
  if (thicknessMm < SHARP_CUT_EDGE_MM) {
    const message = `${thin}; under ${SHARP_CUT_EDGE_MM} mm it cuts the finger and tears on the stretcher.`;
    return [{ code: 'cut-edge-sharp', level: 'refuse', message, instead }];
  }
  const message = `${thin}; under ${COMFORTABLE_CUT_EDGE_MM} mm it wears thin and feels sharp.`;
  return [{ code: 'cut-edge-thin', level: 'warn', limit: 'comfort', message, instead }];
}

/** Whether the ring goes into the hollow that is to turn its edges in. */
function judgeHollow({ wall, finished, targetInsideDiameterMm }: JudgeInput): readonly Reason[] {
  const hollowMm = 2 * (wall.curl?.hollowRadiusMm ?? Infinity);
  const neededMm = leastHollowMm(targetInsideDiameterMm, middleThicknessMm(finished));
  if (hollowMm >= neededMm) return [];
  return [
    {
      code: 'hollow-too-small',
      level: 'refuse',
      message: `The ring does not go into a hollow of ${hollowMm.toFixed(1)} mm: it is wider before its edges are turned in.`,
      instead: `Take a hollow of ${neededMm.toFixed(1)} mm or more, or a die.`,
    },
  ];
}

function judgeSize(input: JudgeInput): readonly Reason[] {
  const { washer, wall, targetInsideDiameterMm, finished, writeSize: write } = input;
  const reasons: Reason[] = [];
  const cut = cutEdge(finished);
  const rim = rimEdge(finished);
  const limits = sizeLimits(input);
  const instead = insteadOfSize(input);
  if (limits.rimWouldGrow) {
    const upTo =
      wall.kind === 'tapered'
        ? 'at its rim'
        : leastOverStretchMm(input.school) > 0
          ? 'with over-stretch'
          : 'at its largest';
    reasons.push({
      code: 'rim-would-grow',
      level: 'refuse',
      message: `The rim never grows: ${upTo} the ring needs ${limits.largestMm.toFixed(1)} mm outside, the coin has ${washer.diameterMm.toFixed(1)}.`,
      ...instead,
    });
  }
  if (limits.holeTooLarge) {
    reasons.push({
      code: 'hole-larger-than-ring',
      level: 'refuse',
      message: `The hole of ${washer.holeMm.toFixed(1)} mm is larger than the wall of this ring: it would have to shrink.`,
      ...instead,
    });
  }
  if (limits.method === 'none') {
    reasons.push({
      code: 'rim-too-compressed',
      level: 'refuse',
      message: `The rim would be crowded to ${percent(rim.strainLog)} of its length: it wrinkles before it gets there.`,
      ...instead,
    });
  } else if (limits.method === 'stepped') {
    reasons.push({
      code: 'needs-stepped',
      level: 'note',
      message: `The rim is crowded to ${percent(rim.strainLog)}; dies alone reach ${percent(FOLD_RIM_STRAIN_LIMIT)}. It takes stepped reduction under tape.`,
    });
  }
  reasons.push(...cutEdgeReasons(cut.thicknessMm));
  const natural = naturalInsideDiameterMm(washer.diameterMm, washer.holeMm, washer.thicknessMm);
  const offMm = targetInsideDiameterMm - natural;
  if (Math.abs(offMm) > FAR_FROM_NATURAL_MM) {
    reasons.push({
      code: 'far-from-natural-size',
      level: 'note',
      message: `This washer is happiest at ${write(natural)}; the target lies ${Math.abs(offMm).toFixed(1)} mm ${offMm > 0 ? 'above' : 'below'}, so it takes more work.`,
    });
  }
  return reasons;
}

function percent(strainLog: number): string {
  return percentWords(Math.exp(strainLog));
}

/** Everything there is to say for and against a coin, a hole, a wall and a size; refusals first (craft §3). */
export function judgeCoinRing(input: JudgeInput): readonly Reason[] {
  const land = landMm(input.washer);
  const narrow: readonly Reason[] =
    land < NARROWEST_LAND_MM
      ? [
          {
            code: 'land-too-narrow',
            level: 'refuse',
            message: `Only ${Math.max(0, land).toFixed(1)} mm of metal is left around the hole: too little to fold.`,
            instead: 'Take a smaller hole or a larger coin.',
          },
        ]
      : [];
  return gravestFirst([
    ...judgePiece(input.coin, input.washer.thicknessMm),
    ...narrow,
    ...judgeSize(input),
    ...judgeHollow(input),
  ]);
}

export function isFeasible(reasons: readonly Reason[]): boolean {
  return reasons.every(({ level }) => level !== 'refuse');
}
