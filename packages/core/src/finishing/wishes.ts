import { stepDefaults, stillStep, withFaceOut, type BenchTraits, type Face, type RouteStep } from '../steps';
import { templateOf } from './templates';
import { engraveWords, liningWords } from './wish-words';

/** What a customer wishes beside shape, size and surface. */
export interface RingWishes {
  readonly lining?: 'gold' | undefined;
  /** Words to be engraved; none where it is empty. */
  readonly dedication?: string | undefined;
  /** The face of a coin that is to be the outside. */
  readonly face?: Face | undefined;
}

function engraving(standing: RouteStep, words: string, traits: BenchTraits | undefined): RouteStep {
  const { handsOnMin, waitMin } = stepDefaults('file', traits);
  return stillStep(standing, {
    kind: 'file',
    ...engraveWords(words),
    handsOnMin,
    waitMin,
    wished: true,
  });
}

function lining(standing: RouteStep): RouteStep {
  const { goldUm: _goldUm, grit: _grit, ...told } = templateOf('gold-lining').step;
  return stillStep(standing, { ...told, ...liningWords(told.instruction), wished: true });
}

/**
 * A route that holds what was wished beside the shape (craft §8, §11, §15): which face lies down in the fold die, the
 * dedication engraved once the scratches are out and before the surface is finished, the lining last of all.
 * @param steps of a whole route
 */
export function withWishes(
  steps: readonly RouteStep[],
  { lining: lined, dedication = '', face }: RingWishes,
  traits?: BenchTraits,
): readonly RouteStep[] {
  let route = [...withFaceOut(steps, face)];
  const words = dedication.trim();
  const sanded = route.findLastIndex(({ kind }) => kind === 'sand');
  const standing = route[sanded] ?? route.at(-1);
  if (words !== '' && standing) {
    const at = sanded < 0 ? route.length : sanded + 1;
    route = [...route.slice(0, at), engraving(standing, words, traits), ...route.slice(at)];
  }
  const last = route.at(-1);
  if (lined !== 'gold' || !last || route.some(({ kind }) => kind === 'plate')) return route;
  const end = last.kind === 'read' ? route.length - 1 : route.length;
  const before = route[end - 1] ?? last;
  return [...route.slice(0, end), lining(before), ...route.slice(end)];
}
