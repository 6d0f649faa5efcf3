import type { BandScene } from '@round-mint/core/ring-picture';
import type { Finish, RouteStep } from '@round-mint/core/steps';
import { useMemo, useState } from 'react';
import { View } from 'react-native';
import { useWriters } from '@/features/shared/settings/use-settings';
import { TextButton } from '@/ui/TextButton';
import { Type } from '@/ui/Type';
import { AppearanceSheet } from './AppearanceSheet';
import { BandUnrolled } from './BandUnrolled';
import { faceIdOf } from './face-choice';
import { useReliefs } from './reliefs';
import { bandSceneOf, plannedAppearance, sceneOf, type Appearance, type ShownRing } from './ring-scene';
import { RingStage } from './RingStage';
import { momentScene, RouteSlider, useRouteMoment } from './RouteSlider';
import { useTurning } from './use-turning';

export interface RingPictureProps {
  ring: ShownRing;
  /** Of the plan: shown until the maker looks at another one. */
  finish: Finish;
  height: number;
  /** The way to it: where it is told, every step of it can be looked at. */
  steps?: readonly RouteStep[] | undefined;
}

const NO_STEPS: readonly RouteStep[] = [];

/** The very ring that comes out of this piece, and its band laid flat. */
export default function RingPicture({ ring, finish, height, steps = NO_STEPS }: RingPictureProps) {
  const write = useWriters();
  const [width, setWidth] = useState(0);
  const [chosen, setChosen] = useState<{ readonly finish: Finish; readonly appearance: Appearance }>();
  const [side, setSide] = useState<BandScene['side']>('outside');
  const [isOpen, setOpen] = useState(false);
  const turning = useTurning();
  const reliefs = useReliefs(ring.piece, ring.outside);
  const planned = useMemo(() => plannedAppearance(finish), [finish]);
  // Another finish chosen in the plan is what is to be seen.
  const appearance = chosen?.finish === finish ? chosen.appearance : planned;
  const { piece, outline, lipMm, outside } = ring;
  const route = useRouteMoment(steps);
  const { moment } = route;
  const scenes = useMemo(() => {
    if (!reliefs) return undefined;
    const shown = { piece, outline, lipMm, outside };
    return {
      ring: moment ? momentScene(shown, moment, reliefs, appearance) : sceneOf(shown, reliefs, appearance),
      band: bandSceneOf(shown, reliefs, appearance, side),
    };
  }, [piece, outline, lipMm, outside, reliefs, appearance, side, moment]);
  // Of the inside the far half is seen.
  const behind = side === 'inside' ? 180 : 0;
  const hasFaces = faceIdOf(piece, 'obverse') ?? faceIdOf(piece, 'reverse');
  return (
    <View
      className="gap-1"
      testID="ring-picture"
      onLayout={({ nativeEvent }) => setWidth(nativeEvent.layout.width)}
    >
      {width > 0 ? (
        <RingStage
          scene={scenes?.ring}
          isFirstLook={reliefs?.isFirstLook}
          turning={turning}
          width={width}
          height={height}
          describe={`The ring of ${piece.name}.`}
        />
      ) : (
        <View style={{ height }} />
      )}
      <RouteSlider route={route} />
      <BandUnrolled
        scene={scenes?.band}
        isFirstLook={reliefs?.isFirstLook}
        side={side}
        onSide={setSide}
        length={write.length}
        seenDeg={turning.held.turnDeg + behind}
        onTap={(roundDeg) => turning.change((was) => ({ ...was, turnDeg: roundDeg - behind }))}
      />
      <View className="flex-row items-center justify-between gap-3">
        <Type as="small" className="flex-1">
          {hasFaces
            ? 'Computed from the plan; relief is estimated from the photograph.'
            : 'Computed from the plan. There is no picture of the faces yet: add one in Stock.'}
        </Type>
        <TextButton label="how it is shown" onPress={() => setOpen(true)} />
      </View>
      <AppearanceSheet
        open={isOpen}
        onClose={() => setOpen(false)}
        appearance={appearance}
        onChange={(next) => setChosen({ finish, appearance: next })}
        name={piece.name}
        scene={scenes?.ring}
        band={scenes?.band}
        held={turning.held}
      />
    </View>
  );
}
