import { coinRingResponseSchema } from '@round-mint/contract/coin-ring';
import { faceMapResponseSchema } from '@round-mint/contract/faces';
import { testServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const COIN = { diameterMm: 30, rimThicknessMm: 2, massG: 12.5, metal: 'silver-900' };
const RING = { coin: COIN, holeMm: 12.7, targetInsideDiameterMm: 18.9, wall: 'straight' };

function post(path: string, body: object) {
  return server.api.post(`/api/v1/compute/${path}`).send(body);
}

describe('POST /compute/face-map', () => {
  const points = [6, 8, 11, 14.9, 15].map((radiusMm) => ({ radiusMm, angleDeg: 90 }));
  const mapped = async (more: object) =>
    faceMapResponseSchema.parse((await post('face-map', { ...RING, points, ...more }).expect(200)).body);

  it('says where points of a face come to lie: drawn out near the hole, crowded near the rim', async () => {
    const { bandWidthMm, points: found } = await mapped({});
    const ring = coinRingResponseSchema.parse((await post('coin-ring', RING).expect(200)).body);
    expect(bandWidthMm).toBeCloseTo(ring.bandWidthMm, 9);
    expect(found[0]).toEqual({
      ...{ lost: 'hole', heightMm: null, roundMm: null, stretchRound: null, stretchAcross: null },
    });
    expect(found.map(({ lost }) => lost)).toEqual(['hole', null, null, 'lip', 'lip']);
    expect(found[4]?.heightMm).toBeCloseTo(bandWidthMm, 6);
    const [, near, middle] = found;
    expect(near?.stretchRound).toBeGreaterThan(1.2);
    expect(near?.stretchAcross).toBeLessThan(middle?.stretchAcross ?? 0);
    // A quarter of the way round the middle of a straight wall.
    expect(middle?.roundMm).toBeCloseTo(((18.9 + 1.8) * Math.PI) / 4, 0);
  });

  it('tells the two sides of the band apart', async () => {
    const roundOf = async (side: string) => (await mapped({ side })).points[2]?.roundMm ?? 0;
    const [outside, inside] = [await roundOf('outside'), await roundOf('inside')];
    // The inside of a straight wall is the size itself; the outside is longer by its thickness.
    expect(inside).toBeCloseTo((18.9 * Math.PI) / 4, 1);
    expect(outside - inside).toBeGreaterThan(2.4);
    const lostOn = async (side: string) => (await mapped({ side })).points.at(-1)?.lost;
    expect([await lostOn('outside'), await lostOn('inside')]).toEqual([null, 'lip']);
  });

  it('says why, where there is no such ring, and what it accepts', async () => {
    const { body } = await post('face-map', { ...RING, targetInsideDiameterMm: 40, points }).expect(409);
    expect(body.error).toMatchObject({ code: 'not-feasible', message: expect.stringMatching(/rim|size/) });
    const beyond = await post('face-map', { ...RING, points: [{ radiusMm: 15.1, angleDeg: 0 }] }).expect(400);
    expect(beyond.body.error.fields).toMatchObject([
      { path: 'points.0.radiusMm', message: expect.stringMatching(/15 mm/) },
    ]);
  });
});
