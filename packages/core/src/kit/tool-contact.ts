import type { LeadingEdge } from '../forming';

/** How a tool touches the wall at the end of a step: enough to draw it there. Lengths in mm, angles from the axis. */
export type ToolContact =
  | { readonly kind: 'punch'; readonly diameterMm: number }
  | { readonly kind: 'ball'; readonly diameterMm: number }
  | { readonly kind: 'fold-die'; readonly angleDeg: number; readonly smallEndMm: number }
  | { readonly kind: 'splines'; readonly taperDeg: number; readonly count: number }
  | { readonly kind: 'die'; readonly angleDeg: number; readonly leading: LeadingEdge | 'both' }
  | { readonly kind: 'pusher'; readonly diameterMm: number }
  | { readonly kind: 'cone'; readonly angleDeg: number; readonly lidHoleMm: number }
  | { readonly kind: 'curl-die'; readonly angleDeg: number }
  | { readonly kind: 'former'; readonly diameterMm: number }
  | { readonly kind: 'plates' };
