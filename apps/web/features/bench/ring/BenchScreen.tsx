import { useRouter } from 'expo-router';
import { PlaceHeader } from '@/features/shared/tabs/PlaceHeader';
import { lazyScreen } from '@/features/shared/screen/lazy-screen';
import { useWidthClass } from '@/features/shared/screen/use-width';
import { Button } from '@/ui/Button';
import { Screen } from '@/ui/Screen';
import { Empty, Fetched } from '@/ui/Waiting';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import { BenchList } from './BenchList';
import { BenchTabs } from '@/features/shared/tabs/BenchTabs';
import { PlanOfDayLine } from './PlanOfDayLine';
import { TogetherList } from './TogetherList';
import { useDerivedRings } from './use-derived-rings';
import { useRingsInWork } from './use-rings-in-work';

/** A ring's whole work beside the list comes with the place's other screens; the list itself is there at the start. */
const WideBench = lazyScreen(() => import('../screens').then((place) => place.WideBench));

/** The next thing to do with the hands. */
export function BenchScreen() {
  return (
    <Fetched from={useRingsInWork()} what="the rings in work">
      {(rings) => <Bench rings={rings} />}
    </Fetched>
  );
}

function Bench({ rings }: { rings: readonly BenchRing[] }) {
  const wide = useWidthClass() === 'wide';
  return wide && rings.length > 0 ? (
    <WideBench rings={rings} chosen={rings[0]} />
  ) : (
    <NarrowBench rings={rings} />
  );
}

function NarrowBench({ rings }: { rings: readonly BenchRing[] }) {
  const router = useRouter();
  const derived = useDerivedRings(rings);
  return (
    <Screen
      testID="bench-screen"
      header={
        <>
          <PlaceHeader
            title="Bench"
            note={rings.length === 0 ? 'Nothing in work' : `${rings.length} in work`}
          />
          <BenchTabs here="Rings" />
        </>
      }
      footer={<Button look="main" label="Plan a ring" onPress={() => router.navigate('/plan')} />}
    >
      {rings.length === 0 ? (
        <Empty title="No ring in work.">
          Plan one: choose a coin and a size, see what comes out, and take it here.
        </Empty>
      ) : null}
      <PlanOfDayLine rings={rings} />
      <TogetherList rings={derived} />
      <BenchList
        rings={derived}
        onChoose={(id) => router.push({ pathname: '/bench/[id]', params: { id } })}
      />
    </Screen>
  );
}
