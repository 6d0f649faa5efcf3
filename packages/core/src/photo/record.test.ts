import { roundedLines } from '../testing';
import { photographHandle } from '../testing/test-handle-photo';
import { takePhotograph } from '../testing/test-photograph';
import { takePunched } from '../testing/test-punched';
import { centreByPicture, findOutline, findRim } from './index';

/** What is found in made-up photographs, pinned: a threshold or a step of the search that changes is seen. */
describe('the record of photographs', () => {
  it('finds rims', () => {
    const found = [3, 11].map((seed) => {
      return findRim(takePhotograph({ seed, widthPx: 420, heightPx: 320, noise: 9, shakePx: 2 }).image);
    });
    expect(roundedLines(found)).toMatchSnapshot();
  });

  it('finds middles of holes', () => {
    const centres = [2, 5].map((seed) => {
      const { image, holeMm } = takePunched(12, { widthPx: 640, heightPx: 520, seed, mostTiltDeg: 5 });
      return centreByPicture(image, 12, holeMm);
    });
    expect(roundedLines(centres)).toMatchSnapshot();
  });

  it('finds outlines of handles', () => {
    const outlines = [4, 9].map((seed) => {
      const found = findOutline(photographHandle(seed, undefined, [480, 360]).image);
      return found && [found.sure, found.tip, found.end, ...found.outline.filter((_one, i) => i % 5 === 0)];
    });
    expect(roundedLines(outlines)).toMatchSnapshot();
  });
});
