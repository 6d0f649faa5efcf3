import { rimEdge, type Meridian } from '../forming';
import { type DieChart, revealFor } from '../kit';
import type { TapeUse } from '../steps';

/** Turns of tape (craft §5, defaults): a modest reduction, and a long one. */
const MODEST_TURNS = 15;
const LONG_TURNS = 25;
/** A pass that takes the rim in by more than this is a long one, mm of diameter. */
const LONG_FROM_MM = 1;

/**
 * Tape for one pass down the long die: turns by how far the rim comes in, length π·OD a turn; and where to stop, when
 * a chart of this pusher knows.
 * @param charts of this kind of coin
 * @param moveKey names the pusher: `push-19` or `push-19-last`
 */
export function tapeFor(
  from: Meridian,
  to: Meridian,
  moveKey: string,
  charts: readonly DieChart[],
  trimGainMm: number,
): TapeUse {
  const inMm = rimEdge(from).outsideDiameterMm - rimEdge(to).outsideDiameterMm;
  const turns = inMm > LONG_FROM_MM ? LONG_TURNS : MODEST_TURNS;
  const pusherMm = Number.parseFloat(moveKey.replace('push-', ''));
  const chart = charts.find((candidate) => candidate.pusherMm === pusherMm);
  return {
    turns,
    lengthMm: turns * Math.PI * rimEdge(from).outsideDiameterMm,
    // The lip is read too, and trimmed away afterwards.
    reveal: chart && revealFor(chart.observations, rimEdge(to).insideDiameterMm - trimGainMm)?.reveal,
  };
}
