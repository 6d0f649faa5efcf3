/** The server cannot be reached, something on the way answered for it, or this device has to be paired again first. */
export function isAway(error: unknown): boolean {
  const { status } = (error ?? {}) as { status?: unknown };
  return ['FETCH_ERROR', 'PARSING_ERROR', 401, 429, 502, 503].some((away) => away === status);
}
