import { Redirect, useLocalSearchParams } from 'expo-router';
import { useRingsInWork } from '@/features/bench/ring/use-rings-in-work';
import { Fetched } from '@/ui/Waiting';
import { HandsFree } from './HandsFree';

/** One ring in large letters; one that is not in work is shown as usual. */
export function HandsFreeScreen() {
  const { id } = useLocalSearchParams<{ id: string }>();
  return (
    <Fetched from={useRingsInWork()} what="the ring">
      {(rings) => {
        const bench = rings.find(({ ring }) => ring.id === id);
        return bench ? (
          <HandsFree key={id} bench={bench} />
        ) : (
          <Redirect href={{ pathname: '/bench/[id]', params: { id } }} />
        );
      }}
    </Fetched>
  );
}
