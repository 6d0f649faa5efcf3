/** Metals that flow alike under a blow: what is learnt of one of them holds for the others. */
export const METAL_GROUPS = ['silver', 'copper', 'gold', 'other'] as const;
