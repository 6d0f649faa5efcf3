import { gaugesOf, nextWords, placeWords } from '@round-mint/core/bench';
import { Pressable, View } from 'react-native';
import { SoftnessGauge } from '@/drawings/gauge/SoftnessGauge';
import { RouteStrip } from '@/drawings/route/RouteStrip';
import { StepIcon } from '@/drawings/route/StepIcon';
import { useSettings, useWriters } from '@/features/shared/settings/use-settings';
import { Type } from '@/ui/Type';
import type { BenchRing } from '@/features/shared/ring/bench-model';

interface BenchListProps {
  rings: readonly BenchRing[];
  chosenId?: string | undefined;
  onChoose: (id: string) => void;
}

interface BenchRowProps {
  readonly bench: BenchRing;
  readonly chosen: boolean;
  readonly onChoose: (id: string) => void;
}

/** A ring and the next thing to do to it. */
function BenchRow({ bench, chosen, onChoose }: BenchRowProps) {
  const write = useWriters();
  const { primarySystem } = useSettings();
  const { ring, state, step, targetMm } = bench;
  const action = nextWords(step, primarySystem);
  return (
    <View role="listitem" className={`gap-2 border-b border-line py-3 ${chosen ? 'bg-fold px-3' : 'px-1'}`}>
      <Pressable
        role="link"
        aria-label={`${ring.name}: ${action}`}
        aria-current={chosen ? 'true' : undefined}
        onPress={() => onChoose(ring.id)}
        className="flex-row items-center gap-3 active:opacity-70"
      >
        <StepIcon kind={step?.kind ?? 'read'} size={40} />
        <View className="flex-1">
          <Type as="heading">{action}</Type>
          <Type as="small">{`${ring.name} · ${placeWords(state)}`}</Type>
          <Type as="small">{`${ring.stockName} → ${write.size(targetMm)}`}</Type>
        </View>
      </Pressable>
      <RouteStrip steps={state.steps} current={state.step} />
      <SoftnessGauge
        compact
        gauges={gaugesOf(ring.kind, state)}
        allowanceStrainLog={ring.allowanceStrainLog}
      />
    </View>
  );
}

/** Rings in work, each with the next thing to do with the hands. */
export function BenchList({ rings, chosenId, onChoose }: BenchListProps) {
  return (
    <View role="list" aria-label="Rings in work">
      {rings.map((bench) => (
        <BenchRow key={bench.ring.id} bench={bench} chosen={bench.ring.id === chosenId} onChoose={onChoose} />
      ))}
    </View>
  );
}
