import type { PicturePoint } from '@round-mint/core/photo';
import { useState, type PointerEvent } from 'react';
import { usePalette } from '@/theme/light';
import { arrowStep } from './arrow-step';
import {
  GRIPS,
  nearestGrip,
  outlinePathOf,
  placeOf,
  pulledOutline,
  type DrawnOutline,
  type Grip,
} from './outline-model';

interface OutlineEditorProps {
  /** The photograph, as the browser shows it. */
  address: string;
  widthPx: number;
  heightPx: number;
  /** Across on the page, px. */
  width: number;
  drawn: DrawnOutline;
  onChange: (drawn: DrawnOutline) => void;
}

const MARK_PX = 16;
function nameOf(grip: Grip): string {
  if (!('place' in grip)) return grip.kind === 'tip' ? 'Tip of the handle' : 'Other end of the handle';
  return `${grip.kind === 'left' ? 'Left' : 'Right'} side, place ${(grip.place + 4) / 8}`;
}

const keyOf = (grip: Grip) => ('place' in grip ? `${grip.kind}-${grip.place}` : grip.kind);

/** A photograph with the outline on the handle: the nearest mark follows the finger, or arrow keys move one. */
export function OutlineEditor({ address, widthPx, heightPx, width, drawn, onChange }: OutlineEditorProps) {
  const { paper, force, heat } = usePalette();
  const [held, setHeld] = useState<Grip>();
  const scale = width / widthPx;
  const height = heightPx * scale;
  const pointed = (event: PointerEvent<HTMLElement>): PicturePoint => {
    const box = event.currentTarget.getBoundingClientRect();
    return { x: (event.clientX - box.left) / scale, y: (event.clientY - box.top) / scale };
  };
  return (
    <div
      style={{ position: 'relative', width, height, overflow: 'hidden', touchAction: 'none', cursor: 'grab' }}
      data-testid="outline-editor"
      onPointerDown={(event) => {
        event.currentTarget.setPointerCapture(event.pointerId);
        setHeld(nearestGrip(drawn, pointed(event)));
      }}
      onPointerMove={(event) => {
        if (held) onChange(pulledOutline(drawn, held, pointed(event)));
      }}
      onPointerUp={() => setHeld(undefined)}
      onPointerCancel={() => setHeld(undefined)}
    >
      <img src={address} alt="The photograph" style={{ width, height, display: 'block' }} draggable={false} />
      <svg width={width} height={height} style={{ position: 'absolute', left: 0, top: 0 }} aria-hidden>
        <path d={outlinePathOf(drawn, scale)} fill="none" stroke={paper} strokeWidth={4} />
        <path d={outlinePathOf(drawn, scale)} fill="none" stroke={force} strokeWidth={2} />
        <line
          x1={drawn.tip.x * scale}
          y1={drawn.tip.y * scale}
          x2={drawn.end.x * scale}
          y2={drawn.end.y * scale}
          stroke={heat}
          strokeWidth={1.5}
          strokeDasharray="6 5"
        />
      </svg>
      {GRIPS.map((grip) => {
        const at = placeOf(drawn, grip);
        const isEnd = !('place' in grip);
        return (
          <button
            key={keyOf(grip)}
            type="button"
            aria-label={`${nameOf(grip)}: drag it, or move it with the arrow keys`}
            data-testid={`outline-${keyOf(grip)}`}
            onKeyDown={(event) => {
              const step = arrowStep(event.key);
              if (!step) return;
              event.preventDefault();
              onChange(pulledOutline(drawn, grip, { x: at.x + step.x / scale, y: at.y + step.y / scale }));
            }}
            style={{
              position: 'absolute',
              left: at.x * scale - MARK_PX / 2,
              top: at.y * scale - MARK_PX / 2,
              width: MARK_PX,
              height: MARK_PX,
              padding: 0,
              border: `2.5px solid ${isEnd ? heat : force}`,
              borderRadius: isEnd ? MARK_PX : 1,
              background: paper,
              // The whole picture takes the finger and gives it to the nearest mark.
              pointerEvents: 'none',
            }}
          />
        );
      })}
    </div>
  );
}
