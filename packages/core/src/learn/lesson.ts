import type { DieChart, Kit } from '../kit';
import type { MetalId } from '../metal';
import { ringAllowance } from '../route';
import { mostStrained, type Strained } from './allowance';
import { dieSightings } from './die-sightings';
import { formerSightings, springbackSightings, spreadSightings } from './elastic-sightings';
import { foretoldSightings, type ForetoldSeen } from './foretold';
import { timedMinutes } from './minutes';
import type { Seen } from './sighting';
import { curlSightings, foldSightings, shareSightings, trimSightings, type ShareSeen } from './sightings';
import { isWorkedCoinRing, workedRing, type LoggedRing } from './worked-ring';

type ByKey<T> = Readonly<Record<string, readonly T[]>>;

/**
 * What one finished ring teaches, whatever others teach. It changes only with the ring and with the kit: kept, another
 * ring costs its own share. Plain data, to be written down as it is.
 */
export interface Lesson {
  readonly ringId: string;
  readonly name: string;
  readonly finishedAt: string;
  readonly shares: readonly ShareSeen[];
  readonly trims: readonly Seen[];
  readonly spread: readonly Seen[];
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
  /** How its figures fell in what was foretold of them. */
  readonly foretold: readonly ForetoldSeen[];
}

function byKey<T>(map: ReadonlyMap<string | number, readonly T[]>): ByKey<T> {
  return Object.fromEntries(map);
}

/** What only a coin ring teaches. */
function coinLesson(
  worked: ReturnType<typeof workedRing>,
  kit: Kit,
): Pick<Lesson, 'shares' | 'strained' | 'dieCharts'> {
  if (!isWorkedCoinRing(worked)) return { shares: [], dieCharts: [] };
  const { coin } = worked.ring.coin.input;
  const strained = mostStrained(worked, ringAllowance(coin));
  return {
    shares: shareSightings(worked, kit),
    dieCharts: dieSightings(worked),
    ...(strained ? { strained: { ...strained, metal: coin.metal } } : {}),
  };
}

/**
 * Works out what a finished ring teaches (craft §9); a few simulations of its route.
 * @returns undefined for a ring that the maker left out
 */
export function lessonOf(ring: LoggedRing, kit: Kit): Lesson | undefined {
  const worked = workedRing(ring);
  if (worked.state.leftOut) return undefined;
  const { id: ringId, name, finishedAt } = ring;
  return {
    ringId,
    name,
    finishedAt,
    ...coinLesson(worked, kit),
    trims: trimSightings(worked),
    spread: spreadSightings(worked),
    curls: byKey(curlSightings(worked)),
    folds: byKey(foldSightings(worked)),
    springbacks: byKey(springbackSightings(worked, kit)),
    formers: byKey(formerSightings(worked, kit)),
    minutes: byKey(timedMinutes(worked)),
    foretold: foretoldSightings(worked),
  };
}
