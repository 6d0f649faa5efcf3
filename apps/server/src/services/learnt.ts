import { learntSchema, type LearntAnswer } from '@round-mint/contract/learnt';
import type { DieChart } from '@round-mint/core/kit';
import { type BenchTraits, DEFAULT_TRAITS } from '@round-mint/core/steps';
import type { Database } from '../db/database';
import { countUntaught, learntRow } from '../learning/lesson-rows';
import { readSettings } from './settings';

const NOTHING_LEARNT: Omit<LearntAnswer, 'used' | 'toLearn'> = {
  rings: 0,
  traits: DEFAULT_TRAITS,
  values: [],
  course: [],
  outlierNames: {},
  dieCharts: [],
};

/** What the log has taught about this bench last, and whether plans go by it. */
export async function readLearnt(db: Database): Promise<LearntAnswer> {
  const { useLearnt: used } = await readSettings(db);
  const known = (await learntRow(db))?.learnt ?? NOTHING_LEARNT;
  // What another version wrote down may have another shape: it is learnt anew already.
  const answer = learntSchema.safeParse({ ...known, used, toLearn: await countUntaught(db) });
  return answer.success ? answer.data : { ...NOTHING_LEARNT, used, toLearn: await countUntaught(db) };
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
