import { durationWords } from '@round-mint/core/format';
import type { DayJob } from '@round-mint/contract/day-plan';
import type { Schedule } from '@round-mint/core/schedule';
import { View } from 'react-native';
import { useSettings } from '@/features/shared/settings/use-settings';
import { Type } from '@/ui/Type';
import { jobEnds } from './day-model';
import { dayWords, momentWords } from '@/features/shared/words/wall-clock';

/** When each ring will be ready, and whether that is in time. */
export function JobEnds({ answer, jobs }: { answer: Schedule; jobs: readonly DayJob[] }) {
  const settings = useSettings();
  const ends = jobEnds(answer, jobs, settings);
  if (ends.length === 0) return null;
  return (
    <View className="gap-1">
      <Type as="heading">Ready when</Type>
      <View role="list" aria-label="When each ring is ready">
        {ends.map(({ job, endMin, lateMin }) => (
          <View key={job.id} role="listitem" className="border-b border-line py-1.5">
            <View className="flex-row justify-between gap-3">
              <Type as="label" className="flex-1">
                {job.name}
              </Type>
              <Type as="label">{momentWords(endMin)}</Type>
            </View>
            <Type as="small" className={lateMin > 0 ? 'font-strong text-stop' : ''}>
              {[
                job.dueOn === null ? 'no date' : `wanted ${dayWords(job.dueOn)}`,
                job.dueOn === null
                  ? undefined
                  : lateMin > 0
                    ? `✕ late by ${durationWords(lateMin)}`
                    : '✓ in time',
                job.held ? 'waits for its customer' : undefined,
                job.ringId === null ? 'agreed, not begun' : undefined,
              ]
                .filter(Boolean)
                .join(' · ')}
            </Type>
          </View>
        ))}
      </View>
    </View>
  );
}
