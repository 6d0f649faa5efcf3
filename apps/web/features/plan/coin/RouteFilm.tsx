import type { RouteStep } from '@round-mint/core/steps';
import { useMemo, useState } from 'react';
import { View, type LayoutChangeEvent } from 'react-native';
import { framesOf, momentAt } from '@/drawings/section/film';
import { FilmStrip } from '@/drawings/section/FilmStrip';
import { LegendStretch } from '@/drawings/section/LegendStretch';
import { StageDrawing } from '@/drawings/section/StageDrawing';
import { FILM_STEP, useFilm } from '@/drawings/section/use-film';
import { useWriters } from '@/features/shared/settings/use-settings';
import { Button } from '@/ui/Button';
import { Slider } from '@/ui/Slider';
import { Type } from '@/ui/Type';

/** A wide sheet has room for a larger stage. */
const STAGE = { small: 230, large: 300, largeFrom: 500 };

/** Letters of the legend to draw: the piece's name, as struck. */
function lettersOf(name: string): string {
  return name.replace(/[^\p{L}\p{N} ]/gu, '').toUpperCase();
}

interface RouteFilmProps {
  steps: readonly RouteStep[];
  pieceName: string;
}

/** The way from flat coin to ring, blow by blow: play it, drag it, or step it with the arrow keys. */
export function RouteFilm({ steps, pieceName }: RouteFilmProps) {
  const write = useWriters();
  const [width, setWidth] = useState(0);
  const frames = useMemo(() => framesOf(steps), [steps]);
  const last = Math.max(0, frames.length - 1);
  const { place, playing, toggle, goTo } = useFilm(last);
  const moment = momentAt(frames, place);
  const flat = frames[0]?.outline;
  if (!moment || !flat) return null;
  const { frame, index } = moment;
  const size = write.size(frame.after.cutInsideDiameterMm);
  const words = `${frame.title}${frame.tool ? `, ${frame.tool}` : ''}`;
  return (
    <View
      className="gap-2"
      testID="route-film"
      onLayout={(event: LayoutChangeEvent) => setWidth(event.nativeEvent.layout.width)}
    >
      {/* As high as its longest words, so that nothing below jumps while the film plays. */}
      <View className="min-h-[64px] flex-row items-center justify-between gap-3">
        <View className="min-w-0 flex-1">
          <Type as="strong">{frame.title}</Type>
          <Type as="small">{`${frame.tool ?? 'no tool'} · cut edge ${size}`}</Type>
        </View>
        <Button
          label={playing ? 'Pause' : 'Play'}
          onPress={toggle}
          describe={playing ? 'Pause the film' : 'Play the film'}
        />
      </View>
      {width > 0 ? (
        <StageDrawing
          moment={moment}
          frames={frames}
          width={width}
          height={width >= STAGE.largeFrom ? STAGE.large : STAGE.small}
          describe={`The wall while it is worked: ${words}`}
        />
      ) : null}
      <Slider
        label="Along the route"
        value={place}
        max={last}
        step={FILM_STEP}
        valueText={`${index + 1} of ${frames.length}: ${frame.title}`}
        onChange={goTo}
        testID="film-slider"
      />
      <FilmStrip frames={frames} current={index} onChoose={goTo} write={write.size} />
      {width > 0 ? (
        <LegendStretch letters={lettersOf(pieceName)} flat={flat} now={moment.outline} width={width} />
      ) : null}
    </View>
  );
}
