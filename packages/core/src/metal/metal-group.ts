import type { METAL_GROUPS } from './codes';
import type { MetalId } from './table';

export type MetalGroup = (typeof METAL_GROUPS)[number];

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
