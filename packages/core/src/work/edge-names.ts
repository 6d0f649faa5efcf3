import type { WorkKind } from './kinds';

/** What a kind of ring calls its two edges, with a capital where a sentence begins. */
export interface EdgeNames {
  /** The edge that coin rings call the rim edge. */
  readonly rim: string;
  readonly cut: string;
}

const COIN: EdgeNames = { rim: 'rim edge', cut: 'cut edge' };
/** A band's edges look alike: one is marked with a pen, so that both ways round can be told apart. */
const BAND: EdgeNames = { rim: 'marked edge', cut: 'other edge' };

export function edgeNames(kind: WorkKind | 'coin'): EdgeNames {
  return kind === 'coin' ? COIN : BAND;
}
