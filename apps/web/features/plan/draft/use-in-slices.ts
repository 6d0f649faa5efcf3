import { useEffect, useRef, useState } from 'react';

/** A slice of computing this long leaves the page free to answer a finger, ms. */
const SLICE_MS = 8;

/**
 * Works out an answer for each item, a slice at a time, so that many never hold up the page; a new question ends the
 * old one, whose answers stay until the new ones are all there. Items may come and go: what is known is kept.
 * @param items memoised
 * @param workOut memoised; undefined while nothing is asked
 */
export function useInSlices<Item, Answer>(
  items: readonly Item[],
  workOut: ((item: Item) => Answer) | undefined,
): ReadonlyMap<Item, Answer> {
  const [answers, setAnswers] = useState<ReadonlyMap<Item, Answer>>(new Map());
  const known = useRef<{ workOut: unknown; found: Map<Item, Answer> }>({
    workOut: undefined,
    found: new Map(),
  });
  useEffect(() => {
    if (!workOut) return undefined;
    if (known.current.workOut !== workOut) known.current = { workOut, found: new Map() };
    const { found } = known.current;
    let timer: ReturnType<typeof setTimeout>;
    const slice = (from: number) => {
      const until = performance.now() + SLICE_MS;
      let next = from;
      while (next < items.length && performance.now() < until) {
        const item = items[next++];
        if (item !== undefined && !found.has(item)) found.set(item, workOut(item));
      }
      if (next < items.length) timer = setTimeout(() => slice(next), 0);
      else setAnswers(new Map(found));
    };
    timer = setTimeout(() => slice(0), 0);
    return () => clearTimeout(timer);
  }, [items, workOut]);
  return answers;
}
