import { ringOf } from '@/testing/demo-ring';
import { orderOf } from '@/testing/trade';
import { defaultWriters } from '@/testing/writers';
import { closeOutFacts, historyOf } from './close-out';
import { closeOutPaper } from './papers';

const WRITE = defaultWriters();
const facts = (order = orderOf(), ring = ringOf()) =>
  closeOutFacts(order, ring, 'Calla Venn', 'The Bench', WRITE);

describe('the close-out card', () => {
  it('tells this very ring: metal, size, dates, dedication', () => {
    const card = facts(orderOf(), ringOf([], { finishedAt: '2026-03-04T10:00:00.000Z', status: 'finished' }));
    expect(card.dedication).toBe('To the night boat');
    expect(card.facts).toEqual(
      expect.arrayContaining([
        ['Metal', 'silver .900'],
        ['For', 'right ring finger'],
        ['Finished', '4 March 2026'],
      ]),
    );
    expect(card.care.join(' ')).toContain('tarnishes');
  });

  it('of a ring that was bought ready names nobody that it was made for', () => {
    const card = facts(orderOf({ shelfRingId: '0000000f-0000-4000-8000-000000000001' }));
    expect(card.person).toBe('');
    expect(card.facts.map(([name]) => name)).not.toContain('For');
    expect(closeOutPaper({ ...card, ring: [], photos: [] }).blocks).not.toContainEqual(
      expect.objectContaining({ text: expect.stringContaining('Made for') }),
    );
    expect(facts().person).toBe('Calla Venn');
  });

  it('says how far it can be resized, by its own wall', () => {
    expect(facts().resize).toMatch(
      /^Larger by 2 sizes at most\. Smaller by 2 sizes at most, the pattern suffers/,
    );
    const { prediction } = ringOf();
    const thin = ringOf([], { prediction: { ...prediction, thicknessCutEdgeMm: 0.9 } });
    expect(facts(orderOf(), thin).resize).toContain('cannot be made larger');
  });

  it('takes the measured wall for the planned one', () => {
    const event = {
      id: '00000005-0000-4000-8000-000000000001',
      at: '2026-03-02T10:00:00.000Z',
      body: { kind: 'measured' as const, bandWidthMm: 8.2, thicknessCutEdgeMm: 0.9, thicknessRimEdgeMm: 2 },
    };
    const card = facts(orderOf(), ringOf([event]));
    expect(card.resize).toContain('cannot be made larger');
    expect(card.facts).toContainEqual(['Width', '8.2 mm']);
  });

  it('shows before and after, else the last two', () => {
    const photo = (part: 'before' | 'during' | 'after', n: number) => ({
      id: String(n),
      ringId: 'r',
      at: `2026-03-0${n}T10:00:00.000Z`,
      part,
      widthPx: 4,
      heightPx: 3,
    });
    const [before, during, after] = [photo('before', 1), photo('during', 2), photo('after', 3)];
    expect(historyOf([before, during, after]).map(({ part }) => part)).toEqual(['before', 'after']);
    expect(historyOf([during]).map(({ part }) => part)).toEqual(['during']);
    expect(historyOf([])).toEqual([]);
  });
});
