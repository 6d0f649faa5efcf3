import { drawFace, type FaceDesign } from '../drawn-face';
import { REFERENCE_KIT } from '../kit';
import { metalColour, NO_RELIEF, reliefOf, ringProfile, type RingScene } from '../ring-picture';
import { outlineOf, planCoinRing } from '../route';

export const FACE_RADIUS = 15.45;
export const outlines = (['tapered', 'straight', 'rounded'] as const).map((kind) => {
  const wall = kind === 'rounded' ? ({ kind, curlDeg: 17 } as const) : { kind };
  const plan = planCoinRing(
    {
      coin: { diameterMm: 2 * FACE_RADIUS, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' },
      holeMm: 12.7,
      targetInsideDiameterMm: 18.95,
      wall,
    },
    { kit: REFERENCE_KIT },
  );
  return [kind, outlineOf(plan.meridian)] as const;
});
const [, found] = outlines[1] ?? [];
if (!found) throw new Error('there is a straight wall');
export const straight = found;

const DESIGN: FaceDesign = {
  border: 'line',
  // One letter at the right of the face.
  legends: [{ text: 'I', middleDeg: 90 }],
  lines: [],
  motif: 'rose',
  motifAt: { y: 0, scale: 0.4 },
};
export const face = drawFace(DESIGN, 512, [214, 214, 208]);
export const relief = reliefOf(face);

/** A ring with a straight wall, plain and polished, but for what is changed. */
export const scene = (change: Partial<RingScene> = {}): RingScene => ({
  profile: ringProfile(straight),
  faceRadiusMm: FACE_RADIUS,
  outside: NO_RELIEF,
  inside: NO_RELIEF,
  turn: 'medal',
  rim: 'plain',
  look: { metal: metalColour('silver-900'), surface: 'polished', goldInside: false },
  depth: 1,
  ...change,
});
