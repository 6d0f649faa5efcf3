/**
 * How much of a hoop stretch is taken from the width, the rest from the thickness: the share a of craft §3.
 * Width stretch λ^(−a), thickness stretch λ^(−(1−a)).
 */
export const FREE_SHARE = 0.5;

/** The share depends on the kind of blow (defaults from a finite-element study, craft §3). */
export const BLOW_SHARE = {
  /** Fold die and cone, ball in dapping block. */
  fold: 0.5,
  /** Stretcher: the wall hangs free outside. */
  open: 0.44,
  /** Reducing die, curl: the wall lies in the die. */
  close: 0.59,
} as const;
export type Blow = keyof typeof BLOW_SHARE;

/** The whole fold draws the wall this much wider, and thinner by the same (craft §3). */
export const FOLD_DRAW = 1.017;
