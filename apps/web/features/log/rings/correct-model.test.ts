import { defaultWriters } from '@/testing/writers';
import { correctedReading, readingTexts } from './correct-model';

const WRITE = defaultWriters();
/** Between marks: US 9 is 18.95 mm, US 9¼ 19.15. */
const LAST = { rimDownMm: 19.19, cutDownMm: 18.97 };

describe('a corrected reading', () => {
  const shown = readingTexts(LAST, WRITE);

  it('is none while nothing was typed', () => {
    expect(shown).toEqual({ rim: 'US 9¼', cut: 'US 9' });
    expect(correctedReading(shown, LAST, WRITE, 'us')).toEqual({ problems: {}, events: [] });
    const never = readingTexts(undefined, WRITE);
    expect(correctedReading(never, undefined, WRITE, 'us')).toEqual({ problems: {}, events: [] });
  });

  it('keeps an edge that was left as it was, to the last digit', () => {
    const { events } = correctedReading({ ...shown, rim: '19.4 mm' }, LAST, WRITE, 'us');
    expect(events).toEqual([{ kind: 'reading', rimDownMm: 19.4, cutDownMm: 18.97, mark: 'leading' }]);
  });

  it('says which edge is not understood, and needs both', () => {
    const { events, problems } = correctedReading({ rim: 'US 9', cut: '' }, undefined, WRITE, 'us');
    expect(events).toBeUndefined();
    expect(Object.keys(problems)).toEqual(['cut']);
  });
});
