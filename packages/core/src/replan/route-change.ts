import { MM_PER_US_SIZE, type EdgeDiameters } from '../size';
import type { RouteStep, StepKind } from '../steps';

/** What is different from the route before. */
export interface RouteChange {
  readonly next: RouteStep | undefined;
  /** More (or fewer) of each kind of step than before, where that changed. */
  readonly counts: Partial<Readonly<Record<StepKind, number>>>;
  readonly annealNow: boolean;
  /** Straight size from which the curl begins, mm. */
  readonly beforeCurlMm?: { readonly from: number; readonly to: number };
  readonly reveal?: { readonly from: number; readonly to: number };
  /** Width of the band at the end, mm. */
  readonly bandWidthMm: { readonly from: number; readonly to: number };
}

function countKinds(steps: readonly RouteStep[]): Map<StepKind, number> {
  const counts = new Map<StepKind, number>();
  steps.forEach(({ kind }) => counts.set(kind, (counts.get(kind) ?? 0) + 1));
  return counts;
}

function revealOf(steps: readonly RouteStep[]): number | undefined {
  return steps.find(({ tape }) => tape?.reveal !== undefined)?.tape?.reveal;
}

/** The straight size from which a route curls, as its steps tell. */
function curlStartOf(steps: readonly RouteStep[]): number | undefined {
  return steps.find(({ kind }) => kind === 'curl')?.before.cutInsideDiameterMm;
}

/** What is different between the steps that were to come and those that are. */
export function changeOf(
  before: readonly RouteStep[],
  after: readonly RouteStep[],
  fromWidthMm: number,
  toWidthMm: number,
): RouteChange {
  const [had, has] = [countKinds(before), countKinds(after)];
  const kinds = [...new Set([...had.keys(), ...has.keys()])];
  const counts = Object.fromEntries(
    kinds
      .map((kind) => [kind, (has.get(kind) ?? 0) - (had.get(kind) ?? 0)] as const)
      .filter(([, difference]) => difference !== 0),
  );
  const pair = (from: number | undefined, to: number | undefined, least: number) =>
    from !== undefined && to !== undefined && Math.abs(to - from) > least ? { from, to } : undefined;
  const curl = pair(curlStartOf(before), curlStartOf(after), MM_PER_US_SIZE / 8);
  const reveal = pair(revealOf(before), revealOf(after), 0.25);
  return {
    next: after[0],
    counts,
    annealNow: after[0]?.kind === 'anneal' && before[0]?.kind !== 'anneal',
    ...(curl ? { beforeCurlMm: curl } : {}),
    ...(reveal ? { reveal } : {}),
    bandWidthMm: { from: fromWidthMm, to: toWidthMm },
  };
}

/** Ends of steps within this of each other are the same step, mm. */
const SAME_END_MM = MM_PER_US_SIZE / 8;

/** Whether two routes ask for the same of the hands. */
export function alike(a: readonly RouteStep[], b: readonly RouteStep[]): boolean {
  if (a.length !== b.length) return false;
  const near = (x: EdgeDiameters, y: EdgeDiameters) =>
    Math.abs(x.rimInsideDiameterMm - y.rimInsideDiameterMm) < SAME_END_MM &&
    Math.abs(x.cutInsideDiameterMm - y.cutInsideDiameterMm) < SAME_END_MM;
  return a.every((step, i) => {
    const other = b[i];
    return other !== undefined && step.kind === other.kind && near(step.after, other.after);
  });
}
