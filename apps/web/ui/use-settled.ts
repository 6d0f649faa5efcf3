import { useEffect, useState } from 'react';

/** Whether a value has stood for a while: a second tap of the same press must not land on what came after it. */
export function useSettled(value: number, afterMs = 400): boolean {
  const [settled, setSettled] = useState(value);
  useEffect(() => {
    const timer = setTimeout(() => setSettled(value), afterMs);
    return () => clearTimeout(timer);
  }, [value, afterMs]);
  return settled === value;
}
