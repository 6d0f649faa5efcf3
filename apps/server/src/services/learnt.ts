import { storedLearntSchema, type LearntAnswer, type StoredLearnt } from '@round-mint/contract/learnt';
import type { DieChart } from '@round-mint/core/kit';
import { NOTHING_LEARNT, traitsOf } from '@round-mint/core/learn';
import { type BenchTraits, DEFAULT_TRAITS } from '@round-mint/core/steps';
import type { Database } from '../db/database';
import { countUntaught, readLast } from '../learning/lesson-rows';
import { readSettings } from './settings';

/** What was written down, parsed: another version may have written it in another shape, and it is learnt anew already. */
async function lastLearnt(db: Database): Promise<StoredLearnt> {
  const known = storedLearntSchema.safeParse((await readLast(db)) ?? NOTHING_LEARNT);
  return known.success ? known.data : storedLearntSchema.parse(NOTHING_LEARNT);
}

/** What was learnt last, by the defaults that the maker wants today. */
async function learntNow(db: Database, standardFor: readonly string[]): Promise<StoredLearnt> {
  const learnt = await lastLearnt(db);
  // What is put back to its default is so at once; what follows from that for other values is learnt meanwhile.
  const values = learnt.values.map((value) => ({ ...value, keptStandard: standardFor.includes(value.key) }));
  return { ...learnt, values, traits: traitsOf(values, learnt.traits.widthSpread) };
}

/** What the log has taught about this bench last, and whether plans go by it. */
export async function readLearnt(db: Database): Promise<LearntAnswer> {
  const { useLearnt: used, standardFor } = await readSettings(db);
  return { ...(await learntNow(db, standardFor)), used, toLearn: await countUntaught(db) };
}

/** What the log adds to a plan: how this bench behaves, and what its pushers were seen to give. */
interface LearntTraits {
  readonly traits: BenchTraits;
  readonly seenCharts: readonly DieChart[];
}

/** How plans compute with this bench: as its log has taught, where the maker wants that. */
export async function readLearntTraits(db: Database): Promise<LearntTraits> {
  const { useLearnt, standardFor } = await readSettings(db);
  if (!useLearnt) return { traits: DEFAULT_TRAITS, seenCharts: [] };
  const { rings, traits, dieCharts } = await learntNow(db, standardFor);
  return { traits: rings === 0 ? DEFAULT_TRAITS : traits, seenCharts: dieCharts };
}

/** The interface's plain answers are the same for every workshop, unless this one's log is asked for. */
export async function traitsFor(db: Database, learnt: boolean | undefined): Promise<BenchTraits> {
  if (learnt !== true) return DEFAULT_TRAITS;
  const { standardFor } = await readSettings(db);
  return (await learntNow(db, standardFor)).traits;
}
