import { ringWithEventsSchema, type RingEventInput } from '@round-mint/contract/rings';
import { randomUUID } from 'node:crypto';
import { DEMO_COINS } from '../demo/stock';
import { eventOf, type TestServer } from './test-server';

/** Something that happens at the bench now. */
export const event = (body: RingEventInput['body'], id?: string): RingEventInput => ({
  ...eventOf(body, id),
  body,
});

/** Calls that take a piece of the made-up workshop to the bench and work it. */
export function ringCalls(server: () => TestServer) {
  return {
    /** @returns the plan's id */
    async addPlan(stockName: string, change: object = {}): Promise<string> {
      const stockId = DEMO_COINS.find(({ name }) => name.startsWith(stockName))?.id;
      const plan = {
        name: 'Test plan',
        stockId,
        holeMm: 12.7,
        targetInsideDiameterMm: 19,
        wall: 'straight',
        curlDeg: null,
        finish: 'polished',
        ...change,
      };
      return (await server().api.post('/api/v1/plans').send(plan).expect(201)).body.id;
    },

    async start(planId: string, id: string = randomUUID()) {
      const { body } = await server()
        .api.post('/api/v1/rings')
        .send({ id, planId, name: 'Test ring' })
        .expect(201);
      return ringWithEventsSchema.parse(body);
    },

    send(ringId: string, ...events: readonly RingEventInput[]) {
      return server().api.post(`/api/v1/rings/${ringId}/events`).send({ events });
    },
  };
}
