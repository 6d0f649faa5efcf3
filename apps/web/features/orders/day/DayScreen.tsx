import type { DayPlan } from '@round-mint/contract/day-plan';
import { dayOf, MINUTES_A_DAY, spansOfDay, type Schedule } from '@round-mint/core/schedule';
import { useRouter } from 'expo-router';
import { useMemo, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { narrowDay } from '@/features/shared/words/dates';
import type { Run } from '@/drawings/day/lane-shape';
import { useSettings } from '@/features/shared/settings/use-settings';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { useGetDayPlanQuery } from '@/store/trade-api';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Screen } from '@/ui/Screen';
import { Empty, Fetched } from '@/ui/Waiting';
import { daysOf, pinsOf } from './day-model';
import { DayLanes } from './DayLanes';
import { DayHead, DayMore, DayState } from './DayParts';
import { RunSheet } from './RunSheet';
import { calendarOf } from '@/features/orders/promise/shop-model';
import { useDayPlanning, type DayPlanning } from './use-day-plan';
import { wallDate } from '@/features/shared/words/wall-clock';

/** As many days as stand beside each other. */
const MOST_DAYS = 6;
const SIDE_WIDTH = 400;

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

/** The days that something is done on, and the one that is looked at. */
function useShownDay(answer: Schedule | undefined) {
  const [chosen, setChosen] = useState<number>();
  const days = answer ? daysOf(answer) : [];
  const shown = chosen !== undefined && days.includes(chosen) ? chosen : days[0];
  const blocks = (answer?.blocks ?? []).filter(({ startMin }) => dayOf(startMin) === shown);
  return { days, shown, blocks, setChosen };
}

interface PartProps {
  planning: DayPlanning;
  names: ReadonlyMap<string, string>;
}

/** One day of the plan, to scale; another by its name. */
function ShownDay({ planning, names, onOpen }: PartProps & { onOpen: (run: Run) => void }) {
  const settings = useSettings();
  const { job, pins, pin } = planning;
  const { days, shown, blocks, setChosen } = useShownDay(job.answer);
  const label = (day: number) => narrowDay(wallDate(day * MINUTES_A_DAY));
  return (
    <View className="gap-2">
      {days.length > 0 ? (
        <Choices
          label="Day"
          choices={days.slice(0, MOST_DAYS).map((value) => ({ value, label: label(value) }))}
          value={shown}
          onChange={setChosen}
          minWidth={74}
        />
      ) : null}
      <DayLanes
        blocks={blocks}
        spans={shown === undefined ? [] : spansOfDay(calendarOf(settings), shown)}
        names={names}
        pins={pins}
        onOpen={onOpen}
        onPin={pin}
      />
      {job.answer?.blocks.length === 0 ? (
        <Empty title="Nothing to do.">
          No ring is in work and no order is agreed. Take a plan to the bench, or agree on an order: its steps
          are then laid out here.
        </Empty>
      ) : null}
    </View>
  );
}

interface OpenRunProps extends PartProps {
  run: Run;
  jobs: DayPlan['jobs'];
  onClose: () => void;
}

/** The go of the hands that was pressed. */
function OpenRun({ planning, names, run, jobs, onClose }: OpenRunProps) {
  const router = useRouter();
  const [first] = run.blocks;
  if (!first) return null;
  const ringId = jobs.find(({ id }) => id === first.jobId)?.ringId;
  return (
    <RunSheet
      run={run}
      names={names}
      pinned={pinsOf(run, planning.pins).length > 0}
      onPin={(startMin) => planning.pin(run, startMin)}
      onUnpin={() => planning.unpin(run)}
      onRing={ringId ? () => router.push({ pathname: '/bench/[id]', params: { id: ringId } }) : undefined}
      onClose={onClose}
    />
  );
}

function Day({ day }: { day: DayPlan }) {
  const wide = useWidthClass() === 'wide';
  const names = useNames(day);
  const planning = useDayPlanning(day);
  const [open, setOpen] = useState<Run>();
  const { job, nowMin, followed } = planning;
  const head = <DayHead plan={day.plan} />;
  const state = <DayState job={job} nowMin={nowMin} names={names} problems={day.problems} />;
  const lanes = <ShownDay planning={planning} names={names} onOpen={setOpen} />;
  const more = <DayMore answer={job.answer} jobs={day.jobs} names={names} onAgain={planning.again} />;
  const footer = (
    <Button
      look="main"
      label={followed ? 'Plan in use' : 'Use this plan'}
      disabled={!job.fresh || followed}
      onPress={() => void planning.follow()}
      testID="follow-plan"
    />
  );
  const sheet = open ? (
    <OpenRun
      planning={planning}
      names={names}
      run={open}
      jobs={day.jobs}
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
      <View style={{ width: SIDE_WIDTH }} className="border-l border-line">
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
