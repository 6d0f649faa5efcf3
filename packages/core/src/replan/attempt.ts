import type { FinishingSchool, WallWish } from '../forming';
import type { DieChart, Kit } from '../kit';
import type { RingState } from '../ring';
import { addAnneal, addStep, type RouteBuilder } from '../route';
import type { MandrelTaper } from '../size';
import type { BenchTraits, EdgeSpend, Face, RouteStep } from '../steps';
import { workingThickness, type Coin } from '../stock';
import { filedBack, flatFound, foundAt, unsettled, wallOfOutline, type Found } from './resume';
import { fileBackWords } from './replan-words';

/** A ring in work, as far as planning on needs it. */
export interface RingInWork {
  readonly coin: Coin;
  readonly wall: WallWish;
  readonly school?: FinishingSchool | undefined;
  readonly face?: Face | undefined;
  readonly mandrel: MandrelTaper;
  readonly state: Pick<
    RingState,
    'steps' | 'step' | 'spent' | 'edges' | 'openReading' | 'targetInsideDiameterMm' | 'holeMm'
  >;
  readonly kit: Kit;
  readonly dieCharts?: readonly DieChart[] | undefined;
  readonly traits?: BenchTraits | undefined;
}

/** What was found that may ask for another route. */
export type Finding =
  | { readonly kind: 'reading' }
  | { readonly kind: 'hole' }
  /** Another size or wall is wanted, or a step was left out. */
  | { readonly kind: 'change' }
  /** The cut edge is filed back this far along the wall. */
  | { readonly kind: 'filed-back'; readonly fileMm: number; readonly newHoleMm: number };

/** From where a route is planned on, and what is kept of the old one. */
export interface Attempt {
  readonly found: Found;
  readonly spent: EdgeSpend;
  readonly fromStep: number;
  /** Steps of the old route that come first, whatever follows. */
  readonly lead: readonly RouteStep[];
  /** What is done to the piece before it goes on. */
  readonly first?: ((builder: RouteBuilder) => void) | undefined;
  readonly holeMm: number;
  readonly bandWidthBeforeMm: number;
}

/** The step from which a folding is still to come: what goes before it stays. */
function firstFold(steps: readonly RouteStep[], from: number): number {
  const found = steps.findIndex(({ kind }, i) => i >= from && kind === 'fold');
  return found < 0 ? from : found;
}

/** What a finding asks for; undefined when it asks for nothing. */
export function attemptFor(ring: RingInWork, finding: Finding): Attempt | undefined {
  const { state, coin } = ring;
  const { steps, step, spent, edges } = state;
  const { thicknessMm } = workingThickness(coin);
  const holeMm = state.holeMm ?? 0;
  const last = steps.at(-1);
  const bandWidthBeforeMm = last?.outline.arcMm.at(-1) ?? 0;
  switch (finding.kind) {
    case 'reading': {
      // It may have been read at a step that is done by now: what is done stays done.
      const readAt = state.openReading?.step ?? step;
      const found = foundAt(steps, readAt, edges, thicknessMm);
      if (!found) return undefined;
      const fromStep = Math.max(step, found.arrived ? readAt + 1 : readAt);
      return { found, spent, fromStep, lead: [], holeMm, bandWidthBeforeMm };
    }
    case 'change': {
      const attempt = { spent, fromStep: step, holeMm, bandWidthBeforeMm };
      const readHere = state.openReading?.step === step;
      const found = foundAt(steps, readHere ? step : step - 1, edges, thicknessMm);
      if (found && found.pieceState.stage !== 'flat') {
        const asWanted = { ...found, pieceState: unsettled(found.pieceState, ring.wall) };
        const past = readHere && found.arrived ? { fromStep: step + 1 } : {};
        return { ...attempt, found: asWanted, lead: [], ...past };
      }
      const flat = flatFound(coin.diameterMm, holeMm, thicknessMm);
      return { ...attempt, found: flat, lead: steps.slice(step, firstFold(steps, step)) };
    }
    case 'hole': {
      const lead = steps.slice(step, firstFold(steps, step));
      const found = flatFound(coin.diameterMm, holeMm, thicknessMm);
      return { found, spent, fromStep: step, lead, holeMm, bandWidthBeforeMm };
    }
    case 'filed-back': {
      const standing = steps[Math.max(0, step - 1)];
      if (!standing?.pieceState) return undefined;
      const outline = filedBack(standing.outline, finding.fileMm);
      const found = {
        wall: wallOfOutline(outline, thicknessMm),
        pieceState: standing.pieceState,
        arrived: true,
      };
      const first = (builder: RouteBuilder) => {
        addStep(builder, 'file', fileBackWords(finding.fileMm));
        addAnneal(builder);
      };
      return { found, spent, fromStep: step, lead: [], first, holeMm: finding.newHoleMm, bandWidthBeforeMm };
    }
  }
}
