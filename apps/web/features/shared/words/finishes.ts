import type { Finish } from '@round-mint/core/steps';

/** Surfaces as the planner offers them. */
export const FINISHES: readonly { readonly value: Finish; readonly label: string }[] = [
  { value: 'as-formed', label: 'sanded' },
  { value: 'satin', label: 'satin' },
  { value: 'polished', label: 'polished' },
  { value: 'dark', label: 'dark' },
  { value: 'fire-scale', label: 'fire scale' },
];
