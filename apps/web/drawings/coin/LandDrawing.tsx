import type { LandReading, LandVerdict } from '@round-mint/core/forming';
import Svg, { Circle, G, Line, Path, Text } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { filingPath, landPoint } from './land-shape';

interface LandDrawingProps {
  diameterMm: number;
  holeMm: number;
  /** Number of places that readings are taken at. */
  places: number;
  readings: readonly LandReading[];
  verdict: LandVerdict | undefined;
  size: number;
}

/** How much an off-centre hole is exaggerated: half a millimetre would not be seen. */
const EXAGGERATED = 4;
const STRONG = 'Barlow_600SemiBold';

/** The coin with its top at 12: where the land was measured, where the hole sits (exaggerated), and what to file. */
export function LandDrawing({ diameterMm, holeMm, places, readings, verdict, size }: LandDrawingProps) {
  const palette = usePalette();
  const middle = size / 2;
  const pxPerMm = (size - 64) / diameterMm;
  const radius = (diameterMm / 2) * pxPerMm;
  const hole = (holeMm / 2) * pxPerMm;
  const at = (angleDeg: number, px: number) => landPoint(middle, angleDeg, px);
  // The land is wide where the hole is far: the hole's middle lies opposite the wide side.
  const shift = verdict ? verdict.eccentricityMm * pxPerMm * EXAGGERATED : 0;
  const holeAt = at((verdict?.wideAngleDeg ?? 0) + 180, shift);
  const measured = new Set(readings.map(({ angleDeg }) => angleDeg));
  const file = verdict && verdict.fileDepthMm > 0 ? verdict : undefined;
  const words = verdict
    ? `wide side at ${verdict.wideClock}${file ? ', file there' : ''}`
    : `${readings.length} of ${places} places measured`;
  return (
    <Svg
      width={size}
      height={size}
      viewBox={`0 0 ${size} ${size}`}
      role="img"
      aria-label={`The punched coin, ${words}`}
      testID="land-drawing"
    >
      <Circle cx={middle} cy={middle} r={radius} fill={palette.fold} stroke={palette.ink} strokeWidth="1.8" />
      <G stroke={palette.soft} strokeWidth="1" strokeDasharray="12 3 2 3">
        <Line x1={middle - radius} y1={middle} x2={middle + radius} y2={middle} />
        <Line x1={middle} y1={middle - radius} x2={middle} y2={middle + radius} />
      </G>
      <Circle
        cx={holeAt.x}
        cy={holeAt.y}
        r={hole}
        fill={palette.paper}
        stroke={palette.ink}
        strokeWidth="1.8"
      />
      {file ? (
        <Path
          d={filingPath(holeAt, hole, file.wideAngleDeg, file.fileDepthMm * pxPerMm * EXAGGERATED)}
          fill={palette.force}
          fillOpacity="0.35"
          stroke={palette.force}
          strokeWidth="1.4"
        />
      ) : null}
      {Array.from({ length: places }, (_, place) => {
        const angleDeg = (360 * place) / places;
        const [from, to, label] = [
          at(angleDeg, hole + 4),
          at(angleDeg, radius - 3),
          at(angleDeg, radius + 16),
        ];
        const done = measured.has(angleDeg);
        return (
          <G key={place}>
            <Line
              x1={from.x}
              y1={from.y}
              x2={to.x}
              y2={to.y}
              stroke={done ? palette.ink : palette.line}
              strokeWidth={done ? 2 : 1.2}
              {...(done ? {} : { strokeDasharray: '3 3' })}
            />
            <Text
              x={label.x}
              y={label.y + 5}
              fill={done ? palette.ink : palette.soft}
              fontFamily={STRONG}
              fontSize="14"
              textAnchor="middle"
            >
              {String(place + 1)}
            </Text>
          </G>
        );
      })}
      {file ? <FileLabel at={at(file.wideAngleDeg, (hole + radius) / 2)} /> : null}
    </Svg>
  );
}

/** "file" over the place; a rim of the coin's colour keeps it legible across the lines. */
function FileLabel({ at: { x, y } }: { at: { readonly x: number; readonly y: number } }) {
  const palette = usePalette();
  const shared = { x, y: y + 5, fontFamily: STRONG, fontSize: 15, textAnchor: 'middle' } as const;
  return (
    <G>
      <Text {...shared} fill={palette.fold} stroke={palette.fold} strokeWidth="6" strokeLinejoin="round">
        file
      </Text>
      <Text {...shared} fill={palette.force}>
        file
      </Text>
    </G>
  );
}
