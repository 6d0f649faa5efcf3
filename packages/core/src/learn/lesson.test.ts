import { REFERENCE_KIT } from '../kit';
import { DEFAULT_TRAITS } from '../steps';
import { simulateMoves } from '../route';
import { arcWidthMm } from '../forming';
import { joinedCharts } from './die-sightings';
import { learnFromLessons, lessonOf, type Lesson } from './index';
import { madeRings } from './test-rings';

const rings = [...madeRings(12, 5)];
const lessons = rings.flatMap((ring) => lessonOf(ring, REFERENCE_KIT) ?? []);

describe('the lesson of a ring', () => {
  it('is the same whatever other rings there are, and comes back from being written down', () => {
    expect(lessonOf(rings[3]!, REFERENCE_KIT)).toEqual(lessons[3]);
    const read: Lesson[] = JSON.parse(JSON.stringify(lessons));
    expect(learnFromLessons(read)).toEqual(learnFromLessons(lessons));
  });

  it('is none where the maker left the ring out', () => {
    const [ring] = rings;
    const out = { id: 'out', at: ring!.finishedAt, body: { kind: 'left-out', leftOut: true } as const };
    expect(lessonOf({ ...ring!, events: [...ring!.events, out] }, REFERENCE_KIT)).toBeUndefined();
  });

  it('foretells what another gain of its curl die does to the width, as a new walk would', () => {
    const curled = rings.findIndex((_ring, i) => Object.keys(lessons[i]!.shares[0]!.byCurlGain).length > 0);
    const { input, school, moves } = rings[curled]!.coin!;
    const [angle, slope] = Object.entries(lessons[curled]!.shares[0]!.byCurlGain)[0]!;
    const widthMm = (gain: number) => {
      const traits = { ...DEFAULT_TRAITS, curlGain: { [Number(angle)]: gain } };
      return arcWidthMm(
        simulateMoves(input, { kit: REFERENCE_KIT, school, moves, shareShift: 0, traits }).finished,
      );
    };
    const walked = Math.log(widthMm(0.88) / widthMm(1));
    expect(slope * -0.12).toBeCloseTo(walked, 3);
  });
});

describe('what many lessons come to', () => {
  const many = Array.from({ length: 25 }, (_, year) =>
    lessons.map((lesson) => ({
      ...lesson,
      ringId: `${year}-${lesson.ringId}`,
      finishedAt: lesson.finishedAt.replace('2026', String(2000 + year)),
    })),
  ).flat();

  it('shows the course of the latest two hundred, each predicted by all before it', () => {
    const { course, rings: taught } = learnFromLessons(many);
    expect(taught).toBe(300);
    expect(course).toHaveLength(200);
    expect(course.at(-1)?.ringId).toBe(many.at(-1)?.ringId);
    const late = course.slice(-12);
    const before = late.reduce((sum, { sizeBefore = 0 }) => sum + sizeBefore, 0);
    expect(late.reduce((sum, { sizeAfter = 0 }) => sum + sizeAfter, 0)).toBeLessThan(before);
  });

  it('names the rings that lie far from all others', () => {
    const [first, ...others] = lessons;
    const slipped = { ...first!, trims: [{ off: 0.7, slope: 1, sigma: 0.1 }] };
    const { outlierNames, values } = learnFromLessons([slipped, ...others]);
    expect(values.find(({ key }) => key === 'trim')?.outliers).toEqual([first!.ringId]);
    expect(outlierNames).toEqual({ [first!.ringId]: first!.name });
  });

  it('keeps of a pusher’s chart what was seen last', () => {
    const chart = (reveal: number) => ({
      metal: 'copper' as const,
      coinDiameterMm: 30,
      die: 'Long die',
      pusherMm: 21,
      observations: [{ reveal, insideDiameterMm: 22 }],
    });
    const [joined, other] = joinedCharts([
      ...Array.from({ length: 70 }, (_, i) => chart(i)),
      { ...chart(1), metal: 'silver-900' },
    ]);
    expect(joined?.observations.map(({ reveal }) => reveal)).toEqual(
      Array.from({ length: 60 }, (_, i) => i + 10),
    );
    expect(other?.observations).toHaveLength(1);
  });
});
