import type { StepBlank } from '@round-mint/core/steps';
import Svg, { G, Line, Path, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { sideShape, topShape, type Shape } from './blank-geometry';

interface BlankDrawingProps {
  blank: StepBlank;
  /** Where no station tells a width, mm. */
  widthMm: number;
  width: number;
  height: number;
  /** Writes a length the maker's way. */
  length: (mm: number, decimals?: number) => string;
  /** Stretches that must not be bent, mm along the blank. */
  enamel?: readonly { readonly fromMm: number; readonly toMm: number }[];
  /** Marks across the flat blank, mm along it. */
  cuts?: readonly { readonly atMm: number; readonly label: string }[];
  testID?: string;
}

const MARGIN = 16;
const FONT = 'Barlow_500Medium';
const GAP = 30;

interface FigureProps {
  shape: Shape;
  x: number;
  y: number;
  pxPerMm: number;
}

function Figure({ shape, x, y, pxPerMm }: FigureProps) {
  const palette = usePalette();
  return (
    <Path
      d={shape.path}
      transform={`translate(${x - shape.left * pxPerMm} ${y - shape.top * pxPerMm}) scale(${pxPerMm})`}
      fill={palette.fold}
      stroke={palette.ink}
      strokeWidth={1.4 / pxPerMm}
    />
  );
}

/** A blank to scale: flat from above and from the side, or bent from the side. */
export function BlankDrawing({
  blank,
  widthMm,
  width,
  height,
  length,
  enamel = [],
  cuts = [],
  testID,
}: BlankDrawingProps) {
  const palette = usePalette();
  const { stations, bentToMm } = blank;
  const lengthMm = stations.at(-1)?.atMm ?? 0;
  const thick = stations.map(({ thicknessMm }) => thicknessMm);
  const [thin, thickest] = [Math.min(...thick), Math.max(...thick)];
  const thickWords =
    thickest - thin < 0.05 ? `${length(thickest, 2)} thick` : `${length(thin)} to ${length(thickest)} thick`;
  const text = { fill: palette.ink, fontFamily: FONT, fontSize: 14 };
  if (bentToMm !== null) {
    const ring = sideShape(stations, bentToMm);
    const pxPerMm = Math.min((width - 2 * MARGIN) / ring.widthMm, (height - 2 * MARGIN - 20) / ring.heightMm);
    const label = `bent to ${length(bentToMm)} inside`;
    return (
      <Svg
        width={width}
        height={height}
        role="img"
        aria-label={`From the side: ${label}, ${thickWords}`}
        {...(testID === undefined ? {} : { testID })}
      >
        <Figure shape={ring} x={(width - ring.widthMm * pxPerMm) / 2} y={MARGIN} pxPerMm={pxPerMm} />
        <Text x={width / 2} y={MARGIN + ring.heightMm * pxPerMm + 20} textAnchor="middle" {...text}>
          {label}
        </Text>
      </Svg>
    );
  }
  const top = topShape(stations, widthMm);
  const side = sideShape(stations, null);
  const pxPerMm = Math.min(
    (width - 2 * MARGIN) / lengthMm,
    (height - GAP - 62) / (top.heightMm + side.heightMm),
  );
  const x = (width - lengthMm * pxPerMm) / 2;
  const at = (mm: number) => x + mm * pxPerMm;
  const topY = 34;
  const sideY = topY + top.heightMm * pxPerMm + GAP;
  const sideBottom = sideY + side.heightMm * pxPerMm;
  return (
    <Svg
      width={width}
      height={height}
      role="img"
      aria-label={`Flat, from above and from the side: ${length(lengthMm)} long, ${thickWords}`}
      {...(testID === undefined ? {} : { testID })}
    >
      <Figure shape={top} x={x} y={topY} pxPerMm={pxPerMm} />
      <Figure shape={side} x={x} y={sideY} pxPerMm={pxPerMm} />
      {enamel.map(({ fromMm, toMm }) => (
        <G key={fromMm}>
          <Path
            d={`M${at(fromMm)} ${topY} H${at(toMm)} V${topY + top.heightMm * pxPerMm} H${at(fromMm)} Z`}
            fill="none"
            stroke={palette.stop}
            strokeDasharray="4 3"
          />
          <Text
            x={at((fromMm + toMm) / 2)}
            y={topY + top.heightMm * pxPerMm + 16}
            textAnchor="middle"
            {...text}
            fill={palette.stop}
            fontSize={13}
          >
            enamel
          </Text>
        </G>
      ))}
      {cuts.map(({ atMm, label }, i) => {
        const right = at(atMm) > width * 0.6;
        return (
          <G key={label}>
            <Line
              x1={at(atMm)}
              x2={at(atMm)}
              y1={topY - 8}
              y2={sideBottom + 4}
              stroke={palette.force}
              strokeWidth="1.5"
            />
            <Text
              x={at(atMm) + (right ? 4 : -4)}
              y={i % 2 === 0 ? 14 : 28}
              textAnchor={right ? 'end' : 'start'}
              {...text}
              fontSize={13}
            >
              {label}
            </Text>
          </G>
        );
      })}
      <Text x={width / 2} y={sideBottom + 20} textAnchor="middle" {...text}>
        {`${length(lengthMm)} long · ${thickWords}`}
      </Text>
    </Svg>
  );
}
