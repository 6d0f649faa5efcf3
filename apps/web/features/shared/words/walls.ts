import type { CoinPlanInput } from '@round-mint/contract/plans';

export const WALLS: readonly { readonly value: CoinPlanInput['wall']; readonly label: string }[] = [
  { value: 'straight', label: 'straight' },
  { value: 'rounded', label: 'rounded' },
  { value: 'tapered', label: 'tapered' },
];
