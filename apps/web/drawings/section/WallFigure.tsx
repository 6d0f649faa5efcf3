import { useId } from 'react';
import { Defs, G, Line, LinearGradient, Path, Pattern, Stop } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { sectionLines, type WallOutline } from '@round-mint/core/steps';
import { outlinePath, strainStops, type SectionScale } from './section-geometry';

interface WallFigureProps {
  outline: WallOutline;
  scale: SectionScale;
}

/** The metal in section: outlined, hatched, tinted by hoop strain from copper (stretched) to steel blue (crowded). */
export function WallFigure({ outline, scale }: WallFigureProps) {
  const palette = usePalette();
  const id = useId().replace(/:/g, '');
  const lines = sectionLines(outline);
  const path = outlinePath(lines, scale);
  const [cut, rim] = [lines.inside[0]!, lines.inside.at(-1)!];
  return (
    <G>
      <Defs>
        <Pattern
          id={`hatch-${id}`}
          width="5"
          height="5"
          patternUnits="userSpaceOnUse"
          patternTransform="rotate(45)"
        >
          <Line x1="0" y1="0" x2="0" y2="5" stroke={palette.ink} strokeWidth="0.8" strokeOpacity="0.35" />
        </Pattern>
        <LinearGradient
          id={`strain-${id}`}
          gradientUnits="userSpaceOnUse"
          x1={scale.x(cut.x)}
          y1={scale.y(cut.y)}
          x2={scale.x(rim.x)}
          y2={scale.y(rim.y)}
        >
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
      <Path d={path} fill={palette.paper} />
      <Path d={path} fill={`url(#strain-${id})`} />
      <Path
        d={path}
        fill={`url(#hatch-${id})`}
        stroke={palette.ink}
        strokeWidth="1.8"
        strokeLinejoin="round"
      />
    </G>
  );
}
