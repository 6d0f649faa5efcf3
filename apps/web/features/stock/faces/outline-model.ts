import type { HandleOutline, TopPicture } from '@round-mint/contract/stock-faces';
import { halfWidthAt, profileOf, type Station } from '@round-mint/core/handle';
import {
  OUTLINE_SHARES,
  type FoundOutline,
  type OutlinePlace,
  type PicturePoint,
} from '@round-mint/core/photo';

/** A handle as it lies in its photograph, pixels of the photograph. */
export type DrawnOutline = Pick<FoundOutline, 'tip' | 'end' | 'outline'>;

/** Sides are taken hold of at these places of the outline. */
export const GRIP_PLACES = [4, 12, 20, 28] as const;
/** What lies so near the grip follows it, the less the farther away. */
const FOLLOWS = 8;

export type Grip =
  { readonly kind: 'tip' | 'end' } | { readonly kind: 'left' | 'right'; readonly place: number };

export const GRIPS: readonly Grip[] = [
  { kind: 'tip' },
  { kind: 'end' },
  ...GRIP_PLACES.flatMap((place): Grip[] => [
    { kind: 'left', place },
    { kind: 'right', place },
  ]),
];

/** Which way the handle lies: along it, and to its left; both of length 1. */
function axesOf({ tip, end }: DrawnOutline) {
  const longPx = Math.max(1, Math.hypot(end.x - tip.x, end.y - tip.y));
  const along = { x: (end.x - tip.x) / longPx, y: (end.y - tip.y) / longPx };
  return { longPx, along, left: { x: along.y, y: -along.x } };
}

/** As the stations tell it, lying across a picture: where nothing was found. */
export function outlineOfStations(
  stations: readonly Station[],
  { tip, end }: Pick<DrawnOutline, 'tip' | 'end'>,
): DrawnOutline {
  const profile = profileOf(stations);
  const pxPerMm = Math.hypot(end.x - tip.x, end.y - tip.y) / profile.lengthMm;
  const outline = OUTLINE_SHARES.map((share): OutlinePlace => {
    const half = halfWidthAt(profile, share * profile.lengthMm) * pxPerMm;
    return { share, leftPx: half, rightPx: half };
  });
  return { tip, end, outline };
}

/** Lying across the middle of a picture. */
export function acrossPicture(widthPx: number, heightPx: number): Pick<DrawnOutline, 'tip' | 'end'> {
  return { tip: { x: widthPx * 0.1, y: heightPx / 2 }, end: { x: widthPx * 0.9, y: heightPx / 2 } };
}

/** Where something of the outline is in the picture. */
export function placeOf(drawn: DrawnOutline, grip: Grip): PicturePoint {
  if (!('place' in grip)) return drawn[grip.kind];
  const { longPx, along, left } = axesOf(drawn);
  const { share = 0, leftPx = 0, rightPx = 0 } = drawn.outline[grip.place] ?? {};
  const aside = grip.kind === 'left' ? leftPx : -rightPx;
  return {
    x: drawn.tip.x + along.x * share * longPx + left.x * aside,
    y: drawn.tip.y + along.y * share * longPx + left.y * aside,
  };
}

/** The outline after a grip was pulled somewhere: an end moves, or a side with what lies near the grip. */
export function pulledOutline(drawn: DrawnOutline, grip: Grip, to: PicturePoint): DrawnOutline {
  if (!('place' in grip)) return { ...drawn, [grip.kind]: to };
  const { left } = axesOf(drawn);
  const from = placeOf(drawn, grip);
  const moved = (to.x - from.x) * left.x + (to.y - from.y) * left.y;
  const [key, wider] = grip.kind === 'left' ? (['leftPx', moved] as const) : (['rightPx', -moved] as const);
  return {
    ...drawn,
    outline: drawn.outline.map((place, i) => {
      const near = Math.max(0, 1 - Math.abs(i - grip.place) / FOLLOWS);
      return { ...place, [key]: Math.max(0, place[key] + near * wider) };
    }),
  };
}

/** The same handle, its tip taken to be at its other end. */
export function turnedOutline({ tip, end, outline }: DrawnOutline): DrawnOutline {
  const turned = outline.map(({ share, leftPx, rightPx }) => ({
    share: 1 - share,
    leftPx: rightPx,
    rightPx: leftPx,
  }));
  return { tip: end, end: tip, outline: turned.reverse() };
}

/** The grip nearest to a place of the picture. */
export function nearestGrip(drawn: DrawnOutline, { x, y }: PicturePoint): Grip {
  const farFrom = (grip: Grip) => {
    const at = placeOf(drawn, grip);
    return Math.hypot(at.x - x, at.y - y);
  };
  return GRIPS.reduce((nearest, grip) => (farFrom(grip) < farFrom(nearest) ? grip : nearest));
}

/** All round the outline, as a path of the picture. @param scale pixels of the page for one of the picture */
export function outlinePathOf(drawn: DrawnOutline, scale: number): string {
  const side = (kind: 'left' | 'right') =>
    drawn.outline.map((_, place) => {
      const { x, y } = placeOf(drawn, { kind, place });
      return `${(x * scale).toFixed(1)} ${(y * scale).toFixed(1)}`;
    });
  return `M${[...side('left'), ...side('right').reverse()].join('L')}Z`;
}

/** What is kept beside the widest place, of that. */
const BESIDE = 1.2;
const share = (value: number) => Math.min(1, Math.max(0, value));

/** As the interface takes it. */
export function topFields(drawn: DrawnOutline): {
  readonly place: Omit<TopPicture, 'base64'>;
  readonly outline: HandleOutline;
} {
  const { tip, end, outline } = drawn;
  const { longPx } = axesOf(drawn);
  const widestPx = Math.max(...outline.map(({ leftPx, rightPx }) => Math.max(leftPx, rightPx)));
  return {
    place: {
      ...{ tipX: tip.x, tipY: tip.y, endX: end.x, endY: end.y },
      acrossPx: Math.min(longPx, Math.max(8, 2 * widestPx * BESIDE)),
    },
    outline: outline.map(({ share: at, leftPx, rightPx }) => ({
      at: share(at),
      left: share(leftPx / longPx),
      right: share(rightPx / longPx),
    })),
  };
}
