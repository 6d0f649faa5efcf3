import { rounded, roundedLines } from '@round-mint/core/testing';
import { DEMO_KIT } from '../demo/kit';
import { demoServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await demoServer();
});
afterAll(() => server.close());

const COIN = { diameterMm: 30.9, rimThicknessMm: 2.15, massG: 15.13, metal: 'silver-900' };
const RING = { coin: COIN, holeMm: 12.7, targetInsideDiameterMm: 18.9, wall: 'rounded' };
const STATIONS = [
  { atMm: 0, thicknessMm: 2.5, widthMm: 12 },
  { atMm: 120, thicknessMm: 3.1, widthMm: 8 },
];
const EXCHANGE = {
  metal: 'silver-900',
  pieces: 4,
  valueEach: 12,
  price: 80,
  targetInsideDiameterMm: 19,
};

/** What every call computes, pinned whole: the services between the interface and the core are seen through it. */
const ASKED: readonly (readonly [path: string, body: object])[] = [
  ['size', { text: 'P½' }],
  ['size', { insideDiameterMm: 18.2 }],
  ['coin-ring', { ...RING, curl: { dieAngleDeg: 25, depth: 'half' }, learnt: true }],
  ['coin-ring', { ...RING, widthShare: 0.48 }],
  ['route', { ...RING, wall: 'straight', school: 'best', kit: DEMO_KIT, finish: 'dark' }],
  [
    'land',
    {
      diameterMm: 30.9,
      holeMm: 12.7,
      targetInsideDiameterMm: 18.9,
      readings: [0, 90, 180, 270].map((angleDeg, i) => ({ angleDeg, mm: [9.3, 9.1, 8.9, 9.1][i] })),
    },
  ],
  [
    'search',
    { ...{ targetInsideDiameterMm: 18.9, wall: 'straight', widthMm: { min: 7, max: 9 } }, year: 1948 },
  ],
  ['plating', { insideDiameterMm: 18.9, heightMm: 8, thicknessUm: 0.4, currentA: 0.3 }],
  [
    'handle',
    { stations: STATIONS, insideDiameterMm: 18, style: 'overlap', overlapMm: 6, metal: 'silver-925' },
  ],
  [
    'handle',
    {
      stations: STATIONS,
      insideDiameterMm: 18,
      style: 'straight',
      metal: 'silver-925',
      enamel: [{ fromMm: 40, toMm: 60 }],
    },
  ],
  ['strip', { insideDiameterMm: 18, thicknessMm: 1.4, widthMm: 6, metal: 'silver-925' }],
  ['density', { airG: 15.13, waterG: 13.66 }],
  ['part-exchange', { ...EXCHANGE, diameterMm: 30.9, rimThicknessMm: 2.15 }],
  ['spinner', { insideDiameterMm: 18, innerThicknessMm: 1, outerThicknessMm: 1.2, outerWidthMm: 5 }],
  [
    'coin-band',
    {
      coin: { diameterMm: 20, thicknessMm: 1.6 },
      stripWidthMm: 8,
      stripThicknessMm: 1.5,
      insideDiameterMm: 18,
      punchesMm: [18, 19.5, 22],
    },
  ],
  [
    'rolling',
    {
      start: { shape: 'rect', widthMm: 5, thicknessMm: 3, lengthMm: 50 },
      targetThicknessMm: 1.5,
      metal: 'silver-925',
    },
  ],
  [
    'resize',
    {
      fromInsideDiameterMm: 19,
      toInsideDiameterMm: 18.2,
      thicknessMm: 1.7,
      widthMm: 6,
      metal: 'silver-925',
      patterned: true,
      stones: false,
      soldered: false,
      profile: 'd',
    },
  ],
  [
    'die-chart',
    {
      observations: [
        { reveal: 1, insideDiameterMm: 19.6 },
        { reveal: 3, insideDiameterMm: 18.7 },
      ],
      wantInsideDiameterMm: 18.9,
    },
  ],
];

it.each(ASKED)('POST /compute/%s %j', async (path, body) => {
  const { status, body: answer } = await server.api.post(`/api/v1/compute/${path}`).send(body);
  expect([status, rounded(answer)]).toMatchSnapshot();
});

type Seen = Readonly<Record<string, unknown>>;

/** Names and states of what is in the made-up workshop: what is stored as times from now is left out. */
describe('what is read back', () => {
  it('orders: how far each is, and what it costs apart from the metal of the day', async () => {
    const { body } = await server.api.get('/api/v1/orders?limit=200').expect(200);
    const told = await Promise.all(
      body.items.map(async (order: Seen) => {
        const { name, state, approval, ringFinished, ringLost, holdReached } = order;
        const { body: costs } = await server.api.get(`/api/v1/orders/${order.id}/costs`);
        const input = [costs.planned, costs.actual].map((one) => {
          const { meltValue: _melt, scrapValue: _scrap, ...rest } = one ?? {};
          return rest;
        });
        return { name, state, approval, ringFinished, ringLost, holdReached, input };
      }),
    );
    expect(roundedLines(told.sort((a, b) => a.name.localeCompare(b.name)))).toMatchSnapshot();
  });

  it('the day: every job, and where a customer is waited for', async () => {
    const { body } = await server.api.get('/api/v1/day-plan').expect(200);
    const jobs = body.jobs.map(
      ({
        name,
        held,
        steps,
      }: {
        name: string;
        held: boolean;
        steps: { kind: string; handsMin: number; waitMin: number; leadMin: number }[];
      }) => [
        name,
        held,
        steps.map(({ kind, handsMin, waitMin, leadMin }) => [kind, handsMin, waitMin, leadMin].join(' ')),
      ],
    );
    expect(roundedLines(jobs.sort())).toMatchSnapshot();
  });

  it('the log, the rings in work and what lies in the tin', async () => {
    const log = await server.api.get('/api/v1/log?limit=200').expect(200);
    expect(roundedLines(log.body.items)).toMatchSnapshot();
    const scrap = await server.api.get('/api/v1/scrap?limit=200').expect(200);
    const tin = roundedLines(scrap.body.items.map(({ kind, massG, metal }: Seen) => [kind, metal, massG]));
    expect([...tin].sort()).toMatchSnapshot();
    const supplies = await server.api.get('/api/v1/consumables').expect(200);
    expect(
      rounded(
        supplies.body.items.map(({ id, leftAmount, usedAmount, buy, packs }: Record<string, unknown>) => ({
          id,
          leftAmount,
          usedAmount,
          buy,
          packs,
        })),
      ),
    ).toMatchSnapshot();
  });
});
