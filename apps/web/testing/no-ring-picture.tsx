/** Tests of a screen draw no ring, which comes in a file of its own there: the ring's tests do. */
export function LazyRingPicture(): null {
  return null;
}

/** The same of a handle's ring. */
export function LazyHandlePicture(): null {
  return null;
}

/** Nothing is fetched for it. */
export function beginRingPicture(): void {
  return undefined;
}
