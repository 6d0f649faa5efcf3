import type { CoinStock } from '@round-mint/contract/stock';
import type { PieceFace } from '@round-mint/contract/stock-faces';
import { FACES } from '@round-mint/core/steps';
import { lazy, Suspense, useState } from 'react';
import { Pressable, View } from 'react-native';
import { FaceImage } from '@/features/shared/picture/FaceImage';
import { faceIdOf } from '@/features/shared/picture/face-choice';
import { pieceInputOf } from '@/features/shared/words/piece-input';
import { useSaveStockMutation } from '@/store/api';
import { LabelledChoices } from '@/ui/Choices';
import { Type } from '@/ui/Type';

/** Taking a picture needs more than looking at one: it comes in a file of its own. */
const FaceSheet = lazy(() => import('./FaceSheet'));

const SIZE_PX = 148;

const TURNS = [
  { value: 'medal', label: 'side to side', describe: 'Turned over side to side' },
  { value: 'coin', label: 'top to bottom', describe: 'Turned over top to bottom' },
] as const;

/** Both faces of a piece side by side; pressing one opens it. */
export function FacePair({ piece }: { piece: CoinStock }) {
  const [open, setOpen] = useState<PieceFace>();
  const [save] = useSaveStockMutation();
  return (
    <View className="gap-2">
      <View className="flex-row justify-around">
        {FACES.map((face) => {
          const faceId = faceIdOf(piece, face);
          return (
            <Pressable
              key={face}
              role="button"
              aria-label={
                faceId === undefined ? `Add a picture of the ${face}` : `The ${face}: look at it, change it`
              }
              onPress={() => setOpen(face)}
              className="items-center gap-1 active:opacity-70"
            >
              <FaceImage faceId={faceId} face={face} size={SIZE_PX} testID={`face-${face}`} />
              <Type as="small">{faceId === undefined ? `add the ${face}` : face}</Type>
            </Pressable>
          );
        })}
      </View>
      <LabelledChoices
        label="To see its other face the right way up, turn it"
        choices={TURNS}
        value={piece.faceTurn ?? 'medal'}
        onChange={(faceTurn) => void save({ ...pieceInputOf(piece), faceTurn, isNew: false, base: piece })}
      />
      {open ? (
        <Suspense fallback={null}>
          <FaceSheet piece={piece} face={open} onClose={() => setOpen(undefined)} />
        </Suspense>
      ) : null}
    </View>
  );
}
