import { rounded } from '../testing';
import { REFERENCE_KIT } from '../kit';
import { learnFrom } from './index';
import { madeRings } from './test-rings';

/** What a dozen seeded rings teach, pinned. */
describe('the record of what is learnt', () => {
  it('value by value', () => {
    const work = learnFrom([...madeRings(12, 3)], REFERENCE_KIT, ['share']);
    let step = work.next();
    while (!step.done) step = work.next();
    expect(rounded(step.value)).toMatchSnapshot();
  });
});
