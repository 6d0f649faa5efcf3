import { capital } from '../format';
import type { RingState } from '../ring';
import { edgeNamesOf, FRESH, fullest } from '../steps';
import type { RingAtBench } from './ring-at-bench';

/** One gauge of softness: what it belongs to, and how much was taken there since the last anneal. */
export interface Gauge {
  readonly name: string;
  readonly spentStrainLog: number;
}

/**
 * The gauges of a ring: one for each edge where the edges differ, one for each band of a spinner, one for a band whose
 * edges are alike.
 */
export function gaugesOf(
  kind: RingAtBench['kind'],
  { spent, partsSpent }: Pick<RingState, 'spent' | 'partsSpent'>,
): readonly Gauge[] {
  if (kind === 'coin' || kind === 'resize') {
    const names = edgeNamesOf(kind);
    const cut = { name: capital(names.cut), spentStrainLog: spent.cut };
    const rim = { name: capital(names.rim), spentStrainLog: spent.rim };
    return kind === 'coin' ? [cut, rim] : [rim, cut];
  }
  if (kind !== 'spinner') return [{ name: 'The band', spentStrainLog: fullest(spent) }];
  const [outer = FRESH, inner = FRESH] = [...partsSpent, spent];
  return [
    { name: 'Outer band', spentStrainLog: fullest(outer) },
    { name: 'Inner band', spentStrainLog: fullest(inner) },
  ];
}
