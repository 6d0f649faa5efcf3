import type { PlanInput } from '@round-mint/contract/plans';

export const WALLS: readonly { readonly value: PlanInput['wall']; readonly label: string }[] = [
  { value: 'straight', label: 'straight' },
  { value: 'rounded', label: 'rounded' },
  { value: 'tapered', label: 'tapered' },
];
