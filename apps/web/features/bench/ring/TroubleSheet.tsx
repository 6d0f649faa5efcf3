import { isRead } from '@round-mint/core/bench';
import { helpsToRead, remedyFor, symptomsAt } from '@round-mint/core/remedy';
import type { Symptom } from '@round-mint/core/ring';
import type { NewRoute } from '@round-mint/core/replan';
import type { RouteStep } from '@round-mint/core/steps';
import { useState } from 'react';
import { View } from 'react-native';
import { SymptomDrawing } from '@/drawings/trouble/SymptomDrawing';
import { GuidedRemedy } from '@/features/shared/remedies/GuidedRemedy';
import { RemedyParts } from '@/features/shared/remedies/RemedySheet';
import { SymptomRow } from '@/features/shared/remedies/SymptomRow';
import { useWriters } from '@/features/shared/settings/use-settings';
import { Button } from '@/ui/Button';
import { Sheet } from '@/ui/Sheet';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import type { BenchRing } from '@/features/shared/ring/bench-model';
import { CrackRepairForm, type MeasuredCrack } from './CrackRepairForm';
import { replanWords } from './replan-words';
import type { BenchLog } from '@/features/shared/ring/use-bench-log';

interface TroubleSheetProps {
  bench: BenchRing;
  step: RouteStep;
  log: BenchLog;
  onClose: () => void;
  /** Asks for a reading instead: it plans the way on. */
  onRead: () => void;
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
          <SymptomRow symptom={symptom} onChoose={onChoose} />
        </View>
      ))}
    </View>
  );
}

/** Something went wrong: what it looks like, what to do now, computed where it can be; noted with the ring. */
export function TroubleSheet({ bench, step, log, onClose, onRead }: TroubleSheetProps) {
  const [symptom, setSymptom] = useState<Symptom>();
  const [crack, setCrack] = useState<MeasuredCrack>();
  const write = useWriters();
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
    const [because] = log.log({
      kind: 'trouble',
      symptom,
      ...(crack ? { crackMm: crack.crackMm } : {}),
    });
    onClose();
    return because;
  };
  const giveUp = () => {
    note();
    log.log({ kind: 'spoilt', cause: symptom });
  };
  const fileBack = (route: NewRoute) => {
    const because = note();
    if (because) log.reroute(because, route, replanWords(route, write.size, write.length));
  };
  const readOn = () => {
    note();
    onRead();
  };
  const route = crack?.route;
  return (
    <Sheet
      title={remedyFor(symptom).title}
      open
      onClose={onClose}
      footer={
        route ? (
          <View className="gap-2">
            <Button look="main" label="File it back and plan on" onPress={() => fileBack(route)} />
            <Button label="Only note it" onPress={() => void note()} />
          </View>
        ) : (
          <Button look="main" label="Note it with the ring" onPress={() => void note()} />
        )
      }
    >
      <View className="flex-row items-center gap-4">
        <SymptomDrawing symptom={symptom} size={96} />
        <Type as="small" className="flex-1">
          Does it look like this? If not, it is another one.
        </Type>
      </View>
      <GuidedRemedy key={symptom} symptom={symptom} />
      {helpsToRead(symptom) && isRead(step) ? (
        <Button label="Log a reading: plan on from it" onPress={readOn} />
      ) : null}
      {bench.coinRing && symptom === 'crack-at-cut-edge' ? (
        <CrackRepairForm bench={bench} onMeasured={setCrack} />
      ) : null}
      <RemedyParts symptom={symptom} />
      <Button look="stop" label="It is spoilt: give it up" onPress={giveUp} />
      <Type as="small">Its metal goes into the scrap tin; you can take it back.</Type>
      <TextButton label="it looks different" onPress={() => setSymptom(undefined)} />
    </Sheet>
  );
}
