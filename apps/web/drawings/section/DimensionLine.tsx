import { G, Line, Path } from 'react-native-svg';
import { usePalette } from '@/theme/light';

interface Point {
  readonly x: number;
  readonly y: number;
}

interface DimensionLineProps {
  from: Point;
  to: Point;
  /** Only at the far end: from the centre line a radius is measured out. */
  oneArrow?: boolean;
}

const HEAD = 8;

function arrowHead(tip: Point, towards: Point): string {
  const angle = Math.atan2(tip.y - towards.y, tip.x - towards.x);
  const corner = (side: number) => {
    const a = angle + Math.PI + side * 0.32;
    return `${tip.x + HEAD * Math.cos(a)} ${tip.y + HEAD * Math.sin(a)}`;
  };
  return `M${tip.x} ${tip.y} L${corner(1)} L${corner(-1)} Z`;
}

/** A dimension line as on a workshop drawing. */
export function DimensionLine({ from, to, oneArrow = false }: DimensionLineProps) {
  const { ink } = usePalette();
  return (
    <G>
      <Line x1={from.x} y1={from.y} x2={to.x} y2={to.y} stroke={ink} strokeWidth="1" />
      <Path d={arrowHead(to, from)} fill={ink} />
      {oneArrow ? null : <Path d={arrowHead(from, to)} fill={ink} />}
    </G>
  );
}
