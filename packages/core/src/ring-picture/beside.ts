import type { MetalId } from '../metal';
import type { Colour } from './metal-look';
import { metalColour } from './metal-look';
import type { ProfilePoint } from './ring-profile';
import type { Relief } from './relief';
import type { Spot } from './surface';

/** What may be shown with a ring, for its size: a finger that wears it, or the flat piece beside it. */
export type Beside =
  | { readonly kind: 'finger'; readonly diameterMm: number }
  | {
      readonly kind: 'piece';
      readonly diameterMm: number;
      readonly thicknessMm: number;
      readonly metal: MetalId;
      /** Of the face that lies up. */
      readonly relief: Relief;
    };

/** A thing that is round about an upright axis of its own. */
export interface BesideSolid {
  readonly points: readonly ProfilePoint[];
  /** How far to the right of the ring's axis it stands, as one looks at it, mm. */
  readonly rightMm: number;
  readonly radiusMm: number;
  readonly heightMm: number;
  readonly spot: Spot;
  /** How much of its light is scattered, 0 to 1. */
  readonly matt: number;
  /** Of what lies up; a finger has none. */
  readonly relief: Relief | undefined;
  readonly faceRadiusMm: number;
}

/** A finger is a little narrower than the ring that goes on it. */
const FINGER_SHARE = 0.985;
const FINGER_ABOVE_MM = 20;
/** A neutral finger: like a sizing stick, nobody's skin. */
const FINGER_COLOUR: Colour = [0.77, 0.71, 0.64];
const ARC_PARTS = 14;
const GAP_MM = 5;
const EDGE_MM = 0.4;

/** A stick of the finger's width with a round top. */
function fingerPoints(radiusMm: number, heightMm: number): readonly ProfilePoint[] {
  const side = (upMm: number): ProfilePoint => ({
    radiusMm,
    heightMm: upMm,
    normalOut: 1,
    normalUp: 0,
    faceMm: radiusMm,
  });
  const shoulderMm = heightMm - radiusMm;
  const top = Array.from({ length: ARC_PARTS + 1 }, (_, i) => {
    const angle = ((Math.PI / 2) * i) / ARC_PARTS;
    return {
      radiusMm: radiusMm * Math.cos(angle),
      heightMm: shoulderMm + radiusMm * Math.sin(angle),
      normalOut: Math.cos(angle),
      normalUp: Math.sin(angle),
      faceMm: radiusMm * Math.cos(angle),
    };
  });
  return [side(0), side(shoulderMm / 2), ...top];
}

/** A flat piece that lies on its face, its edge rounded as it is struck. */
function piecePoints(radiusMm: number, thicknessMm: number): readonly ProfilePoint[] {
  const round = Math.min(EDGE_MM, thicknessMm / 2);
  const edge = { radiusMm, normalOut: 1, normalUp: 0, faceMm: radiusMm };
  const arc = Array.from({ length: 5 }, (_, i) => {
    const angle = (Math.PI / 2) * (i / 4);
    return {
      radiusMm: radiusMm - round + round * Math.cos(angle),
      heightMm: thicknessMm - round + round * Math.sin(angle),
      normalOut: Math.cos(angle),
      normalUp: Math.sin(angle),
      faceMm: radiusMm - round + round * Math.cos(angle),
    };
  });
  const inner = [0.85, 0.7, 0.5, 0.3, 0.1, 0].map((share) => ({
    radiusMm: share * radiusMm,
    heightMm: thicknessMm,
    normalOut: 0,
    normalUp: 1,
    faceMm: share * radiusMm,
  }));
  return [{ ...edge, heightMm: 0 }, ...arc, ...inner];
}

function spotOf([red, green, blue]: Colour, roughness: number): Spot {
  return { colour: [red, green, blue], roughness };
}

/** What stands with a ring. @param ringRadiusMm of the ring that it is shown with, to its outside */
export function besideSolid(beside: Beside, ringRadiusMm: number): BesideSolid {
  if (beside.kind === 'finger') {
    const radiusMm = (beside.diameterMm / 2) * FINGER_SHARE;
    const heightMm = FINGER_ABOVE_MM + radiusMm;
    return {
      points: fingerPoints(radiusMm, heightMm),
      ...{ rightMm: 0, radiusMm, heightMm, spot: spotOf(FINGER_COLOUR, 0.85), matt: 0.998 },
      ...{ relief: undefined, faceRadiusMm: radiusMm },
    };
  }
  const { diameterMm, thicknessMm, metal, relief } = beside;
  const radiusMm = diameterMm / 2;
  return {
    points: piecePoints(radiusMm, thicknessMm),
    rightMm: ringRadiusMm + GAP_MM + radiusMm,
    ...{ radiusMm, heightMm: thicknessMm, spot: spotOf(metalColour(metal), 0.16), matt: 0.3908 },
    ...{ relief, faceRadiusMm: radiusMm },
  };
}
