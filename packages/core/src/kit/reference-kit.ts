import type { Kit } from './kit';

/** A plain bench's tools: used when a maker has entered none. Lengths in mm. */
export const REFERENCE_KIT: Kit = [
  ...[9.5, 11.1, 12.7, 14.3, 15.9, 17.5, 19.1].map((diameterMm) => ({
    id: `punch-${diameterMm}`,
    name: `${diameterMm} mm punch`,
    spec: { kind: 'punch', diameterMm, selfCentring: false } as const,
  })),
  { id: 'ball-25', name: '25 mm ball', spec: { kind: 'dapping-ball', diameterMm: 25 } },
  {
    id: 'fold-17',
    name: '17° fold die and cone',
    spec: { kind: 'fold-die', angleDeg: 17, mouthMm: 42, smallEndMm: 14 },
  },
  ...[17, 25].map((angleDeg) => ({
    id: `reduce-${angleDeg}`,
    name: `${angleDeg}° reducing plate`,
    spec: {
      kind: 'reducing-die',
      angleDeg,
      holesMm: Array.from({ length: 24 }, (_, i) => 16 + i * 0.75),
    } as const,
  })),
  {
    id: 'stretcher',
    name: 'stretcher',
    spec: { kind: 'stretcher', smallestMm: 13, largestMm: 26, splines: 4 },
  },
  {
    id: 'expansion-cone',
    name: 'expansion cone with lids',
    spec: {
      kind: 'expansion-cone',
      angleDeg: 6,
      smallEndMm: 12,
      largeEndMm: 30,
      lidHolesMm: Array.from({ length: 14 }, (_, i) => 14 + i),
    },
  },
  ...[12, 13, 14, 15, 16, 17, 18, 19, 20].map((diameterMm) => ({
    id: `former-${diameterMm}`,
    name: `${diameterMm} mm former`,
    spec: { kind: 'former', diameterMm } as const,
  })),
  { id: 'mandrel', name: 'ring mandrel', spec: { kind: 'mandrel', mmPerUsSize: 12.7 } },
];

/** The maker's own tools; a plain bench's until any are entered. */
export function kitOrReference(kit: Kit): Kit {
  return kit.length > 0 ? kit : REFERENCE_KIT;
}
