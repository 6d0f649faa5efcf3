import { percentWords } from '@round-mint/core/format';
import type { WallOutline } from '@round-mint/core/steps';
import Svg, { G, Line, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { letterStretch, type LetterStretch } from './film';

interface LegendStretchProps {
  /** Letters of the coin's legend. */
  letters: string;
  flat: WallOutline;
  now: WallOutline;
  width: number;
}

const HEIGHT = 92;
const LETTER_PX = 22;
/** Room of a letter on the flat coin, px. */
const PITCH_PX = 19;
const LABEL_PX = 92;

function percent(stretch: LetterStretch): string {
  return percentWords(stretch.along);
}

/** Letters struck into the outside as they will look at the rim and at the cut edge, against those on the coin. */
export function LegendStretch({ letters, flat, now, width }: LegendStretchProps) {
  const palette = usePalette();
  const { rim, cut } = letterStretch(flat, now);
  const rows = [
    { name: 'rim edge', y: 36, stretch: rim },
    { name: 'cut edge', y: 76, stretch: cut },
  ];
  const words = rows.map(({ name, stretch }) => `${name} letters ${percent(stretch)} as wide`).join(', ');
  return (
    <Svg
      width={width}
      height={HEIGHT}
      viewBox={`0 0 ${width} ${HEIGHT}`}
      role="img"
      aria-label={`The outside legend: ${words}`}
      testID="legend-stretch"
    >
      {rows.map(({ name, y, stretch }) => {
        const room = Math.max(1, Math.floor((width - LABEL_PX - 6) / (PITCH_PX * stretch.along)));
        return (
          <G key={name}>
            <Text x="0" y={y - 14} fill={palette.soft} fontFamily="Barlow_400Regular" fontSize="13">
              {name}
            </Text>
            <Text x="0" y={y + 3} fill={palette.ink} fontFamily="Barlow_600SemiBold" fontSize="15">
              {percent(stretch)}
            </Text>
            {[...letters].slice(0, room).map((letter, i) => (
              <Text
                key={i}
                transform={`translate(${LABEL_PX + (i + 0.5) * PITCH_PX * stretch.along} ${y}) scale(${stretch.along} ${stretch.across})`}
                fill={palette.ink}
                fontFamily="Barlow_500Medium"
                fontSize={LETTER_PX}
                textAnchor="middle"
              >
                {letter}
              </Text>
            ))}
            <Line x1={LABEL_PX} x2={width} y1={y + 6} y2={y + 6} stroke={palette.line} strokeWidth="1" />
          </G>
        );
      })}
    </Svg>
  );
}
