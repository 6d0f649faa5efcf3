/** A value part of the way between two. */
export function mix(from: number, to: number, progress: number): number {
  return from + (to - from) * progress;
}
