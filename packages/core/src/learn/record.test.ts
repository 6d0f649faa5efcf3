import { rounded } from '../testing';
import { learn, madeRings } from './test-rings';

/** What a dozen seeded rings teach, pinned. */
describe('the record of what is learnt', () => {
  it('value by value', () => {
    expect(rounded(learn([...madeRings(12, 3)], ['share']))).toMatchSnapshot();
  });
});
