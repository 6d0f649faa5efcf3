import type { MetalId } from './table';

/** Metals that flow alike under a blow: what is learnt of one of them holds for the others. */
export type MetalGroup = 'silver' | 'copper' | 'gold' | 'other';

const COPPERS: readonly MetalId[] = [
  'copper',
  'bronze',
  'brass',
  'aluminium-bronze',
  'cupronickel',
  'clad',
  'nickel-silver',
];

/** The group that a metal flows with. */
export function metalGroup(metal: MetalId): MetalGroup {
  if (COPPERS.includes(metal)) return 'copper';
  if (metal.startsWith('gold-')) return 'gold';
  return /^silver-\d/.test(metal) ? 'silver' : 'other';
}
