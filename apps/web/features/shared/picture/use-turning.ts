import { useCallback, useMemo, useRef, useState, type KeyboardEvent, type PointerEvent } from 'react';

/** How a ring is held: turned about its axis, tilted, and how near. */
export interface Held {
  /** What faces the maker, clockwise from the top of the outside face. */
  readonly turnDeg: number;
  readonly tiltDeg: number;
  readonly zoom: number;
}

export const FIRST_HELD: Held = { turnDeg: -12, tiltDeg: 33, zoom: 1 };

const TILT = { least: 4, most: 84 } as const;
const ZOOM = { least: 0.7, most: 4 } as const;
/** Degrees for a pixel of a drag, and for a key. */
const DEG_PER_PX = 0.5;
const KEY_DEG = 6;
const KEY_ZOOM = 1.15;

function within(value: number, { least, most }: { readonly least: number; readonly most: number }): number {
  return Math.min(most, Math.max(least, value));
}

function held({ turnDeg, tiltDeg, zoom }: Held): Held {
  return { turnDeg: turnDeg % 360, tiltDeg: within(tiltDeg, TILT), zoom: within(zoom, ZOOM) };
}

const KEYS: Readonly<Record<string, (now: Held) => Held>> = {
  ArrowLeft: (now) => ({ ...now, turnDeg: now.turnDeg + KEY_DEG }),
  ArrowRight: (now) => ({ ...now, turnDeg: now.turnDeg - KEY_DEG }),
  ArrowUp: (now) => ({ ...now, tiltDeg: now.tiltDeg - KEY_DEG }),
  ArrowDown: (now) => ({ ...now, tiltDeg: now.tiltDeg + KEY_DEG }),
  '+': (now) => ({ ...now, zoom: now.zoom * KEY_ZOOM }),
  '-': (now) => ({ ...now, zoom: now.zoom / KEY_ZOOM }),
};

interface Finger {
  readonly x: number;
  readonly y: number;
}

/** How far two fingers are apart. */
function spread(fingers: readonly Finger[]): number {
  const [a, b] = fingers;
  return a && b ? Math.hypot(a.x - b.x, a.y - b.y) : 0;
}

/**
 * Turns a ring by finger, mouse and keys: a drag sideways turns it, up and down tilts it with the mouse or with two
 * fingers – one finger moves the page –, two fingers apart bring it nearer.
 */
export function useTurning() {
  const [now, setNow] = useState(FIRST_HELD);
  const [isMoving, setMoving] = useState(false);
  const fingers = useRef(new Map<number, Finger>());
  const change = useCallback((to: (before: Held) => Held) => setNow((before) => held(to(before))), []);
  const handlers = useMemo(() => {
    const end = (event: PointerEvent) => {
      fingers.current.delete(event.pointerId);
      if (fingers.current.size === 0) setMoving(false);
    };
    return {
      onPointerDown: (event: PointerEvent) => {
        fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
        event.currentTarget.setPointerCapture(event.pointerId);
        setMoving(true);
      },
      onPointerMove: (event: PointerEvent) => {
        const before = fingers.current.get(event.pointerId);
        if (!before) return;
        const apart = spread([...fingers.current.values()]);
        fingers.current.set(event.pointerId, { x: event.clientX, y: event.clientY });
        const count = fingers.current.size;
        const near = spread([...fingers.current.values()]);
        change((was) => ({
          turnDeg: was.turnDeg - (event.clientX - before.x) * (DEG_PER_PX / count),
          tiltDeg: was.tiltDeg + (event.clientY - before.y) * (DEG_PER_PX / count),
          zoom: count === 2 && apart > 0 ? (was.zoom * near) / apart : was.zoom,
        }));
      },
      onPointerUp: end,
      onPointerCancel: end,
      onKeyDown: (event: KeyboardEvent) => {
        const turned = KEYS[event.key];
        if (!turned) return;
        event.preventDefault();
        change(turned);
      },
    };
  }, [change]);
  return { held: now, isMoving, change, handlers };
}
