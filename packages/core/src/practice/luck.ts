import { CRACK_AT, normalDeviate, seededRandom, WRINKLE_AT } from '../uncertainty';
import { WRINKLE_INDEX } from '../steps';
import type { Game } from './game-state';

/** Washers on the practice bench are a little more alike than those of all makers. */
const WRINKLE_SPREAD = 0.3;

/** What this very piece bears, and how the hand slips at each moment: drawn from the seed, the same for every replay. */
export function luckOf({ seed, moments, exercise }: Game) {
  const metal = seededRandom(seed);
  const crackAt = CRACK_AT.median * Math.exp(exercise.hidden.bearsLog * normalDeviate(metal));
  const wrinkleAt = WRINKLE_AT.median * WRINKLE_INDEX * Math.exp(WRINKLE_SPREAD * normalDeviate(metal));
  const moment = seededRandom(seed + 7919 * (moments.length + 1));
  return { crackAt, wrinkleAt, slipMm: exercise.hidden.handMm * normalDeviate(moment) };
}
