import { durationWords } from '@round-mint/core/format';
import { View } from 'react-native';
import { verbOf } from '@/features/shared/ring/bench-model';
import type { Run } from '@/drawings/day/lane-shape';
import { Button } from '@/ui/Button';
import { FactLine } from '@/ui/FactLine';
import { Sheet } from '@/ui/Sheet';
import { Type } from '@/ui/Type';
import { whoseRunWords } from './day-model';
import { clockWords, momentWords } from '@/features/shared/words/wall-clock';

const MOVES_MIN = [-60, -15, 15, 60] as const;

interface RunSheetProps {
  run: Run;
  names: ReadonlyMap<string, string>;
  pinned: boolean;
  onPin: (startMin: number) => void;
  onUnpin: () => void;
  onRing: (() => void) | undefined;
  onClose: () => void;
}

/** One go of the hands: its steps, and another time for it. */
export function RunSheet({ run, names, pinned, onPin, onUnpin, onRing, onClose }: RunSheetProps) {
  const [first] = run.blocks;
  if (!first) return null;
  const pinAt = (startMin: number) => {
    onPin(startMin);
    onClose();
  };
  return (
    <Sheet title={whoseRunWords(run, names)} open onClose={onClose}>
      <Type>{`${momentWords(run.fromMin)} to ${clockWords(run.toMin)}${run.workMin > run.fromMin ? `, with ${durationWords(run.workMin - run.fromMin)} to set up` : ''}.`}</Type>
      <View role="list" aria-label="Steps">
        {run.blocks.map((block) => (
          <FactLine
            key={`${block.jobId} ${block.step}`}
            name={`${clockWords(block.workMin)} ${names.get(block.jobId) ?? ''}`}
            value={`${verbOf(block)}${block.endMin > block.handsEndMin ? `, ready ${clockWords(block.endMin)}` : ''}`}
          />
        ))}
      </View>
      {first.lane === 'bench' ? null : <Type as="small">{`With: ${first.setUp}`}</Type>}
      <Type as="heading">Another time</Type>
      <View className="flex-row gap-2">
        {MOVES_MIN.map((by) => (
          <View key={by} className="flex-1">
            <Button
              label={`${by > 0 ? '+' : '−'}${Math.abs(by)} min`}
              describe={`${Math.abs(by)} minutes ${by > 0 ? 'later' : 'earlier'}`}
              onPress={() => pinAt(run.workMin + by)}
            />
          </View>
        ))}
      </View>
      {pinned ? (
        <Button
          label="Unpin it"
          onPress={() => {
            onUnpin();
            onClose();
          }}
        />
      ) : (
        <Button label="Pin it here" onPress={() => pinAt(run.workMin)} />
      )}
      {onRing ? <Button label="Go to this ring" onPress={onRing} /> : null}
    </Sheet>
  );
}
