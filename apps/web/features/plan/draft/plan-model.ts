import type { Settings } from '@round-mint/contract/settings';
import type { CoinStock } from '@round-mint/contract/stock';
import {
  arcWidthMm,
  gravestFirst,
  suggestHoleMm,
  glanceAt,
  type HoleQuestion,
  type Reason,
  type SizeWriter,
  type WallWish,
} from '@round-mint/core/forming';
import { type DieChart, holesFor, type Kit, kitOrReference, toolsOf } from '@round-mint/core/kit';
import { type CoinRingPlan, coinRoute, planCoinRing } from '@round-mint/core/route';
import { type BenchTraits, DEFAULT_TRAITS } from '@round-mint/core/steps';
import { spreadFor, type ChancesQuestion } from '@round-mint/core/uncertainty';
import { MM_PER_US_SIZE, parseSize, wideBandAllowance, type WideBandAllowance } from '@round-mint/core/size';
import { permitReasons } from '@round-mint/core/work';
import { permitsOf, refusalOf } from '@/features/shared/words/piece-words';
import type { PlanDraft } from './plan-draft-slice';

/** Fibres enough for a width to a tenth of a millimetre; half the work. */
const QUICK_INTERVALS = 16;

/** Everything the plan screen shows, from what was chosen. */
export interface PlanModel {
  readonly piece: CoinStock | undefined;
  readonly wall: WallWish;
  /** Undefined when the size was not understood. */
  readonly targetMm: number | undefined;
  readonly sizeProblem: string | undefined;
  readonly holeMm: number | undefined;
  /** Owned holes that leave metal around them, and the chosen one. */
  readonly ownedHoles: readonly number[];
  readonly kit: Kit;
  /** How the bench behaves, as far as the log has taught it. */
  readonly traits: BenchTraits;
  readonly school: PlanDraft['school'];
  readonly plan: CoinRingPlan | undefined;
  /** A proposal that was not yet taken. */
  readonly allowance: WideBandAllowance | undefined;
}

export function wallWish({ wall, curl }: Pick<PlanDraft, 'wall' | 'curl'>): WallWish {
  return wall === 'rounded' ? { kind: wall, curl } : { kind: wall };
}

/** The size asked for, with the allowance that was accepted. */
export function draftTarget(
  draft: Pick<PlanDraft, 'sizeText' | 'allowanceUs'>,
  settings: Settings,
): { targetMm?: number; problem?: string } {
  const parsed = parseSize(draft.sizeText, settings.primarySystem);
  if (!parsed.ok) return { problem: parsed.message };
  return { targetMm: parsed.insideDiameterMm + draft.allowanceUs * MM_PER_US_SIZE };
}

/** A piece of stock at a size: its best hole and the width that gives. */
export interface PieceOutcome {
  readonly piece: CoinStock;
  readonly holeMm: number | undefined;
  readonly bandWidthMm: number | undefined;
}

export function pieceOutcome(
  piece: CoinStock,
  wish: Pick<HoleQuestion, 'targetInsideDiameterMm' | 'wall' | 'school'>,
  kit: Kit,
  traits: BenchTraits = DEFAULT_TRAITS,
): PieceOutcome {
  const none = { piece, holeMm: undefined, bandWidthMm: undefined };
  if (refusalOf(piece)) return none;
  const question = { ...wish, coin: piece };
  const holeMm = suggestHoleMm(question, holesFor(kit, piece.diameterMm));
  if (holeMm === undefined) return none;
  return { piece, holeMm, bandWidthMm: routedWidth(question, holeMm, kit, traits) };
}

/** Width by the route's own simulation; undefined when the rim would have to grow on the way. */
function routedWidth(
  question: HoleQuestion,
  holeMm: number,
  kit: Kit,
  traits: BenchTraits,
): number | undefined {
  const route = coinRoute({ ...question, holeMm }, { kit, traits, intervals: QUICK_INTERVALS });
  return route && arcWidthMm(route.finished);
}

export function planModel(
  draft: PlanDraft,
  piece: CoinStock | undefined,
  ownKit: Kit,
  settings: Settings,
  writeSize: SizeWriter,
  dieCharts: readonly DieChart[] = [],
  traits: BenchTraits = DEFAULT_TRAITS,
): PlanModel {
  const kit = kitOrReference(ownKit);
  const wall = wallWish(draft);
  const { targetMm, problem } = draftTarget(draft, settings);
  const { school } = draft;
  const nothing = {
    piece,
    wall,
    school,
    targetMm,
    kit,
    traits,
    sizeProblem: problem,
    plan: undefined,
    allowance: undefined,
  };
  if (!piece || targetMm === undefined) {
    return { ...nothing, holeMm: draft.holeMm ?? undefined, ownedHoles: [] };
  }
  const question = { coin: piece, targetInsideDiameterMm: targetMm, wall, school };
  const punched = holesFor(kit, piece.diameterMm);
  const holeMm = draft.holeMm ?? suggestHoleMm(question, punched) ?? punched[Math.floor(punched.length / 2)];
  if (holeMm === undefined) return { ...nothing, holeMm, ownedHoles: punched };
  // A hole that was filed true stands among the punched ones.
  const ownedHoles = punched.includes(holeMm) ? punched : [...punched, holeMm].sort((a, b) => a - b);
  const computed = planCoinRing(
    { ...question, holeMm },
    { kit, writeSize, finish: draft.finish, annealSchool: settings.annealSchool, dieCharts, traits },
  );
  const plan = withPermits(computed, permitReasons('coin', permitsOf(piece)));
  const proposed = wideBandAllowance(plan.bandWidthMm, wall.kind === 'rounded');
  const offered =
    settings.wideBandAllowance && plan.feasible && proposed.usSizes > 0 && draft.allowanceUs === 0;
  return { ...nothing, holeMm, ownedHoles, plan, allowance: offered ? proposed : undefined };
}

/** A plan of a piece that was tested: what it must not bear refuses it. */
function withPermits(plan: CoinRingPlan, found: readonly Reason[]): CoinRingPlan {
  const reasons = gravestFirst([...plan.reasons, ...found]);
  const refused = found.some(({ level }) => level === 'refuse');
  return refused
    ? { ...plan, reasons, feasible: false, method: 'none', route: undefined }
    : { ...plan, reasons };
}

/** The band width that a hole would give; undefined when it cannot make the ring. */
export function holeWidth(
  question: HoleQuestion,
  holeMm: number,
  kit: Kit,
  traits: BenchTraits,
): number | undefined {
  return glanceAt(question, holeMm).standing !== 'refused'
    ? routedWidth(question, holeMm, kit, traits)
    : undefined;
}

/** What is drawn to tell how sure a plan is; undefined when there is no route. */
export function chancesQuestion(model: PlanModel): ChancesQuestion | undefined {
  const { piece, holeMm, targetMm, wall, kit, traits, plan } = model;
  if (!piece || holeMm === undefined || targetMm === undefined || !plan?.route) return undefined;
  const { school, moves } = plan.route;
  const selfCentring = toolsOf(kit, 'punch').some(
    ({ spec }) => spec.selfCentring && Math.abs(spec.diameterMm - holeMm) < 0.05,
  );
  return {
    input: { coin: piece, holeMm, targetInsideDiameterMm: targetMm, wall },
    kit,
    school,
    moves,
    traits,
    spread: spreadFor(piece, { centring: selfCentring ? 'self-centring' : 'by-eye', traits }),
  };
}
