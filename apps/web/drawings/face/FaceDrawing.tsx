import type { FaceMark } from '@round-mint/core/faces';
import { useId } from 'react';
import Svg, { Circle, ClipPath, Defs, G, Image, Path } from 'react-native-svg';
import { usePalette } from '@/theme/light';
import { markPath } from './mark-path';

/** Something on a face that has to stay, and whether it does. */
export interface DrawnMark {
  readonly id: string;
  readonly mark: FaceMark;
  readonly stays: boolean;
}

interface FaceDrawingProps {
  /** Across, px. */
  size: number;
  diameterMm: number;
  /** Where the picture of the face is; left out, the face is drawn plain. */
  picture?: string | undefined;
  /** Across the hole that is punched: what lies in it is lost. */
  holeMm?: number | undefined;
  /** Where the lip begins that is trimmed away, mm from the middle. */
  lipRadiusMm?: number | undefined;
  marks?: readonly DrawnMark[];
  label: string;
}

/** A face with what is lost to the hole and to the lip shown pale, and what must stay framed. */
export function FaceDrawing(props: FaceDrawingProps) {
  const { size, diameterMm, picture, holeMm, lipRadiusMm, marks = [], label } = props;
  const { paper, fold, ink, soft, target, stop } = usePalette();
  const clip = useId();
  const rimMm = diameterMm / 2;
  const box = `${-rimMm} ${-rimMm} ${diameterMm} ${diameterMm}`;
  const hair = diameterMm / 260;
  return (
    <Svg width={size} height={size} viewBox={box} role="img" aria-label={label}>
      <Defs>
        <ClipPath id={clip}>
          <Circle cx={0} cy={0} r={rimMm} />
        </ClipPath>
      </Defs>
      <Circle cx={0} cy={0} r={rimMm - hair} fill={fold} stroke={soft} strokeWidth={hair} />
      {picture ? (
        <Image
          href={picture}
          x={-rimMm}
          y={-rimMm}
          width={diameterMm}
          height={diameterMm}
          preserveAspectRatio="none"
          clipPath={`url(#${clip})`}
        />
      ) : null}
      {lipRadiusMm !== undefined && lipRadiusMm < rimMm ? (
        <Lost path={`${circlePath(rimMm)}${circlePath(lipRadiusMm)}`} ground={paper} />
      ) : null}
      {holeMm ? (
        <G>
          <Lost path={circlePath(holeMm / 2)} ground={paper} />
          <Circle
            cx={0}
            cy={0}
            r={holeMm / 2}
            fill="none"
            stroke={ink}
            strokeWidth={2 * hair}
            strokeDasharray={`${6 * hair} ${4 * hair}`}
          />
        </G>
      ) : null}
      {marks.map(({ id, mark, stays }) => (
        <Path
          key={id}
          d={markPath(mark)}
          fill="none"
          stroke={stays ? target : stop}
          strokeWidth={3 * hair}
          {...(stays ? {} : { strokeDasharray: `${8 * hair} ${3 * hair}` })}
        />
      ))}
    </Svg>
  );
}

function circlePath(radius: number): string {
  return `M${-radius} 0a${radius} ${radius} 0 1 0 ${2 * radius} 0a${radius} ${radius} 0 1 0 ${-2 * radius} 0Z`;
}

/** What is lost is still to be made out: the maker sees what goes. */
function Lost({ path, ground }: { path: string; ground: string }) {
  return <Path d={path} fill={ground} fillOpacity={0.72} fillRule="evenodd" />;
}
