import type { CoinPlanInput } from '@round-mint/contract/plans';
import type { CoinRing, RingEventInput } from '@round-mint/contract/rings';
import { metalById } from '@round-mint/core/metal';
import { simulateRing, STEADY_BENCH, type BenchTruth } from '@round-mint/core/practice';
import { holesFor, type Kit } from '@round-mint/core/kit';
import { planCoinRing } from '@round-mint/core/route';
import { DEFAULT_TRAITS } from '@round-mint/core/steps';
import { SIZE_SYSTEMS } from '@round-mint/core/size';
import { seededRandom } from '@round-mint/core/uncertainty';
import { ringInput } from '../services/ring-store';
import { demoId } from './demo-id';
import { DEMO_COINS } from './stock';

/** How the made-up workshop's bench really is: what its log has to find out. */
const DEMO_BENCH: BenchTruth = {
  ...STEADY_BENCH,
  traits: {
    ...DEFAULT_TRAITS,
    shareShift: 0.04,
    trimGainMm: 0.44,
    curlGain: { 17: 0.9, 25: 1.07 },
    funnels: { '17-14': { growthMm: 0.3, scatterMm: 0.2 }, '17-18': { growthMm: -0.15, scatterMm: 0.2 } },
    allowanceFactor: { copper: 0.66 },
    handsOnMin: { fold: 6, anneal: 4, sand: 16, stretch: 6.5 },
    springbackFactor: { stretch: 1.7 },
  },
};

const RINGS = 40;
/** Enough fibres to see whether a ring can be made. */
const QUICK_INTERVALS = 16;
const SEED = 1887;
/** Rings of the made-up workshop's first year, one every five days or so. */
const FIRST_DAY_MS = Date.UTC(2026, 0, 12, 8, 30);
const DAYS_BETWEEN = 5.6;
const DAY_MS = 86_400_000;
const MINUTE_MS = 60_000;
/** Their ids lie past those of the rings told one by one. */
const FIRST_INDEX = 100;

const OWNERS = [
  'Ansa',
  'Borek',
  'Calla',
  'Dorrin',
  'Edda',
  'Fenn',
  'Gisla',
  'Hannick',
  'Isolt',
  'Jorun',
] as const;
const PIECES = ['band', 'thumb ring', 'little ring', 'keepsake'] as const;

/** A ring of the first year, as it was planned then. */
export interface HistoryRing {
  readonly ringId: string;
  readonly stockId: string;
  readonly startedAt: string;
  readonly plan: CoinPlanInput & { readonly id: string };
}

/** Rings that this drawer and these tools can make, chosen by lot; always the same ones. */
export function demoHistory(kit: Kit): readonly HistoryRing[] {
  const random = seededRandom(SEED);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)] as T;
  const pieces = DEMO_COINS.filter(
    ({ metal, form, diameterMm }) =>
      metalById(metal).refusal === undefined && form === 'round' && diameterMm >= 22,
  );
  const rings: HistoryRing[] = [];
  while (rings.length < RINGS) {
    const piece = pick(pieces);
    const holeMm = pick(holesFor(kit, piece.diameterMm));
    const wall = random() < 0.55 ? ('rounded' as const) : ('straight' as const);
    const targetInsideDiameterMm = SIZE_SYSTEMS.us.toDiameterMm(5 + Math.floor(random() * 28) / 4);
    const curlDeg = wall === 'rounded' ? 25 : null;
    const school = 'over-stretch';
    const input = {
      coin: piece,
      holeMm,
      targetInsideDiameterMm,
      wall: { kind: wall, curlDeg: curlDeg ?? undefined },
      school,
    } as const;
    const { feasible, route } = planCoinRing(input, { kit, intervals: QUICK_INTERVALS });
    if (!feasible || !route || route.missingTools.length > 0) continue;
    const index = FIRST_INDEX + rings.length;
    const day = Math.round(rings.length * DAYS_BETWEEN);
    rings.push({
      ringId: demoId('ring', index),
      stockId: piece.id,
      startedAt: new Date(FIRST_DAY_MS + day * DAY_MS).toISOString(),
      plan: {
        kind: 'coin',
        id: demoId('plan', index),
        name: `${pick(OWNERS)}’s ${pick(PIECES)}, ${rings.length + 1}`,
        stockId: piece.id,
        holeMm,
        targetInsideDiameterMm,
        wall,
        curlDeg,
        finish: random() < 0.5 ? 'polished' : 'dark',
        school,
      },
    });
  }
  return rings;
}

/** What happened to a ring of the first year, made at the made-up bench. */
export function historyEvents(
  { ringId, startedAt }: HistoryRing,
  ring: CoinRing,
  kit: Kit,
): readonly RingEventInput[] {
  const ringNumber = Number.parseInt(ringId.slice(-12), 16);
  const { steps, school = 'over-stretch', moves = [] } = ring;
  const made = simulateRing(
    { input: ringInput(ring), school, moves, steps, kit },
    DEMO_BENCH,
    seededRandom(SEED + ringNumber),
  );
  const startMs = Date.parse(startedAt);
  return made.map(({ minute, body }, i) => ({
    id: demoId('event', ringNumber * 1000 + i),
    at: new Date(startMs + minute * MINUTE_MS).toISOString(),
    body,
  }));
}
