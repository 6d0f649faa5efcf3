import type { CoinStock } from '@round-mint/contract/stock';
import Svg, { Circle, G, Line, Rect, Text } from 'react-native-svg';
import { DimensionLine } from '@/drawings/section/DimensionLine';
import { useWriters } from '@/features/shared/settings/use-settings';
import { usePalette } from '@/theme/light';

const WIDTH = 330;
const HEIGHT = 190;
/** A coin as large as the largest in the drawer fills the height. */
const LARGEST_MM = 42;

/** The coin from its face and from its edge, with its two dimensions, all coins at one scale. */
export function CoinDrawing({ piece }: { piece: CoinStock }) {
  const palette = usePalette();
  const write = useWriters();
  const pxPerMm = (HEIGHT - 44) / Math.max(LARGEST_MM, piece.diameterMm);
  const radius = (piece.diameterMm / 2) * pxPerMm;
  const thick = (piece.rimThicknessMm ?? 2) * pxPerMm;
  const centre = { x: 110, y: HEIGHT / 2 - 8 };
  const edgeX = centre.x + radius + 42;
  const bottom = centre.y + radius;
  const notches = piece.edge === 'reeded' ? Math.round(piece.diameterMm * 0.9) : 0;
  return (
    <Svg
      width="100%"
      height={HEIGHT}
      viewBox={`0 0 ${WIDTH} ${HEIGHT}`}
      role="img"
      aria-label={`Drawing of the coin: ${write.length(piece.diameterMm)} across`}
    >
      <Circle
        cx={centre.x}
        cy={centre.y}
        r={radius}
        fill={palette.fold}
        stroke={palette.ink}
        strokeWidth="1.8"
      />
      <Circle
        cx={centre.x}
        cy={centre.y}
        r={radius * 0.9}
        fill="none"
        stroke={palette.soft}
        strokeWidth="1"
      />
      {piece.form === 'holed' ? (
        <Circle
          cx={centre.x}
          cy={centre.y}
          r={radius * 0.2}
          fill={palette.paper}
          stroke={palette.ink}
          strokeWidth="1.8"
        />
      ) : null}
      <G stroke={palette.soft} strokeWidth="1" strokeDasharray="12 3 2 3">
        <Line x1={centre.x - radius - 8} y1={centre.y} x2={centre.x + radius + 8} y2={centre.y} />
        <Line x1={centre.x} y1={centre.y - radius - 8} x2={centre.x} y2={bottom + 8} />
      </G>
      <Rect
        x={edgeX}
        y={centre.y - radius}
        width={thick}
        height={2 * radius}
        fill={palette.fold}
        stroke={palette.ink}
        strokeWidth="1.8"
      />
      {Array.from({ length: notches }, (_, i) => {
        const y = centre.y - radius * Math.cos((Math.PI * (i + 0.5)) / notches);
        return (
          <Line key={i} x1={edgeX} x2={edgeX + thick} y1={y} y2={y} stroke={palette.ink} strokeWidth="0.6" />
        );
      })}
      <DimensionLine
        from={{ x: centre.x - radius, y: bottom + 18 }}
        to={{ x: centre.x + radius, y: bottom + 18 }}
      />
      <Text
        x={centre.x}
        y={bottom + 34}
        fill={palette.ink}
        fontFamily="Barlow_600SemiBold"
        fontSize="14"
        textAnchor="middle"
      >
        {`⌀ ${write.length(piece.diameterMm)}`}
      </Text>
      {piece.rimThicknessMm === undefined ? null : (
        <Text
          x={edgeX + thick / 2}
          y={bottom + 34}
          fill={palette.ink}
          fontFamily="Barlow_600SemiBold"
          fontSize="14"
          textAnchor="middle"
        >
          {write.length(piece.rimThicknessMm, 2)}
        </Text>
      )}
    </Svg>
  );
}
