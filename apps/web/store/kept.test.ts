import { z } from 'zod';
import { withBrowserStorage } from '@/testing/fake-storage';
import { keep, readKept } from './kept';

const pointsSchema = z.record(z.string(), z.number());

describe('what a browser keeps', () => {
  const store = withBrowserStorage();

  it('comes back as it was', () => {
    keep('points', { first: 70 });
    expect(readKept('points', pointsSchema, {})).toEqual({ first: 70 });
  });

  it('is something else instead when there is none, or none that can be read', () => {
    expect(readKept('points', z.array(z.string()), [])).toEqual([]);
    store.set('points', '{broken');
    expect(readKept('points', z.string(), 'nothing')).toBe('nothing');
  });
});
