import type { MetalId } from '../metal';

/** Light that a surface gives back of each colour, 0 to 1, as a screen shows it. */
export type Colour = readonly [red: number, green: number, blue: number];

/** Metals that look alike; silver grows warmer the more copper is in it. Read off polished samples: our own estimate. */
const LOOKS: Readonly<Record<string, Colour>> = {
  copper: [0.9, 0.56, 0.42],
  bronze: [0.8, 0.58, 0.38],
  brass: [0.89, 0.76, 0.45],
  'aluminium-bronze': [0.86, 0.72, 0.46],
  cupronickel: [0.83, 0.81, 0.77],
  clad: [0.82, 0.8, 0.77],
  'nickel-silver': [0.83, 0.81, 0.74],
  'silver-plate': [0.93, 0.93, 0.91],
  'gold-22ct': [0.97, 0.8, 0.42],
  'gold-18ct': [0.95, 0.79, 0.48],
  'gold-14ct': [0.92, 0.78, 0.53],
  'gold-9ct': [0.9, 0.77, 0.58],
  'platinum-950': [0.82, 0.82, 0.8],
  nickel: [0.79, 0.77, 0.73],
  'zinc-core': [0.64, 0.66, 0.68],
  aluminium: [0.86, 0.87, 0.88],
  pewter: [0.68, 0.69, 0.69],
  steel: [0.72, 0.73, 0.75],
  stainless: [0.76, 0.76, 0.77],
  titanium: [0.66, 0.64, 0.62],
};

const SILVER: { readonly fine: Colour; readonly half: Colour } = {
  fine: [0.96, 0.95, 0.92],
  half: [0.9, 0.85, 0.76],
};

/** What gold plate and gold leaf look like on anything. */
export const GOLD: Colour = [0.97, 0.78, 0.4];

/** How a metal looks when it is polished. */
export function metalColour(metal: MetalId): Colour {
  const known = LOOKS[metal];
  if (known) return known;
  const thousandths = Number(metal.slice('silver-'.length));
  const share = Math.min(1, Math.max(0, ((Number.isFinite(thousandths) ? thousandths : 900) - 500) / 500));
  const mixed = (i: 0 | 1 | 2) => SILVER.half[i] + share * (SILVER.fine[i] - SILVER.half[i]);
  return [mixed(0), mixed(1), mixed(2)];
}
