import type { ReactNode } from 'react';
import { View } from 'react-native';
import { SaveButton } from '@/ui/SaveButton';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import { useProblemSum } from '@/ui/use-problem-sum';

interface PieceFormPageProps {
  title: string;
  isSaving: boolean;
  /** Why the server would not have it. */
  problem: string | undefined;
  onSave: () => void;
  children: ReactNode;
}

/** A form for a piece of stock, of any kind: its boxes, and below them what keeps it from being saved. */
export function PieceFormPage({ title, isSaving, problem, onSave, children }: PieceFormPageProps) {
  const { part, ...sum } = useProblemSum();
  return (
    <Screen
      maxWidth={640}
      testID="piece-form"
      header={<Type as="title">{title}</Type>}
      footer={
        <SaveButton sum={sum} label="Save the piece" saving={isSaving} problem={problem} onPress={onSave} />
      }
    >
      <View ref={part} className="gap-3">
        {children}
      </View>
    </Screen>
  );
}
