import { SIZE_SYSTEMS, writeSize, type SizeSystemId } from '@round-mint/core/size';
import Svg, { G, Line, Path, Polygon, Rect, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { ladderDomain, ladderScale, ladderTicks, spreadLabels, type LadderTick } from './ladder-scale';

export interface LadderPointer {
  readonly label: string;
  readonly diameterMm: number;
  /** Ghosts are what the next pass would bring. */
  readonly ghost?: boolean;
}

interface LadderProps {
  width: number;
  height: number;
  targetMm: number;
  primary: SizeSystemId;
  second: SizeSystemId;
  pointers?: readonly LadderPointer[];
  /** Sizes read before, oldest first; they fade. */
  history?: readonly number[];
  /** The sizes that can be reached at all. */
  range?: { readonly min: number; readonly max: number } | undefined;
  testID?: string;
}

const TOP = 24;
const BOTTOM = 12;
/** Half a target band: an eighth of a US size either way reads as on target. */
const TARGET_HALF_MM = 0.2;
const LABEL_GAP = 15;
/** Left side of the mandrel, where its numbers have no more than two characters. */
const LEFT = 54;
const CHARACTER_PX = 9;

/** What longer numbers, such as Z+1, need more than those of two characters, px. */
function labelRoom(ticks: readonly LadderTick[]): number {
  const longest = Math.max(0, ...ticks.map(({ label }) => label?.length ?? 0));
  return Math.max(0, longest - 2) * CHARACTER_PX;
}

/** Right end of the second system's numbers, left of the first's, where they have no more than two characters. */
const SECOND_X = 25;
const FONT = 'Barlow_500Medium';
const STRONG = 'Barlow_600SemiBold';

/** The mandrel as a vertical scale in two size systems, the target as a band, edges as pointers. */
export function Ladder({
  width,
  height,
  targetMm,
  primary,
  second,
  pointers = [],
  history = [],
  range,
  testID,
}: LadderProps) {
  const palette = usePalette();
  const shown = [targetMm - 2, targetMm + 2, ...pointers.map(({ diameterMm }) => diameterMm)];
  const domain = ladderDomain(shown);
  const y = ladderScale(domain, TOP, height - BOTTOM);
  const ticks = ladderTicks(domain, primary);
  const secondTicks = ladderTicks(domain, second);
  const secondX = SECOND_X + labelRoom(secondTicks);
  const left = LEFT + labelRoom(secondTicks) + labelRoom(ticks);
  const right = left + 24;
  const labelY = spreadLabels(
    pointers.map(({ diameterMm }) => y(diameterMm)),
    LABEL_GAP,
  );
  const inside = (mm: number) => Math.max(TOP, Math.min(height - BOTTOM, y(mm)));
  const described = [
    `Target ${writeSize(targetMm, primary)}, ${writeSize(targetMm, second)}`,
    ...pointers.map(({ label, diameterMm }) => `${label} ${writeSize(diameterMm, primary)}`),
  ].join('; ');

  return (
    <Svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`Size ladder. ${described}`}
      {...(testID === undefined ? {} : { testID })}
    >
      <Text x={left - 7} y={12} fill={palette.soft} fontFamily={FONT} fontSize="13" textAnchor="end">
        {SIZE_SYSTEMS[primary].prefix}
      </Text>
      <Text x={secondX} y={12} fill={palette.soft} fontFamily={FONT} fontSize="13" textAnchor="end">
        {SIZE_SYSTEMS[second].prefix}
      </Text>
      {range ? (
        <Line
          x1={right + 5}
          x2={right + 5}
          y1={inside(range.min)}
          y2={inside(range.max)}
          stroke={palette.target}
          strokeWidth="3"
        />
      ) : null}
      <Polygon
        points={`${left + 3},${TOP} ${right - 3},${TOP} ${right},${height - BOTTOM} ${left},${height - BOTTOM}`}
        fill={palette.fold}
        stroke={palette.ink}
        strokeWidth="1.2"
      />
      <Rect
        x={left - 4}
        y={y(targetMm - TARGET_HALF_MM)}
        width={right - left + 8}
        height={Math.max(6, y(targetMm + TARGET_HALF_MM) - y(targetMm - TARGET_HALF_MM))}
        fill={palette.target}
      />
      {ticks.map(({ diameterMm, label }) => (
        <G key={diameterMm}>
          <Line
            x1={left}
            x2={left + (label ? 11 : 5)}
            y1={y(diameterMm)}
            y2={y(diameterMm)}
            stroke={palette.ink}
            strokeWidth={label ? 1.3 : 0.7}
          />
          {label ? (
            <Text
              x={left - 7}
              y={y(diameterMm) + 5}
              fill={palette.ink}
              fontFamily={STRONG}
              fontSize="14"
              textAnchor="end"
            >
              {label}
            </Text>
          ) : null}
        </G>
      ))}
      {secondTicks
        .filter(({ label }) => label)
        .map(({ diameterMm, label }) => (
          <G key={diameterMm}>
            <Line
              x1={secondX + 2}
              x2={secondX + 5}
              y1={y(diameterMm)}
              y2={y(diameterMm)}
              stroke={palette.soft}
              strokeWidth="0.8"
            />
            <Text
              x={secondX}
              y={y(diameterMm) + 4}
              fill={palette.soft}
              fontFamily={FONT}
              fontSize="13"
              textAnchor="end"
            >
              {label}
            </Text>
          </G>
        ))}
      {history.map((diameterMm, i) => (
        <Line
          key={`${diameterMm}-${i}`}
          x1={left + 12}
          x2={right - 7}
          y1={y(diameterMm)}
          y2={y(diameterMm)}
          stroke={palette.ink}
          strokeWidth="1.5"
          strokeOpacity={0.2 + (0.6 * (i + 1)) / history.length}
        />
      ))}
      {pointers.map(({ label, diameterMm, ghost }, i) => {
        const atY = y(diameterMm);
        const textY = labelY[i] ?? atY;
        const tipX = right + 16;
        const colour = ghost ? palette.soft : palette.ink;
        return (
          <G key={label}>
            <Path
              d={`M${tipX - 6} ${atY} L${tipX + 5} ${textY - 6} L${tipX + 5} ${textY + 6} Z`}
              fill={ghost ? palette.paper : colour}
              stroke={colour}
              strokeWidth="1.2"
            />
            <Text x={tipX + 9} y={textY + 5} fill={colour} fontFamily={ghost ? FONT : STRONG} fontSize="13">
              {label}
            </Text>
          </G>
        );
      })}
    </Svg>
  );
}
