import { useEffect, useState } from 'react';

/** The time, told anew every second while something is being timed. */
export function useNow(running: boolean): number {
  const [now, setNow] = useState(() => Date.now());
  useEffect(() => {
    if (!running) return undefined;
    const tell = () => setNow(Date.now());
    const soon = setTimeout(tell, 0);
    const timer = setInterval(tell, 1000);
    return () => {
      clearTimeout(soon);
      clearInterval(timer);
    };
  }, [running]);
  return now;
}
