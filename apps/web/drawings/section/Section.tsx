import type { WallOutline } from '@round-mint/core/route';
import { useId } from 'react';
import Svg, { Defs, G, Line, LinearGradient, Path, Pattern, Rect, Stop, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { DimensionLine } from './DimensionLine';
import { outlinePath, sectionLines, strainStops, type SectionScale } from './section-geometry';

/** The flat coin behind the wall, mm. */
interface FlatCoin {
  readonly diameterMm: number;
  readonly holeMm: number;
  readonly thicknessMm: number;
}

interface SectionProps {
  outline: WallOutline;
  /** Ghost of the flat washer. */
  flat?: FlatCoin;
  /** Ghost of another stage, thin. */
  ghost?: WallOutline | undefined;
  width: number;
  height: number;
  /** The inside diameter, written the maker's way. */
  insideText: string;
  widthText: string;
  rimText: string;
  cutText: string;
  /** Words under the ghost of the coin. */
  flatText?: string;
  testID?: string;
}

const MARGIN = { left: 14, right: 12, top: 46, bottom: 26 };
/** Room to the right of the wall for the width's dimension line. */
const SIDE_MM = 1.4;
const FONT = 'Barlow_500Medium';
const STRONG = 'Barlow_600SemiBold';

/** One scale for both axes, so that the drawing is true. */
function fitScale(width: number, height: number, reachMm: number, tallMm: number): SectionScale {
  const pxPerMm = Math.min(
    (width - MARGIN.left - MARGIN.right) / reachMm,
    (height - MARGIN.top - MARGIN.bottom) / tallMm,
  );
  const baseline = height - MARGIN.bottom;
  return { pxPerMm, x: (mm) => MARGIN.left + mm * pxPerMm, y: (mm) => baseline - mm * pxPerMm };
}

/** Half the wall in section, to scale, as a workshop drawing: hatched, dimensioned, tinted by strain. */
export function Section({
  outline,
  flat,
  ghost,
  width,
  height,
  insideText,
  widthText,
  rimText,
  cutText,
  flatText,
  testID,
}: SectionProps) {
  const palette = usePalette();
  const id = useId().replace(/:/g, '');
  const lines = sectionLines(outline);
  const wallReach = Math.max(...lines.outside.map(({ x }) => x));
  const reachMm = Math.max(flat ? flat.diameterMm / 2 : 0, wallReach + SIDE_MM);
  const lift = flat ? flat.thicknessMm / 2 : 0;
  const top = Math.max(...lines.inside.map(({ y }) => y), ...lines.outside.map(({ y }) => y), 3);
  const scale = fitScale(width, height, reachMm, top + 2 * lift);
  // The flat coin lies on the base line and the wall stands up out of its middle plane.
  const standing: SectionScale = { ...scale, y: (mm) => scale.y(mm + lift) };
  const rim = { inside: lines.inside.at(-1)!, outside: lines.outside.at(-1)! };
  const cut = { inside: lines.inside[0]!, outside: lines.outside[0]! };
  const path = outlinePath(lines, standing);
  const rimY = standing.y(Math.max(rim.inside.y, rim.outside.y));
  const cutY = standing.y(Math.min(cut.inside.y, cut.outside.y));
  const bindingX = standing.x(Math.min(rim.inside.x, cut.inside.x));
  const widthX = standing.x(wallReach) + 16;
  const axisX = scale.x(0);
  const labelX = bindingX - 8;

  return (
    <Svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`Section of the wall: ${insideText}, ${widthText}, ${rimText}, ${cutText}`}
      testID={testID}
    >
      <Defs>
        <Pattern id={`hatch-${id}`} width="5" height="5" patternUnits="userSpaceOnUse" patternTransform="rotate(45)">
          <Line x1="0" y1="0" x2="0" y2="5" stroke={palette.ink} strokeWidth="0.8" strokeOpacity="0.35" />
        </Pattern>
        <LinearGradient id={`strain-${id}`} gradientUnits="userSpaceOnUse" x1="0" y1={cutY} x2="0" y2={rimY}>
          {strainStops(outline).map(({ offset, share }) => (
            <Stop
              key={offset}
              offset={offset}
              stopColor={share > 0 ? palette.heat : palette.force}
              stopOpacity={Math.abs(share) * 0.65}
            />
          ))}
        </LinearGradient>
      </Defs>

      <Line
        x1={axisX}
        y1={8}
        x2={axisX}
        y2={height - 6}
        stroke={palette.soft}
        strokeWidth="1"
        strokeDasharray="12 3 2 3"
      />
      {flat ? (
        <G>
          <Rect
            x={scale.x(flat.holeMm / 2)}
            y={scale.y(flat.thicknessMm)}
            width={((flat.diameterMm - flat.holeMm) / 2) * scale.pxPerMm}
            height={flat.thicknessMm * scale.pxPerMm}
            fill="none"
            stroke={palette.soft}
            strokeWidth="1"
            strokeDasharray="4 3"
          />
          {flatText ? (
            <Text
              x={scale.x((flat.diameterMm + flat.holeMm) / 4)}
              y={height - 8}
              fill={palette.soft}
              fontFamily={FONT}
              fontSize="13"
              textAnchor="middle"
            >
              {flatText}
            </Text>
          ) : null}
        </G>
      ) : null}
      {ghost ? (
        <Path
          d={outlinePath(sectionLines(ghost), standing)}
          fill="none"
          stroke={palette.soft}
          strokeWidth="1"
          strokeDasharray="2 2"
        />
      ) : null}
      <Path d={path} fill={palette.paper} />
      <Path d={path} fill={`url(#strain-${id})`} />
      <Path d={path} fill={`url(#hatch-${id})`} stroke={palette.ink} strokeWidth="1.8" strokeLinejoin="round" />

      <DimensionLine from={{ x: axisX, y: 30 }} to={{ x: bindingX, y: 30 }} oneArrow />
      <Line
        x1={bindingX}
        y1={24}
        x2={bindingX}
        y2={rimY - 4}
        stroke={palette.ink}
        strokeWidth="0.8"
        strokeOpacity="0.6"
      />
      <Text x={axisX + 8} y={21} fill={palette.ink} fontFamily={STRONG} fontSize="15">
        {insideText}
      </Text>
      <DimensionLine from={{ x: widthX, y: rimY }} to={{ x: widthX, y: cutY }} />
      {[rimY, cutY].map((y) => (
        <Line
          key={y}
          x1={widthX - 10}
          y1={y}
          x2={widthX + 5}
          y2={y}
          stroke={palette.ink}
          strokeWidth="0.8"
          strokeOpacity="0.6"
        />
      ))}
      <Text
        x={widthX + 9}
        y={(rimY + cutY) / 2}
        fill={palette.ink}
        fontFamily={STRONG}
        fontSize="17"
        alignmentBaseline="middle"
      >
        {widthText}
      </Text>
      <Text x={labelX} y={rimY + 14} fill={palette.ink} fontFamily={FONT} fontSize="14" textAnchor="end">
        {rimText}
      </Text>
      <Text x={labelX} y={cutY - 12 - lift * scale.pxPerMm} fill={palette.ink} fontFamily={FONT} fontSize="14" textAnchor="end">
        {cutText}
      </Text>
    </Svg>
  );
}
