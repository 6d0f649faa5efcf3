/** What a piece of the drawer may become, the usual first. */
export const WAY_KINDS = ['coin', 'handle', 'strip', 'spinner', 'coin-band'] as const;
