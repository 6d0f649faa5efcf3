import { workWords } from '@round-mint/core/format';
import { isRead } from '@round-mint/core/bench';
import { doneBody, type Job } from '@round-mint/core/ring';
import { View } from 'react-native';
import { StepIcon } from '@/drawings/route/StepIcon';
import { useHolds } from '@/features/shared/ring/use-holds';
import { useWaitLog } from '@/features/shared/ring/use-waits';
import { noticeShown } from '@/store/notices-slice';
import { useAppDispatch } from '@/store/store';
import { useLogEvents } from '@/store/use-log-events';
import { Button } from '@/ui/Button';
import { Type } from '@/ui/Type';
import { jobsOf, verbOf, type BenchRing } from '@/features/shared/ring/bench-model';

/** "Anneal 3 rings", "2 rings into the pickle", "Fold 2 rings". */
function jobTitle({ by, kind, setUp, rings }: Job): string {
  const count = `${rings.length} rings`;
  return by === 'bath' ? `${count} into ${setUp}` : `${verbOf({ kind })} ${count}`;
}

function jobNote({ by, setUp, handsOnMin }: Job): string {
  const once = by === 'flame' ? 'one time at the torch' : by === 'bath' ? 'one bath' : `one set-up: ${setUp}`;
  return `${once}, about ${workWords(handsOnMin)}`;
}

function JobCard({ job }: { job: Job }) {
  const log = useLogEvents();
  const { start } = useWaitLog();
  const ids = job.rings.map(({ ringId }) => ringId);
  const wait = job.rings[0]?.step.waits?.find(({ bath }) => bath !== undefined);
  const dispatch = useAppDispatch();
  const allDone = () => {
    const done = job.rings.map(({ ringId, stepIndex, step }) => ({
      ringId,
      body: doneBody(step.kind, stepIndex),
    }));
    const eventIds = log(...done);
    const events = done.flatMap(({ ringId }, n) => {
      const eventId = eventIds[n];
      return eventId === undefined ? [] : [{ ringId, eventId }];
    });
    dispatch(noticeShown({ text: `${jobTitle(job)}: done.`, undo: { kind: 'events', events } }));
  };
  // A size is read ring by ring; a die that is pressed home needs no reading.
  const byReading = job.rings.some(({ step }) => step.kind !== 'fold' && isRead(step));
  return (
    <View role="listitem" className="gap-2 py-2">
      <View className="flex-row items-center gap-3">
        <StepIcon kind={job.kind} size={40} />
        <View className="flex-1">
          <Type as="heading">{jobTitle(job)}</Type>
          <Type as="small">{jobNote(job)}</Type>
          <Type as="small">{job.rings.map(({ ringName }) => ringName).join(', ')}</Type>
        </View>
      </View>
      <View className="flex-row gap-2">
        {wait ? (
          <Button label="All in: start the clock" className="flex-1" onPress={() => start(wait, ids)} />
        ) : null}
        {byReading ? null : (
          <Button
            label="Done for all"
            describe={`${jobTitle(job)}: done for all`}
            className="flex-1"
            onPress={allDone}
          />
        )}
      </View>
    </View>
  );
}

/** What several rings need at once: one flame, one bath, one set-up of the press. */
export function TogetherList({ rings }: { rings: readonly BenchRing[] }) {
  const holdOf = useHolds();
  // A ring that waits for its customer is not done along with the others.
  const free = rings.filter((bench) => !holdOf(bench));
  const together = jobsOf(free).filter((job) => job.rings.length > 1);
  if (together.length === 0) return null;
  return (
    <View className="gap-1 border-b-2 border-ink pb-2 pt-2" testID="together">
      <Type as="label">Together</Type>
      <View role="list" aria-label="To do together">
        {together.map((job) => (
          <JobCard key={`${job.by}-${job.kind}-${job.setUp}`} job={job} />
        ))}
      </View>
    </View>
  );
}
