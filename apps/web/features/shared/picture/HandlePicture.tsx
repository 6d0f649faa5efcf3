import { WORN, type Worn } from '@round-mint/core/handle';
import type { HandleRingScene } from '@round-mint/core/ring-picture';
import { useContext, useMemo, useState } from 'react';
import { View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { noticeShown } from '@/store/notices-slice';
import { useAppDispatch } from '@/store/store';
import { LightContext } from '@/theme/light';
import { LabelledChoices } from '@/ui/Choices';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { saveGlb, savePng } from './exports';
import { useHandleRelief } from './handle-relief';
import { bendHandle, endsWords, handleSceneOf, usuallyWorn, type ShownHandle } from './handle-scene';
import { HandleStrip } from './HandleStrip';
import { RingStage } from './RingStage';
import { roundHandleScene } from './round-ring-scene';
import { useTurning } from './use-turning';

const WORN_WORDS = { middle: 'its middle', ends: 'its ends' } as const;
const ON_TOP = WORN.map((value) => ({
  value,
  label: WORN_WORDS[value],
  describe: `On top of the finger: ${WORN_WORDS[value]}`,
}));

export interface HandlePictureProps {
  shown: ShownHandle;
  height: number;
}

/** The very ring that this handle comes to, and the handle itself with what is seen of it. */
export default function HandlePicture({ shown, height }: HandlePictureProps) {
  const write = useWriters();
  const dispatch = useAppDispatch();
  const light = useContext(LightContext);
  const [width, setWidth] = useState(0);
  const [worn, setWorn] = useState<Worn>(() => usuallyWorn(shown.work));
  const turning = useTurning();
  const { piece } = shown;
  const relief = useHandleRelief(piece);
  const bent = useMemo(() => bendHandle(shown, worn), [shown, worn]);
  const scene = useMemo(() => relief && handleSceneOf(bent, shown, relief), [bent, shown, relief]);
  const hasPicture = relief?.address !== undefined;
  const top = bent.top
    .map(({ fromMm, toMm }) => `${write.length(fromMm)} to ${write.length(toMm)}`)
    .join(', ');
  const save = async (write: (drawn: HandleRingScene) => Promise<void>) => {
    try {
      if (scene) await write(scene);
    } catch {
      dispatch(noticeShown({ text: 'The file could not be made on this device.', problem: true }));
    }
  };
  return (
    <View
      className="gap-2"
      testID="handle-picture"
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      {width > 0 ? (
        <RingStage
          scene={scene}
          turning={turning}
          width={width}
          height={height}
          describe={`The ring of ${piece.name}.`}
        />
      ) : (
        <View style={{ height }} />
      )}
      <HandleStrip
        bent={bent}
        address={relief?.address}
        heightShare={relief?.heightShare ?? 0.25}
        outline={piece.topOutline ?? undefined}
        label={`The handle from above: on top of the finger lies ${top} from the tip`}
      />
      <Type as="small">{`On top of the finger: ${top} from the tip. ${endsWords(bent, shown, write.length)}`}</Type>
      <LabelledChoices label="On top of the finger" choices={ON_TOP} value={worn} onChange={setWorn} />
      <Type as="small">
        {hasPicture
          ? 'Computed from the plan; relief is estimated from the photograph.'
          : 'Computed from the plan. There is no picture of the handle yet: add one in Stock.'}
      </Type>
      <View className="flex-row gap-5">
        <TextButton
          label="save picture"
          describe="Save the picture as PNG"
          onPress={() => void save((drawn) => savePng(piece.name, drawn, turning.held, light))}
        />
        <TextButton
          label="save solid"
          describe="Save the ring as GLB, for other viewers"
          onPress={() => void save((drawn) => saveGlb(piece.name, roundHandleScene(drawn)))}
        />
      </View>
    </View>
  );
}
