import type { ToolFault } from './codes';
import { NARROWEST_LAND_MM } from '../forming';
import { DEFAULT_MANDREL, type MandrelTaper } from '../size';

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
  /** None of a plug that is hammered in: it is not turned, and cannot go back. */
  readonly splines: number;
  /** Lean of the splines from the axis; left out, they are parallel. */
  readonly taperDeg?: number | undefined;
}
/** A graded cone, point up, and the holed lids that press a ring down on it (craft §3, straighten upward). */
export interface ExpansionCone {
  readonly kind: 'expansion-cone';
  readonly angleDeg: number;
  readonly smallEndMm: number;
  readonly largeEndMm: number;
  readonly lidHolesMm: readonly number[];
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

/** A round bar that a handle or a strip is bent on. */
export interface Former {
  readonly kind: 'former';
  readonly diameterMm: number;
}
export interface RollingMill {
  readonly kind: 'rolling-mill';
  /** Thickest that goes between its rolls. */
  readonly openingMm: number;
}

export type ToolSpec =
  | Punch
  | DappingBall
  | FoldDie
  | ReducingDie
  | Stretcher
  | SteppedPusher
  | ExpansionCone
  | MandrelTool
  | Press
  | Former
  | RollingMill;
export type ToolKind = ToolSpec['kind'];
export const TOOL_KINDS = [
  'punch',
  'dapping-ball',
  'fold-die',
  'reducing-die',
  'stretcher',
  'stepped-pusher',
  'expansion-cone',
  'mandrel',
  'press',
  'former',
  'rolling-mill',
] as const satisfies readonly ToolKind[];

export interface Tool {
  readonly id: string;
  readonly name: string;
  readonly spec: ToolSpec;
  /** What is wrong with it, as far as that was found. */
  readonly faults?: readonly ToolFault[] | undefined;
}

export type Kit = readonly Tool[];

/** Measures of tools that differ by less are the same, mm. */
const SAME_MM = 0.05;

/** Whether two measures of tools are the same one: a punch counts as its hole, a tool as its twin. */
export function isSameMm(a: number, b: number): boolean {
  return Math.abs(a - b) <= SAME_MM;
}

type SpecOf<K extends ToolKind> = Extract<ToolSpec, { kind: K }>;

interface ToolOf<K extends ToolKind> {
  readonly tool: Tool;
  readonly spec: SpecOf<K>;
}

/** A route search asks the same kit the same thing hundreds of times. */
const sorted = new WeakMap<Kit, Map<ToolKind, readonly ToolOf<ToolKind>[]>>();

function byKind(kit: Kit): Map<ToolKind, readonly ToolOf<ToolKind>[]> {
  const known = sorted.get(kit);
  if (known) return known;
  const made = new Map<ToolKind, ToolOf<ToolKind>[]>();
  for (const tool of kit) {
    const { spec } = tool;
    made.set(spec.kind, [...(made.get(spec.kind) ?? []), { tool, spec }]);
  }
  sorted.set(kit, made);
  return made;
}

/** The kit's tools of one kind, with their specs narrowed. */
export function toolsOf<K extends ToolKind>(kit: Kit, kind: K): readonly ToolOf<K>[] {
  return (byKind(kit).get(kind) ?? []) as readonly unknown[] as readonly ToolOf<K>[];
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

/** The kit's mandrel; the usual one where none is entered. */
export function mandrelOf(kit: Kit): MandrelTaper {
  return toolsOf(kit, 'mandrel')[0]?.spec ?? DEFAULT_MANDREL;
}
