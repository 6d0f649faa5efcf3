import type { CoinRingInput } from '../forming';
import { REFERENCE_KIT, type Kit } from '../kit';
import { planCoinRing } from '../route';
import { doneBody, type RingEvent, type RingEventBody } from '../ring';
import { DEFAULT_MANDREL, SIZE_SYSTEMS, type SizeSystemId } from '../size';
import type { RouteStep } from '../steps';
import { planWork, type Work, type WorkPiece } from '../work';
import { benchWord, type BenchWord, type RingAtBench } from './index';

/** The reference kit with what works other than coins need. */
export const BENCH_KIT: Kit = [
  ...REFERENCE_KIT,
  ...[14, 15, 16, 17, 18].map((diameterMm) => ({
    id: `former-${diameterMm}`,
    name: `${diameterMm} mm former`,
    spec: { kind: 'former', diameterMm } as const,
  })),
];

export type PlannedRing = Omit<RingAtBench, 'events'>;

/** A coin ring as it is taken to the bench. @throws when it cannot be made */
export function coinRing(input: CoinRingInput, kit: Kit = BENCH_KIT): PlannedRing {
  const { route } = planCoinRing(input, { kit });
  if (!route) throw new Error('this ring cannot be made');
  const { coin, holeMm, wall, targetInsideDiameterMm } = input;
  return {
    kind: 'coin',
    steps: route.steps,
    mandrel: DEFAULT_MANDREL,
    targetInsideDiameterMm,
    allowanceStrainLog: route.allowanceStrainLog,
    metal: coin.metal,
    coin: { coin, holeMm, wall, school: route.school },
  };
}

/** Another kind of work as it is taken to the bench. */
export function workRing(
  work: Work,
  piece: WorkPiece,
  targetInsideDiameterMm: number,
  { kit = BENCH_KIT, ...change }: Partial<PlannedRing> & { readonly kit?: Kit } = {},
): PlannedRing {
  const plan = planWork({ work, piece, targetInsideDiameterMm, finish: 'polished' }, { kit });
  return {
    kind: work.kind,
    steps: plan.steps,
    mandrel: DEFAULT_MANDREL,
    targetInsideDiameterMm,
    allowanceStrainLog: plan.allowanceStrainLog,
    metal: piece.metal,
    ...change,
  };
}

/** Events with ids of their own, one a minute. */
export function eventsOf(bodies: readonly RingEventBody[]): readonly RingEvent[] {
  return bodies.map((body, i) => ({
    id: `${String(i).padStart(8, '0')}-0000-4000-8000-000000000000`,
    at: new Date(Date.UTC(2026, 0, 5, 9, i)).toISOString(),
    body,
  }));
}

/** Steps done as planned, up to one. */
export function doneTo(steps: readonly RouteStep[], end: number): readonly RingEventBody[] {
  return steps.slice(0, end).map(({ kind }, i) => doneBody(kind, i));
}

/** Both ways round at once, or each its own. */
export function reading(rimDownMm: number, cutDownMm = rimDownMm): RingEventBody {
  return { kind: 'reading', rimDownMm, cutDownMm, mark: 'leading' };
}

/** The reading that a step is to end with, off by so much. */
export function readAt(step: RouteStep | undefined, offMm = 0): RingEventBody {
  if (!step?.reading) throw new Error('that step is not read');
  return reading(step.reading.rimDownMm + offMm, step.reading.cutDownMm + offMm);
}

/** What the bench says after a list of things that happened. */
export function says(
  ring: PlannedRing,
  bodies: readonly RingEventBody[],
  { system = 'us', kit = BENCH_KIT }: { readonly system?: SizeSystemId; readonly kit?: Kit } = {},
): BenchWord {
  return benchWord({ ...ring, events: eventsOf(bodies) }, { kit, system });
}

export const us = SIZE_SYSTEMS.us.toDiameterMm;
/** A quarter US size, mm. */
export const QUARTER_MM = us(0.25) - us(0);

const SILVER = { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' } as const;

/** A silver coin's ring of US 9, or another size, with a wall; stretched past it and reduced, or by another school. */
export function silverRing(
  wall: CoinRingInput['wall'],
  size = 9,
  school: CoinRingInput['school'] = 'over-stretch',
): PlannedRing {
  return coinRing({ coin: SILVER, holeMm: 12.7, targetInsideDiameterMm: us(size), wall, school });
}

export const STRAIGHT = silverRing({ kind: 'straight' });
export const HALF_ROUND = { kind: 'rounded', curl: { dieAngleDeg: 25, depth: 'half' } } as const;

/** Where the first and the last step of a kind stand in a route. */
export function firstOf({ steps }: PlannedRing, kind: RouteStep['kind']): number {
  return steps.findIndex((step) => step.kind === kind);
}
export function lastOf({ steps }: PlannedRing, kind: RouteStep['kind']): number {
  return steps.findLastIndex((step) => step.kind === kind);
}

/** Kinds of step that are to come. */
export function kindsToCome({ rest }: BenchWord): readonly RouteStep['kind'][] {
  return rest.map(({ kind }) => kind);
}

/** The size that the route ends on, mm. */
export function endMm({ rest }: BenchWord): number | undefined {
  return rest.at(-1)?.after.cutInsideDiameterMm;
}
