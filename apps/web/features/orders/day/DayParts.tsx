import { durationWords } from '@round-mint/core/format';
import type { DayPlan } from '@round-mint/contract/day-plan';
import type { Schedule } from '@round-mint/core/schedule';
import { useState } from 'react';
import { View } from 'react-native';
import { momentOf } from '@/features/shared/words/dates';
import { runsOf } from '@/drawings/day/lane-shape';
import { OrdersTabs } from '@/features/shared/tabs/OrdersTabs';
import { saveFile } from '@/features/shared/print/save-file';
import { useSettings } from '@/features/shared/settings/use-settings';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Progress } from '@/ui/Progress';
import { Type } from '@/ui/Type';
import type { Job } from '@/workers/use-job';
import { gainWords } from './day-model';
import { JobEnds } from './JobEnds';

/** The head of the day plan: which plan the bench follows. */
export function DayHead({ plan }: Pick<DayPlan, 'plan'>) {
  const note = plan ? `Plan in use, made ${momentOf(plan.madeAt)}` : 'No plan in use yet';
  return (
    <>
      <PlaceHeader title="Day plan" note={note} />
      <OrdersTabs here="Day plan" />
    </>
  );
}

function Gain({ answer, nowMin }: { answer: Schedule; nowMin: number }) {
  const settings = useSettings();
  const { done, against } = gainWords(answer, settings, nowMin);
  return (
    <View className="gap-0.5" testID="gain">
      <Type as="heading">{done}</Type>
      <Type as="small">{against}</Type>
      {answer.score.pinMissMin > 0 ? (
        <Notice
          level="warn"
          title={`What you pinned cannot all be kept: ${durationWords(answer.score.pinMissMin)} off.`}
        />
      ) : null}
    </View>
  );
}

interface DayStateProps {
  job: Job<Schedule>;
  nowMin: number;
  names: ReadonlyMap<string, string>;
  problems: DayPlan['problems'];
}

/** How far the plan is, what it wins, and what could not be laid out. */
export function DayState({ job, nowMin, names, problems }: DayStateProps) {
  const { answer, progress, cancel, problem } = job;
  return (
    <View className="gap-2">
      {progress !== undefined ? (
        <Progress what="Laying out the days" share={progress} onStop={cancel} />
      ) : null}
      {problem ? <Notice level="stop" title={`The plan could not be made: ${problem}`} live /> : null}
      {answer ? <Gain answer={answer} nowMin={nowMin} /> : null}
      {problems.map(({ orderId, message }) => (
        <Notice key={orderId} level="stop" title={message} />
      ))}
      {(answer?.tooLong ?? []).map((id) => (
        <Notice
          key={id}
          level="stop"
          title={`${names.get(id) ?? 'A ring'} has a step longer than any stretch of your working hours.`}
        />
      ))}
    </View>
  );
}

interface DayMoreProps {
  answer: Schedule | undefined;
  jobs: DayPlan['jobs'];
  names: ReadonlyMap<string, string>;
  onAgain: () => void;
}

/** When each ring is ready; the plan made anew, or taken along as a calendar file. */
export function DayMore({ answer, jobs, names, onAgain }: DayMoreProps) {
  const [problem, setProblem] = useState(false);
  const saveIcs = async () => {
    try {
      setProblem(false);
      const { dayIcs } = await import('./day-ics');
      saveFile('day-plan.ics', dayIcs(runsOf(answer?.blocks ?? []), names), 'text/calendar');
    } catch {
      setProblem(true);
    }
  };
  return (
    <View className="gap-2">
      {answer ? <JobEnds answer={answer} jobs={jobs} /> : null}
      <View className="flex-row gap-2">
        <View className="flex-1">
          <Button label="Plan from now again" onPress={onAgain} />
        </View>
        <View className="flex-1">
          <Button
            label="Calendar file"
            describe="Save the day plan as a calendar file"
            onPress={() => void saveIcs()}
          />
        </View>
      </View>
      {problem ? <Notice level="stop" title="The calendar file could not be made." live /> : null}
    </View>
  );
}
