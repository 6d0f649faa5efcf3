import { useCallback, useEffect, useState } from 'react';

/** How long one blow takes on the screen, ms. */
const BLOW_MS = 900;

function wantsStillness(): boolean {
  return (
    typeof window !== 'undefined' &&
    typeof window.matchMedia === 'function' &&
    window.matchMedia('(prefers-reduced-motion: reduce)').matches
  );
}

/** A film's place: 0 to the last frame. Playing goes on from where it is, or from the start once it is over. */
export function useFilm(last: number) {
  const [place, setPlace] = useState(last);
  const [playing, setPlaying] = useState(false);
  // Another route is another film: it is shown at its end.
  useEffect(() => {
    setPlaying(false);
    setPlace(last);
  }, [last]);

  useEffect(() => {
    if (!playing) return undefined;
    let handle: number;
    let before = performance.now();
    const tick = (now: number) => {
      const gone = (now - before) / BLOW_MS;
      before = now;
      setPlace((at) => {
        const next = Math.min(last, wantsStillness() ? Math.floor(at) + gone : at + gone);
        if (next >= last) setPlaying(false);
        return next;
      });
      handle = requestAnimationFrame(tick);
    };
    handle = requestAnimationFrame(tick);
    return () => cancelAnimationFrame(handle);
  }, [playing, last]);

  const toggle = useCallback(() => {
    setPlace((at) => (at >= last ? 0 : at));
    setPlaying((is) => !is);
  }, [last]);
  const goTo = useCallback((to: number) => {
    setPlaying(false);
    setPlace(to);
  }, []);
  return { place, playing, toggle, goTo };
}
