import type { Lane } from './job';

/** What getting ready costs, and what may go together: this bench's own, or the defaults. */
export interface ShopRules {
  /** Minutes to set a lane up when it was not. */
  readonly setUpMin: Readonly<Record<Lane, number>>;
  /** Rings that a bath takes at once. */
  readonly bathHolds: number;
  /** The flame is put out when nothing is annealed for longer than this, minutes. */
  readonly flameKeepsMin: number;
}

/** Lighting the torch and darkening the bench; changing a die; warming and neutralising a bath (defaults, judgement). */
export const DEFAULT_RULES: ShopRules = {
  setUpMin: { flame: 4, press: 2, bath: 5, bench: 0 },
  bathHolds: 6,
  flameKeepsMin: 10,
};
