import { chanceBy, closingMin, type PromiseAnswer } from '@round-mint/core/schedule';
import { View } from 'react-native';
import { calendarOf } from './shop-model';
import { dayNumber, dayWords, momentWords } from '@/features/shared/words/wall-clock';
import { useSettings } from '@/features/shared/settings/use-settings';
import { Notice } from '@/ui/Notice';
import { Progress } from '@/ui/Progress';
import { Type } from '@/ui/Type';
import type { Job } from '@/workers/use-job';

/** Below this a date is no promise. */
const GOOD_CHANCE = 0.8;

/** When it would be ready, and how sure that is; beside the date that is wanted. */
export function PromiseLine({ job, wantedBy }: { job: Job<PromiseAnswer>; wantedBy: string | null }) {
  const settings = useSettings();
  const { answer, progress, cancel } = job;
  if (!answer) {
    return progress === undefined ? null : (
      <Progress what="Running the shop with this ring" share={progress} onStop={cancel} />
    );
  }
  if (!Number.isFinite(answer.safeMin)) {
    return (
      <Notice level="stop" title="No date: your working hours leave no room for it." live testID="promise">
        Its longest step, or one before it, fits into no stretch of work. Change the hours under Settings.
      </Notice>
    );
  }
  const dueMin = wantedBy === null ? undefined : closingMin(calendarOf(settings), dayNumber(wantedBy));
  const chance = dueMin === undefined ? undefined : chanceBy(answer, dueMin);
  return (
    <View className="gap-1" testID="promise">
      <Type as="heading">{`Say ${momentWords(answer.likelyMin)}`}</Type>
      <Type as="small">{`Ready by then in 8 of 10 runs of the shop; in 5 of 10 by ${momentWords(answer.evenMin)}, in 19 of 20 by ${momentWords(answer.safeMin)}. Behind all that is in work or agreed; minutes, answers and mishaps as they come.`}</Type>
      {chance !== undefined && wantedBy !== null ? (
        <Notice
          level={chance >= GOOD_CHANCE ? 'good' : chance >= 0.5 ? 'warn' : 'stop'}
          title={`Wanted by ${dayWords(wantedBy)}: ${Math.round(chance * 100)} in 100 that it is ready.`}
        />
      ) : null}
    </View>
  );
}
