export const MAGNET_ANSWERS = ['sticks', 'weak', 'none'] as const;

export const STONE_ANSWERS = ['milky-pale-blue', 'dissolves', 'stays'] as const;
