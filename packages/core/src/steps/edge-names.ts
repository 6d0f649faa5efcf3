/** What a kind of ring calls its two edges. */
export interface EdgeNames {
  /** The edge that coin rings call the rim edge. */
  readonly rim: string;
  readonly cut: string;
}

export const COIN_EDGES: EdgeNames = { rim: 'rim edge', cut: 'cut edge' };
/** A band's edges look alike: one is marked with a pen, so that both ways round can be told apart. */
export const BAND_EDGES: EdgeNames = { rim: 'marked edge', cut: 'other edge' };
