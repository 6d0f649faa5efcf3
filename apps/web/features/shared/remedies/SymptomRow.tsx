import { remedyFor } from '@round-mint/core/remedy';
import type { Symptom } from '@round-mint/core/ring';
import { Pressable } from 'react-native';
import { SymptomDrawing } from '@/drawings/trouble/SymptomDrawing';
import { Type } from '@/ui/Type';

const DRAWING_PX = 48;

/** A trouble as it looks, to be chosen. */
export function SymptomRow({
  symptom,
  onChoose,
}: {
  symptom: Symptom;
  onChoose: (symptom: Symptom) => void;
}) {
  return (
    <Pressable
      role="button"
      onPress={() => onChoose(symptom)}
      className="min-h-[60px] flex-row items-center gap-3 border-b border-line active:opacity-70"
    >
      <SymptomDrawing symptom={symptom} size={DRAWING_PX} />
      <Type className="flex-1">{remedyFor(symptom).title}</Type>
    </Pressable>
  );
}
