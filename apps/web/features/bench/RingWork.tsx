import { useRouter } from 'expo-router';
import { useEffect, useRef, useState } from 'react';
import { ScrollView, View } from 'react-native';
import { usePutAway } from '@/features/shell/use-put-away';
import { RouteStrip } from '@/drawings/route/RouteStrip';
import { useRemoveRingMutation } from '@/store/api';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { TextButton } from '@/ui/TextButton';
import { useSettled } from '@/ui/use-settled';
import { isSized, type BenchRing } from './bench-model';
import { FinishForm } from './FinishForm';
import { ReadingSheet } from './ReadingSheet';
import { StepView } from './StepView';
import { TroubleSheet } from './TroubleSheet';
import { useBenchLog, type BenchLog } from './use-bench-log';
import { useTorch } from './use-torch';
import { useWakeLock } from './use-wake-lock';

/** What can be done with the ring beside its step: take back, put away, another light. */
function RingMenu({ bench, log }: { bench: BenchRing; log: BenchLog }) {
  const { ring, state, step } = bench;
  const atFlame = step?.kind === 'anneal';
  const torch = useTorch(atFlame, state.step);
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
      {atFlame ? <TextButton label={torch.dimmed ? 'Light up' : 'Torch light'} onPress={torch.turn} /> : null}
      <TextButton label="Put away" describe={`Put away ${ring.name}`} onPress={() => void putAway()} />
      {lastEventId ? (
        <TextButton
          label="Undo"
          describe="Take back what was logged last"
          onPress={() => log.log({ kind: 'undone', eventId: lastEventId })}
        />
      ) : null}
    </View>
  );
}

interface StepActionsProps {
  bench: BenchRing;
  log: BenchLog;
  onRead: () => void;
  onTrouble: () => void;
}

function StepActions({ bench, log, onRead, onTrouble }: StepActionsProps) {
  const { step, state } = bench;
  const settled = useSettled(state.step);
  if (!step) return null;
  const anneal = step.kind === 'anneal';
  const done = () =>
    log.log(anneal ? { kind: 'anneal-done', step: state.step } : { kind: 'step-done', step: state.step });
  return (
    <View className="gap-2">
      {log.problem ? (
        <Notice
          level="stop"
          title={log.problem}
          live
          end={<Button label="Send again" onPress={log.retry} />}
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
          disabled={!settled}
          onPress={done}
          testID="step-done"
        />
      </View>
      <View className="flex-row items-center justify-between gap-4">
        <TextButton label="Trouble" describe="Something went wrong" onPress={onTrouble} />
        {anneal ? null : (
          <TextButton label="I annealed it once more" onPress={() => log.log({ kind: 'anneal-done' })} />
        )}
      </View>
    </View>
  );
}

/** A ring at the bench: its step, and the thumb's actions below. */
export function RingWork({ bench }: { bench: BenchRing }) {
  const { ring, state, step } = bench;
  const log = useBenchLog(ring.id);
  const [reading, setReading] = useState(false);
  const [trouble, setTrouble] = useState(false);
  useWakeLock();
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
          <StepActions
            bench={bench}
            log={log}
            onRead={() => setReading(true)}
            onTrouble={() => setTrouble(true)}
          />
        </View>
      ) : null}
      {step && trouble ? (
        <TroubleSheet bench={bench} step={step} log={log} onClose={() => setTrouble(false)} />
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
