import type { CoinRingInput } from '../forming';
import { REFERENCE_KIT } from '../kit';
import { STEADY_BENCH, simulateRing, type BenchTruth } from '../practice';
import { planCoinRing } from '../route';
import { DEFAULT_MANDREL, SIZE_SYSTEMS } from '../size';
import { type BenchTraits, DEFAULT_TRAITS } from '../steps';
import { seededRandom } from '../uncertainty';
import { learnFromLessons, lessonOf, type Learnt, type LoggedRing } from './index';

/** Hidden from the fit: how this bench really is. */
export const TRUTH: BenchTraits = {
  ...DEFAULT_TRAITS,
  shareShift: 0.045,
  trimGainMm: 0.45,
  curlGain: { 17: 0.9, 25: 1.08 },
  funnels: { '17-14': { growthMm: 0.35, scatterMm: 0.2 } },
  allowanceFactor: { copper: 0.62 },
  handsOnMin: { fold: 6.5, anneal: 4 },
  springbackFactor: { stretch: 1.8 },
};

const COINS: readonly CoinRingInput['coin'][] = [
  { diameterMm: 30.2, rimThicknessMm: 2.15, metal: 'silver-900' },
  { diameterMm: 28, rimThicknessMm: 1.9, metal: 'copper' },
  { diameterMm: 32, rimThicknessMm: 2.3, metal: 'silver-835' },
];

/** @param benchOf how the bench is when a ring is made: the first is 0 @param known what plans go by */
export function* madeRings(
  count: number,
  seed: number,
  benchOf: BenchTraits | ((ring: number) => BenchTruth) = TRUTH,
  known: BenchTraits = DEFAULT_TRAITS,
): Generator<LoggedRing> {
  const random = seededRandom(seed);
  for (let made = 0; made < count;) {
    const coin = COINS[Math.floor(random() * COINS.length)]!;
    const input: CoinRingInput = {
      coin,
      holeMm: [11.1, 12.7, 14.3][Math.floor(random() * 3)]!,
      targetInsideDiameterMm: SIZE_SYSTEMS.us.toDiameterMm(7 + Math.floor(random() * 12) / 4),
      wall: random() < 0.6 ? { kind: 'rounded' } : { kind: 'straight' },
      school: 'over-stretch',
    };
    const { feasible, route } = planCoinRing(input, { kit: REFERENCE_KIT, traits: known });
    if (!feasible || !route) continue;
    const { steps, moves, school } = route;
    const events = simulateRing(
      { input, school, moves, steps, kit: REFERENCE_KIT },
      typeof benchOf === 'function' ? benchOf(made) : { ...STEADY_BENCH, traits: benchOf },
      random,
    );
    const startMs = Date.UTC(2026, 0, 5 + made, 8);
    const at = (minute: number) => new Date(startMs + minute * 60_000).toISOString();
    yield {
      id: `ring-${made}`,
      name: `Ring ${made}`,
      finishedAt: at(events.at(-1)?.minute ?? 0),
      targetInsideDiameterMm: input.targetInsideDiameterMm,
      coin: { input, school, moves },
      steps,
      mandrel: DEFAULT_MANDREL,
      events: events.map(({ minute, body }, i) => ({ id: `ring-${made}-${i}`, at: at(minute), body })),
    };
    made++;
  }
}

/** What rings teach at the reference bench. @param kept keys of values that the maker wants at their defaults */
export function learn(rings: readonly LoggedRing[], kept: readonly string[] = []): Learnt {
  return learnFromLessons(
    rings.flatMap((ring) => lessonOf(ring, REFERENCE_KIT) ?? []),
    kept,
  );
}
