import type { CoinRingInput, FinishingSchool } from '../forming';
import { type RingEvent, ringState, type RingState } from '../ring';
import { movesWall, type RouteStep } from '../steps';
import type { MandrelTaper } from '../size';
import type { KeptForecast } from '../uncertainty';

/** How a coin ring was planned. */
export interface CoinCourse {
  readonly input: CoinRingInput;
  readonly school: FinishingSchool;
  /** Moves of its route by name; rings begun before they were kept have none, and teach no share. */
  readonly moves: readonly string[];
}

/** A finished ring as the log has it. */
export interface LoggedRing {
  readonly id: string;
  readonly name: string;
  readonly finishedAt: string;
  readonly targetInsideDiameterMm: number;
  /** Only of coin rings: what forming a coin teaches needs to know how it was planned. */
  readonly coin?: CoinCourse | undefined;
  readonly steps: readonly RouteStep[];
  readonly mandrel: MandrelTaper;
  readonly events: readonly RingEvent[];
  /** What was predicted when it was begun; rings begun before that was kept have none. */
  readonly forecast?: KeptForecast | undefined;
}

/** A ring with what its events come to. */
export interface WorkedRing {
  readonly ring: LoggedRing;
  readonly state: RingState;
}

export function workedRing(ring: LoggedRing): WorkedRing {
  const { steps, mandrel, events, targetInsideDiameterMm, coin } = ring;
  const { holeMm } = coin?.input ?? {};
  return { ring, state: ringState({ steps, mandrel, holeMm, targetInsideDiameterMm }, events) };
}

/** A coin ring with what its events come to. */
export type WorkedCoinRing = WorkedRing & { readonly ring: { readonly coin: CoinCourse } };

export function isWorkedCoinRing(worked: WorkedRing): worked is WorkedCoinRing {
  return worked.ring.coin !== undefined;
}

/** A reading that a step ended with, and the one before it when nothing was formed in between. */
export interface StepReading {
  readonly step: RouteStep;
  /** Mean of both edges, and each, mm. */
  readonly rimMm: number;
  readonly cutMm: number;
  readonly before: { readonly rimMm: number; readonly cutMm: number } | undefined;
}

/** Steps of a ring that ended with a reading, in order; passes that were planned again teach nothing of their old end. */
export function readSteps({ state }: WorkedRing): readonly StepReading[] {
  const replanned = new Set(
    state.reroutes
      .filter(({ step, because }) => {
        const reading = state.readings.find(({ eventId }) => eventId === because);
        return reading?.step === step;
      })
      .map(({ because }) => because),
  );
  const found: StepReading[] = [];
  let before: StepReading['before'];
  state.steps.forEach((step, index) => {
    const forms = movesWall(step) || step.kind === 'trim';
    const reading = state.readings.findLast((one) => one.step === index && !replanned.has(one.eventId));
    if (reading) {
      const now = { rimMm: reading.leading.rimDownMm, cutMm: reading.leading.cutDownMm };
      found.push({ step, ...now, before });
      before = now;
    } else if (forms) {
      before = undefined;
    }
  });
  return found;
}
