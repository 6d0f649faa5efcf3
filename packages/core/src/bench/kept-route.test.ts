import type { RingEvent } from '../ring';
import { keptRoute } from './kept-route';

const AT = '2026-11-28T09:00:00.000Z';
const BECAUSE = '11111111-2222-4333-8444-555555555555';
const event = (id: string, body: RingEvent['body']): RingEvent => ({ id, at: AT, body });
const READ = event(BECAUSE, { kind: 'reading', rimDownMm: 20, cutDownMm: 19, mark: 'leading' });
const DONE = event('act', { kind: 'step-done', step: 5 });
const derived = { kind: 'changed', because: BECAUSE, fromStep: 5, steps: [] } as const;
const advice = { message: 'one pull more' };
const word = (change: object = {}) =>
  ({ derived: { ...derived, ...change }, advice }) as unknown as Parameters<typeof keptRoute>[2];

describe('a derived route that the maker goes on along', () => {
  it('is kept with what it followed from, at the moment of the act', () => {
    const kept = keptRoute([READ], DONE, word({ holeMm: 13 }));
    expect(kept).toMatchObject({
      at: AT,
      body: {
        kind: 'rerouted',
        because: BECAUSE,
        fromStep: 5,
        why: 'one pull more',
        derived: true,
        holeMm: 13,
      },
    });
    expect(kept?.body).not.toHaveProperty('targetInsideDiameterMm');
  });

  it('has one id on every device, and another one after another event', () => {
    const idAfter = (last: string) =>
      keptRoute([READ, event(last, { kind: 'note', text: 'x' })], DONE, word())?.id;
    // FNV-1a of "1111… 9999 kept", by the constants that its authors published.
    expect(idAfter('9999')).toBe(`${fnv1a(`${BECAUSE} 9999 kept`)}-2222-4333-8444-555555555555`);
    expect(idAfter('9999')).toBe(idAfter('9999'));
    expect(idAfter('9998')).not.toBe(idAfter('9999'));
  });

  it('is not kept by what does not go on, nor where nothing changed', () => {
    expect(keptRoute([READ], event('n', { kind: 'note', text: 'x' }), word())).toBeUndefined();
    expect(keptRoute([READ], DONE, word({ kind: 'as-planned' }))).toBeUndefined();
  });

  it('is not kept when the step that it changes is left as it was read', () => {
    const asRead = (step: number) => event('act', { kind: 'step-done', step, asRead: true });
    expect(keptRoute([READ], asRead(5), word())).toBeUndefined();
    expect(keptRoute([READ], asRead(4), word())).toBeDefined();
  });
});

/** FNV-1a over bytes, 32 bits, in whole numbers of any size. */
function fnv1a(text: string): string {
  let hash = 2166136261n;
  for (const sign of text) hash = ((hash ^ BigInt(sign.charCodeAt(0))) * 16777619n) % 2n ** 32n;
  return hash.toString(16).padStart(8, '0');
}
