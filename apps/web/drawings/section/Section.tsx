import {
  COIN_EDGES,
  type EdgeNames,
  sectionLines,
  type SectionLines,
  type SectionPoint,
  type WallOutline,
} from '@round-mint/core/steps';
import Svg, { G, Line, Path, Rect, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { DimensionLine } from './DimensionLine';
import { edgeLabelLevels, outlinePath, type SectionScale } from './section-geometry';
import { WallFigure } from './WallFigure';

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
  /** Writes a length the maker's way. */
  length: (lengthMm: number) => string;
  /** What the two edges are called. */
  edges?: EdgeNames;
  /** Words under the ghost of the coin. */
  flatText?: string;
  testID?: string;
}

const MARGIN = { left: 14, right: 10, top: 46, bottom: 28 };
/** Room right of the wall for its width's dimension line and words, px. */
const SIDE_PX = 44;
/** Room left of the wall for the words at its edges, px. */
const LABEL_PX = 70;
const FONT = 'Barlow_500Medium';
const STRONG = 'Barlow_600SemiBold';

interface Extent {
  /** What has to be in sight, mm from the axis. */
  readonly leastMm: number;
  readonly wallInsideMm: number;
  readonly wallOutsideMm: number;
  readonly reachMm: number;
  readonly tallMm: number;
}

/**
 * One scale for both directions, so that the drawing is true. Between the centre line and the metal there is only air:
 * it is broken out, as on a workshop drawing, and the wall is drawn as large as the page allows.
 */
function fitScale(width: number, height: number, extent: Extent): SectionScale {
  const { leastMm, wallInsideMm, wallOutsideMm, reachMm, tallMm } = extent;
  const room = width - MARGIN.left - MARGIN.right;
  const byHeight = (height - MARGIN.top - MARGIN.bottom) / tallMm;
  const byCoin = (room - 14) / (reachMm - leastMm);
  const byWords = (room - LABEL_PX - SIDE_PX) / (wallOutsideMm - wallInsideMm);
  const bySide = (room - SIDE_PX - 14) / (wallOutsideMm - leastMm);
  const byLabels = (room - LABEL_PX) / (reachMm - wallInsideMm);
  const pxPerMm = Math.min(byHeight, byCoin, byWords, bySide, byLabels);
  const needed = Math.max(
    (reachMm - wallInsideMm) * pxPerMm,
    (wallOutsideMm - wallInsideMm) * pxPerMm + SIDE_PX,
  );
  // The metal stands flush right unless that would leave the page half empty on a wide sheet.
  const wallX = Math.min(
    width - MARGIN.right - needed,
    MARGIN.left + Math.max(wallInsideMm * pxPerMm, LABEL_PX),
  );
  const baseline = height - MARGIN.bottom;
  return { pxPerMm, x: (mm) => wallX + (mm - wallInsideMm) * pxPerMm, y: (mm) => baseline - mm * pxPerMm };
}

/** Two strokes across a dimension line: here a piece of it is left out. */
function BreakMark({ x, y, colour }: { x: number; y: number; colour: string }) {
  return (
    <G stroke={colour} strokeWidth="1.2">
      <Line x1={x - 5} y1={y + 6} x2={x + 1} y2={y - 6} />
      <Line x1={x} y1={y + 6} x2={x + 6} y2={y - 6} />
    </G>
  );
}

/** What the dimension lines say. A leaning or rounded wall is not as high as it is wide: then the height is meant. */
function sectionWords(outline: WallOutline, lines: SectionLines, length: (mm: number) => string) {
  const { arcMm, thicknessMm } = outline;
  const widthMm = arcMm.at(-1) ?? 0;
  const { heightMm } = lines;
  const insideMm = 2 * Math.min(lines.inside[0]?.x ?? 0, lines.inside.at(-1)?.x ?? 0);
  return {
    inside: `⌀ ${length(insideMm)} inside`,
    tall: Math.abs(heightMm - widthMm) < 0.05 ? `${length(widthMm)} wide` : `${length(heightMm)} high`,
    rim: length(thicknessMm.at(-1) ?? 0),
    cut: length(thicknessMm[0] ?? 0),
  };
}

/** The name of an edge and its thickness, beside it; a paper-coloured rim keeps it legible across dashed ghosts. */
function EdgeLabel({ x, y, name, value }: { x: number; y: number; name: string; value: string }) {
  const palette = usePalette();
  const lines = [
    { text: name, y, fill: palette.soft, fontFamily: FONT, fontSize: 13 },
    { text: value, y: y + 17, fill: palette.ink, fontFamily: STRONG, fontSize: 15 },
  ];
  return (
    <G textAnchor="end">
      {lines.map(({ text, fill, ...place }) => (
        <G key={text}>
          <Text
            x={x}
            {...place}
            fill={palette.paper}
            stroke={palette.paper}
            strokeWidth="5"
            strokeLinejoin="round"
          >
            {text}
          </Text>
          <Text x={x} {...place} fill={fill}>
            {text}
          </Text>
        </G>
      ))}
    </G>
  );
}

function ghostPoints(ghost: WallOutline | undefined): readonly SectionPoint[] {
  if (!ghost) return [];
  const { inside, outside } = sectionLines(ghost);
  return [...inside, ...outside];
}

/** Half the wall in section, to scale, as a workshop drawing: hatched, dimensioned, tinted by strain. */
export function Section({
  outline,
  flat,
  ghost,
  width,
  height,
  length,
  edges = COIN_EDGES,
  flatText,
  testID,
}: SectionProps) {
  const palette = usePalette();
  const lines = sectionLines(outline);
  const everything = [...lines.inside, ...lines.outside, ...ghostPoints(ghost)];
  const wallReach = Math.max(...lines.outside.map(({ x }) => x));
  const wallLeast = Math.min(...lines.inside.map(({ x }) => x));
  const lift = flat ? flat.thicknessMm / 2 : 0;
  const top = Math.max(...everything.map(({ y }) => y), 3);
  const scale = fitScale(width, height, {
    leastMm: Math.min(flat ? flat.holeMm / 2 : Infinity, ...everything.map(({ x }) => x)),
    wallInsideMm: wallLeast,
    wallOutsideMm: wallReach,
    reachMm: Math.max(flat ? flat.diameterMm / 2 : 0, ...everything.map(({ x }) => x)),
    tallMm: top + 2 * lift,
  });
  // The flat coin lies on the base line and the wall stands up out of its middle plane.
  const standing: SectionScale = { ...scale, y: (mm) => scale.y(mm + lift) };
  const words = sectionWords(outline, lines, length);
  const rim = { inside: lines.inside.at(-1)!, outside: lines.outside.at(-1)! };
  const cut = { inside: lines.inside[0]!, outside: lines.outside[0]! };
  const rimY = standing.y(Math.max(rim.inside.y, rim.outside.y));
  const cutY = standing.y(Math.min(cut.inside.y, cut.outside.y));
  // Width and height are those of the middle of the wall, as everywhere.
  const tallTop = standing.y(lines.heightMm);
  const tallBottom = standing.y(0);
  const bindingX = standing.x(Math.min(rim.inside.x, cut.inside.x));
  const widthX = standing.x(wallReach) + 18;
  // Where the true distance fits, nothing is broken out.
  const broken = scale.x(0) < MARGIN.left - 1;
  const axisX = broken ? MARGIN.left : scale.x(0);
  const labelX = bindingX - 8;
  const labels = edgeLabelLevels(rimY, cutY - lift * scale.pxPerMm);

  return (
    <Svg
      width={width}
      height={height}
      viewBox={`0 0 ${width} ${height}`}
      role="img"
      aria-label={`Section of the wall: ${words.inside}, ${words.tall}, ${edges.rim} ${words.rim}, ${edges.cut} ${words.cut}`}
      {...(testID === undefined ? {} : { testID })}
    >
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
              x={width - MARGIN.right}
              y={height - 9}
              fill={palette.soft}
              fontFamily={FONT}
              fontSize="13"
              textAnchor="end"
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
      <WallFigure outline={outline} scale={standing} />

      <DimensionLine from={{ x: axisX, y: 30 }} to={{ x: bindingX, y: 30 }} oneArrow />
      {broken ? <BreakMark x={axisX + 16} y={30} colour={palette.ink} /> : null}
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
        {words.inside}
      </Text>
      <DimensionLine from={{ x: widthX, y: tallTop }} to={{ x: widthX, y: tallBottom }} />
      {[tallTop, tallBottom].map((y) => (
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
        x={widthX + 18}
        y={(tallTop + tallBottom) / 2}
        fill={palette.ink}
        fontFamily={STRONG}
        fontSize="17"
        textAnchor="middle"
        transform={`rotate(-90 ${widthX + 18} ${(tallTop + tallBottom) / 2})`}
      >
        {words.tall}
      </Text>
      <EdgeLabel x={labelX} y={labels.rimY} name={edges.rim} value={words.rim} />
      <EdgeLabel x={labelX} y={labels.cutY} name={edges.cut} value={words.cut} />
    </Svg>
  );
}
