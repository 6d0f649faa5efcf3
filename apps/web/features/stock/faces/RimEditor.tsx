import type { Ellipse, PicturePoint } from '@round-mint/core/photo';
import { useState, type PointerEvent } from 'react';
import { EllipseLine } from '@/features/shared/picture/EllipseLine';
import { usePalette } from '@/theme/light';
import { arrowStep } from './arrow-step';
import { handleAt, HANDLES, moved, pulled, topAt, topDegOf, type Handle } from './rim-model';

interface RimEditorProps {
  /** The photograph, as the browser shows it. */
  address: string;
  widthPx: number;
  heightPx: number;
  /** Across on the page, px. */
  width: number;
  rim: Ellipse;
  topDeg: number;
  onRim: (rim: Ellipse) => void;
  onTop: (topDeg: number) => void;
}

type Grip = Handle | 'middle' | 'top';

const NAMES: Readonly<Record<Grip, string>> = {
  long: 'Rim, one side',
  'long-far': 'Rim, the side across',
  short: 'Rim, above or below',
  'short-far': 'Rim, across from it',
  middle: 'Middle of the face',
  top: 'Top of the face',
};

/** A finger is so broad, px: what is taken hold of is as large. */
const GRIP_PX = 44;
/** A photograph with the ring on its rim, to be corrected by finger or by arrow keys. */
export function RimEditor(props: RimEditorProps) {
  const { address, widthPx, heightPx, width, rim, topDeg, onRim, onTop } = props;
  const { paper, force, heat } = usePalette();
  const [dragged, setDragged] = useState<Grip>();
  const scale = width / widthPx;
  const height = heightPx * scale;
  const places: Readonly<Record<Grip, PicturePoint>> = {
    ...(Object.fromEntries(HANDLES.map((handle) => [handle, handleAt(rim, handle)])) as Record<
      Handle,
      PicturePoint
    >),
    middle: { x: rim.centreX, y: rim.centreY },
    top: topAt(rim, topDeg),
  };
  const put = (grip: Grip, to: PicturePoint) => {
    if (grip === 'top') onTop(topDegOf(rim, to));
    else if (grip === 'middle') onRim(moved(rim, to));
    else onRim(pulled(rim, grip, to));
  };
  const pointed = (event: PointerEvent<HTMLElement>): PicturePoint => {
    const box = event.currentTarget.parentElement?.getBoundingClientRect();
    return { x: (event.clientX - (box?.left ?? 0)) / scale, y: (event.clientY - (box?.top ?? 0)) / scale };
  };
  return (
    <div
      style={{ position: 'relative', width, height, overflow: 'hidden', touchAction: 'none' }}
      data-testid="rim-editor"
    >
      <img src={address} alt="The photograph" style={{ width, height, display: 'block' }} draggable={false} />
      <svg width={width} height={height} style={{ position: 'absolute', left: 0, top: 0 }} aria-hidden>
        <EllipseLine ellipse={rim} scale={scale} />
        <line
          x1={rim.centreX * scale}
          y1={rim.centreY * scale}
          x2={places.top.x * scale}
          y2={places.top.y * scale}
          stroke={heat}
          strokeWidth="2"
          strokeDasharray="6 5"
        />
      </svg>
      {(Object.keys(places) as Grip[]).map((grip) => (
        <button
          key={grip}
          type="button"
          aria-label={`${NAMES[grip]}: drag it, or move it with the arrow keys`}
          data-testid={`rim-${grip}`}
          onPointerDown={(event) => {
            event.currentTarget.setPointerCapture(event.pointerId);
            setDragged(grip);
          }}
          onPointerMove={(event) => {
            if (dragged === grip) put(grip, pointed(event));
          }}
          onPointerUp={() => setDragged(undefined)}
          onPointerCancel={() => setDragged(undefined)}
          onKeyDown={(event) => {
            const step = arrowStep(event.key);
            if (!step) return;
            event.preventDefault();
            put(grip, { x: places[grip].x + step.x / scale, y: places[grip].y + step.y / scale });
          }}
          style={{
            position: 'absolute',
            left: places[grip].x * scale - GRIP_PX / 2,
            top: places[grip].y * scale - GRIP_PX / 2,
            width: GRIP_PX,
            height: GRIP_PX,
            padding: 0,
            border: 0,
            background: 'transparent',
            touchAction: 'none',
            cursor: 'grab',
          }}
        >
          <GripMark grip={grip} colour={grip === 'top' ? heat : force} ground={paper} />
        </button>
      ))}
    </div>
  );
}

/** What a finger takes hold of: a square on the rim, a cross in the middle, 12 at the top. */
function GripMark({ grip, colour, ground }: { grip: Grip; colour: string; ground: string }) {
  const middle = GRIP_PX / 2;
  return (
    <svg width={GRIP_PX} height={GRIP_PX} style={{ display: 'block' }} aria-hidden>
      {grip === 'middle' ? (
        <path
          d={`M${middle - 9} ${middle}h18M${middle} ${middle - 9}v18`}
          stroke={colour}
          strokeWidth="2.5"
        />
      ) : (
        <rect
          x={middle - 9}
          y={middle - 9}
          width={18}
          height={18}
          rx={grip === 'top' ? 9 : 1}
          fill={ground}
          stroke={colour}
          strokeWidth="2.5"
        />
      )}
      {grip === 'top' ? (
        <text
          x={middle}
          y={middle + 4.5}
          textAnchor="middle"
          fontSize="13"
          fontFamily="Barlow_600SemiBold"
          fill={colour}
        >
          12
        </text>
      ) : null}
    </svg>
  );
}
