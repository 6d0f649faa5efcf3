import { USUAL_WIDTH_MM, type Station } from '@round-mint/core/handle';
import Svg, { Circle, G, Path, Rect } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { topShape } from './blank-geometry';

/** What a piece that is no coin looks like from above. */
export type PieceOutline =
  | { readonly kind: 'handle'; readonly stations: readonly Station[] }
  | { readonly kind: 'strip'; readonly widthMm: number }
  | { readonly kind: 'band'; readonly insideDiameterMm: number; readonly thicknessMm: number };

/** A strip is shown by a piece of it so long, mm. */
const STRIP_MM = 60;
/** What lies long is shown aslant: it is larger so. */
const ASLANT_DEG = -38;
const LINE_PX = 1.4;

/** The outline of a piece in a square of so many pixels: long ones from end to end, a band from its side. */
export function PieceShape({ outline, size }: { outline: PieceOutline; size: number }) {
  const { fold, ink, paper } = usePalette();
  const middle = size / 2;
  const lines = { fill: fold, stroke: ink };
  if (outline.kind === 'band') {
    const outerMm = outline.insideDiameterMm / 2 + outline.thicknessMm;
    const pxPerMm = (size * 0.34) / outerMm;
    return (
      <Svg width={size} height={size} aria-hidden>
        <Circle cx={middle} cy={middle} r={outerMm * pxPerMm} strokeWidth={LINE_PX} {...lines} />
        <Circle
          cx={middle}
          cy={middle}
          r={(outline.insideDiameterMm / 2) * pxPerMm}
          strokeWidth={LINE_PX}
          {...lines}
          fill={paper}
        />
      </Svg>
    );
  }
  const shape = outline.kind === 'handle' ? topShape(outline.stations, USUAL_WIDTH_MM) : undefined;
  const [longMm, wideMm] = shape
    ? [shape.widthMm, shape.heightMm]
    : [STRIP_MM, outline.kind === 'strip' ? outline.widthMm : USUAL_WIDTH_MM];
  const pxPerMm = size / longMm;
  return (
    <Svg width={size} height={size} aria-hidden>
      <G transform={`rotate(${ASLANT_DEG} ${middle} ${middle})`}>
        {shape ? (
          <Path
            d={shape.path}
            transform={`translate(${-shape.left * pxPerMm} ${middle - (wideMm / 2 + shape.top) * pxPerMm}) scale(${pxPerMm})`}
            strokeWidth={LINE_PX / pxPerMm}
            {...lines}
          />
        ) : (
          <Rect
            x={0}
            y={middle - (wideMm * pxPerMm) / 2}
            width={size}
            height={wideMm * pxPerMm}
            strokeWidth={LINE_PX}
            {...lines}
          />
        )}
      </G>
    </Svg>
  );
}
