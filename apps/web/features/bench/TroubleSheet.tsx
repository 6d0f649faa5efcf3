import { remedyFor, symptomsAt, type Symptom } from '@round-mint/core/remedy';
import type { RouteStep } from '@round-mint/core/route';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { RemedyParts } from '@/features/remedies/RemedySheet';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import type { BenchRing } from './bench-model';
import { CrackRepairForm } from './CrackRepairForm';
import type { BenchLog } from './use-bench-log';

interface TroubleSheetProps {
  bench: BenchRing;
  step: RouteStep;
  log: BenchLog;
  onClose: () => void;
}

function SymptomList({
  symptoms,
  label,
  onChoose,
}: {
  symptoms: readonly Symptom[];
  label: string;
  onChoose: (symptom: Symptom) => void;
}) {
  return (
    <View role="list" aria-label={label}>
      {symptoms.map((symptom) => (
        <View key={symptom} role="listitem">
          <Pressable
            role="button"
            onPress={() => onChoose(symptom)}
            className="min-h-[56px] justify-center border-b border-line active:opacity-70"
          >
            <Type>{remedyFor(symptom).title}</Type>
          </Pressable>
        </View>
      ))}
    </View>
  );
}

/** Something went wrong: what it looks like, what to do now, computed where it can be; noted with the ring. */
export function TroubleSheet({ bench, step, log, onClose }: TroubleSheetProps) {
  const [symptom, setSymptom] = useState<Symptom>();
  const [crackMm, setCrackMm] = useState<number>();
  const [all, setAll] = useState(false);
  const { here, other } = symptomsAt(step.kind);
  if (!symptom) {
    return (
      <Sheet title="What does it look like?" open onClose={onClose}>
        <SymptomList symptoms={here} label="At this step" onChoose={setSymptom} />
        {all || here.length === 0 ? (
          <SymptomList symptoms={other} label="At other steps" onChoose={setSymptom} />
        ) : (
          <TextButton label="something else" onPress={() => setAll(true)} />
        )}
      </Sheet>
    );
  }
  const note = () => {
    log.log({ kind: 'trouble', symptom, ...(crackMm === undefined ? {} : { crackMm }) });
    onClose();
  };
  return (
    <Sheet
      title={remedyFor(symptom).title}
      open
      onClose={onClose}
      footer={<Button look="main" label="Note it with the ring" onPress={note} />}
    >
      {symptom === 'crack-at-cut-edge' ? <CrackRepairForm bench={bench} onMeasured={setCrackMm} /> : null}
      <RemedyParts symptom={symptom} />
      <TextButton label="it looks different" onPress={() => setSymptom(undefined)} />
    </Sheet>
  );
}
