/** Where drafts lie among what the browser keeps. */
const PREFIX = 'draft:';

function isObject(value: unknown): value is Readonly<Record<string, unknown>> {
  return typeof value === 'object' && value !== null && !Array.isArray(value);
}

/**
 * What was kept of a draft, as far as it is of the shape of its start: a field that a newer version has otherwise begins
 * anew. Where the start says nothing of a field (null, undefined, an empty list), what was kept is taken.
 */
export function likeStart<T>(start: T, kept: unknown): T {
  if (start === null || start === undefined || kept === undefined)
    return kept === undefined ? start : (kept as T);
  if (Array.isArray(start)) return Array.isArray(kept) ? (kept as T) : start;
  if (!isObject(start)) return typeof kept === typeof start ? (kept as T) : start;
  if (!isObject(kept)) return start;
  const fields = Object.entries(start).map(([key, value]) => [key, likeStart(value, kept[key])] as const);
  return Object.fromEntries(fields) as T;
}

/** A draft that was kept, or its start. */
export function readDraft<T>(name: string, start: T): T {
  try {
    const text = globalThis.localStorage?.getItem(PREFIX + name);
    return text ? likeStart(start, JSON.parse(text)) : start;
  } catch {
    return start;
  }
}

export function hasDraft(name: string): boolean {
  return typeof globalThis.localStorage?.getItem(PREFIX + name) === 'string';
}

/** A browser without room keeps no drafts: what is typed stays on the screen all the same. */
export function keepDraft(name: string, draft: unknown): void {
  try {
    globalThis.localStorage?.setItem(PREFIX + name, JSON.stringify(draft));
  } catch {
    // Nothing is lost yet.
  }
}

export function forgetDraft(name: string): void {
  globalThis.localStorage?.removeItem(PREFIX + name);
}
