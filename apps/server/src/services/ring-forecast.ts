import { wallWishOf } from '@round-mint/contract/coin-ring';
import type { FrozenPlan } from '@round-mint/contract/rings';
import { type BenchTraits, DEFAULT_TRAITS, defaultMinutes, type RouteStep } from '@round-mint/core/steps';
import {
  minutesForecast,
  spreadFor,
  wallForecast,
  type ChancesQuestion,
  type KeptForecast,
  type RingForecast,
} from '@round-mint/core/uncertainty';
import type { Bench } from './frozen-plan';
import { inSlices } from './in-slices';

/** Rings drawn for a forecast: spread evenly, their quantiles are within a twentieth of the interval of what many more tell. */
const RINGS = 100;
/** Fibres less one of each. */
const INTERVALS = 8;

/** What is drawn of a ring's wall; undefined where there is no flat coin to draw. */
function wallQuestion(plan: FrozenPlan, { kit }: Bench, traits: BenchTraits): ChancesQuestion | undefined {
  if (plan.kind !== 'coin' || plan.startedFrom || !plan.school || !plan.moves) return undefined;
  const { coin, holeMm, school, moves, prediction } = plan;
  const { targetInsideDiameterMm } = prediction;
  return {
    input: { coin, holeMm, targetInsideDiameterMm, wall: wallWishOf(plan), school },
    kit,
    school,
    moves,
    traits,
    spread: spreadFor(coin, { traits }),
    rings: RINGS,
    intervals: INTERVALS,
  };
}

async function forecastBy(
  plan: FrozenPlan,
  bench: Bench,
  traits: BenchTraits,
  steps: readonly Pick<RouteStep, 'handsOnMin'>[],
): Promise<RingForecast> {
  const question = wallQuestion(plan, bench, traits);
  const wall = question ? await inSlices(wallForecast(question)) : {};
  return { ...wall, handsOnMin: minutesForecast(steps) };
}

/** The steps as long as they take by default. */
function stepsByDefault({ steps }: FrozenPlan, { handsOnMin }: BenchTraits) {
  return steps.map((step) => ({
    handsOnMin: handsOnMin[step.kind] === undefined ? step.handsOnMin : defaultMinutes(step.kind),
  }));
}

/** What is predicted of a ring that is begun: kept with it, so that the log can tell how often forecasts come true. */
export async function keptForecast(plan: FrozenPlan, bench: Bench): Promise<KeptForecast> {
  const { traits } = bench;
  const told = await forecastBy(plan, bench, traits, plan.steps);
  const kept = { ...told, widened: traits.widthSpread.widened };
  if (traits === DEFAULT_TRAITS) return kept;
  const standard = await forecastBy(plan, bench, DEFAULT_TRAITS, stepsByDefault(plan, traits));
  return { ...kept, standard };
}
