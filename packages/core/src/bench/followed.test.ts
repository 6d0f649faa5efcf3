import { SAMPLES, HANDLE } from '../work/test-samples';
import { doneBody, type RingEventBody } from '../ring';
import { HALF_ROUND, readAt, says, silverRing, us, workRing, type PlannedRing } from './test-bench';

const RINGS: readonly (readonly [name: string, ring: PlannedRing])[] = [
  ...([8, 9, 10.5] as const).flatMap((size) =>
    [
      { kind: 'straight' } as const,
      { kind: 'tapered' } as const,
      HALF_ROUND,
      { kind: 'rounded', curlDeg: 25 } as const,
    ].map((wall): readonly [string, PlannedRing] => [
      `coin, ${JSON.stringify(wall)}, US ${size}`,
      silverRing(wall, size),
    ]),
  ),
  ...SAMPLES.flatMap(([work, piece]) =>
    [7, 9, 10.5].map((size): readonly [string, PlannedRing] => [
      `${JSON.stringify(work)}, US ${size}`,
      workRing(work, piece, us(size)),
    ]),
  ),
  [
    'a plated handle',
    workRing(
      { kind: 'handle', style: 'overlap', overlapMm: 8, keptEnd: 'tip', startMm: 0, ends: 'square' },
      { ...HANDLE, metal: 'silver-plate' },
      us(9),
    ),
  ],
];

describe.each(RINGS.filter(([, { steps }]) => steps.length > 0))('%s, followed exactly', (_name, ring) => {
  it.each([
    ['without a reading', false],
    ['read at every mark', true],
  ] as const)('%s: never over the gauge, never told to anneal, not a step more', (_how, read) => {
    const bodies: RingEventBody[] = [];
    ring.steps.forEach((step, i) => {
      if (read && step.reading) bodies.push(readAt(step));
      const word = says(ring, bodies);
      expect([i, word.step?.index, word.rest.length]).toEqual([i, i, ring.steps.length - i - 1]);
      expect(word.advice.code).not.toMatch(/anneal-first|cannot-soften|past|off-plan/);
      expect(Math.max(word.gauge.cutEdge, word.gauge.rimEdge)).toBeLessThanOrEqual(1.0001);
      bodies.push(doneBody(step.kind, i));
    });
    expect(says(ring, bodies).standing).toBe('finished');
  });
});
