import { capital } from '../format';
import type { WorkWay } from '../ways';
import type { CustomerWish, WishKind } from './wish';

function widthWords({ min, max }: CustomerWish['widthMm']): string {
  if (min !== undefined && max !== undefined) return `${min}–${max} mm`;
  return min === undefined ? `at most ${max} mm` : `at least ${min} mm`;
}

const KINDS: Readonly<Record<WishKind | WorkWay['kind'], string>> = {
  coin: 'a coin ring',
  handle: 'a ring from a handle',
  strip: 'a band of strip',
  spinner: 'a spinner',
  'coin-band': 'a whole coin in a band',
  band: 'the band',
};

/** What a customer would have to give up. */
export const CHANGE_WORDS = {
  width: (bandWidthMm: number, wanted: CustomerWish['widthMm']) =>
    `${bandWidthMm.toFixed(1)} mm wide instead of ${widthWords(wanted)}`,
  year: (is: number | null | undefined, wanted: number | undefined) =>
    `${is ?? 'no year'} instead of ${wanted}`,
  metal: (is: string, wanted: string) => `${is} instead of ${wanted}`,
  face: (wanted: NonNullable<CustomerWish['face']>) => `the other face outside, not the ${wanted}`,
  wall: (wanted: string) => `a straight wall instead of a ${wanted} one`,
  cut: (mark: string) => `${mark} is cut`,
  kind: (is: keyof typeof KINDS, wanted: WishKind) => `${KINDS[is]} instead of ${KINDS[wanted]}`,
} as const;

/** Why a coin that was meant does not do. */
export const REFUSED_WORDS = {
  nothingLeft: 'No punch at hand leaves enough of it.',
  outOfReach: (reach: string, target: string) => `It becomes ${reach}; not ${target}.`,
  notWithWall: (target: string) => `No punch at hand brings it to ${target} with this wall.`,
  bands: (target: string, low: string, high: string) =>
    low === high
      ? `At ${target} it gives a band ${low} mm wide.`
      : `At ${target} it gives bands ${low} to ${high} mm wide.`,
  holeAtMost: (marks: readonly string[], mostMm: number) =>
    `${capital(marks.join(' and '))} needs a hole of ${mostMm.toFixed(1)} mm at most.`,
} as const;
