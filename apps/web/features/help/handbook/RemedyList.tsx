import { SYMPTOMS, type Symptom } from '@round-mint/core/ring';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { View } from 'react-native';
import { RemedySheet } from '@/features/shared/remedies/RemedySheet';
import { SymptomRow } from '@/features/shared/remedies/SymptomRow';

/** Everything that goes wrong, as it looks; each opens what to do. */
export function RemedyList() {
  const { trouble } = useLocalSearchParams<{ trouble?: string }>();
  const [symptom, setSymptom] = useState<Symptom | undefined>(() => SYMPTOMS.find((one) => one === trouble));
  return (
    <>
      <View role="list" aria-label="Troubles" className="two:flex-row two:flex-wrap">
        {SYMPTOMS.map((one) => (
          <View key={one} role="listitem" className="two:w-1/2 two:pr-4">
            <SymptomRow symptom={one} onChoose={setSymptom} />
          </View>
        ))}
      </View>
      <RemedySheet symptom={symptom} onClose={() => setSymptom(undefined)} />
    </>
  );
}
