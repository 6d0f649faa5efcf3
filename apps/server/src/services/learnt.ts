import type { LearntAnswer } from '@round-mint/contract/learnt';
import type { RingWithEvents } from '@round-mint/contract/rings';
import { SCHOOL_WHEN_UNKEPT } from '@round-mint/core/forming';
import { learnFrom, type Learnt, type LoggedRing } from '@round-mint/core/learn';
import type { DieChart } from '@round-mint/core/kit';
import { type BenchTraits, DEFAULT_TRAITS } from '@round-mint/core/steps';
import { and, count, eq, isNull, max } from 'drizzle-orm';
import type { Database } from '../db/database';
import { kit, ringEvents, rings } from '../db/schema';
import { inSlices } from './in-slices';
import { readKit } from './kit';
import { finishedRings, ringInput } from './ring-store';
import { readSettings } from './settings';

/** The last that was learnt, per database: finished rings change seldom, plans are made often. */
const known = new WeakMap<object, { readonly fingerprint: string; readonly learnt: Promise<Learnt> }>();

/** Changes whenever something changes that the log learns from. */
async function fingerprintOf(db: Database, standardFor: readonly string[]): Promise<string> {
  const [logged] = await db
    .select({ last: max(ringEvents.seq), count: count() })
    .from(ringEvents)
    .innerJoin(rings, eq(ringEvents.ringId, rings.id))
    .where(and(eq(rings.status, 'finished'), isNull(rings.archivedAt)));
  const [tools] = await db
    .select({ last: max(kit.updatedAt), count: count() })
    .from(kit)
    .where(isNull(kit.archivedAt));
  return JSON.stringify([logged, tools, standardFor]);
}

function loggedRing(ring: RingWithEvents): LoggedRing {
  return {
    id: ring.id,
    name: ring.name,
    finishedAt: ring.finishedAt ?? ring.createdAt,
    targetInsideDiameterMm: ring.prediction.targetInsideDiameterMm,
    ...(ring.kind === 'coin'
      ? {
          coin: {
            input: ringInput(ring),
            school: ring.school ?? SCHOOL_WHEN_UNKEPT,
            moves: ring.moves ?? [],
          },
        }
      : {}),
    steps: ring.steps,
    mandrel: { mmPerUsSize: ring.mandrelMmPerUsSize },
    events: ring.events,
  };
}

async function learn(db: Database, standardFor: readonly string[]): Promise<Learnt> {
  const finished = await finishedRings(db);
  return inSlices(learnFrom(finished.map(loggedRing), await readKit(db), standardFor));
}

/** What the log has taught about this bench, and whether plans go by it. */
export async function readLearnt(db: Database): Promise<LearntAnswer> {
  const { useLearnt, standardFor } = await readSettings(db);
  const fingerprint = await fingerprintOf(db, standardFor);
  const last = known.get(db);
  const learnt = last?.fingerprint === fingerprint ? last.learnt : learn(db, standardFor);
  known.set(db, { fingerprint, learnt });
  // A failure is this caller's; the next one tries again.
  learnt.catch(() => known.delete(db));
  return { used: useLearnt, ...((await learnt) as Omit<LearntAnswer, 'used'>) };
}

/** What the log adds to a plan: how this bench behaves, and what its pushers were seen to give. */
interface LearntTraits {
  readonly traits: BenchTraits;
  readonly seenCharts: readonly DieChart[];
}

/** How plans compute with this bench: as its log has taught, where the maker wants that. */
export async function readLearntTraits(db: Database): Promise<LearntTraits> {
  const { useLearnt } = await readSettings(db);
  if (!useLearnt) return { traits: DEFAULT_TRAITS, seenCharts: [] };
  const { traits, dieCharts } = await readLearnt(db);
  return { traits, seenCharts: dieCharts };
}

/** The interface's plain answers are the same for every workshop, unless this one's log is asked for. */
export async function traitsFor(db: Database, learnt: boolean | undefined): Promise<BenchTraits> {
  return learnt === true ? (await readLearnt(db)).traits : DEFAULT_TRAITS;
}
