import type { FinishingSchool, FormingMethod, Meridian, WallWish } from '../../forming';
import type { Kit, ToolChoice } from '../../kit';
import type { BenchTraits, EdgeSpend, FormingProgress, SpoilRisk, Stage } from '../../steps';
import type { Phase } from '../passes';

/** A piece on the bench: enough to tell what can be done with it next. */
export interface RouteState extends FormingProgress {
  readonly wall: Meridian;
  readonly spent: EdgeSpend;
}

/** What the ring is to become, and what there is to do it with. */
export interface Goal {
  readonly wish: WallWish;
  readonly targetMm: number;
  readonly school: FinishingSchool;
  readonly method: FormingMethod;
  readonly coinDiameterMm: number;
  readonly workingThicknessMm: number;
  readonly allowanceStrainLog: number;
  readonly kit: Kit;
  readonly traits: BenchTraits;
  /** Sizes that were read off the plan are put right: only when planning on from the bench. */
  readonly correcting?: boolean;
}

export interface MoveWords {
  /** Title of pass `pass` (from 1) of `count`. */
  readonly title: (pass: number, count: number) => string;
  readonly instruction: string;
  readonly tool: (before: Meridian, after: Meridian) => ToolChoice | undefined;
  /** Inside diameters of the cut edge at which one tool may hand over to another, mm. */
  readonly handOverAtMm?: readonly number[];
  /** Leaves a lip inside the rim edge, to be trimmed later. */
  readonly leavesLip?: boolean;
  /** Steps to put in before it. */
  readonly before?: 'true-up' | 'trim';
}

/** One thing that can be done next. Its key names the choice, not the measures, so that a coarse wall's choice holds for a fine one. */
export interface Move {
  readonly key: string;
  readonly phase: Phase;
  readonly words: MoveWords;
  readonly to: Stage;
  /** What is settled by it. */
  readonly settles?: Partial<Omit<FormingProgress, 'stage'>>;
  readonly heldByHollow?: boolean;
  /** Risks known without simulating it. */
  readonly risks?: readonly SpoilRisk[];
}
