import type { Photo } from '@round-mint/contract/photos';
import { screen } from '@testing-library/react-native';
import { RING_ID } from '@/testing/demo-ring';
import { fakeServer, listOf } from '@/testing/fake-server';
import { renderWithStore } from '@/testing/render';
import { pairOf } from './photo-model';
import { partAt } from './PhotoSheet';
import { PhotoStrip } from './PhotoStrip';
import { fittedSize } from './resize';

function photoOf(n: number, part: Photo['part']): Photo {
  return {
    id: `00000007-0000-4000-8000-00000000000${n}`,
    ringId: RING_ID,
    at: `2026-03-01T1${n}:00:00.000Z`,
    part,
    widthPx: 1600,
    heightPx: 1200,
  };
}

describe('photos', () => {
  it('are made smaller, never larger, in their own proportion', () => {
    expect(fittedSize(4000, 3000)).toEqual({ widthPx: 1600, heightPx: 1200 });
    expect(fittedSize(300, 4800)).toEqual({ widthPx: 100, heightPx: 1600 });
    expect(fittedSize(640, 480)).toEqual({ widthPx: 640, heightPx: 480 });
  });

  it('are taken for what the step shows', () => {
    expect(partAt('cut')).toBe('before');
    expect(partAt('fold')).toBe('during');
    expect(partAt('polish')).toBe('after');
    expect(partAt(undefined)).toBe('after');
  });

  it('pair the first before with the last after', () => {
    const photos = [photoOf(1, 'before'), photoOf(2, 'after'), photoOf(3, 'during'), photoOf(4, 'after')];
    expect(pairOf(photos)?.map(({ id }) => id)).toEqual([photos[0]?.id, photos[3]?.id]);
    expect(pairOf(photos.slice(0, 1))).toBeUndefined();
  });

  it('stand along the ring’s history, the pair first', async () => {
    const photos = [photoOf(1, 'before'), photoOf(2, 'during'), photoOf(3, 'after')];
    fakeServer({ [`GET /rings/${RING_ID}/photos`]: listOf(...photos) });
    renderWithStore(<PhotoStrip ringId={RING_ID} />);
    expect(await screen.findByLabelText('Before and after')).toBeTruthy();
    expect(screen.getAllByLabelText(/^The ring /)).toHaveLength(3);
    expect(screen.getAllByText('Archive')).toHaveLength(3);
  });
});
