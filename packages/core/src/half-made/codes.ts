/** What a piece may be when it comes to the bench half-made, in the order of the work. */
export const STARTED_STAGES = ['punched', 'folded', 'straight', 'rounded', 'band'] as const;
