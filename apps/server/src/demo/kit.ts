import type { ToolEventInput, ToolInput } from '@round-mint/contract/kit';
import { inchToMm } from '@round-mint/core/format';
import { demoId } from './demo-id';

/** Half-inch punch and its neighbours are sold by sixteenths, the others by millimetres. */
const INCH_PUNCHES = [
  ['3/8', 3 / 8],
  ['7/16', 7 / 16],
  ['1/2', 1 / 2],
  ['9/16', 9 / 16],
  ['5/8', 5 / 8],
  ['11/16', 11 / 16],
] as const;
const METRIC_PUNCHES_MM = [12, 13.5, 15, 18];

function holes(fromMm: number, toMm: number, stepMm: number): number[] {
  const count = Math.round((toMm - fromMm) / stepMm) + 1;
  return Array.from({ length: count }, (_, i) => fromMm + i * stepMm);
}

const TOOLS: readonly Omit<ToolInput, 'id'>[] = [
  ...INCH_PUNCHES.map(([text, inches]) => ({
    name: `${text} in punch`,
    spec: {
      kind: 'punch' as const,
      diameterMm: Math.round(inchToMm(inches) * 100) / 100,
      selfCentring: false,
    },
  })),
  ...METRIC_PUNCHES_MM.map((diameterMm) => ({
    name: `${diameterMm} mm punch, self-centring`,
    spec: { kind: 'punch' as const, diameterMm, selfCentring: true },
  })),
  ...[13, 14, 14.5, 15, 15.5, 16, 16.5, 17, 17.5, 18, 19, 20].map((diameterMm) => ({
    name: `${diameterMm} mm former`,
    spec: { kind: 'former' as const, diameterMm },
  })),
  { name: 'bench rolling mill', spec: { kind: 'rolling-mill', openingMm: 6 } },
  { name: '20 mm ball', spec: { kind: 'dapping-ball', diameterMm: 20 } },
  { name: '25 mm ball', spec: { kind: 'dapping-ball', diameterMm: 25 } },
  {
    name: '17° fold die and cone, small',
    spec: { kind: 'fold-die', angleDeg: 17, mouthMm: 32, smallEndMm: 14 },
  },
  {
    name: '17° fold die and cone, large',
    spec: { kind: 'fold-die', angleDeg: 17, mouthMm: 42, smallEndMm: 18 },
  },
  { name: '17° reducing plate', spec: { kind: 'reducing-die', angleDeg: 17, holesMm: holes(15, 33, 0.75) } },
  { name: '25° reducing plate', spec: { kind: 'reducing-die', angleDeg: 25, holesMm: holes(15, 33, 0.75) } },
  { name: 'four-spline stretcher', spec: { kind: 'stretcher', smallestMm: 13, largestMm: 24.8, splines: 4 } },
  ...[22, 21, 20, 19, 18, 17, 16].map((diameterMm) => ({
    name: `${diameterMm} mm pusher`,
    spec: { kind: 'stepped-pusher' as const, diameterMm },
  })),
  {
    name: 'expansion cone with lids',
    spec: {
      kind: 'expansion-cone',
      angleDeg: 6,
      smallEndMm: 12,
      largeEndMm: 30,
      lidHolesMm: holes(14, 27, 1),
    },
  },
  { name: 'ring mandrel', spec: { kind: 'mandrel', mmPerUsSize: 12.7 } },
  { name: 'one-ton lever press', spec: { kind: 'press', tonnes: 1 } },
];

export const DEMO_KIT: readonly (ToolInput & { readonly id: string })[] = TOOLS.map((tool, index) => ({
  ...tool,
  id: demoId('kit', index),
}));

/** A former that met a steel hammer: what the kit shows of wear. */
export const DEMO_TOOL_EVENTS: readonly ToolEventInput[] = DEMO_KIT.filter(
  ({ name }) => name === '13 mm former',
).map(({ id: toolId }) => ({
  ...{ id: demoId('tool-event', 0), toolId, at: '2026-10-05T15:20:00.000Z' },
  body: { kind: 'fault', fault: 'dented' },
}));
