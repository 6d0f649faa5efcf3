import type { ReactNode } from 'react';
import { View } from 'react-native';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Screen } from '@/ui/Screen';
import { Type } from '@/ui/Type';
import type { ProblemSum } from '@/ui/use-problem-sum';

interface PieceFormPageProps {
  title: string;
  /** Holds the boxes. */
  part: ProblemSum['part'];
  /** How many boxes are wrong. */
  wrong: ProblemSum['words'];
  isSaving: boolean;
  /** Why the server would not have it. */
  problem: string | undefined;
  onSave: () => void;
  children: ReactNode;
}

/** A form for a piece of stock, of any kind: its boxes, and below them what keeps it from being saved. */
export function PieceFormPage({
  title,
  part,
  wrong,
  isSaving,
  problem,
  onSave,
  children,
}: PieceFormPageProps) {
  return (
    <Screen
      maxWidth={640}
      testID="piece-form"
      header={<Type as="title">{title}</Type>}
      footer={
        <View className="gap-2">
          {wrong ? <Notice level="stop" title={wrong} live /> : null}
          {problem ? <Notice level="stop" title={problem} live /> : null}
          <Button
            look="main"
            label={isSaving ? 'Saving …' : 'Save the piece'}
            disabled={isSaving}
            onPress={onSave}
          />
        </View>
      }
    >
      <View ref={part} className="gap-3">
        {children}
      </View>
    </Screen>
  );
}
