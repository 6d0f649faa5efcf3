import { api } from './api';
import { letIn } from './contact-slice';
import { fakeServer, refusal } from '@/testing/fake-server';
import { storeWrapper } from '@/testing/render';

const HEALTH = { ok: true, version: 'test', database: 'pglite', schema: 1, demo: false, warning: null };

function storeAsking(answer: unknown) {
  fakeServer({ 'GET /health': answer });
  const { store } = storeWrapper();
  const ask = () => store.dispatch(api.endpoints.getHealth.initiate(undefined, { forceRefetch: true }));
  return { store, ask, contact: () => store.getState().contact };
}

function keptAnswer(keptAt: string) {
  const headers = { 'content-type': 'application/json', 'round-mint-kept-at': keptAt };
  return () => new Response(JSON.stringify(HEALTH), { headers });
}

describe('how a page stands with its server', () => {
  it('is told by every answer', async () => {
    const { ask, contact } = storeAsking(HEALTH);
    const before = Date.now();
    await ask();
    expect(contact()).toMatchObject({ away: false, turnedAway: false });
    expect(Date.parse(contact().asOf ?? '')).toBeGreaterThanOrEqual(before);
  });

  it('is away when nothing answers, and what is shown keeps its age', async () => {
    const { ask, contact } = storeAsking(HEALTH);
    await ask();
    const { asOf } = contact();
    globalThis.fetch = () => Promise.reject(new TypeError('no network'));
    await ask();
    expect(contact()).toEqual({ away: true, asOf, turnedAway: false });
  });

  it('is away when the browser answers from what it had kept; the oldest tells the age', async () => {
    const { store, ask, contact } = storeAsking(keptAnswer('2026-03-02T10:00:00.000Z'));
    await ask();
    expect(contact()).toMatchObject({ away: true, asOf: '2026-03-02T10:00:00.000Z' });
    fakeServer({ 'GET /health': keptAnswer('2026-03-01T10:00:00.000Z') });
    await ask();
    fakeServer({ 'GET /health': keptAnswer('2026-03-03T10:00:00.000Z') });
    await ask();
    expect(store.getState().contact.asOf).toBe('2026-03-01T10:00:00.000Z');
    fakeServer({ 'GET /health': HEALTH });
    await ask();
    expect(store.getState().contact.away).toBe(false);
  });

  it('is outside until it is paired; other answers do not let it in', async () => {
    const { store, ask, contact } = storeAsking(() => refusal(401, 'not paired'));
    await ask();
    expect(contact()).toMatchObject({ turnedAway: true, away: false });
    fakeServer({ 'GET /health': () => refusal(403, 'wrong code') });
    await ask();
    expect(contact().turnedAway).toBe(true);
    store.dispatch(letIn());
    expect(contact().turnedAway).toBe(false);
  });
});
