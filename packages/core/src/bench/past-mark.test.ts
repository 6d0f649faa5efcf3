import { pastMark } from './index';

/** What forms moves both edges. */
const FORMS = { strainCutEdge: 0.04, strainRimEdge: 0.02 };

describe('a mark that a tool is taken past', () => {
  it('how far past its mark a tool is taken is told in marks, and not where it is less than that', () => {
    // A quarter US size is 0.2032 mm.
    const words = (springbackMm: number) =>
      pastMark({ ...FORMS, kind: 'stretch', springbackMm }, 'us')?.words;
    expect([0.04, 0.11, 0.2, 0.31].map(words)).toEqual([
      undefined,
      'half a mark past',
      'about ¼ size past',
      'about ½ size past',
    ]);
  });

  it('what the mandrel reads too much, a pull stops short by and a reduction goes further by', () => {
    const taken = (kind: 'stretch' | 'reduce', gaugeMm: number) =>
      pastMark({ ...FORMS, kind, springbackMm: 0.1, gaugeMm }, 'us');
    expect(taken('stretch', 0.3)).toEqual({
      words: 'about ¼ size short of',
      why: 'it springs back, and your mandrel reads more than the stretcher’s scale',
    });
    expect(taken('stretch', 0.1)).toBeUndefined();
    expect(taken('reduce', 0.3)?.words).toBe('about ½ size past');
    expect(pastMark({ ...FORMS, kind: 'true-up', springbackMm: 0.2, endsMm: 0.11 }, 'us')).toEqual({
      words: 'half a mark short of',
      why: 'your rings read that much more at their end',
    });
    expect(pastMark({ ...FORMS, kind: 'true-up', springbackMm: 0.2 }, 'us')).toBeUndefined();
    expect(taken('reduce', -0.3)?.why).toContain('reads less than the plate’s size');
  });

  it('what only reads is taken past no mark, the last true-up by what rings end off', () => {
    const still = { strainCutEdge: 0, strainRimEdge: 0, springbackMm: 0.3 };
    expect(pastMark({ ...still, kind: 'read' }, 'us')).toBeUndefined();
    expect(pastMark({ ...still, kind: 'true-up', endsMm: -0.2 }, 'us')?.words).toBe('about ¼ size past');
  });
});
