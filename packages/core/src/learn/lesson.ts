import type { DieChart, Kit } from '../kit';
import { metalGroup, type MetalGroup, type MetalId } from '../metal';
import { ringAllowance } from '../route';
import { mostStrained, type Strained } from './allowance';
import { dieSightings } from './die-sightings';
import { formerSightings, springbackSightings, spreadSightings } from './elastic-sightings';
import { lossOf, type LossSeen } from './loss-seen';
import { forecastSightings, type ForecastSeen } from './forecast-sightings';
import { timedMinutes } from './minutes';
import type { Seen } from './sighting';
import {
  curlSightings,
  endSightings,
  foldSightings,
  shareSightings,
  trimSightings,
  type ShareSeen,
} from './sightings';
import {
  isWorkedCoinRing,
  workedRing,
  type LoggedRing,
  type WorkedCoinRing,
  type WorkedRing,
} from './worked-ring';

type ByKey<T> = Readonly<Record<string, readonly T[]>>;

/**
 * What one ring that is over teaches, whatever others teach. It changes only with the ring and with the kit: kept, another
 * ring costs its own share. Plain data, to be written down as it is.
 */
export interface Lesson {
  readonly ringId: string;
  readonly name: string;
  readonly finishedAt: string;
  readonly shares: readonly ShareSeen[];
  /** Of a coin ring: what its metal flows with. */
  readonly metalGroup?: MetalGroup | undefined;
  readonly trims: readonly Seen[];
  readonly spread: readonly Seen[];
  /** How the finished ring read, against the size it was wanted in. */
  readonly ends: readonly Seen[];
  /** By the die's nominal angle. */
  readonly curls: ByKey<Seen>;
  /** By the die. */
  readonly folds: ByKey<Seen>;
  /** By the kind of blow. */
  readonly springbacks: ByKey<Seen>;
  /** By the former's diameter, mm. */
  readonly formers: ByKey<Seen>;
  /** Hands-on minutes that were timed, by the kind of step. */
  readonly minutes: ByKey<number>;
  readonly strained?: (Omit<Strained, 'ringId'> & { readonly metal: MetalId }) | undefined;
  readonly dieCharts: readonly DieChart[];
  /** What it tells of how rings are lost: of coin rings. */
  readonly loss?: LossSeen | undefined;
  /** Lost: it teaches what loses rings, and nothing else. */
  readonly isLost: boolean;
  /** How its figures fell in what was predicted of them. */
  readonly forecasts: readonly ForecastSeen[];
}

function byKey<T>(map: ReadonlyMap<string | number, readonly T[]>): ByKey<T> {
  return Object.fromEntries(map);
}

/** The most that a coin ring's metal bore, of which metal. */
function strainedIn(worked: WorkedCoinRing): Lesson['strained'] {
  const { coin } = worked.ring.coin.input;
  const strained = mostStrained(worked, ringAllowance(coin));
  return strained && { ...strained, metal: coin.metal };
}

/** What a ring teaches that was lost, or has taught nothing yet. */
function emptyLesson({ ring: { id, name, finishedAt } }: WorkedRing): Lesson {
  return {
    ringId: id,
    name,
    finishedAt,
    shares: [],
    trims: [],
    spread: [],
    ends: [],
    curls: {},
    folds: {},
    springbacks: {},
    formers: {},
    minutes: {},
    dieCharts: [],
    forecasts: [],
    isLost: false,
  };
}

/** A lost ring tells what it was lost by, and how much its metal had borne; its readings may be of what was spoilt already. */
function lostLesson(worked: WorkedRing, kit: Kit): Lesson {
  const lost = { ...emptyLesson(worked), isLost: true };
  return isWorkedCoinRing(worked)
    ? { ...lost, strained: strainedIn(worked), loss: lossOf(worked, kit) }
    : lost;
}

/**
 * Works out what a ring that is over teaches (craft §9); a few simulations of its route.
 * @returns undefined for a ring that the maker left out
 */
export function lessonOf(ring: LoggedRing, kit: Kit): Lesson | undefined {
  const worked = workedRing(ring);
  if (worked.state.leftOut) return undefined;
  if (worked.state.spoilt) return lostLesson(worked, kit);
  const ofCoin = isWorkedCoinRing(worked)
    ? {
        metalGroup: metalGroup(worked.ring.coin.input.coin.metal),
        shares: shareSightings(worked, kit),
        dieCharts: dieSightings(worked),
        strained: strainedIn(worked),
        loss: lossOf(worked, kit),
      }
    : {};
  return {
    ...emptyLesson(worked),
    ...ofCoin,
    trims: trimSightings(worked),
    spread: spreadSightings(worked),
    ends: endSightings(worked),
    curls: byKey(curlSightings(worked)),
    folds: byKey(foldSightings(worked)),
    springbacks: byKey(springbackSightings(worked, kit)),
    formers: byKey(formerSightings(worked, kit)),
    minutes: byKey(timedMinutes(worked)),
    forecasts: forecastSightings(worked),
  };
}
