import { Redirect, useLocalSearchParams } from 'expo-router';
import { useWidthClass } from '@/features/shell/use-width';
import { useListRingsQuery } from '@/store/api';
import { Screen } from '@/ui/Screen';
import { Empty, Failed, Loading } from '@/ui/Waiting';
import { RingWork } from './RingWork';
import { findRing, useRingsInWork } from './use-rings-in-work';
import { WideBench } from './WideBench';

/** One ring in work; a finished one is found in the log. */
export function RingScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  const wide = useWidthClass() === 'wide';
  const { rings, failed, retry } = useRingsInWork();
  const { data: all } = useListRingsQuery();
  if (failed)
    return (
      <Screen>
        <Failed what="the ring" onRetry={retry} />
      </Screen>
    );
  if (!rings)
    return (
      <Screen>
        <Loading what="the ring" />
      </Screen>
    );
  const bench = findRing(rings, id);
  if (!bench && all?.some((ring) => ring.id === id))
    return <Redirect href={{ pathname: '/log/[id]', params: { id } }} />;
  if (!bench)
    return (
      <Screen>
        <Empty title="This ring is not on the bench.">It may have been put away.</Empty>
      </Screen>
    );
  return wide ? <WideBench rings={rings} chosen={bench} /> : <RingWork key={id} bench={bench} />;
}
