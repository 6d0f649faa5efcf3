/** Kinds of work beside the coin ring, in the order they are offered. */
export const WORK_KINDS = ['handle', 'strip', 'spinner', 'coin-band', 'resize'] as const;

/** Kinds of stock that a drawer holds. */
export const STOCK_KINDS = ['coin', 'handle', 'strip', 'band'] as const;
