import { useCallback, useEffect, useState } from 'react';

/** How long one blow takes on the screen, ms. */
const BLOW_MS = 900;

/** Parts of a blow that its slider knows. */
export const FILM_STEP = 0.25;

function wantsStillness(): boolean {
  return (
    typeof window !== 'undefined' &&
    typeof window.matchMedia === 'function' &&
    window.matchMedia('(prefers-reduced-motion: reduce)').matches
  );
}

interface Reel {
  /** Last frame of the film that this belongs to. */
  readonly last: number;
  readonly place: number;
  readonly playing: boolean;
}

/** A film's place: 0 to the last frame. Playing goes on from where it is, or from the start once it is over. */
export function useFilm(last: number) {
  const [reel, setReel] = useState<Reel>({ last, place: last, playing: false });
  // Another route is another film: it is shown at its end.
  const { place, playing } = reel.last === last ? reel : { place: last, playing: false };

  useEffect(() => {
    if (!playing) return undefined;
    let handle: number;
    let before = performance.now();
    const tick = (now: number) => {
      const gone = (now - before) / BLOW_MS;
      before = now;
      setReel((at) => {
        const from = wantsStillness() ? Math.floor(at.place) : at.place;
        const next = Math.min(last, from + gone);
        return { last, place: next, playing: next < last };
      });
      handle = requestAnimationFrame(tick);
    };
    handle = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(handle);
  }, [playing, last]);

  const toggle = useCallback(
    () => setReel({ last, place: place >= last ? 0 : place, playing: !playing }),
    [last, place, playing],
  );
  const goTo = useCallback((to: number) => setReel({ last, place: to, playing: false }), [last]);
  return { place, playing, toggle, goTo };
}
