import { Pressable, ScrollView, View } from 'react-native';
import Svg, { Line, Path } from 'react-native-svg';
import { StepIcon } from '@/drawings/route/StepIcon';
import { usePalette } from '@/theme/light';
import { Type } from '@/ui/Type';
import { type RouteStep, sectionLines } from '@round-mint/core/steps';
import { outlinePath, type SectionScale } from './section-geometry';

interface FilmStripProps {
  /** Frames of the film: see {@link framesOf}. */
  frames: readonly RouteStep[];
  /** The frame that is shown large. */
  current?: number;
  onChoose: (frame: number) => void;
  /** Writes an inside diameter as a size. */
  write: (insideDiameterMm: number) => string;
}

const FRAME = { width: 108, height: 84 };
const PADDING = 8;

/** The section along the route as a strip of small drawings, all at one scale. */
export function FilmStrip({ frames, current, onChoose, write }: FilmStripProps) {
  const palette = usePalette();
  const reach = Math.max(...frames.flatMap(({ outline }) => sectionLines(outline).outside.map(({ x }) => x)));
  const least = Math.min(...frames.flatMap(({ outline }) => sectionLines(outline).inside.map(({ x }) => x)));
  const tall = Math.max(...frames.map(({ outline }) => sectionLines(outline).heightMm)) + 3;
  const pxPerMm = Math.min(
    (FRAME.width - 2 * PADDING) / (reach - least + 1),
    (FRAME.height - 2 * PADDING) / tall,
  );
  const scale: SectionScale = {
    pxPerMm,
    x: (mm) => PADDING + (mm - least) * pxPerMm,
    y: (mm) => FRAME.height - PADDING - (mm + 1.2) * pxPerMm,
  };
  return (
    <ScrollView
      horizontal
      role="list"
      aria-label="The wall from blow to blow"
      contentContainerClassName="gap-1"
    >
      {frames.map((step, i) => {
        const before = frames[i - 1];
        const size = step.kind === 'cut' || step.kind === 'fold' ? '' : write(step.after.cutInsideDiameterMm);
        return (
          <View key={`${step.title}-${i}`} role="listitem">
            <Pressable
              role="button"
              aria-label={`${step.title}${size ? `, cut edge ${size}` : ''}`}
              aria-pressed={i === current}
              onPress={() => onChoose(i)}
              className={i === current ? 'border-2 border-ink' : 'm-px border border-line'}
            >
              <View className="flex-row items-center justify-between px-1.5 pt-1">
                <StepIcon kind={step.kind} size={20} />
                <Type as="small">{size}</Type>
              </View>
              <Svg width={FRAME.width} height={FRAME.height} aria-hidden>
                <Line
                  x1={0}
                  x2={FRAME.width}
                  y1={scale.y(-0.9)}
                  y2={scale.y(-0.9)}
                  stroke={palette.line}
                  strokeWidth="1"
                />
                {before ? (
                  <Path
                    d={outlinePath(sectionLines(before.outline), scale)}
                    fill="none"
                    stroke={palette.soft}
                    strokeWidth="0.8"
                    strokeDasharray="2 2"
                  />
                ) : null}
                <Path
                  d={outlinePath(sectionLines(step.outline), scale)}
                  fill={palette.fold}
                  stroke={palette.ink}
                  strokeWidth="1.4"
                />
              </Svg>
            </Pressable>
          </View>
        );
      })}
    </ScrollView>
  );
}
