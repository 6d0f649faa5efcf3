import type { CoinStock } from '@round-mint/contract/stock';
import type { PieceFace } from '@round-mint/contract/stock-faces';
import { faceOutside, proposedOutside } from '@round-mint/core/faces';
import { capital } from '@round-mint/core/format';
import { View } from 'react-native';
import { otherFace } from '@/features/shared/picture/face-choice';
import { pieceInputOf } from '@/features/shared/words/piece-input';
import { useSaveStockMutation } from '@/store/api';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';

/** Which face comes outside, and why. */
export function outsideWords(piece: CoinStock): string {
  const outside = faceOutside(piece);
  const proposed = proposedOutside(piece);
  if (!proposed) {
    return piece.outsideFace === 'either'
      ? `Either face may come outside; shown is the ${outside}.`
      : `The ${outside} comes outside, as the piece says.`;
  }
  const { face, shows } = proposed;
  const lie = `${capital(shows.join(' and '))} ${shows.length === 1 ? 'lies' : 'lie'} on the ${face}`;
  if (face !== outside) return `${lie}, which comes inside.`;
  return piece.outsideFace === 'either'
    ? `${lie}: it is proposed for the outside.`
    : `${lie}, which comes outside.`;
}

/** Says which face comes outside, and turns the piece over; the piece keeps it. */
export function FaceTurned({ piece }: { piece: CoinStock }) {
  const dispatch = useAppDispatch();
  const [save] = useSaveStockMutation();
  const other: PieceFace = otherFace(faceOutside(piece));
  const turn = async () => {
    try {
      await save({ ...pieceInputOf(piece), outsideFace: other, isNew: false, base: piece }).unwrap();
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
    }
  };
  return (
    <View className="flex-row items-center justify-between gap-3">
      <Type as="small" className="flex-1">
        {outsideWords(piece)}
      </Type>
      <TextButton
        label={`${other} outside`}
        describe={`Turn the ${other} outside`}
        onPress={() => void turn()}
      />
    </View>
  );
}
