import type { Ellipse } from '@round-mint/core/photo';
import { usePalette } from '@/theme/light';

/** An ellipse of a photograph, drawn so that it is seen on light and on dark. @param scale of the picture on the page */
export function EllipseLine({ ellipse, scale }: { ellipse: Ellipse; scale: number }) {
  const { paper, force } = usePalette();
  const [x, y] = [ellipse.centreX * scale, ellipse.centreY * scale];
  return ([paper, force] as const).map((colour, i) => (
    <ellipse
      key={colour}
      cx={x}
      cy={y}
      rx={ellipse.majorPx * scale}
      ry={ellipse.minorPx * scale}
      transform={`rotate(${ellipse.majorDeg} ${x} ${y})`}
      fill="none"
      stroke={colour}
      strokeWidth={i === 0 ? 5 : 2}
    />
  ));
}
