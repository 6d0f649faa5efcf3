import { parseLengthMm } from '@round-mint/core/format';
import { useState } from 'react';
import { View } from 'react-native';
import { useWriters } from '@/features/settings/use-settings';
import { useListKitQuery } from '@/store/api';
import { FactLine } from '@/ui/FactLine';
import { Field } from '@/ui/Field';
import { Notice } from '@/ui/Notice';
import type { BenchRing } from './bench-model';
import { crackAnswer } from './trouble-model';

interface CrackRepairFormProps {
  bench: BenchRing;
  /** The length of the crack as far as it was understood. */
  onMeasured: (crackMm: number | undefined) => void;
}

/** Can the edge be filed past the crack, and what ring is left? */
export function CrackRepairForm({ bench, onMeasured }: CrackRepairFormProps) {
  const write = useWriters();
  const kit = useListKitQuery().data;
  const [text, setText] = useState('');
  const crackMm = parseLengthMm(text, write.unit);
  const answer = crackMm === undefined ? undefined : crackAnswer(bench, crackMm, kit ?? []);
  const change = (typed: string) => {
    setText(typed);
    onMeasured(parseLengthMm(typed, write.unit));
  };
  const wrong = text.trim() !== '' && crackMm === undefined;
  const range = answer?.plan.sizeRangeMm;
  return (
    <View className="gap-2">
      <Field
        label="How long is the crack?"
        unit={write.unit}
        inputMode="decimal"
        value={text}
        error={
          wrong ? `a length in ${write.unit}, such as ${write.unit === 'mm' ? '0.6' : '0.02'}` : undefined
        }
        onChangeText={change}
      />
      {crackMm !== undefined && !answer ? (
        <Notice level="stop" title="It runs too far: no ring is left of this wall." live />
      ) : null}
      {answer ? (
        <>
          <Notice
            level={answer.plan.feasible ? 'good' : 'stop'}
            title={
              answer.plan.feasible
                ? `File the cut edge back by ${write.length(answer.repair.fileMm)}: the ring can be saved.`
                : (answer.plan.reasons[0]?.message ?? 'No ring of this size is left.')
            }
            live
          />
          <View role="list" aria-label="What is left">
            <FactLine name="As if the hole had been" value={write.length(answer.repair.newHoleMm)} />
            <FactLine
              name="Band"
              value={`${write.length(answer.plan.bandWidthMm)} wide, planned ${write.length(bench.ring.prediction.bandWidthMm)}`}
            />
            <FactLine
              name="Sizes still possible"
              value={range ? `${write.size(range.min)} to ${write.size(range.max)}` : 'none'}
            />
          </View>
        </>
      ) : null}
    </View>
  );
}
