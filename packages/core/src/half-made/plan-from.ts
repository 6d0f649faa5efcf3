import {
  arcWidthMm,
  axialReachMm,
  cutEdge,
  FINISHING_SCHOOLS,
  gravestFirst,
  isFeasible,
  rimEdge,
  SCHOOL_WHEN_UNKEPT,
  volumeMm3,
  type CoinRingInput,
  type FinishingSchool,
  type Reason,
} from '../forming';
import { finishReasons } from '../finishing';
import { chooseMandrel, mandrelOf, type DieChart, type Kit } from '../kit';
import { replan, wallOfOutline, type Replan, type RingInWork } from '../replan';
import {
  addEnding,
  addStep,
  beforeCurlDiameterMm,
  planCoinRing,
  ringAllowance,
  startRoute,
  type RouteBuilder,
} from '../route';
import { writeSize, type SizeSystemId } from '../size';
import {
  FRESH,
  movesWall,
  routeTotals,
  type BenchTraits,
  type EdgeSpend,
  type Finish,
  type FormingProgress,
  type RouteStep,
  type RouteTotals,
} from '../steps';
import { workingThickness } from '../stock';
import { metalById } from '../metal';
import { assumptionsOf } from './assumptions';
import { fitWall, type FittedWall } from './fit-wall';
import { LOOK_WORDS, outOfReachWords } from './start-words';
import type { Assumption, StartedFrom } from './started-from';

export interface StartOptions {
  readonly kit: Kit;
  readonly finish?: Finish | undefined;
  readonly traits?: BenchTraits | undefined;
  readonly dieCharts?: readonly DieChart[] | undefined;
  /** What sizes are told in; left out, US. */
  readonly system?: SizeSystemId | undefined;
}

/** The rest of a ring that is begun half-way. */
export interface StartedPlan {
  readonly feasible: boolean;
  readonly reasons: readonly Reason[];
  /** What is still to be done, from looking it over to the last reading. */
  readonly steps: readonly RouteStep[];
  readonly totals: RouteTotals;
  /** The piece as it is. */
  readonly fitted: FittedWall;
  readonly assumptions: readonly Assumption[];
  readonly school: FinishingSchool;
  /** How full the softness gauge is taken to be. */
  readonly spentAtStart: EdgeSpend;
  readonly allowanceStrainLog: number;
  /** The ring as it will be, mm and g. */
  readonly bandWidthMm: number;
  readonly axialHeightMm: number;
  readonly thicknessCutEdgeMm: number;
  readonly thicknessRimEdgeMm: number;
  readonly ringMassG: number;
}

/** Edges that differ by more stand on a wall that still leans: it is worked on like a funnel, mm. */
const LEANS_MM = 0.8;
/** Sizes this near to the wanted one need no bringing down, mm. */
const AT_SIZE_MM = 0.1;

/** How far forming has brought a piece, by what it is and what it is to become. */
function progressOf(
  { wall: wish, targetInsideDiameterMm: targetMm }: CoinRingInput,
  { stage }: StartedFrom,
  { wall, edges, leanDeg }: FittedWall,
): FormingProgress {
  const { rimInsideDiameterMm: rim, cutInsideDiameterMm: cut } = edges;
  if (stage === 'folded') return { stage: 'funnel', foldDeg: leanDeg };
  if (stage === 'rounded' || (stage === 'band' && wish.kind !== 'straight')) return { stage: 'curled' };
  if (rim - cut > LEANS_MM) return { stage: 'funnel', foldDeg: leanDeg };
  if (wish.kind === 'tapered') return { stage: 'half-way' };
  const widestMm = Math.max(rim, cut);
  const rounded = wish.kind === 'rounded';
  const straightMm = rounded ? beforeCurlDiameterMm(wall, wish, targetMm) : targetMm;
  if (widestMm > straightMm + AT_SIZE_MM) return { stage: 'straight', meetMm: widestMm };
  return { stage: rounded ? 'half-way' : 'to-size' };
}

/** The piece as it is, looked over, then only what follows when nothing is to be formed. */
function startSteps(
  input: CoinRingInput,
  started: StartedFrom,
  fitted: FittedWall,
  options: StartOptions,
): readonly RouteStep[] {
  const { kit, traits } = options;
  const fresh = startRoute({ ...input, holeMm: fitted.holeMm }, mandrelOf(kit), { traits });
  const builder: RouteBuilder = { ...fresh, wall: fitted.wall, progress: progressOf(input, started, fitted) };
  addStep(builder, 'read', {
    ...LOOK_WORDS,
    tool: chooseMandrel(kit),
  });
  // It may have been in the fire before it came here: pickled, as all are, it is clean either way.
  addEnding(builder, options);
  return builder.steps;
}

/** Where this kit lacks a tool: a step that forms and names none. */
function lacking(steps: readonly RouteStep[]): number {
  return steps.filter((step) => movesWall(step) && step.tool === undefined).length;
}

interface Tried {
  readonly school: FinishingSchool;
  readonly found: Replan;
  readonly steps: readonly RouteStep[];
}

/** The rest by one school. */
function tryBy(school: FinishingSchool, ring: RingInWork): Tried {
  const found = replan({ ...ring, school }, { kind: 'change' });
  const { steps, step } = ring.state;
  return {
    school,
    found,
    steps: found.kind === 'changed' ? [...steps.slice(0, step), ...found.route.steps] : steps,
  };
}

/** The school asked for; where none was, the one that lacks no tool and takes the fewest minutes, without stretching past. */
function bestOf({ school = 'best' }: CoinRingInput, ring: RingInWork): Tried {
  const open = school === 'best' ? FINISHING_SCHOOLS.filter((one) => one !== 'over-stretch') : [school];
  const cost = ({ found, steps }: Tried) => {
    const { handsOnMin, waitMin } = routeTotals(steps);
    return [found.kind === 'out-of-reach' ? 1 : 0, lacking(steps), handsOnMin + waitMin];
  };
  const tried = open.map((one) => tryBy(one, ring));
  const [first] = tried.sort((a, b) => {
    const [left, right] = [cost(a), cost(b)];
    const at = left.findIndex((value, i) => value !== right[i]);
    return at < 0 ? 0 : (left[at] ?? 0) - (right[at] ?? 0);
  });
  return first ?? tryBy(SCHOOL_WHEN_UNKEPT, ring);
}

function reasonsOf(
  { found }: Tried,
  input: CoinRingInput,
  { finish = 'polished', system = 'us' }: StartOptions,
): readonly Reason[] {
  const { refusal, name } = metalById(input.coin.metal);
  const metal: readonly Reason[] = refusal
    ? [{ code: 'metal-refused', level: 'refuse', message: `${name}: ${refusal}` }]
    : [];
  const surface = finishReasons(finish, input.coin.metal);
  if (found.kind !== 'out-of-reach') return gravestFirst([...metal, ...surface]);
  const { why, nearest } = found;
  const code =
    why === 'edge-too-thin'
      ? 'cut-edge-sharp'
      : why === 'rim-too-small'
        ? 'rim-too-compressed'
        : 'rim-would-grow';
  const size = (insideMm: number) => writeSize(insideMm, system);
  const words = outOfReachWords(
    why,
    size(input.targetInsideDiameterMm),
    nearest && size(nearest.targetInsideDiameterMm),
  );
  const out: Reason = { code, level: 'refuse', ...words };
  return gravestFirst([out, ...metal, ...surface]);
}

/** Punched only: the usual route, without what was done. */
function planPunched(
  input: CoinRingInput,
  started: StartedFrom,
  fitted: FittedWall,
  options: StartOptions,
): StartedPlan {
  const { finish, traits, dieCharts, kit, system = 'us' } = options;
  const writer = (sizeMm: number) => writeSize(sizeMm, system);
  const planned = planCoinRing(
    { ...input, holeMm: fitted.holeMm },
    { kit, finish, traits, dieCharts, writeSize: writer },
  );
  const steps = planned.route?.steps.filter(({ kind }) => kind !== 'cut') ?? [];
  return {
    feasible: planned.feasible,
    reasons: planned.reasons,
    steps,
    totals: routeTotals(steps),
    fitted,
    assumptions: assumptionsOf(started, fitted),
    school: planned.route?.school ?? SCHOOL_WHEN_UNKEPT,
    spentAtStart: FRESH,
    allowanceStrainLog: planned.route?.allowanceStrainLog ?? ringAllowance(input.coin, traits),
    bandWidthMm: planned.bandWidthMm,
    axialHeightMm: planned.axialHeightMm,
    thicknessCutEdgeMm: planned.thicknessCutEdgeMm,
    thicknessRimEdgeMm: planned.thicknessRimEdgeMm,
    ringMassG: planned.ringMassG,
  };
}

/**
 * The rest of a coin ring that is begun half-way (craft §13): a wall fitted to what was measured, taken to be as hard as
 * it can be, and the way from there to the ring with this kit. Nothing that was done before is in its steps.
 * @param input of the ring; its hole is taken where no measure tells another
 */
export function planFrom(input: CoinRingInput, started: StartedFrom, options: StartOptions): StartedPlan {
  const { kit, traits, dieCharts } = options;
  const { coin, wall } = input;
  const mandrel = mandrelOf(kit);
  const fitted = fitWall(coin, input.holeMm, started, mandrel);
  if (started.stage === 'punched') return planPunched(input, started, fitted, options);
  const allowanceStrainLog = ringAllowance(coin, traits);
  const spentAtStart = { cut: allowanceStrainLog, rim: allowanceStrainLog };
  const steps = startSteps(input, started, fitted, options);
  const ring: RingInWork = {
    ...{ coin, wall, mandrel, kit, traits, dieCharts },
    state: {
      steps,
      step: 1,
      spent: spentAtStart,
      edges: fitted.edges,
      openReading: undefined,
      targetInsideDiameterMm: input.targetInsideDiameterMm,
      holeMm: fitted.holeMm,
    },
  };
  const tried = bestOf(input, ring);
  const reasons = reasonsOf(tried, input, options);
  const feasible = isFeasible(reasons);
  const kept = feasible ? tried.steps : [];
  const finished = wallOfOutline(
    (tried.steps.at(-1) ?? steps[0]!).outline,
    workingThickness(coin).thicknessMm,
  );
  return {
    feasible,
    reasons,
    steps: kept,
    totals: routeTotals(kept),
    fitted,
    assumptions: assumptionsOf(started, fitted),
    school: tried.school,
    spentAtStart,
    allowanceStrainLog,
    bandWidthMm: arcWidthMm(finished),
    axialHeightMm: axialReachMm(finished),
    thicknessCutEdgeMm: cutEdge(finished).thicknessMm,
    thicknessRimEdgeMm: rimEdge(finished).thicknessMm,
    ringMassG: (volumeMm3(finished) * metalById(coin.metal).densityGCm3) / 1000,
  };
}
