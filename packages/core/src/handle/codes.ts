export const HANDLE_STYLES = ['straight', 'overlap', 'spiral'] as const;

export const END_SHAPES = ['square', 'round', 'mitred', 'pattern'] as const;

/** What of a spiral is solved for, so that it uses the whole handle. */
export const SPIRAL_FITS = ['turns', 'pitch'] as const;
