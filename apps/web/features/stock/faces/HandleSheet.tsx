import { scaledOutline, type FoundOutline } from '@round-mint/core/photo';
import { useState } from 'react';
import { View } from 'react-native';
import type { HandleStock } from '@/features/shared/picture/handle-relief';
import { useLookedAt, type LookedAt } from '@/features/shared/picture/use-looked-at';
import { useRemoveTopMutation, useSetTopMutation } from '@/store/api';
import { newId } from '@/store/new-id';
import { noticeShown } from '@/store/notices-slice';
import { problemText } from '@/store/problem';
import { useAppDispatch } from '@/store/store';
import { base64Of } from '@/ui/base64';
import { Button } from '@/ui/Button';
import { Notice } from '@/ui/Notice';
import { readPixels } from '@/ui/pixels';
import { Sheet } from '@/ui/Sheet';
import { startJob } from '@/workers/start-job';
import {
  acrossPicture,
  outlineOfStations,
  topFields,
  turnedOutline,
  type DrawnOutline,
} from './outline-model';
import { NoPhotoYet } from './NoPhotoYet';
import { OutlineEditor } from './OutlineEditor';

const EDITOR_PX = 340;
/** As fine as an outline is measured. */
const LOOK_PX = 1200;

interface FoundHandle {
  readonly widthPx: number;
  readonly heightPx: number;
  /** Null where nothing stands out. */
  readonly found: FoundOutline | null;
}

async function lookAt(file: File): Promise<FoundHandle> {
  const { fileWidthPx: widthPx, fileHeightPx: heightPx, ...small } = await readPixels(file, LOOK_PX);
  const found = await startJob('outline', small, () => undefined).answer;
  const scale = widthPx / small.widthPx;
  return { widthPx, heightPx, found: found && scaledOutline(found, scale) };
}

const FOUND = {
  sure: ['good', 'The handle was found. Is the line on its edge?'],
  unsure: ['warn', 'The handle is not clear. Look closely, and pull the line onto its edge.'],
  none: ['warn', 'No handle was found. Pull both ends and the sides onto it.'],
} as const;

interface NewTopProps {
  photo: LookedAt<FoundHandle>;
  piece: HandleStock;
  onDone: () => void;
}

/** The photograph with the outline, and what is to be done with it. */
function NewTop({ photo, piece, onDone }: NewTopProps) {
  const { widthPx, heightPx, found, address, file } = photo;
  const [drawn, setDrawn] = useState<DrawnOutline>(
    () => found ?? outlineOfStations(piece.stations, acrossPicture(widthPx, heightPx)),
  );
  const [send, { isLoading }] = useSetTopMutation();
  const [problem, setProblem] = useState<string>();
  const state = found ? (found.sure ? 'sure' : 'unsure') : 'none';
  const [level, words] = FOUND[state];
  const keep = async () => {
    setProblem(undefined);
    try {
      const { place, outline } = topFields(drawn);
      const picture = { base64: await base64Of(file), ...place };
      await send({ stockId: piece.id, input: { id: newId(), picture, outline } }).unwrap();
      onDone();
    } catch (error) {
      setProblem(problemText(error));
    }
  };
  return (
    <View className="gap-3">
      <Notice level={level} title={words} live testID={`outline-${state}`}>
        Round marks are its ends: the dashed line runs from its tip along its middle.
      </Notice>
      <View className="items-center">
        <OutlineEditor
          address={address}
          widthPx={widthPx}
          heightPx={heightPx}
          width={EDITOR_PX}
          drawn={drawn}
          onChange={setDrawn}
        />
      </View>
      <View className="flex-row gap-2">
        <Button
          label="Tip at the other end"
          className="flex-1"
          onPress={() => setDrawn(turnedOutline(drawn))}
        />
        <Button
          label="Sides from the stations"
          className="flex-1"
          onPress={() => setDrawn(outlineOfStations(piece.stations, drawn))}
        />
      </View>
      {problem ? <Notice level="stop" title={problem} live /> : null}
      <Button look="main" label="Save this picture" disabled={isLoading} onPress={() => void keep()} />
    </View>
  );
}

interface HandleSheetProps {
  piece: HandleStock;
  onClose: () => void;
}

/** The picture of a handle from above, taken or loaded, with its outline. */
export default function HandleSheet({ piece, onClose }: HandleSheetProps) {
  const dispatch = useAppDispatch();
  const [remove] = useRemoveTopMutation();
  const looked = useLookedAt(lookAt);
  const { photo } = looked;
  const { topFaceId, topOutline } = piece;
  const takeOff = async () => {
    if (!topFaceId || !topOutline) return;
    try {
      await remove(piece.id).unwrap();
      onClose();
      dispatch(
        noticeShown({
          text: 'The picture of the handle was taken off.',
          undo: { kind: 'top', stockId: piece.id, id: topFaceId, outline: topOutline },
        }),
      );
    } catch (error) {
      dispatch(noticeShown({ text: problemText(error), problem: true }));
    }
  };
  return (
    <Sheet title={`${piece.name} from above`} open onClose={onClose}>
      {photo ? (
        <NewTop key={photo.address} photo={photo} piece={piece} onDone={onClose} />
      ) : (
        <NoPhotoYet
          looked={looked}
          what="the handle"
          hint="From straight above, all of the handle in the picture, on plain ground that is darker or lighter than it. Where and with what it was taken is not kept."
          onTakeOff={topFaceId ? () => void takeOff() : undefined}
        />
      )}
    </Sheet>
  );
}
