import { useEffect, useState } from 'react';
import { ALL, type Asked, type Paged } from '@/store/lists';

/** Hands that type pause for so long before the server is asked, ms. */
const PAUSE_MS = 250;

/** A value once it has stood for a moment. */
function useRested<T>(value: T): T {
  const [rested, setRested] = useState(value);
  useEffect(() => {
    const later = setTimeout(() => setRested(value), PAUSE_MS);
    return () => clearTimeout(later);
  }, [value]);
  return rested;
}

/** A text's words, as a search takes them. */
export function wordsOf(search: string): readonly string[] {
  return search.toLowerCase().split(/\s+/).filter(Boolean);
}

/** Whether a text has every one of some words. */
export function hasWords(text: string, words: readonly string[]): boolean {
  const lower = text.toLowerCase();
  return words.every((word) => lower.includes(word));
}

/** What the server is asked for by a search. */
export function askedBy(search: string): Asked {
  const q = search.trim();
  return q ? { q } : ALL;
}

interface Searched<T> {
  /** All of the list, whatever is typed. */
  readonly all: Paged<T>;
  /** What is shown; without data while the server looks it up. */
  readonly shown: Paged<T>;
  /** Whether what is shown is yet to be narrowed to what is typed. */
  readonly narrowHere: boolean;
}

/**
 * A list narrowed to what is typed: here where all of it is, by the server where it goes on. While the server is away,
 * what was read of it is searched.
 * @param usePagesOf reads a list's pages
 * @param typed what the server is asked for; the same object as long as it says the same
 */
export function useSearchedPages<T>(
  usePagesOf: (asked: Asked, options: { readonly skip: boolean }) => Paged<T>,
  typed: Asked,
): Searched<T> {
  const all = usePagesOf(ALL, { skip: false });
  const asked = useRested(typed);
  const goesOn = all.data !== undefined && all.more !== undefined;
  const wanted = goesOn && Object.keys(asked).length > 0;
  const found = usePagesOf(asked, { skip: !wanted });
  if (!wanted || found.isError) return { all, shown: all, narrowHere: true };
  return { all, shown: found, narrowHere: false };
}
