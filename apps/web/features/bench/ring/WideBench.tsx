import { useRouter } from 'expo-router';
import { ScrollView, View } from 'react-native';
import { Button } from '@/ui/Button';
import { Type } from '@/ui/Type';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import { BenchList } from './BenchList';
import { BenchTabs } from '@/features/shared/tabs/BenchTabs';
import { PlanOfDayLine } from './PlanOfDayLine';
import { TogetherList } from './TogetherList';
import { useDerivedRings } from './use-derived-rings';
import { RingWork } from './RingWork';

const LIST_WIDTH = 380;

/** List and work side by side. */
export function WideBench({ rings, chosen }: { rings: readonly BenchRing[]; chosen: BenchRing | undefined }) {
  const router = useRouter();
  const derived = useDerivedRings(rings);
  return (
    <View className="flex-1 flex-row" testID="bench-screen">
      <View style={{ width: LIST_WIDTH }} className="border-r border-line">
        <View className="px-4 pt-4">
          <Type as="title" aria-level={chosen ? 2 : 1}>
            Bench
          </Type>
          <Type as="small">{`${rings.length} in work`}</Type>
          <BenchTabs here="Rings" />
        </View>
        <ScrollView contentContainerClassName="px-4 pb-4">
          <PlanOfDayLine rings={rings} />
          <TogetherList rings={derived} />
          <BenchList
            rings={derived}
            chosenId={chosen?.ring.id}
            onChoose={(id) => router.replace({ pathname: '/bench/[id]', params: { id } })}
          />
        </ScrollView>
        <View className="border-t border-line p-4">
          <Button label="Plan a ring" onPress={() => router.navigate('/plan')} />
        </View>
      </View>
      <View className="min-w-0 flex-1">
        {chosen ? <RingWork key={chosen.ring.id} bench={chosen} /> : null}
      </View>
    </View>
  );
}
