import { NARROWEST_LAND_MM } from '../forming';

/** Tools a maker owns, as far as coin rings need them. Lengths in mm. */
export interface Punch {
  readonly kind: 'punch';
  readonly diameterMm: number;
  readonly selfCentring: boolean;
}
export interface DappingBall {
  readonly kind: 'dapping-ball';
  readonly diameterMm: number;
}
export interface FoldDie {
  readonly kind: 'fold-die';
  readonly angleDeg: number;
  readonly mouthMm: number;
  readonly smallEndMm: number;
}
export interface ReducingDie {
  readonly kind: 'reducing-die';
  readonly angleDeg: number;
  readonly holesMm: readonly number[];
}
export interface Stretcher {
  readonly kind: 'stretcher';
  readonly smallestMm: number;
  readonly largestMm: number;
  readonly splines: number;
}
export interface SteppedPusher {
  readonly kind: 'stepped-pusher';
  readonly diameterMm: number;
}
export interface MandrelTool {
  readonly kind: 'mandrel';
  readonly mmPerUsSize: number;
}
export interface Press {
  readonly kind: 'press';
  readonly tonnes: number;
}

export type ToolSpec =
  Punch | DappingBall | FoldDie | ReducingDie | Stretcher | SteppedPusher | MandrelTool | Press;
export type ToolKind = ToolSpec['kind'];
export const TOOL_KINDS = [
  'punch',
  'dapping-ball',
  'fold-die',
  'reducing-die',
  'stretcher',
  'stepped-pusher',
  'mandrel',
  'press',
] as const satisfies readonly ToolKind[];

export interface Tool {
  readonly id: string;
  readonly name: string;
  readonly spec: ToolSpec;
}

export type Kit = readonly Tool[];

type SpecOf<K extends ToolKind> = Extract<ToolSpec, { kind: K }>;

/** The kit's tools of one kind, with their specs narrowed. */
export function toolsOf<K extends ToolKind>(
  kit: Kit,
  kind: K,
): readonly { readonly tool: Tool; readonly spec: SpecOf<K> }[] {
  return kit.flatMap((tool) => (tool.spec.kind === kind ? [{ tool, spec: tool.spec as SpecOf<K> }] : []));
}

/** Owned holes, smallest first, without repeats. */
export function punchDiameters(kit: Kit): readonly number[] {
  const all = toolsOf(kit, 'punch').map(({ spec }) => spec.diameterMm);
  return [...new Set(all)].sort((a, b) => a - b);
}

/** Owned holes that leave metal around them. */
export function holesFor(kit: Kit, coinDiameterMm: number): readonly number[] {
  return punchDiameters(kit).filter((holeMm) => holeMm < coinDiameterMm - 2 * NARROWEST_LAND_MM);
}
