import type { StepWait } from '@round-mint/core/steps';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import type { BenchRing } from './bench-model';
import { useRunningWaits, useWaitLog } from './use-waits';
import { spanWords } from '@/features/shared/words/wait-words';

/** What may be timed in a step, each with its own start; a bath that is running already can be shared. */
export function StepWaits({ bench, waits }: { bench: BenchRing; waits: readonly StepWait[] }) {
  const running = useRunningWaits();
  const { start } = useWaitLog();
  const { id } = bench.ring;
  const mine = new Set(
    running.filter(({ rings }) => rings.some((ring) => ring.id === id)).map(({ what }) => what),
  );
  const open = waits.filter(({ what }) => !mine.has(what));
  if (open.length === 0) return null;
  return (
    <View className="flex-row flex-wrap gap-2" role="group" aria-label="Timers">
      {open.flatMap((wait) => {
        const bath = wait.bath === undefined ? undefined : running.find(({ what }) => what === wait.what);
        const own = (
          <Button
            key={wait.what}
            label={`${bath ? 'New bath' : wait.what}: ${spanWords(wait)}`}
            describe={`Start ${wait.what}, ${spanWords(wait)}`}
            className="flex-1"
            onPress={() => start(wait, [id])}
          />
        );
        if (!bath) return [own];
        return [
          <Button
            key={`${wait.what}-shared`}
            label={`In with ${bath.rings[0]?.name}`}
            describe={`${wait.what}: into the bath of ${bath.rings.map(({ name }) => name).join(', ')}`}
            className="flex-1"
            onPress={() => start(wait, [id], bath)}
          />,
          own,
        ];
      })}
    </View>
  );
}
