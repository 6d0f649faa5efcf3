import type { RouteStep } from '../steps';

/** What a stroke is called, of steps that are done in strokes. */
const PULLS: Partial<Readonly<Record<RouteStep['kind'], string>>> = {
  stretch: 'pull',
  straighten: 'push',
  reduce: 'push',
  stepped: 'push',
  curl: 'push',
};

/** Whether a step is done in strokes that can be counted. */
export function hasStrokes({ kind }: Pick<RouteStep, 'kind'>): boolean {
  return PULLS[kind] !== undefined;
}

/** "two pulls, a turn of 45° between them, then end for end". */
export function strokesWords(step: RouteStep, strokes: number, splines: number | undefined): string {
  const stroke = PULLS[step.kind] ?? '';
  const plug = splines === 0;
  // A band that no stretcher goes into is hammered up on the mandrel.
  if (step.kind === 'stretch' && splines === undefined && step.pieceState === undefined) {
    return 'light blows all round, turned end for end, and read again';
  }
  const name = plug ? 'light blow' : stroke;
  const about = `about ${strokes} ${name}${strokes === 1 ? '' : stroke === 'push' ? 'es' : 's'}`;
  if (plug) return `${about}, then end for end; it cannot go back`;
  if (splines === undefined) return step.kind === 'reduce' ? `${about}, then turn it over` : about;
  return `${about}, turned ${180 / splines}° between, then end for end`;
}
