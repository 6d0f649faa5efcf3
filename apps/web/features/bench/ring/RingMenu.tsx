import { useRouter } from 'expo-router';
import { View } from 'react-native';
import { usePutAway } from '@/features/shared/screen/use-put-away';
import { useRemoveRingMutation } from '@/store/api';
import { TextButton } from '@/ui/TextButton';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';
import { useTorch } from './use-torch';

/** What can be done with the ring beside its step: take back, put away, another light. */
export function RingMenu({ bench, log }: { bench: BenchRing; log: BenchLog }) {
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
