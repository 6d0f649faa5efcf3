import type { CoinStock } from '@round-mint/contract/stock';
import type { PieceFace } from '@round-mint/contract/stock-faces';
import type { Ellipse } from '@round-mint/core/photo';
import { useState } from 'react';
import { View } from 'react-native';
import { faceIdOf } from '@/features/shared/picture/face-choice';
import { useRemoveFaceMutation, useSetFaceMutation } from '@/store/api';
import { newId } from '@/store/new-id';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { base64Of } from '@/ui/base64';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { Sheet } from '@/ui/Sheet';
import { MarkEditor } from './MarkEditor';
import { NoPhotoYet } from './NoPhotoYet';
import { RimEditor } from './RimEditor';
import { rimFields } from './rim-model';
import { useFacePhoto, type FacePhoto } from './use-face-photo';

const EDITOR_PX = 340;

const FOUND = {
  sure: ['good', 'The rim was found. Is the ring on it?'],
  unsure: ['warn', 'The rim is not clear. Look closely, and pull the ring where it belongs.'],
  none: ['warn', 'No rim was found. Pull the ring onto it.'],
} as const;

/** The photograph with the ring on its rim, and what is to be done with it. */
function NewFace({
  photo,
  piece,
  face,
  onDone,
}: {
  photo: FacePhoto;
  piece: CoinStock;
  face: PieceFace;
  onDone: () => void;
}) {
  const [rim, setRim] = useState<Ellipse>(photo.rim);
  const [topDeg, setTop] = useState(0);
  const [send, { isLoading }] = useSetFaceMutation();
  const [problem, setProblem] = useState<string>();
  const [level, words] = FOUND[photo.found];
  const keep = async () => {
    setProblem(undefined);
    try {
      const picture = { base64: await base64Of(photo.file), ...rimFields(rim, topDeg) };
      await send({ stockId: piece.id, face, input: { id: newId(), picture } }).unwrap();
      onDone();
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  return (
    <View className="gap-3">
      <Notice level={level} title={words} live testID={`rim-${photo.found}`}>
        Pull the squares onto the rim, and 12 to the top of the face.
      </Notice>
      <View className="items-center">
        <RimEditor
          address={photo.address}
          widthPx={photo.widthPx}
          heightPx={photo.heightPx}
          width={EDITOR_PX}
          rim={rim}
          topDeg={topDeg}
          onRim={setRim}
          onTop={setTop}
        />
      </View>
      {problem ? <Notice level="stop" title={problem} live /> : null}
      <Button look="main" label="Save this picture" disabled={isLoading} onPress={() => void keep()} />
    </View>
  );
}

interface FaceSheetProps {
  piece: CoinStock;
  face: PieceFace;
  onClose: () => void;
}

/** A face of a piece: its picture, taken or loaded, and what on it must stay. */
export default function FaceSheet({ piece, face, onClose }: FaceSheetProps) {
  const dispatch = useAppDispatch();
  const [remove] = useRemoveFaceMutation();
  const looked = useFacePhoto();
  const { photo, forget } = looked;
  const faceId = faceIdOf(piece, face);
  const takeOff = async () => {
    if (faceId === undefined) return;
    try {
      await remove({ stockId: piece.id, face }).unwrap();
      onClose();
      dispatch(
        noticeShown({
          text: `The picture of the ${face} was taken off.`,
          undo: { kind: 'face', stockId: piece.id, face, id: faceId },
        }),
      );
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
    }
  };
  return (
    <Sheet title={`${face === 'obverse' ? 'Obverse' : 'Reverse'} of ${piece.name}`} open onClose={onClose}>
      {photo ? (
        <NewFace key={photo.address} photo={photo} piece={piece} face={face} onDone={forget} />
      ) : (
        <NoPhotoYet
          looked={looked}
          what="the rim"
          hint="From straight above, all of the rim in the picture, on plain ground. Kept as a square of the face; where and with what it was taken is not kept."
          onTakeOff={faceId === undefined ? undefined : () => void takeOff()}
        >
          <MarkEditor piece={piece} face={face} />
        </NoPhotoYet>
      )}
    </Sheet>
  );
}
