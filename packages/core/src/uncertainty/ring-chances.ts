import {
  arcWidthMm,
  curlOf,
  cutEdge,
  rimEdge,
  wallCurlDropMm,
  type CoinRingInput,
  type FinishingSchool,
} from '../forming';
import { type Kit, toolsOf } from '../kit';
import { FIRST_CURL_DEG, ringAllowance, type SimulatedForming, simulateMoves } from '../route';
import { type BenchTraits, DEFAULT_TRAITS, type LossTraits } from '../steps';
import {
  DRAWN_NUMBERS,
  drawInputs,
  drawnCoin,
  drawnTraits,
  UNSURE_INPUTS,
  type Draw,
  type RingDies,
  type UnsureInput,
} from './draw';
import { binsOf, intervalOf, sharedVariance, type Bin, type Interval } from './quantiles';
import { seededRandom } from './random';
import { evenPoints } from './even-points';
import { lostChance, mishapChances, MISHAPS, type Mishap } from './mishaps';
import { quantilesOf, type WallForecast } from './forecast';
import { spreadFor, type Spread } from './spread';

/** A route whose rings are to be drawn. */
export interface ChancesQuestion {
  readonly input: CoinRingInput;
  readonly kit: Kit;
  readonly school: FinishingSchool;
  readonly moves: readonly string[];
  /** How the bench behaves; left out, by default. */
  readonly traits?: BenchTraits | undefined;
  readonly spread?: Spread | undefined;
  readonly seed?: number | undefined;
  /** How many rings; left out, {@link RINGS_DRAWN}. */
  readonly rings?: number | undefined;
  /** Fibres less one of each ring's wall: fewer for a quick look. */
  readonly intervals?: number | undefined;
}

/** How sure a plan is, over many rings drawn from what was measured how well. */
export interface RingChances {
  readonly rings: number;
  readonly widthMm: Interval;
  /** Inside diameter before the last true-up. */
  readonly sizeMm: Interval;
  readonly cutEdgeMm: Interval;
  readonly rimEdgeMm: Interval;
  /** Height of the wide side less that of the narrow side when the hole is left as punched. */
  readonly unevenMm: Interval;
  readonly sizeBins: readonly Bin[];
  /** Chance that the ring is lost, by whatever comes first. */
  readonly lost: number;
  /** Chance of each mishap: a size that has missed needs another pass, a thin edge is no loss. */
  readonly chanceOf: Readonly<Record<Mishap, number>>;
  /** How many of each loss the log has seen: few make a first guess. */
  readonly seen: LossTraits['seen'];
  /** Share of the width's and of the size's variance that each input brings. */
  readonly widthFrom: Readonly<Record<UnsureInput, number>>;
  readonly sizeFrom: Readonly<Record<UnsureInput, number>>;
}

export const RINGS_DRAWN = 2000;
const SIZE_BINS = 24;
/** Rings between two reports of progress. */
const REPORT_EVERY = 50;

interface Sample {
  readonly draw: Draw;
  readonly widthMm: number;
  readonly sizeMm: number;
  readonly cutEdgeMm: number;
  readonly rimEdgeMm: number;
  readonly unevenMm: number;
  readonly chanceOf: Readonly<Record<Mishap, number>>;
}

/** The ring as planned: its band, and what turning its edges in takes, mm. */
interface PlannedBand {
  readonly widthMm: number;
  readonly curlDropMm: number;
}

/** What a hole off centre by e does at its weak side: the fibre there started at r_h − e, so it is stretched more. */
function weakSide(draw: Draw, holeMm: number): { readonly strain: number; readonly thin: number } {
  const nearer = draw.centring / (holeMm / 2);
  return { strain: nearer, thin: 1 - nearer / 2 };
}

function sampleOf(
  draw: Draw,
  walk: SimulatedForming,
  planned: PlannedBand,
  question: ChancesQuestion,
  allowanceStrainLog: number,
  spread: Spread,
): Sample {
  const { input } = question;
  const widthMm = arcWidthMm(walk.finished) * (1 + draw.bench);
  const cut = cutEdge(walk.finished);
  // Turning the edges in takes more off a wider wall, in proportion, and as much more as it goes deeper.
  const wider = widthMm / planned.widthMm - 1;
  const offMm = draw.gauge - (wider + draw.curl) * planned.curlDropMm;
  const weak = weakSide(draw, input.holeMm);
  const thicker = 1 + draw.edges;
  const cutEdgeMm = cut.thicknessMm * thicker;
  return {
    draw,
    widthMm,
    sizeMm: input.targetInsideDiameterMm + draw.reading + draw.trim + offMm,
    cutEdgeMm,
    rimEdgeMm: rimEdge(walk.finished).thicknessMm * thicker,
    unevenMm: 2 * draw.centring * Math.exp(-cut.strainLog / 2),
    chanceOf: mishapChances(
      {
        cutEdgeUse: (walk.peakSpent.cut * (1 + weak.strain)) / allowanceStrainLog,
        wrinkleIndex: walk.wrinkleIndex,
        heats: walk.heats,
        thinnestMm: cutEdgeMm * weak.thin,
        sizeOffMm: offMm,
        sizeSpreadMm: Math.hypot(spread.readingMm, spread.trimMm),
      },
      (question.traits ?? DEFAULT_TRAITS).losses,
    ),
  };
}

/** Dies of the kit that a ring may be folded in, and those that its edges are turned in by. */
function diesFor({ wall }: CoinRingInput, kit: Kit): RingDies {
  return {
    folds: toolsOf(kit, 'fold-die').map(({ spec: { kind, angleDeg, smallEndMm } }) => ({
      kind,
      angleDeg,
      smallEndMm,
    })),
    curlDegs: wall.kind === 'rounded' && !wall.curl ? [FIRST_CURL_DEG, curlOf(wall)] : [],
  };
}

function variances(
  samples: readonly Sample[],
  of: (sample: Sample) => number,
): Readonly<Record<UnsureInput, number>> {
  const ys = samples.map(of);
  return Object.fromEntries(
    UNSURE_INPUTS.map((input) => [
      input,
      sharedVariance(
        samples.map(({ draw }) => draw[input]),
        ys,
      ),
    ]),
  ) as Record<UnsureInput, number>;
}

function summary(samples: readonly Sample[], seen: LossTraits['seen']): RingChances {
  const interval = (of: (sample: Sample) => number) => intervalOf(samples.map(of));
  const mean = (of: (sample: Sample) => number) =>
    samples.reduce((sum, sample) => sum + of(sample), 0) / samples.length;
  return {
    rings: samples.length,
    widthMm: interval(({ widthMm }) => widthMm),
    sizeMm: interval(({ sizeMm }) => sizeMm),
    cutEdgeMm: interval(({ cutEdgeMm }) => cutEdgeMm),
    rimEdgeMm: interval(({ rimEdgeMm }) => rimEdgeMm),
    unevenMm: interval(({ unevenMm }) => unevenMm),
    sizeBins: binsOf(
      samples.map(({ sizeMm }) => sizeMm),
      SIZE_BINS,
    ),
    lost: mean(({ chanceOf }) => lostChance(chanceOf)),
    // Every mishap is named once.
    chanceOf: Object.fromEntries(
      MISHAPS.map((mishap) => [mishap, mean(({ chanceOf }) => chanceOf[mishap])]),
    ) as Record<Mishap, number>,
    seen,
    widthFrom: variances(samples, ({ widthMm }) => widthMm),
    sizeFrom: variances(samples, ({ sizeMm }) => sizeMm),
  };
}

/**
 * How sure a plan is, over many rings drawn of it.
 * @yields the share of rings done, now and then, so that long work can show progress and be stopped
 */
export function* ringChances(question: ChancesQuestion): Generator<number, RingChances> {
  const { seen } = (question.traits ?? DEFAULT_TRAITS).losses;
  return summary(yield* drawnRings(question), seen);
}

/**
 * What is predicted of a ring's wall, as quantiles.
 * @yields as {@link ringChances}
 */
export function* wallForecast(question: ChancesQuestion): Generator<number, WallForecast> {
  const samples = yield* drawnRings(question);
  return {
    widthMm: quantilesOf(samples.map(({ widthMm }) => widthMm)),
    cutEdgeMm: quantilesOf(samples.map(({ cutEdgeMm }) => cutEdgeMm)),
    rimEdgeMm: quantilesOf(samples.map(({ rimEdgeMm }) => rimEdgeMm)),
  };
}

/**
 * Draws many rings of one plan and follows each along its route: pieces differ by how well they were measured, metals
 * by their share, hands by their readings. The maker works to the plan's stopping marks, as at the bench.
 */
function* drawnRings(question: ChancesQuestion): Generator<number, readonly Sample[]> {
  const {
    input,
    kit,
    school,
    moves,
    traits = DEFAULT_TRAITS,
    rings = RINGS_DRAWN,
    seed = 1,
    intervals,
  } = question;
  const spread = question.spread ?? spreadFor(input.coin, { traits });
  const points = evenPoints(rings, DRAWN_NUMBERS, seededRandom(seed));
  const { finished } = simulateMoves(input, { kit, school, moves, traits, intervals });
  const curlDropMm = wallCurlDropMm(input.wall, finished, input.targetInsideDiameterMm);
  const planned = { widthMm: arcWidthMm(finished), curlDropMm };
  const beforeCurlMm = input.targetInsideDiameterMm + curlDropMm;
  const allowance = ringAllowance(input.coin, traits);
  const dies = diesFor(input, kit);
  // Pushed to a depth instead of to an angle, the edges come to another size.
  const pushedDropMm = input.wall.curl ? curlDropMm : 0;
  const samples: Sample[] = [];
  for (const [i, point] of points.entries()) {
    if (i % REPORT_EVERY === 0) yield i / rings;
    const draw = drawInputs(point, spread);
    const piece = {
      ...input,
      coin: drawnCoin(input.coin, draw),
      holeMm: input.holeMm + draw.hole,
      targetInsideDiameterMm: input.targetInsideDiameterMm - draw.curl * pushedDropMm,
    };
    const walk = simulateMoves(piece, {
      kit,
      school,
      moves,
      traits: drawnTraits(traits, draw, dies),
      shareShift: draw.share,
      beforeCurlMm: beforeCurlMm + draw.gauge,
      intervals,
    });
    samples.push(sampleOf(draw, walk, planned, question, allowance, spread));
  }
  return samples;
}
