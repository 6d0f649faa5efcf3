import type { CoinPlanInput, PlanInput } from '@round-mint/contract/plans';
import type { Ring, RingEventInput } from '@round-mint/contract/rings';
import { doneBody } from '@round-mint/core/ring';
import type { Work } from '@round-mint/core/work';
import { MM_PER_US_SIZE, predictReading, SIZE_SYSTEMS } from '@round-mint/core/size';
import { demoId } from './demo-id';
import { DEMO_COINS } from './stock';
import { DEMO_WORK_STOCK } from './work-stock';

/** A made-up ring: what was planned, how far it went, and how this bench strayed from the plan. */
interface DemoRing {
  readonly name: string;
  /** Start of the stock's name. */
  readonly stock: string;
  readonly targetUs: number;
  readonly finish: PlanInput['finish'];
  /** When it went to the bench. */
  readonly startedAt: string;
  /** Steps done; left out, all of them, and the ring is finished. */
  readonly stepsDone?: (steps: Ring['steps']) => number;
  /** What ruined it there. */
  readonly spoiltBy?: Extract<RingEventInput['body'], { kind: 'spoilt' }>['cause'];
  /** Size read at the end less planned, US sizes. */
  readonly sizeOffUs: number;
  /** Width and edges measured, against predicted: this bench leaves cut edges thicker and rims thinner. */
  readonly widthRatio: number;
  readonly cutRatio: number;
  readonly rimRatio: number;
}

/** The index of the n-th step of a kind. */
function nth(steps: Ring['steps'], kind: string, n: number): number {
  const found = steps.flatMap((step, i) => (step.kind === kind ? [i] : []))[n - 1];
  if (found === undefined) throw new Error(`the demo route has no ${kind} number ${n}`);
  return found;
}

type DemoCoinRing = DemoRing & Pick<CoinPlanInput, 'holeMm' | 'wall'>;
type DemoWorkRing = DemoRing & { readonly work: Work };

const COIN_RINGS: readonly DemoCoinRing[] = [
  {
    name: 'Ferry crew, no. 1',
    stock: 'Brennac Union 20 brenn',
    holeMm: 12.7,
    targetUs: 10,
    wall: 'straight',
    finish: 'dark',
    startedAt: '2026-09-04T08:10:00.000Z',
    sizeOffUs: 0.1,
    widthRatio: 1.006,
    cutRatio: 1.02,
    rimRatio: 0.985,
  },
  {
    name: 'Anniversary, lighthouse',
    stock: 'Marenza 5 corvi',
    holeMm: 14.29,
    targetUs: 9.5,
    wall: 'rounded',
    finish: 'polished',
    startedAt: '2026-09-19T13:05:00.000Z',
    sizeOffUs: -0.2,
    widthRatio: 1.003,
    cutRatio: 1.012,
    rimRatio: 0.99,
  },
  {
    name: 'Little finger, Ilse',
    stock: 'Brennac Union 5 brenn, 1954',
    holeMm: 11.11,
    targetUs: 4.5,
    wall: 'straight',
    finish: 'polished',
    startedAt: '2026-10-02T09:30:00.000Z',
    sizeOffUs: 0.05,
    widthRatio: 1.012,
    cutRatio: 1.025,
    rimRatio: 0.98,
  },
  {
    name: 'Copper trial',
    stock: 'Quillon Isles 3 quills',
    holeMm: 12.7,
    targetUs: 11,
    wall: 'tapered',
    finish: 'satin',
    startedAt: '2026-10-17T15:20:00.000Z',
    sizeOffUs: 0.3,
    widthRatio: 1.01,
    cutRatio: 1.008,
    rimRatio: 0.985,
  },
  {
    name: 'Ferry crew, no. 2',
    stock: 'Brennac Union 20 brenn',
    holeMm: 12.7,
    targetUs: 11.25,
    wall: 'straight',
    finish: 'dark',
    startedAt: '2026-11-06T08:40:00.000Z',
    sizeOffUs: -0.1,
    widthRatio: 1.0,
    cutRatio: 1.02,
    rimRatio: 0.99,
  },
  {
    name: 'Ferry crew, no. 3',
    stock: 'Marenza 5 corvi',
    holeMm: 12.7,
    targetUs: 10,
    wall: 'rounded',
    finish: 'dark',
    startedAt: '2026-11-21T09:15:00.000Z',
    stepsDone: (steps) => nth(steps, 'stretch', 1) + 1,
    sizeOffUs: -0.3,
    widthRatio: 1,
    cutRatio: 1,
    rimRatio: 1,
  },
  {
    name: 'Harbour pilot’s ring',
    stock: 'Brennac Union 20 brenn',
    holeMm: 12.7,
    targetUs: 10.5,
    wall: 'straight',
    finish: 'polished',
    startedAt: '2026-11-20T14:05:00.000Z',
    stepsDone: (steps) => nth(steps, 'anneal', 3),
    sizeOffUs: 0,
    widthRatio: 1,
    cutRatio: 1,
    rimRatio: 1,
  },
  {
    name: 'Bridge keeper’s ring',
    stock: 'Velmar 50 velm',
    holeMm: 12,
    targetUs: 8.75,
    wall: 'straight',
    finish: 'satin',
    startedAt: '2026-11-23T16:45:00.000Z',
    stepsDone: (steps) => nth(steps, 'fold', 1),
    sizeOffUs: 0,
    widthRatio: 1,
    cutRatio: 1,
    rimRatio: 1,
  },
  {
    name: 'Thin gannet trial',
    stock: 'Skerrow fulmar',
    holeMm: 11.11,
    targetUs: 10,
    wall: 'straight',
    finish: 'satin',
    startedAt: '2026-08-14T10:15:00.000Z',
    stepsDone: (steps) => nth(steps, 'stretch', 1) + 1,
    spoiltBy: 'crack-at-cut-edge',
    sizeOffUs: 0.2,
    widthRatio: 1,
    cutRatio: 1,
    rimRatio: 1,
  },
  {
    name: 'Owl, first try',
    stock: 'Osterholm 1 holm',
    holeMm: 11.11,
    targetUs: 8,
    wall: 'straight',
    finish: 'dark',
    startedAt: '2026-10-09T13:40:00.000Z',
    stepsDone: (steps) => nth(steps, 'fold', 1) + 1,
    spoiltBy: 'flare',
    sizeOffUs: 0,
    widthRatio: 1,
    cutRatio: 1,
    rimRatio: 1,
  },
];

/** On the plan in everything but a hair. */
const STEADY = { sizeOffUs: 0.05, widthRatio: 1, cutRatio: 1, rimRatio: 1 } as const;

const WORK_RINGS: readonly DemoWorkRing[] = [
  {
    ...STEADY,
    name: 'Wave spoon ring, Calla',
    stock: 'Tarn tablespoon',
    targetUs: 8,
    finish: 'polished',
    startedAt: '2026-11-12T10:20:00.000Z',
    work: { kind: 'handle', style: 'overlap', overlapMm: 8, keptEnd: 'tip', startMm: 0, ends: 'round' },
  },
  {
    ...STEADY,
    name: 'Plain band, Dorrin',
    stock: 'Sterling strip',
    targetUs: 9,
    finish: 'satin',
    startedAt: '2026-11-16T09:05:00.000Z',
    work: { kind: 'strip', textured: false },
  },
  {
    ...STEADY,
    name: 'Rope fork ring, Hannick',
    stock: 'Skerrow table fork',
    targetUs: 7.5,
    finish: 'as-formed',
    startedAt: '2026-11-18T15:30:00.000Z',
    stepsDone: (steps) => nth(steps, 'bend', 1),
    work: { kind: 'handle', style: 'straight', keptEnd: 'tip', startMm: 0, ends: 'square' },
  },
];

function stockIdOf(start: string): string {
  const piece = [...DEMO_COINS, ...DEMO_WORK_STOCK].find(({ name }) => name.startsWith(start));
  if (!piece) throw new Error(`the demo drawer holds no ${start}`);
  return piece.id;
}

export interface DemoRingEntry {
  readonly ring: DemoRing;
  readonly ringId: string;
  readonly plan: PlanInput & { readonly id: string };
}

/** Ids of the work rings stand past those of the coin rings, and before the first year's. */
const FIRST_WORK_INDEX = 50;

function entryOf(ring: DemoRing, index: number, choices: Work | CoinChoices): DemoRingEntry {
  return {
    ring,
    ringId: demoId('ring', index),
    plan: {
      id: demoId('plan', index),
      name: ring.name,
      stockId: stockIdOf(ring.stock),
      targetInsideDiameterMm: SIZE_SYSTEMS.us.toDiameterMm(ring.targetUs),
      finish: ring.finish,
      ...choices,
    },
  };
}

type CoinChoices = Pick<CoinPlanInput, 'kind' | 'holeMm' | 'wall' | 'curlDeg' | 'school'>;

export const DEMO_RINGS: readonly DemoRingEntry[] = [
  ...COIN_RINGS.map((ring, index) =>
    entryOf(ring, index, {
      kind: 'coin',
      holeMm: ring.holeMm,
      wall: ring.wall,
      curlDeg: ring.wall === 'rounded' ? 25 : null,
      school: 'over-stretch',
    }),
  ),
  ...WORK_RINGS.map((ring, i) => entryOf(ring, FIRST_WORK_INDEX + i, ring.work)),
];

/** Steps after which this bench reads the ring. */
const READ_AFTER: readonly string[] = ['stretch', 'reduce', 'bend', 'true-up', 'read'];
const MINUTE_MS = 60_000;

/** What happened to a made-up ring, step by step, as the app would have logged it. */
export function demoEvents({ ring, ringId }: DemoRingEntry, bench: Ring): readonly RingEventInput[] {
  const ringNumber = Number.parseInt(ringId.slice(-12), 16);
  const events: RingEventInput[] = [];
  let atMs = Date.parse(ring.startedAt);
  const log = (body: RingEventInput['body']) => {
    const id = demoId('event', ringNumber * 1000 + events.length);
    events.push({ id, at: new Date(atMs).toISOString(), body });
  };
  const done = ring.stepsDone?.(bench.steps) ?? bench.steps.length;
  bench.steps.slice(0, done).forEach((step, index) => {
    atMs += (step.handsOnMin + step.waitMin) * MINUTE_MS;
    if (READ_AFTER.includes(step.kind) && step.reading) {
      const offMm = ring.sizeOffUs * MM_PER_US_SIZE;
      const edges = {
        rimInsideDiameterMm: step.after.rimInsideDiameterMm + offMm,
        cutInsideDiameterMm: step.after.cutInsideDiameterMm + offMm,
      };
      const heightMm = step.outline.arcMm.at(-1) ?? 0;
      const { rimDownMm, cutDownMm } = predictReading(edges, heightMm, 'leading', {
        mmPerUsSize: bench.mandrelMmPerUsSize,
      });
      log({ kind: 'reading', rimDownMm, cutDownMm, mark: 'leading' });
    }
    log(doneBody(step.kind, index));
  });
  if (ring.spoiltBy) log({ kind: 'spoilt', cause: ring.spoiltBy });
  if (done === bench.steps.length) {
    const { bandWidthMm, thicknessCutEdgeMm, thicknessRimEdgeMm } = bench.prediction;
    log({
      kind: 'measured',
      bandWidthMm: Math.round(bandWidthMm * ring.widthRatio * 20) / 20,
      thicknessCutEdgeMm: Math.round(thicknessCutEdgeMm * ring.cutRatio * 20) / 20,
      thicknessRimEdgeMm: Math.round(thicknessRimEdgeMm * ring.rimRatio * 20) / 20,
    });
    log({ kind: 'finished' });
  }
  return events;
}
