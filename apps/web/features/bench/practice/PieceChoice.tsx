import type { Exercise, PracticeAction } from '@round-mint/core/practice';
import { useState } from 'react';
import { View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { Button } from '@/ui/Button';
import { Choices } from '@/ui/Choices';
import { Type } from '@/ui/Type';

interface PieceChoiceProps {
  readonly exercise: Exercise;
  readonly onTake: (action: PracticeAction) => void;
}

/** Which piece, which hole: the one choice that cannot be taken back. */
export function PieceChoice({ exercise, onTake }: PieceChoiceProps) {
  const write = useWriters();
  const [piece, setPiece] = useState(0);
  const [holeMm, setHole] = useState(exercise.holesMm[2] ?? 12.7);
  const pieces = exercise.pieces.map(({ name, diameterMm, rimThicknessMm }, value) => ({
    value,
    label: name,
    note: `${write.length(diameterMm)} across, rim ${write.length(rimThicknessMm ?? 0, 2)}`,
  }));
  return (
    <View className="gap-3">
      <Type as="heading">Which piece?</Type>
      <Choices label="Piece" choices={pieces} value={piece} onChange={setPiece} minWidth={150} />
      <Type as="heading">Which hole?</Type>
      <Choices
        label="Hole"
        choices={exercise.holesMm.map((value) => ({ value, label: write.length(value) }))}
        value={holeMm}
        onChange={setHole}
      />
      <Type as="small">A punched coin cannot be un-punched.</Type>
      <Button look="main" label="Punch it" onPress={() => onTake({ kind: 'take', piece, holeMm })} />
    </View>
  );
}
