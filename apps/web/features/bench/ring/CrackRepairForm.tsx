import { rangeWords } from '@round-mint/core/forming';
import { parseLengthMm } from '@round-mint/core/format';
import type { NewRoute } from '@round-mint/core/replan';
import { useEffect, useMemo, useState } from 'react';
import { View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { FactLine } from '@/ui/FactLine';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import { NumberPad } from '@/ui/NumberPad';
import { useJob } from '@/workers/use-job';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import { outOfReachWords } from './replan-words';
import { crackQuestion, sizesOf } from './trouble-model';
import { useRingInWork } from './use-derived';

/** A measured crack, and the way on once it is filed out; no way where none is left. */
export interface MeasuredCrack {
  readonly crackMm: number;
  readonly route: NewRoute | undefined;
}

interface CrackRepairFormProps {
  bench: BenchRing;
  onMeasured: (crack: MeasuredCrack | undefined) => void;
}

/** Can the edge be filed past the crack, and what ring is left? Simulated on from the wall as it stands. */
export function CrackRepairForm({ bench, onMeasured }: CrackRepairFormProps) {
  const write = useWriters();
  const [text, setText] = useState('');
  const crackMm = parseLengthMm(text, write.unit);
  const ring = useRingInWork(bench);
  const asked = useMemo(
    () => (crackMm === undefined || !ring ? undefined : crackQuestion({ state: bench.state }, crackMm, ring)),
    [crackMm, ring, bench.state],
  );
  const { answer, fresh } = useJob('replan', asked?.question);
  const known = fresh ? answer : undefined;
  const route =
    known?.kind === 'changed' ? known.route : known?.kind === 'out-of-reach' ? known.nearest : undefined;
  useEffect(
    () => onMeasured(crackMm === undefined ? undefined : { crackMm, route }),
    [crackMm, route, onMeasured],
  );
  const range = useMemo(() => asked && sizesOf(bench, asked.repair.newHoleMm), [asked, bench]);
  const wrong = text.trim() !== '' && crackMm === undefined;
  return (
    <View className="gap-2">
      <Field
        label="How long is the crack?"
        unit={write.unit}
        // The pad below types: no keyboard comes up over it.
        inputMode="none"
        value={text}
        error={
          wrong ? `a length in ${write.unit}, such as ${write.unit === 'mm' ? '0.6' : '0.02'}` : undefined
        }
        onChangeText={setText}
      />
      <NumberPad text={text} onChange={setText} />
      {crackMm !== undefined && ring && !asked ? (
        <Notice level="stop" title="It runs too far: no ring is left of this wall." live />
      ) : null}
      {asked && known ? (
        <>
          {known.kind === 'out-of-reach' ? (
            <Notice
              level="stop"
              title={`${write.size(bench.targetMm)} is out of reach then: ${outOfReachWords(known.why)}`}
              live
            >
              {route
                ? `Nearest that is still possible: ${write.size(route.targetInsideDiameterMm)}.`
                : 'No size near it is possible either.'}
            </Notice>
          ) : (
            <Notice
              level="good"
              title={`File the cut edge back by ${write.length(asked.repair.fileMm)}: the ring can be saved.`}
              live
            />
          )}
          <View role="list" aria-label="What is left">
            <FactLine name="As if the hole had been" value={write.length(asked.repair.newHoleMm)} />
            {route ? (
              <>
                <FactLine
                  name="Band"
                  value={`${write.length(route.bandWidthMm)} wide, before ${write.length(route.change.bandWidthMm.from)}`}
                />
                <FactLine name="Cut edge" value={`${write.length(route.thicknessCutEdgeMm, 2)} thick`} />
                <FactLine name="Size" value={write.size(route.targetInsideDiameterMm)} />
                {range ? (
                  <FactLine name="Sizes still possible" value={rangeWords(range, write.size)} />
                ) : null}
              </>
            ) : null}
          </View>
        </>
      ) : null}
    </View>
  );
}
