import { remedyFor } from '@round-mint/core/remedy';
import { SYMPTOMS, type Symptom } from '@round-mint/core/ring';
import { useLocalSearchParams } from 'expo-router';
import { useState } from 'react';
import { Pressable, View } from 'react-native';
import { SymptomDrawing } from '@/drawings/trouble/SymptomDrawing';
import { RemedySheet } from '@/features/shared/remedies/RemedySheet';
import { Type } from '@/ui/Type';

/** Everything that goes wrong, as it looks; each opens what to do. */
export function RemedyList() {
  const { trouble } = useLocalSearchParams<{ trouble?: string }>();
  const [symptom, setSymptom] = useState<Symptom | undefined>(() => SYMPTOMS.find((one) => one === trouble));
  return (
    <>
      <View role="list" aria-label="Troubles" className="two:flex-row two:flex-wrap">
        {SYMPTOMS.map((one) => (
          <View key={one} role="listitem" className="two:w-1/2 two:pr-4">
            <Pressable
              role="button"
              onPress={() => setSymptom(one)}
              className="min-h-[60px] flex-row items-center gap-3 border-b border-line active:opacity-70"
            >
              <SymptomDrawing symptom={one} size={44} />
              <Type className="flex-1">{remedyFor(one).title}</Type>
            </Pressable>
          </View>
        ))}
      </View>
      <RemedySheet symptom={symptom} onClose={() => setSymptom(undefined)} />
    </>
  );
}
