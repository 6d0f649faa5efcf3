import type { DayPlan } from '@round-mint/contract/day-plan';
import { dayOf, spansOfDay, type Block, type Schedule } from '@round-mint/core/schedule';
import { format } from 'date-fns';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { runsOf, type Run } from '@/drawings/day/lane-shape';
import { OrdersTabs } from '@/features/orders/OrdersTabs';
import { saveFile } from '@/features/print/save-file';
import { useSettings } from '@/features/settings/use-settings';
import { PlaceHeader } from '@/features/shell/PlaceHeader';
import { useWidthClass } from '@/features/shell/use-width';
import { useGetDayPlanQuery } from '@/store/trade-api';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Notice } from '@/ui/Notice';
import { Progress } from '@/ui/Progress';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { Empty, Fetched } from '@/ui/Waiting';
import { daysOf, gainWords } from './day-model';
import { DayLanes } from './DayLanes';
import { JobEnds } from './JobEnds';
import { RunSheet } from './RunSheet';
import { calendarOf } from './shop-model';
import { useDayPlanning } from './use-day-plan';
import { wallDate } from './wall-clock';

/** As many days as stand beside each other. */
const MOST_DAYS = 6;

/** The day laid out so that hands, flame, press and baths are shared and nothing is late. */
export function DayScreen() {
  return (
    <Fetched from={useGetDayPlanQuery()} what="the day plan">
      {(day) => <Day day={day} />}
    </Fetched>
  );
}

function useNames({ jobs }: DayPlan): ReadonlyMap<string, string> {
  return useMemo(() => new Map(jobs.map(({ id, name }) => [id, name])), [jobs]);
}

function dayLabel(day: number): string {
  return format(wallDate(day * 1440), 'EEE d');
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
          title={`What you pinned cannot all be kept: ${Math.round(answer.score.pinMissMin)} min off.`}
        />
      ) : null}
    </View>
  );
}

/** The days that something is done on, and the one that is looked at. */
function useShownDay(answer: Schedule | undefined) {
  const [chosen, setChosen] = useState<number>();
  const days = answer ? daysOf(answer) : [];
  const shown = chosen !== undefined && days.includes(chosen) ? chosen : days[0];
  const blocks = (answer?.blocks ?? []).filter(({ startMin }) => dayOf(startMin) === shown);
  return { days, shown, blocks, setChosen };
}

function Day({ day }: { day: DayPlan }) {
  const router = useRouter();
  const settings = useSettings();
  const wide = useWidthClass() === 'wide';
  const names = useNames(day);
  const planning = useDayPlanning(day);
  const { job, pins, nowMin } = planning;
  const { answer, progress, cancel, problem } = job;
  const { days, shown, blocks, setChosen } = useShownDay(answer);
  const [open, setOpen] = useState<Run<Block>>();
  const [icsProblem, setIcsProblem] = useState(false);
  const spans = shown === undefined ? [] : spansOfDay(calendarOf(settings), shown);
  const first = open?.blocks[0];
  const jobOf = (id: string) => day.jobs.find((one) => one.id === id);
  const saveIcs = async () => {
    try {
      setIcsProblem(false);
      const { dayIcs } = await import('./day-ics');
      saveFile('day-plan.ics', dayIcs(runsOf(answer?.blocks ?? []), names), 'text/calendar');
    } catch {
      setIcsProblem(true);
    }
  };
  const head = (
    <>
      <PlaceHeader
        title="Day plan"
        note={
          day.plan
            ? `The bench follows the plan of ${format(new Date(day.plan.madeAt), 'EEE d MMM, HH:mm')}`
            : 'The bench follows no plan yet'
        }
      />
      <OrdersTabs here="Day plan" />
    </>
  );
  const state = (
    <View className="gap-2">
      {progress !== undefined ? (
        <Progress what="Laying out the days" share={progress} onStop={cancel} />
      ) : null}
      {problem ? <Notice level="stop" title={`The plan could not be made: ${problem}`} live /> : null}
      {answer ? <Gain answer={answer} nowMin={nowMin} /> : null}
      {day.problems.map(({ orderId, message }) => (
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
  const lanes = (
    <View className="gap-2">
      {days.length > 0 ? (
        <Choices
          label="Day"
          choices={days.slice(0, MOST_DAYS).map((value) => ({ value, label: dayLabel(value) }))}
          value={shown}
          onChange={setChosen}
          minWidth={74}
        />
      ) : null}
      <DayLanes
        blocks={blocks}
        spans={spans}
        names={names}
        pins={pins}
        onOpen={setOpen}
        onPin={planning.pin}
      />
      {answer && answer.blocks.length === 0 ? (
        <Empty title="Nothing to do.">No ring is in work and no order is agreed.</Empty>
      ) : null}
    </View>
  );
  const more = (
    <View className="gap-2">
      {answer ? <JobEnds answer={answer} jobs={day.jobs} /> : null}
      <View className="flex-row gap-2">
        <View className="flex-1">
          <Button label="Plan from now again" onPress={planning.again} />
        </View>
        <View className="flex-1">
          <Button
            label="Calendar file"
            describe="Save the day plan as a calendar file"
            onPress={() => void saveIcs()}
          />
        </View>
      </View>
      {icsProblem ? <Notice level="stop" title="The calendar file could not be made." live /> : null}
    </View>
  );
  const footer = (
    <Button
      look="main"
      label={planning.followed ? 'The bench follows this' : 'Let the bench follow this'}
      disabled={!answer || !job.fresh || planning.followed}
      onPress={() => void planning.follow()}
      testID="follow-plan"
    />
  );
  const sheet =
    open && first ? (
      <RunSheet
        run={open}
        names={names}
        pin={pins.find(({ jobId, step }) => jobId === first.jobId && step === first.step)}
        onPin={planning.pin}
        onUnpin={planning.unpin}
        onRing={
          jobOf(first.jobId)?.ringId
            ? (jobId) => router.push({ pathname: '/bench/[id]', params: { id: jobId } })
            : undefined
        }
        onClose={() => setOpen(undefined)}
      />
    ) : null;
  if (!wide) {
    return (
      <Screen testID="day-screen" header={head} footer={footer}>
        {state}
        {lanes}
        {more}
        {sheet}
      </Screen>
    );
  }
  return (
    <View className="flex-1 flex-row" testID="day-screen">
      <View className="min-w-0 flex-1">
        <View className="px-5 pt-4">{head}</View>
        <ScrollView contentContainerClassName="px-5 pb-6 pt-2">{lanes}</ScrollView>
      </View>
      <View style={{ width: 400 }} className="border-l border-line">
        <ScrollView contentContainerClassName="gap-4 px-4 py-4">
          {state}
          {more}
        </ScrollView>
        <View className="border-t border-line px-4 py-3">{footer}</View>
      </View>
      {sheet}
    </View>
  );
}
