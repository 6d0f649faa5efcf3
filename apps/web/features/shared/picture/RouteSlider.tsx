import type { RingScene } from '@round-mint/core/ring-picture';
import { routeExtent, type RouteStep } from '@round-mint/core/steps';
import { useMemo } from 'react';
import { View } from 'react-native';
import { framesOf, momentAt, type FilmMoment } from '@/drawings/section/film';
import { FILM_STEP, useFilm } from '@/drawings/section/use-film';
import { Slider } from '@/ui/Slider';
import { Type } from '@/ui/Type';
import type { Reliefs } from './reliefs';
import { sceneOf, type Appearance, type ShownRing } from './ring-scene';

/** A moment on the way to a ring, and the room that the whole way needs. */
export interface RouteMoment extends FilmMoment {
  readonly room: NonNullable<RingScene['room']>;
}

/** Where on its way a ring is looked at; at the end of it, the finished ring. */
export function useRouteMoment(steps: readonly RouteStep[]) {
  const frames = useMemo(() => framesOf(steps), [steps]);
  const room = useMemo(() => routeExtent(frames), [frames]);
  const last = frames.length;
  const { place, goTo } = useFilm(last);
  const moment = useMemo((): RouteMoment | undefined => {
    const found = place < last ? momentAt(frames, place) : undefined;
    return found && { ...found, room };
  }, [frames, place, last, room]);
  return { moment, place, last, goTo };
}

/** A ring on its way: as the blows have left it so far, with nothing finished or trimmed. */
export function momentScene(
  ring: ShownRing,
  { outline, room }: RouteMoment,
  reliefs: Reliefs,
  appearance: Appearance,
): RingScene {
  const rough: Appearance = { ...appearance, surface: 'as-formed', goldInside: false };
  return { ...sceneOf({ ...ring, outline, lipMm: 0 }, reliefs, rough), room };
}

/** From the punched piece to the finished ring, in the round. */
export function RouteSlider({ route }: { route: ReturnType<typeof useRouteMoment> }) {
  const { moment, place, last, goTo } = route;
  if (last === 0) return null;
  const words = moment ? moment.frame.title : 'Finished';
  return (
    <View>
      <View className="flex-row justify-between gap-3">
        <Type as="small">The way to it</Type>
        <Type as="small">{words}</Type>
      </View>
      <Slider
        label="The way to the ring"
        value={place}
        max={last}
        step={FILM_STEP}
        valueText={words}
        onChange={goTo}
        testID="route-slider"
      />
    </View>
  );
}
