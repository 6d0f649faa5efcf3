import { budgetWeight, type EdgeSpend, type RouteStep, spend, type StepKind } from '../steps';
import type { EdgeDiameters } from '../size';

/** Blows that open a ring freely. */
const OPENS: readonly StepKind[] = ['stretch', 'straighten', 'true-up'];

/** Strains under this say nothing of their share. */
const LEAST_STRAIN = 5e-3;

/** Thickness at the edges as the step leaves them, mm. */
function edgeThickness(step: RouteStep): { readonly cut: number; readonly rim: number } {
  return { cut: step.outline.thicknessMm[0] ?? 0, rim: step.outline.thicknessMm.at(-1) ?? 0 };
}

/** Hoop strain of the middle of the wall when an edge goes from one inside diameter to another: ln((d₂ + t)/(d₁ + t)). */
function edgeStrain(fromMm: number, toMm: number, thicknessMm: number): number {
  return Math.log((toMm + thicknessMm) / (fromMm + thicknessMm));
}

/** Of what an edge moved by, the kind of blow that did it: under a die it comes in, else it opens freely. */
function movedBy(kind: StepKind, strain: number): StepKind {
  if (budgetWeight(kind) === 0) return kind;
  if (strain < 0) return OPENS.includes(kind) ? 'reduce' : kind;
  return OPENS.includes(kind) || kind === 'fold' ? kind : 'stretch';
}

/**
 * How much the plan's strain of an edge is against that of its edge diameters: the wall thins under way, so that a
 * reading on the mark fills the gauge just as the plan said.
 */
function planned(strain: number, fromMm: number, toMm: number, thicknessMm: number): number {
  const byEdges = edgeStrain(fromMm, toMm, thicknessMm);
  return Math.abs(byEdges) < LEAST_STRAIN || strain * byEdges <= 0 ? 1 : strain / byEdges;
}

/** Where a ring stands, as far as its gauge goes by it. */
interface Standing {
  readonly edges: EdgeDiameters;
  /** How full the gauge is now, and was when the step began. */
  readonly spent: EdgeSpend;
  readonly stepSpent: EdgeSpend;
}

/** How full the gauge is once a step has moved the edges from where they stand. */
export function spentByMove(from: Standing, step: RouteStep, to: EdgeDiameters): EdgeSpend {
  const { kind, blank, before, after, strainCutEdge, strainRimEdge } = step;
  // A blank is bent, not stretched: what it takes is the plan's to tell, whatever it reads.
  if (blank) return spend(from.stepSpent, kind, strainCutEdge, strainRimEdge);
  const thickness = edgeThickness(step);
  const strainOf = (edge: keyof EdgeDiameters, strainLog: number, thicknessMm: number) =>
    edgeStrain(from.edges[edge], to[edge], thicknessMm) *
    planned(strainLog, before[edge], after[edge], thicknessMm);
  const cut = strainOf('cutInsideDiameterMm', strainCutEdge, thickness.cut);
  const rim = strainOf('rimInsideDiameterMm', strainRimEdge, thickness.rim);
  return spend(spend(from.spent, movedBy(kind, cut), cut, 0), movedBy(kind, rim), 0, rim);
}
