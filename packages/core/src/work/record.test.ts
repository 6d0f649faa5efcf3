import { rounded, roundedLines, stepRecord } from '../testing';
import { REFERENCE_KIT } from '../kit';
import type { Work, WorkPiece } from './kinds';
import { planWork } from './index';
import { BAND, HANDLE, SAMPLES, STRIP } from './test-samples';

const MORE: readonly (readonly [Work, WorkPiece])[] = [
  [{ kind: 'handle', style: 'spiral', overlapMm: 4, keptEnd: 'neck', startMm: 10, ends: 'round' }, HANDLE],
  [
    { kind: 'strip', textured: false },
    { ...STRIP, thicknessMm: 2.4 },
  ],
  [
    { kind: 'resize', cover: 'none' },
    { ...BAND, insideDiameterMm: 17, patterned: false },
  ],
];

/** Whole plans, pinned: a small change anywhere in their arithmetic or words is seen. */
describe('the record of plans of other work', () => {
  it.each([...SAMPLES, ...MORE])('%j', (work, piece) => {
    const { steps, ...plan } = planWork(
      { work, piece, targetInsideDiameterMm: 18.2, finish: 'dark' },
      { kit: REFERENCE_KIT },
    );
    expect(rounded(plan)).toMatchSnapshot();
    expect(roundedLines(steps.map(stepRecord))).toMatchSnapshot();
  });
});
