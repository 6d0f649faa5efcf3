import { Redirect, useLocalSearchParams, useRouter } from 'expo-router';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { useRing } from '@/store/use-rings';
import { Screen } from '@/ui/Screen';
import { TextButton } from '@/ui/TextButton';
import { Empty, Fetched } from '@/ui/Waiting';
import { RingWork } from './RingWork';
import { SpoiltScreen } from './SpoiltScreen';
import { useRingsInWork } from './use-rings-in-work';
import { WideBench } from './WideBench';

/** One ring in work; a finished one is found in the log. */
export function RingScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const router = useRouter();
  const wide = useWidthClass() === 'wide';
  const { data: ring } = useRing(id);
  return (
    <Fetched from={useRingsInWork()} what="the ring">
      {(rings) => {
        const bench = rings.find(({ ring }) => ring.id === id);
        if (bench)
          return wide ? <WideBench rings={rings} chosen={bench} /> : <RingWork key={id} bench={bench} />;
        if (ring?.status === 'finished') return <Redirect href={{ pathname: '/log/[id]', params: { id } }} />;
        if (ring?.status === 'spoilt') return <SpoiltScreen ring={ring} />;
        return (
          <Screen>
            <Empty title="This ring is not on the bench.">It may have been archived.</Empty>
            <TextButton label="Archive" onPress={() => router.replace('/bench/archived')} />
          </Screen>
        );
      }}
    </Fetched>
  );
}
