import { MM_PER_INCH } from '../format/length';
import { metalById, METALS } from '../metal';
import type { Coin } from './coin';
import { FILL_WORDS, type Explained, type Slip } from './fill-words';
import { fillFactor } from './thickness';

/** A struck coin fills this much of its enclosing disc (craft §2). */
const FILL_RANGE = { min: 0.8, max: 0.99 } as const;
/** Down to here a coin is a little light for its rim: worn, or its rim is high (ours). */
const LITTLE_LOW = 0.72;
/** Below this no coin metal is so light: a measurement is wrong (ours; aluminium for silver gives about 0.25, copper for gold 0.45). */
const FAR_LOW = 0.5;

/** What is probably wrong when mass, thickness, diameter and metal do not fit together. */
export interface FillCheck {
  readonly fill: number;
  readonly ok: boolean;
  /** For people: what the fill says, and the likely mistake when it is off. */
  readonly message: string;
}

const GRAINS_PER_GRAM = 15.432;

interface Suspect {
  readonly slip: Slip;
  /** Fill the piece would have if this were the mistake. */
  readonly fill: number;
}

function fits(fill: number): boolean {
  return fill >= FILL_RANGE.min && fill <= FILL_RANGE.max;
}

/** Mistakes that happen at a bench, each with the fill it would explain. */
function suspects(fill: number): readonly Suspect[] {
  return [
    { slip: 'thickness-in-inches', fill: fill / MM_PER_INCH },
    { slip: 'thickness-ten-times-small', fill: fill / 10 },
    { slip: 'thickness-ten-times-large', fill: fill * 10 },
    { slip: 'mass-in-grains', fill: fill / GRAINS_PER_GRAM },
    { slip: 'radius-for-diameter', fill: fill / 4 },
    { slip: 'mass-ten-times-large', fill: fill / 10 },
  ];
}

/** Common coin metals whose density would explain the fill, nearest first. */
function otherMetals(coin: Coin, fill: number): readonly string[] {
  const density = metalById(coin.metal).densityGCm3;
  const common = [
    'silver-900',
    'silver-500',
    'copper',
    'cupronickel',
    'brass',
    'aluminium',
    'gold-22ct',
    'zinc-core',
  ];
  return METALS.filter(({ id }) => common.includes(id) && id !== coin.metal)
    .map((metal) => ({ name: metal.name, fill: (fill * density) / metal.densityGCm3 }))
    .filter((candidate) => fits(candidate.fill))
    .sort((a, b) => Math.abs(a.fill - 0.91) - Math.abs(b.fill - 0.91))
    .slice(0, 2)
    .map(({ name }) => name);
}

/**
 * Checks mass against size and metal at once: the fill factor of a struck coin lies between 0.80 and 0.99;
 * outside it, the alloy or a measurement is wrong, and the likely mistake is named (craft §2).
 * @returns undefined unless mass and rim thickness are both known
 */
export function checkFill(coin: Coin): FillCheck | undefined {
  const fill = fillFactor(coin);
  if (fill === undefined) return undefined;
  if (fits(fill)) return { fill, ok: true, message: FILL_WORDS.agrees(fill) };
  const slip = suspects(fill).find((suspect) => fits(suspect.fill));
  const metals = otherMetals(coin, fill);
  const measured: readonly Explained[] = slip ? [slip] : [];
  const alloy: readonly Explained[] = metals.length > 0 ? [{ metals }] : [];
  if (fill < FILL_RANGE.min && fill >= LITTLE_LOW) {
    return { fill, ok: false, message: FILL_WORDS.littleLight(fill, alloy[0]) };
  }
  // Far off, a figure is wrong sooner than a metal; nearer, the other way round.
  const likely = fill < FAR_LOW || fill > FILL_RANGE.max ? [...measured, ...alloy] : [...alloy, ...measured];
  return { fill, ok: false, message: FILL_WORDS.off(fill, FILL_RANGE, likely) };
}
