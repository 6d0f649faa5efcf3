import { isRead } from '@round-mint/core/bench';
import { isFinishing } from '@round-mint/core/finishing';
import type { RouteStep } from '@round-mint/core/steps';
import { View } from 'react-native';
import { useHolds } from '@/features/shared/ring/use-holds';
import { StepWaits } from '@/features/shared/ring/StepWaits';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { TextButton } from '@/ui/TextButton';
import { useSettled } from '@/ui/use-settled';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import { HoldNotice } from './HoldNotice';
import { LeafRow } from './LeafRow';
import type { SheetName } from './sheet-name';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';

/** Steps around which the hole can be measured. */
const AT_HOLE: readonly RouteStep['kind'][] = ['cut', 'deburr'];

interface StepActionsProps {
  bench: BenchRing;
  step: RouteStep;
  log: BenchLog;
  mayAnneal: boolean;
  onDone: () => void;
  onOpen: (sheet: SheetName) => void;
  onTurn: (direction: 1 | -1) => void;
}

/** The thumb's row: reading, done, trouble. */
export function StepActions({ bench, step, log, mayAnneal, onDone, onOpen, onTurn }: StepActionsProps) {
  const { state } = bench;
  const settled = useSettled(state.step);
  const hold = useHolds()(bench);
  const anneal = step.kind === 'anneal';
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
      {hold ? <HoldNotice order={hold} /> : null}
      {step.waits ? <StepWaits bench={bench} waits={step.waits} /> : null}
      <LeafRow turn={onTurn}>
        {isRead(step) ? (
          <Button label="Log reading" className="min-h-[56px] flex-1" onPress={() => onOpen('reading')} />
        ) : null}
        {step.rolling ? (
          <Button label="Measure" className="min-h-[56px] flex-1" onPress={() => onOpen('rolled')} />
        ) : null}
        <Button
          look={anneal ? 'heat' : 'main'}
          label={anneal ? 'Anneal done' : 'Step done'}
          className="flex-1"
          disabled={!settled || hold !== undefined}
          onPress={onDone}
          testID="step-done"
        />
      </LeafRow>
      <View className="flex-row items-center justify-between gap-4">
        <TextButton
          atBench
          label="Trouble"
          describe="Something went wrong"
          onPress={() => onOpen('trouble')}
        />
        <TextButton atBench label="Photo" onPress={() => onOpen('photo')} />
        {isFinishing(step.kind) ? (
          <TextButton atBench label="Other finish" onPress={() => onOpen('finish')} />
        ) : null}
        {bench.coinRing && AT_HOLE.includes(step.kind) ? (
          <TextButton atBench label="Measure the hole" onPress={() => onOpen('hole')} />
        ) : null}
        {anneal || isFinishing(step.kind) ? null : (
          <TextButton
            atBench
            label="Log an extra anneal"
            onPress={() => (mayAnneal ? void log.log({ kind: 'anneal-done' }) : onOpen('anneal'))}
          />
        )}
      </View>
    </View>
  );
}
