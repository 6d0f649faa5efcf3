import { useRouter } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { useArchive } from '@/features/shared/screen/use-archive';
import { useRemoveRingMutation } from '@/store/api';
import { TextButton } from '@/ui/TextButton';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { ChangeSheet } from './ChangeSheet';
import { useTorch } from './use-torch';

/** What can be done with the ring beside its step: take back, archive, another light. */
export function RingMenu({ bench, log }: { bench: BenchRing; log: BenchLog }) {
  const { ring, state, step } = bench;
  const atFlame = step?.kind === 'anneal';
  const torch = useTorch(atFlame, state.step);
  const [remove] = useRemoveRingMutation();
  const router = useRouter();
  const [changing, setChanging] = useState(false);
  const archiveIt = useArchive('ring', remove);
  const archive = async () => {
    if (await archiveIt(ring)) router.replace('/bench');
  };
  const { lastEventId } = state;
  return (
    <View className="flex-row items-center justify-between gap-4">
      <TextButton atBench label="All rings" onPress={() => router.navigate('/bench')} />
      {atFlame ? (
        <TextButton atBench label={torch.dimmed ? 'Day light' : 'Torch light'} onPress={torch.turn} />
      ) : null}
      <TextButton
        atBench
        label="Hands-free"
        describe="Large letters, next by pedal or tap"
        onPress={() => router.push({ pathname: '/bench/hands-free/[id]', params: { id: ring.id } })}
      />
      <TextButton
        atBench
        label="Change"
        describe="Something is other than planned"
        onPress={() => setChanging(true)}
      />
      {lastEventId ? (
        <TextButton
          atBench
          label="Undo"
          describe="Undo what was logged last"
          onPress={() => log.log({ kind: 'undone', eventId: lastEventId })}
        />
      ) : null}
      {changing ? (
        <ChangeSheet
          bench={bench}
          log={log}
          onArchive={() => void archive()}
          onClose={() => setChanging(false)}
        />
      ) : null}
    </View>
  );
}
