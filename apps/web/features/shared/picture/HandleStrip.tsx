import { reachAt, type OutlineReach, type Stretch } from '@round-mint/core/handle';
import { useContext } from 'react';
import { ScrollView } from 'react-native';
import { LightContext, usePalette } from '@/theme/light';
import type { BentHandle } from './handle-scene';

/** A handle is drawn so many times as large as it is. */
const PX_PER_MM = 6;
const HEAD_PX = 26;
const FOOT_PX = 26;
const FONT = { fontFamily: 'Barlow_600SemiBold', fontSize: 13 } as const;

interface HandleStripProps {
  bent: BentHandle;
  /** Where its picture is, and how high that is, of its length. */
  address: string | undefined;
  heightShare: number;
  outline: readonly OutlineReach[] | undefined;
  label: string;
}

/** The handle's outline in pixels of the drawing, its middle line at a height. */
function outlinePath(outline: readonly OutlineReach[], lengthPx: number, middleY: number): string {
  const points = [
    ...outline.map(({ at, left }) => `${at * lengthPx} ${middleY - left * lengthPx}`),
    ...[...outline].reverse().map(({ at, right }) => `${at * lengthPx} ${middleY + right * lengthPx}`),
  ];
  return `M${points.join('L')}Z`;
}

/** The handle from above, to scale: where the saw goes, what lies on top of the finger, and what is hidden. */
export function HandleStrip({ bent, address, heightShare, outline, label }: HandleStripProps) {
  const { ink, heat, force, paper, fold } = usePalette();
  const light = useContext(LightContext);
  const { lengthMm, used, top, covered } = bent;
  const width = lengthMm * PX_PER_MM;
  const height = width * heightShare;
  const middleY = HEAD_PX + height / 2;
  const x = (mm: number) => mm * PX_PER_MM;
  const outside: readonly Stretch[] = [
    { fromMm: 0, toMm: used.fromMm },
    { fromMm: used.toMm, toMm: lengthMm },
  ].filter(({ fromMm, toMm }) => toMm - fromMm > 0.05);
  const reach = (mm: number) => (outline ? reachAt(outline, mm / lengthMm) : { left: 0.04, right: 0.04 });
  const across = (mm: number) => {
    const { left, right } = reach(mm);
    return { y1: middleY - left * width - 5, y2: middleY + right * width + 5 };
  };
  return (
    <ScrollView
      horizontal
      // What is panned has to be reached by keys, too.
      tabIndex={0}
      role="group"
      aria-label={label}
      testID="handle-strip"
      className="border-y border-line"
    >
      <svg width={width} height={HEAD_PX + height + FOOT_PX} role="img" aria-label={label}>
        {address === undefined ? null : (
          <image
            href={address}
            x={0}
            y={HEAD_PX}
            width={width}
            height={height}
            preserveAspectRatio="none"
            opacity={light === 'torch' ? 0.55 : 1}
            {...(outline ? { clipPath: 'url(#handle-outline)' } : {})}
          />
        )}
        {outline ? (
          <>
            <clipPath id="handle-outline">
              <path d={outlinePath(outline, width, middleY)} />
            </clipPath>
            <path
              d={outlinePath(outline, width, middleY)}
              fill={address === undefined ? fold : 'none'}
              stroke={ink}
              strokeWidth={1.2}
            />
          </>
        ) : null}
        {outside.map(({ fromMm, toMm }) => (
          <rect
            key={fromMm}
            x={x(fromMm)}
            y={HEAD_PX}
            width={x(toMm - fromMm)}
            height={height}
            fill={paper}
            opacity={0.78}
          />
        ))}
        {covered ? (
          <Span stretch={covered} y={HEAD_PX + height + 6} colour={force} words="hidden" below />
        ) : null}
        {top.map((stretch) => (
          <Span key={stretch.fromMm} stretch={stretch} y={HEAD_PX - 6} colour={heat} words="on top" />
        ))}
        {[used.fromMm, used.toMm].map((mm) => (
          <line
            key={mm}
            x1={x(mm)}
            x2={x(mm)}
            {...across(mm)}
            stroke={ink}
            strokeWidth={2}
            strokeDasharray="5 3"
          />
        ))}
      </svg>
    </ScrollView>
  );
}

/** A bar along a stretch, with its name. */
function Span({
  stretch: { fromMm, toMm },
  y,
  colour,
  words,
  below = false,
}: {
  stretch: Stretch;
  y: number;
  colour: string;
  words: string;
  below?: boolean;
}) {
  const [from, to] = [fromMm * PX_PER_MM, toMm * PX_PER_MM];
  const tick = below ? -5 : 5;
  return (
    <g>
      <path d={`M${from} ${y + tick}V${y}H${to}V${y + tick}`} fill="none" stroke={colour} strokeWidth={2} />
      <text
        x={Math.max(20, (from + to) / 2)}
        y={below ? y + 15 : y - 5}
        textAnchor="middle"
        fill={colour}
        {...FONT}
      >
        {words}
      </text>
    </g>
  );
}
