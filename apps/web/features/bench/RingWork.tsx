import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { usePutAway } from '@/features/shell/use-put-away';
import { RouteStrip } from '@/drawings/route/RouteStrip';
import { useSettings } from '@/features/settings/use-settings';
import { useChangeSettingsMutation, useRemoveRingMutation } from '@/store/api';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { TextButton } from '@/ui/TextButton';
import { isSized, type BenchRing } from './bench-model';
import { FinishForm } from './FinishForm';
import { ReadingSheet } from './ReadingSheet';
import { StepView } from './StepView';
import { useBenchLog, type BenchLog } from './use-bench-log';

/** What can be done with the ring beside its step: take back, put away, another light. */
function RingMenu({ bench, log }: { bench: BenchRing; log: BenchLog }) {
  const { ring, state, step } = bench;
  const { light } = useSettings();
  const [changeSettings] = useChangeSettingsMutation();
  const [remove] = useRemoveRingMutation();
  const router = useRouter();
  const putAwayIt = usePutAway('ring', remove);
  const putAway = async () => {
    if (await putAwayIt(ring)) router.replace('/bench');
  };
  const { lastEventId } = state;
  return (
    <View className="flex-row items-center justify-between gap-4">
      <TextButton label="All rings" onPress={() => router.navigate('/bench')} />
      {step?.kind === 'anneal' || light === 'torch' ? (
        <TextButton
          label={light === 'torch' ? 'Day light' : 'Torch light'}
          onPress={() => void changeSettings({ light: light === 'torch' ? 'day' : 'torch' })}
        />
      ) : null}
      <TextButton label="Put away" describe={`Put away ${ring.name}`} onPress={() => void putAway()} />
      {lastEventId ? (
        <TextButton
          label="Undo"
          describe="Take back what was logged last"
          onPress={() => void log.log({ kind: 'undone', eventId: lastEventId })}
        />
      ) : null}
    </View>
  );
}

function StepActions({ bench, log, onRead }: { bench: BenchRing; log: BenchLog; onRead: () => void }) {
  const { step, state } = bench;
  if (!step) return null;
  const anneal = step.kind === 'anneal';
  const done = () =>
    void log.log(
      anneal ? { kind: 'anneal-done', step: state.step } : { kind: 'step-done', step: state.step },
    );
  return (
    <View className="gap-2">
      {log.problem ? (
        <Notice
          level="stop"
          title={log.problem}
          live
          end={<Button label="Send again" onPress={() => void log.retry()} />}
        />
      ) : null}
      <View className="flex-row gap-2">
        {isSized(step) ? (
          <Button label="Log reading" className="min-h-[56px] flex-1" onPress={onRead} />
        ) : null}
        <Button
          look={anneal ? 'heat' : 'main'}
          label={anneal ? 'Anneal done' : 'Step done'}
          className="flex-[2]"
          disabled={log.busy}
          onPress={done}
          testID="step-done"
        />
      </View>
      {anneal ? null : (
        <TextButton label="I annealed it once more" onPress={() => void log.log({ kind: 'anneal-done' })} />
      )}
    </View>
  );
}

/** A ring at the bench: its step, and the thumb's actions below. */
export function RingWork({ bench }: { bench: BenchRing }) {
  const { ring, state, step } = bench;
  const log = useBenchLog(ring.id);
  const [reading, setReading] = useState(false);
  const scroll = useRef<ScrollView>(null);
  // A new step begins at its verb, wherever the last one was left.
  useEffect(() => scroll.current?.scrollTo({ y: 0, animated: false }), [state.step]);
  return (
    <View className="flex-1 bg-paper" testID="ring-screen">
      <View className="px-4 pt-1">
        <RingMenu bench={bench} log={log} />
      </View>
      <ScrollView ref={scroll} className="flex-1" contentContainerClassName="gap-4 px-4 pb-6">
        {step ? <StepView bench={bench} step={step} /> : <FinishForm bench={bench} log={log} />}
        <RouteStrip steps={ring.steps} totals={ring.totals} current={state.step} />
      </ScrollView>
      {step ? (
        <View className="border-t border-line px-4 py-3">
          <StepActions bench={bench} log={log} onRead={() => setReading(true)} />
        </View>
      ) : null}
      {step && reading ? (
        <ReadingSheet
          key={state.step}
          open
          onClose={() => setReading(false)}
          step={step}
          mandrelMmPerUsSize={ring.mandrelMmPerUsSize}
          log={log}
        />
      ) : null}
    </View>
  );
}
