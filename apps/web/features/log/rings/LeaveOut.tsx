import type { LogEntry } from '@round-mint/contract/log';
import type { RingWithEvents } from '@round-mint/contract/rings';
import { View } from 'react-native';
import { benchRing } from '@/features/shared/ring/bench-model';
import { useBenchLog } from '@/features/shared/ring/use-bench-log';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';

/** Whether the log learns from this ring: a slip or a trial piece can be left out, and taken in again. */
export function LeaveOut({ ring, entry }: { ring: RingWithEvents; entry: LogEntry }) {
  const { log } = useBenchLog(ring.id);
  const { leftOut } = benchRing(ring).state;
  return (
    <View className="flex-row items-center justify-between gap-3">
      <Type as="small" className="flex-1">
        {leftOut ? 'Left out: plans do not learn from this ring.' : 'Plans learn from this ring.'}
      </Type>
      <TextButton
        label={leftOut ? 'Take it in again' : 'Leave it out'}
        describe={`${leftOut ? 'Take in again' : 'Leave out'}: ${entry.name}`}
        onPress={() => void log({ kind: 'left-out', leftOut: !leftOut })}
      />
    </View>
  );
}
