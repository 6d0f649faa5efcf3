import { SIZE_SYSTEMS, type SizeSystemId } from '@round-mint/core/size';
import { scaleLinear } from 'd3-scale';

export interface LadderTick {
  readonly diameterMm: number;
  /** Written only on whole sizes; undefined on the marks between. */
  readonly label: string | undefined;
}

/** How far the ladder reaches beyond what it shows, mm. */
const MARGIN_MM = 1;
const SHORTEST_MM = 5;

/** The stretch of mandrel that holds everything shown, mm: small sizes first. */
export function ladderDomain(diametersMm: readonly number[]): readonly [number, number] {
  const low = Math.min(...diametersMm) - MARGIN_MM;
  const high = Math.max(...diametersMm) + MARGIN_MM;
  const missing = Math.max(0, SHORTEST_MM - (high - low)) / 2;
  return [low - missing, high + missing];
}

/** Marks of a system that lie on the stretch; every `wholeEvery` steps one is written. */
export function ladderTicks(
  domain: readonly [number, number],
  systemId: SizeSystemId,
): readonly LadderTick[] {
  const system = SIZE_SYSTEMS[systemId];
  const first = Math.ceil(system.fromDiameterMm(domain[0]) / system.step);
  const last = Math.floor(system.fromDiameterMm(domain[1]) / system.step);
  const whole = wholeSize(systemId, domain);
  return Array.from({ length: Math.max(0, last - first + 1) }, (_, i) => {
    const exact = (first + i) * system.step;
    const written = exact >= system.lowest && Math.abs(exact / whole - Math.round(exact / whole)) < 1e-9;
    return { diameterMm: system.toDiameterMm(exact), label: written ? system.write(exact) : undefined };
  }).filter((_, i) => (first + i) * system.step >= system.lowest);
}

/** Numbers that are written: whole sizes, every second where they would crowd. */
function wholeSize(systemId: SizeSystemId, domain: readonly [number, number]): number {
  const system = SIZE_SYSTEMS[systemId];
  const count = system.fromDiameterMm(domain[1]) - system.fromDiameterMm(domain[0]);
  if (count <= 11) return 1;
  return count <= 22 ? 2 : 5;
}

/** Diameter to height on the page: the mandrel's thin end is above, so a growing ring falls. */
export function ladderScale(domain: readonly [number, number], top: number, bottom: number) {
  return scaleLinear().domain([domain[0], domain[1]]).range([top, bottom]);
}

/** Labels that would overlap are pushed apart, keeping their order. */
export function spreadLabels(wantedY: readonly number[], gap: number): readonly number[] {
  const order = wantedY.map((y, index) => ({ y, index })).sort((a, b) => a.y - b.y);
  let previous = -Infinity;
  const placed = new Map<number, number>();
  for (const { y, index } of order) {
    previous = Math.max(y, previous + gap);
    placed.set(index, previous);
  }
  return wantedY.map((y, index) => placed.get(index) ?? y);
}
