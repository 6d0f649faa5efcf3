import { percentWords } from '../format';

/** How a step may spoil the ring. */
export const RISK_WORDS = {
  /** @param crowding of the rim at each stroke, as a share @param slenderness of the land, width over thickness */
  wrinkle: (crowding: number, slenderness: number) =>
    `The rim is crowded ${percentWords(crowding)} a stroke while it stands free, and the land is ${slenderness.toFixed(1)} times as wide as thick: it may wrinkle. Small strokes; look at each.`,
  stretched: (times: number) =>
    `The cut edge ends at ${times.toFixed(2)} times its length: sand it and look for cracks at every pull.`,
  thin: 'Thin stock splits easily under the splines: short pulls.',
  nearCoin: (roomMm: number) =>
    `Only ${roomMm.toFixed(1)} mm outside is left before the rim would have to grow: do not pull past the mark.`,
} as const;
