/** How far a handle reaches to the left and right of the way from its tip at a place along it; all of its length. */
export interface OutlineReach {
  readonly at: number;
  readonly left: number;
  readonly right: number;
}

/** Both reaches at any place, 0 at the tip and 1 at the other end: straight lines between the places that are known. */
export function reachAt(outline: readonly OutlineReach[], at: number): Pick<OutlineReach, 'left' | 'right'> {
  const next = outline.findIndex((place) => place.at >= at);
  const to = outline[next === -1 ? outline.length - 1 : next];
  const from = outline[Math.max(0, next === -1 ? outline.length - 1 : next - 1)];
  if (!from || !to) return { left: 0, right: 0 };
  const part = to.at > from.at ? Math.min(1, Math.max(0, (at - from.at) / (to.at - from.at))) : 0;
  return {
    left: from.left + part * (to.left - from.left),
    right: from.right + part * (to.right - from.right),
  };
}
