import type { FinishingSchool, WallWish } from '../forming';
import type { DieChart, Kit } from '../kit';
import { metalById, type MetalId } from '../metal';
import type { RingEvent } from '../ring';
import type { MandrelTaper, SizeSystemId } from '../size';
import type { BenchTraits, EdgeSpend, Face, RouteStep } from '../steps';
import type { Coin } from '../stock';
import type { WorkKind } from '../work';

/** A ring as it was taken to the bench, whatever its kind. */
export interface RingAtBench {
  readonly kind: 'coin' | WorkKind;
  readonly steps: readonly RouteStep[];
  readonly mandrel: MandrelTaper;
  readonly targetInsideDiameterMm: number;
  readonly allowanceStrainLog: number;
  readonly metal: MetalId;
  /** Whether its piece may be heated, as far as a test of it told. */
  readonly mayHeat?: boolean | undefined;
  /** How full the softness gauge was when it came to the bench; left out, empty. */
  readonly spentAtStart?: EdgeSpend | undefined;
  /** Only of a coin ring. */
  readonly coin?:
    | {
        readonly coin: Coin;
        readonly holeMm: number;
        readonly wall: WallWish;
        readonly school?: FinishingSchool | undefined;
        readonly face?: Face | undefined;
      }
    | undefined;
  readonly events: readonly RingEvent[];
}

/** What the bench plans on with. */
export interface BenchTools {
  readonly kit: Kit;
  readonly dieCharts?: readonly DieChart[] | undefined;
  readonly traits?: BenchTraits | undefined;
  /** The maker's own sizes. */
  readonly system: SizeSystemId;
}

/** Whether a ring may be softened: plated ware, zinc and the like never (craft §13). */
export function mayAnneal({ metal, mayHeat = true }: Pick<RingAtBench, 'metal' | 'mayHeat'>): boolean {
  return mayHeat && metalById(metal).annealC !== undefined;
}

/** Whether a reducing die may close it: not while it is open, and never a coin that is set in a band. */
export function mayReduce({ kind }: Pick<RingAtBench, 'kind'>): boolean {
  return kind !== 'coin-band' && kind !== 'handle';
}
