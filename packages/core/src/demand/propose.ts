import { gammaPlace } from '../numeric';
import { runToEnd } from '../uncertainty';
import { sizeRates, type AskedFor, type Lay, type Rate } from './rates';
import { SIZES_US, takes, usSizeOf } from './sizes';

/** A ring that could be made. */
export interface RingToMake {
  readonly id: string;
  readonly group: string;
  readonly insideDiameterMm: number;
  /** Hands at the bench, hours. */
  readonly hours: number;
  /** What it leaves over when it is sold. */
  readonly margin: number;
  /** How much of the group's demand such a ring meets, 0 to 1. */
  readonly appeal: number;
  /** What it takes of the stock: of each piece the share of what is there, 1 for all of it. */
  readonly takes: readonly { readonly stockId: string; readonly share: number }[];
}

export interface Proposal {
  readonly ring: RingToMake;
  /** Chance to be sold within the months asked about, with what else lies on the shelf. */
  readonly sellChance: number;
  /** Asked for a month, of its size and those beside it: mean, and between what it may truly lie (90 of 100). */
  readonly asked: { readonly mean: number; readonly low: number; readonly high: number };
  /** What the whole shelf is expected to leave over more with it, and that for each hour at the bench. */
  readonly gain: number;
  readonly gainPerHour: number;
  /** Rings that lie there and would be taken by the same fingers. */
  readonly alike: number;
}

export interface DemandQuestion {
  readonly asked: readonly AskedFor[];
  readonly lays: readonly Lay[];
  readonly candidates: readonly RingToMake[];
  /** ISO time. */
  readonly now: string;
  /** How far ahead is looked. */
  readonly months: number;
  /** At most so many. */
  readonly count: number;
}

/** A ring on the shelf, there or to come. */
interface Shelved {
  readonly group: string;
  readonly us: number;
  readonly appeal: number;
  readonly margin: number;
}

type Rates = ReadonlyMap<string, readonly Rate[]>;

interface Uptake {
  readonly mean: number;
  readonly variance: number;
}

/** How many a month would take this ring, where each takes one of those that fit: by mean and variance. */
function uptakeOf(ring: Shelved, beside: readonly Shelved[], rates: readonly Rate[]): Uptake {
  let [mean, variance] = [0, 0];
  SIZES_US.forEach((us, i) => {
    const own = takes(ring.us, us) * ring.appeal;
    const rate = rates[i];
    if (own === 0 || !rate) return;
    const others = beside.map((other) => takes(other.us, us) * other.appeal);
    const all = own + others.reduce((total, share) => total + share, 0);
    const missed = others.reduce((left, share) => left * (1 - share), 1 - own);
    // Who finds several takes one of them: it is shared by how well each fits.
    const share = (own / all) * (1 - missed);
    mean += (share * rate.shape) / rate.months;
    variance += (share ** 2 * rate.shape) / rate.months ** 2;
  });
  return { mean, variance };
}

/** Chance that somebody comes within some months, the rate itself being unsure: a gamma mixture of Poissons. */
function soldWithin({ mean, variance }: Uptake, months: number): number {
  if (mean <= 0 || variance <= 0) return 0;
  const [shape, rate] = [mean ** 2 / variance, mean / variance];
  return 1 - (1 + months / rate) ** -shape;
}

/** Fingers that two rings may both be taken by lie no further apart than this, US sizes. */
const APART_US = 2.2;

/** What some rings are expected to leave over, with what lies beside them. */
function gainOf(
  some: readonly Shelved[],
  shelf: readonly Shelved[],
  rates: readonly Rate[],
  months: number,
): number {
  return some.reduce((total, ring) => {
    const beside = shelf.filter((other) => other !== ring && Math.abs(other.us - ring.us) <= APART_US);
    return total + ring.margin * soldWithin(uptakeOf(ring, beside, rates), months);
  }, 0);
}

function lying(lays: readonly Lay[], candidates: readonly RingToMake[]): readonly Shelved[] {
  const margins = new Map<string, number>();
  for (const { group, margin } of candidates) margins.set(group, Math.max(margin, margins.get(group) ?? 0));
  return lays
    .filter(({ toAt }) => toAt === undefined)
    .map(({ group, insideDiameterMm }) => ({
      ...{ group, us: usSizeOf(insideDiameterMm), appeal: 1 },
      margin: margins.get(group) ?? 0,
    }));
}

function ratesOf({ asked, lays, candidates, now }: DemandQuestion): Rates {
  const groups = new Set(candidates.map(({ group }) => group));
  return new Map(
    [...groups].map((group) => [
      group,
      sizeRates(
        asked.filter((one) => one.group === group),
        lays.filter((one) => one.group === group),
        now,
      ),
    ]),
  );
}

const shelved = ({ group, insideDiameterMm, appeal, margin }: RingToMake): Shelved => ({
  ...{ group, us: usSizeOf(insideDiameterMm), appeal, margin },
});

/** What the whole shelf leaves over more with a ring, what it takes from the others counted in. */
function gainWith(
  ring: RingToMake,
  shelf: readonly Shelved[],
  rates: readonly Rate[],
  months: number,
): number {
  const own = shelved(ring);
  const near = shelf.filter(({ us }) => Math.abs(us - own.us) <= APART_US);
  return gainOf([own, ...near], [own, ...shelf], rates, months) - gainOf(near, shelf, rates, months);
}

/** Quantiles between which the true rate lies in 90 of 100. */
const [LOW, HIGH] = [0.05, 0.95];

/** A ring that is to be made, with why. */
function proposal(
  ring: RingToMake,
  gain: number,
  shelf: readonly Shelved[],
  rates: readonly Rate[],
  months: number,
): Proposal {
  const own = shelved(ring);
  const alone = uptakeOf(own, [], rates);
  const [shape, rate] = [alone.mean ** 2 / alone.variance, alone.mean / alone.variance];
  return {
    ring,
    sellChance: soldWithin(uptakeOf(own, shelf, rates), months),
    asked: { mean: alone.mean, low: gammaPlace(shape, rate, LOW), high: gammaPlace(shape, rate, HIGH) },
    gain,
    gainPerHour: gain / ring.hours,
    alike: shelf.filter(({ us }) => takes(us, own.us) > 0).length,
  };
}

/** Those of its group. */
function besideOf(shelf: readonly Shelved[], { group }: RingToMake): readonly Shelved[] {
  return shelf.filter((other) => other.group === group);
}

/** Shares that were added up are off by so much at the most. */
const ROUNDING = 1e-9;

/** As many candidates as are looked at in a slice of time. */
const AT_ONCE = 10;

/**
 * What to make next for the shelf: one ring after the other, always the one that leaves most over for an hour at the
 * bench, what it takes from the others counted in.
 * @returns at most as many as asked for; none that leaves nothing over. Yields its share of the way
 */
export function* proposing(question: DemandQuestion): Generator<number, readonly Proposal[]> {
  const { candidates, lays, months, count } = question;
  const rates = ratesOf(question);
  const shelf = [...lying(lays, candidates)];
  const used = new Map<string, number>();
  const isLeft = ({ takes: parts }: RingToMake) =>
    parts.every(({ stockId, share }) => (used.get(stockId) ?? 0) + share <= 1 + ROUNDING);
  const found: Proposal[] = [];
  // What a ring brings changes only when another of its group is added.
  const gains = new Map<RingToMake, number>();
  while (found.length < count) {
    let best: { readonly ring: RingToMake; readonly gain: number } | undefined;
    for (const ring of candidates) {
      const ofGroup = rates.get(ring.group);
      if (!ofGroup || !isLeft(ring)) continue;
      let gain = gains.get(ring);
      if (gain === undefined) {
        gain = gainWith(ring, besideOf(shelf, ring), ofGroup, months);
        gains.set(ring, gain);
        if (gains.size % AT_ONCE === 0) yield found.length / count;
      }
      if (gain > 0 && (!best || gain / ring.hours > best.gain / best.ring.hours)) best = { ring, gain };
    }
    if (!best) break;
    const { ring, gain } = best;
    found.push(proposal(ring, gain, besideOf(shelf, ring), rates.get(ring.group) ?? [], months));
    shelf.push(shelved(ring));
    for (const { stockId, share } of ring.takes) used.set(stockId, (used.get(stockId) ?? 0) + share);
    for (const other of candidates) if (other.group === ring.group) gains.delete(other);
  }
  return found;
}

/** As {@link proposing}, at once. */
export function proposeRings(question: DemandQuestion): readonly Proposal[] {
  return runToEnd(proposing(question));
}
