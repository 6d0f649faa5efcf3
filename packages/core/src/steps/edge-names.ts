/** What a kind of ring calls its two edges. */
export interface EdgeNames {
  /** The edge that coin rings call the rim edge. */
  readonly rim: string;
  readonly cut: string;
}

export const COIN_EDGES: EdgeNames = { rim: 'rim edge', cut: 'cut edge' };
/** One edge of a band that is resized is marked with a pen first, so that both ways round can be told apart. */
const MARKED_EDGES: EdgeNames = { rim: 'marked edge', cut: 'other edge' };
/** Edges that look alike, and that nobody has marked. */
const BAND_EDGES: EdgeNames = { rim: 'one edge', cut: 'other edge' };

/** What the edges of a ring are called by what they are. */
export function edgeNamesOf(kind: string): EdgeNames {
  if (kind === 'coin') return COIN_EDGES;
  return kind === 'resize' ? MARKED_EDGES : BAND_EDGES;
}
