import { wallWishOf } from '@round-mint/contract/coin-ring';
import type { Plan } from '@round-mint/contract/plans';
import type { CoinStock, StockItem } from '@round-mint/contract/stock';
import type { CustomerWishRow } from '@round-mint/contract/orders';
import { proposedOutside } from '@round-mint/core/faces';
import { withWishes, type RingWishes } from '@round-mint/core/finishing';
import { bandAssumptions, planFrom, type StartedFrom } from '@round-mint/core/half-made';
import { identify } from '@round-mint/core/identify';
import type { DieChart, Kit } from '@round-mint/core/kit';
import { type AnnealSchool, planCoinRing } from '@round-mint/core/route';
import type { SizeSystemId } from '@round-mint/core/size';
import { routeTotals, type BenchTraits, type Face } from '@round-mint/core/steps';
import { metalOfWork, permitReasons, planWork, withOther, type OtherPart } from '@round-mint/core/work';
import { HttpError } from '../http/errors';
import { mandrelTaper } from './kit';
import type { FrozenPlan } from '@round-mint/contract/rings';

/** What a plan is computed with: tools, what the log has taught, where the maker anneals. */
export interface Bench {
  readonly kit: Kit;
  readonly traits: BenchTraits;
  readonly annealSchool: AnnealSchool;
  readonly dieCharts: readonly DieChart[];
  /** What the maker reads sizes in. */
  readonly system: SizeSystemId;
}

type BandStock = Extract<StockItem, { kind: 'band' }>;
type CoinPlan = Extract<Plan, { kind: 'coin' }>;
type WorkPlanned = Exclude<Plan, CoinPlan>;

interface Refusal {
  readonly level: 'refuse' | 'warn' | 'note';
  readonly message: string;
}

function refused(reasons: readonly Refusal[]): HttpError {
  const words = reasons.filter(({ level }) => level === 'refuse').map(({ message }) => message);
  return new HttpError('not-feasible', `This ring cannot be made: ${words.join(' ')}`);
}

function permitsOf({ evidence }: StockItem) {
  return evidence ? identify(evidence).may : undefined;
}

/** Whether a test of the piece lets it be heated. */
function heatOf(piece: StockItem): { readonly mayHeat?: boolean } {
  const heat = permitsOf(piece)?.heat;
  return heat === undefined ? {} : { mayHeat: heat !== 'no' };
}

/** What every ring of a coin keeps, whether it is begun from the flat coin or half-way. */
function coinRingBase(plan: CoinPlan, piece: CoinStock, { kit }: Bench) {
  const { diameterMm, rimThicknessMm, massG, metal, form } = piece;
  const { wall, curlDeg, curl, finish, overruled } = plan;
  return {
    kind: 'coin' as const,
    stockName: piece.name,
    coin: { diameterMm, rimThicknessMm, massG, metal, form },
    wall,
    curlDeg,
    ...(curl ? { curl } : {}),
    finish,
    ...(overruled ? { overruled } : {}),
    mandrelMmPerUsSize: mandrelTaper(kit),
    ...heatOf(piece),
  };
}

/** Refuses what its test rules out. @throws HttpError 409 */
function coinPiece(plan: CoinPlan, piece: StockItem): CoinStock {
  if (piece.kind !== 'coin') throw wrongPiece(plan, piece);
  const gate = permitReasons('coin', permitsOf(piece));
  if (gate.some(({ level }) => level === 'refuse')) throw refused(gate);
  return piece;
}

function frozenCoinPlan(plan: CoinPlan, stored: StockItem, bench: Bench): FrozenPlan {
  const piece = coinPiece(plan, stored);
  const base = coinRingBase(plan, piece, bench);
  const { holeMm, targetInsideDiameterMm, finish, school } = plan;
  const { kit, annealSchool, dieCharts, traits } = bench;
  const planned = planCoinRing(
    { coin: base.coin, holeMm, targetInsideDiameterMm, wall: wallWishOf(plan), school },
    { kit, finish, annealSchool, dieCharts, traits },
  );
  const { route } = planned;
  if (!planned.feasible || !route) throw refused(planned.reasons);
  const { bandWidthMm, axialHeightMm, thicknessCutEdgeMm, thicknessRimEdgeMm } = planned;
  const { slugMassG, ringMassG, annealCount } = planned;
  return {
    ...base,
    holeMm,
    prediction: {
      targetInsideDiameterMm,
      bandWidthMm,
      axialHeightMm,
      thicknessCutEdgeMm,
      thicknessRimEdgeMm,
      slugMassG,
      ringMassG,
      annealCount,
    },
    allowanceStrainLog: route.allowanceStrainLog,
    steps: route.steps,
    totals: route.totals,
    school: route.school,
    moves: route.moves,
  };
}

/** The rest of a coin ring that is begun half-way: the log knows from where, and learns no width from it. */
function startedCoinPlan(
  plan: CoinPlan,
  stored: StockItem,
  bench: Bench,
  startedFrom: StartedFrom,
): FrozenPlan {
  const piece = coinPiece(plan, stored);
  const base = coinRingBase(plan, piece, bench);
  const { holeMm, targetInsideDiameterMm, finish, school } = plan;
  const { kit, dieCharts, traits, system } = bench;
  const started = planFrom(
    { coin: base.coin, holeMm, targetInsideDiameterMm, wall: wallWishOf(plan), school },
    startedFrom,
    { kit, finish, dieCharts, traits, system },
  );
  if (!started.feasible) throw refused(started.reasons);
  const { bandWidthMm, axialHeightMm, thicknessCutEdgeMm, thicknessRimEdgeMm, ringMassG, totals } = started;
  return {
    ...base,
    holeMm: started.fitted.holeMm,
    startedFrom,
    assumptions: started.assumptions,
    spentAtStart: started.spentAtStart,
    prediction: {
      targetInsideDiameterMm,
      bandWidthMm,
      axialHeightMm,
      thicknessCutEdgeMm,
      thicknessRimEdgeMm,
      // What was punched out of it lies in somebody else's tin.
      slugMassG: 0,
      ringMassG,
      annealCount: totals.anneals,
    },
    allowanceStrainLog: started.allowanceStrainLog,
    steps: started.steps,
    totals,
    school: started.school,
  };
}

function wrongPiece({ kind }: Plan, piece: StockItem): HttpError {
  return new HttpError(
    'wrong-piece',
    `${piece.name} is a ${piece.kind}: a ${kind} plan begins with another kind.`,
  );
}

/** The strip that a second part is cut from. @throws HttpError 409 for any other piece */
function otherPart(plan: WorkPlanned, other: StockItem | undefined): OtherPart | undefined {
  if (!other) return undefined;
  if (other.kind !== 'strip') {
    throw new HttpError('wrong-piece', `${other.name} is a ${other.kind}: the other part is cut from strip.`);
  }
  return { piece: other, isSame: other.id === plan.stockId };
}

function frozenWorkPlan(
  plan: WorkPlanned,
  piece: StockItem,
  { kit, traits, system }: Bench,
  otherStock: StockItem | undefined,
): FrozenPlan {
  const {
    id: _id,
    name: _name,
    stockId: _stockId,
    createdAt: _createdAt,
    updatedAt: _updatedAt,
    version: _version,
    targetInsideDiameterMm,
    finish,
    overruled,
    ...told
  } = plan;
  const other = otherPart(plan, otherStock);
  const work = told.kind === 'spinner' || told.kind === 'coin-band' ? withOther(told, other?.piece) : told;
  let planned;
  try {
    planned = planWork(
      { work, piece, targetInsideDiameterMm, finish, other },
      { kit, traits, system },
      permitsOf(piece),
    );
  } catch (error) {
    if (error instanceof RangeError) throw wrongPiece(plan, piece);
    throw error;
  }
  if (!planned.feasible) throw refused(planned.reasons);
  return {
    kind: work.kind,
    work,
    metal: metalOfWork(work, piece),
    usesLengthMm: planned.usesLengthMm,
    ...(otherStock
      ? { other: { stockId: otherStock.id, name: otherStock.name, usesLengthMm: planned.otherUsesMm } }
      : {}),
    stockName: piece.name,
    finish,
    ...(overruled ? { overruled } : {}),
    mandrelMmPerUsSize: mandrelTaper(kit),
    prediction: planned.prediction,
    allowanceStrainLog: planned.allowanceStrainLog,
    ...heatOf(piece),
    steps: planned.steps,
    totals: planned.totals,
  };
}

/** The face that comes outside; undefined where either will do. */
function outsideOf(piece: CoinStock): Face | undefined {
  return piece.outsideFace === 'either' ? proposedOutside(piece)?.face : piece.outsideFace;
}

/** What an order wishes beside the shape; where it leaves the face open, the piece's own or what its marks propose. */
function wishesOf(piece: StockItem, wish: CustomerWishRow | undefined): RingWishes {
  const ofPiece = piece.kind === 'coin' ? outsideOf(piece) : undefined;
  return {
    lining: wish?.lining === 'gold' ? 'gold' : undefined,
    dedication: wish?.dedication,
    face: wish?.face ?? ofPiece,
  };
}

/** A finished band as it was read, where that is told. */
function startedBand(piece: StockItem, startedFrom: StartedFrom): BandStock {
  if (piece.kind !== 'band') {
    throw new HttpError('wrong-piece', 'Only coin rings and finished bands are begun half-way.');
  }
  const { rimDownMm, cutDownMm, heightMm, thicknessRimMm, thicknessCutMm } = startedFrom;
  const thicknesses = [thicknessRimMm, thicknessCutMm].filter((mm) => mm !== undefined);
  const thicknessMm = thicknesses.reduce((sum, mm) => sum + mm, 0) / thicknesses.length;
  return {
    ...piece,
    insideDiameterMm: (rimDownMm + cutDownMm) / 2,
    ...(heightMm === undefined ? {} : { widthMm: heightMm }),
    ...(thicknesses.length === 0 ? {} : { thicknessMm }),
  };
}

function frozenFrom(plan: Plan, piece: StockItem, bench: Bench, startedFrom: StartedFrom): FrozenPlan {
  if (plan.kind === 'coin') return startedCoinPlan(plan, piece, bench, startedFrom);
  const band = startedBand(piece, startedFrom);
  return {
    ...frozenWorkPlan(plan, band, bench, undefined),
    startedFrom,
    assumptions: bandAssumptions(startedFrom, band),
  };
}

interface Begun {
  /** Of the order that it is made for: its surface goes before the plan's. */
  readonly wish: CustomerWishRow | undefined;
  /** Half-made, as it was measured. */
  readonly startedFrom: StartedFrom | undefined;
  /** That its other part is cut from. */
  readonly other: StockItem | undefined;
}

/**
 * A plan's figures and steps, fixed on the day it is taken to the bench.
 * @throws HttpError 409 when it cannot be made
 */
export function frozenPlan(
  plan: Plan,
  piece: StockItem,
  bench: Bench,
  { wish, startedFrom, other }: Begun,
): FrozenPlan {
  const asked = wish ? { ...plan, finish: wish.finish } : plan;
  const frozen = startedFrom
    ? frozenFrom(asked, piece, bench, startedFrom)
    : asked.kind === 'coin'
      ? frozenCoinPlan(asked, piece, bench)
      : frozenWorkPlan(asked, piece, bench, other);
  const wishes = wishesOf(piece, wish);
  // A piece that is folded lies as it lies.
  const face = startedFrom && startedFrom.stage !== 'punched' ? undefined : wishes.face;
  const steps = withWishes(frozen.steps, { ...wishes, face }, bench.traits);
  const made = { ...frozen, steps, totals: routeTotals(steps) };
  return made.kind === 'coin' && face ? { ...made, face } : made;
}
