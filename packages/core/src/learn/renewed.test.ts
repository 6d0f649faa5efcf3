import { learnFromLessons, lessonOf, type Lesson } from './index';
import { madeRings } from './test-rings';
import { REFERENCE_KIT } from '../kit';
import { sinceRenewed } from './renewed';

const lessons = [...madeRings(24, 7)].flatMap((ring) => lessonOf(ring, REFERENCE_KIT) ?? []);
const die = { kind: 'fold-die', angleDeg: 17, mouthMm: 42, smallEndMm: 14 } as const;
const half = lessons.map(({ finishedAt }) => finishedAt).sort()[11]!;
const ringsOf = (key: string, renewals: Parameters<typeof learnFromLessons>[2] = []) =>
  learnFromLessons(lessons, [], renewals).values.find((value) => value.key === key)?.rings ?? 0;

describe('a tool that was replaced', () => {
  it('is learnt anew from the rings since; all else is learnt as before', () => {
    const renewals = [{ spec: die, at: half }];
    expect(ringsOf('fold-17-14')).toBeGreaterThan(ringsOf('fold-17-14', renewals));
    expect(ringsOf('fold-17-14', renewals)).toBeGreaterThan(0);
    expect(ringsOf('trim', renewals)).toBe(ringsOf('trim'));
    expect(ringsOf('curl-17', renewals)).toBe(ringsOf('curl-17'));
    expect(ringsOf('fold-17-14', [{ spec: die, at: '2999-01-01T00:00:00.000Z' }])).toBe(0);
  });

  it('takes with it what was learnt of its plate’s turns, its former, its pusher', () => {
    const [first] = lessons;
    const lesson: Lesson = {
      ...first!,
      curls: { 17: [], 25: [] },
      formers: { 16: [], 17: [] },
      dieCharts: [16, 17].map((pusherMm) => ({
        ...{ metal: 'silver-900' as const, coinDiameterMm: 30, die: 'Long die', pusherMm },
        observations: [],
      })),
    };
    const at = '2999-01-01T00:00:00.000Z';
    const left = (spec: Parameters<typeof sinceRenewed>[1][number]['spec']) =>
      sinceRenewed([lesson], [{ spec, at }])[0]!;
    expect(Object.keys(left({ kind: 'reducing-die', angleDeg: 17, holesMm: [18] }).curls)).toEqual(['25']);
    expect(Object.keys(left({ kind: 'former', diameterMm: 16 }).formers)).toEqual(['17']);
    expect(
      left({ kind: 'stepped-pusher', diameterMm: 16 }).dieCharts.map(({ pusherMm }) => pusherMm),
    ).toEqual([17]);
    const stretcher = { kind: 'stretcher', smallestMm: 13, largestMm: 26, splines: 4 } as const;
    expect(left(stretcher)).toEqual(lesson);
    expect(sinceRenewed(lessons, [])).toBe(lessons);
  });
});
