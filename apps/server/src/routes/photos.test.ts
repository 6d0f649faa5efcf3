import { FIRST_RECIPES } from '@round-mint/core/finishing';
import { randomUUID } from 'node:crypto';
import { demoId } from '../demo/demo-id';
import { smallJpeg } from '../testing/small-jpeg';
import { demoServer, testServer, type TestServer } from '../testing/test-server';

const RING = demoId('ring', 0);

const photo = (change: object = {}) => ({
  id: randomUUID(),
  at: '2026-03-01T10:00:00.000Z',
  part: 'after',
  // The file itself knows better.
  widthPx: 80,
  heightPx: 60,
  jpegBase64: smallJpeg(),
  ...change,
});

let server: TestServer;
beforeAll(async () => {
  server = await demoServer();
});
afterAll(() => server.close());

describe('photos of a ring', () => {
  const path = `/api/v1/rings/${RING}/photos`;

  it('are kept once, shown as they came, archived and brought back', async () => {
    const one = photo();
    await server.api.post(path).send(one).expect(201);
    await server.api.post(path).send(one).expect(201);
    const list = await server.api.get(path).expect(200);
    expect(list.body.items).toEqual([
      { id: one.id, ringId: RING, at: one.at, part: 'after', widthPx: 8, heightPx: 6 },
    ]);
    const file = await server.api
      .get(`/api/v1/photos/${one.id}`)
      .expect(200)
      .expect('content-type', 'image/jpeg');
    expect((file.body as Buffer).toString('base64')).toBe(one.jpegBase64);
    await server.api.delete(`/api/v1/photos/${one.id}`).expect(204);
    await server.api.get(`/api/v1/photos/${one.id}`).expect(404);
    await server.api.post(`/api/v1/photos/${one.id}/restore`).expect(200);
    await server.api.get(`/api/v1/photos/${one.id}`).expect(200);
  });

  it('are kept without what the camera wrote into them; what is no JPEG is refused', async () => {
    const one = photo({ jpegBase64: smallJpeg({ before: [0xe0, 0xe1] }) });
    await server.api.post(path).send(one).expect(201);
    const file = await server.api.get(`/api/v1/photos/${one.id}`).expect(200);
    expect((file.body as Buffer).toString('base64')).toBe(smallJpeg());
    await server.api
      .post(path)
      .send(photo({ jpegBase64: Buffer.from('GIF89a').toString('base64') }))
      .expect(400);
    await server.api
      .post(path)
      .send(photo({ part: 'sideways' }))
      .expect(400);
  });

  it('belong to a ring that there is', async () => {
    await server.api.post(`/api/v1/rings/${randomUUID()}/photos`).send(photo()).expect(404);
  });

  it('travel in the workshop’s file, with the recipes', async () => {
    const one = photo({ jpegBase64: smallJpeg() });
    await server.api.post(path).send(one).expect(201);
    await server.api.post('/api/v1/recipes').send(FIRST_RECIPES[0]).expect(201);
    const { body: archive } = await server.api.get('/api/v1/export').expect(200);
    const other = await testServer();
    try {
      const { body } = await other.api.post('/api/v1/import').send(archive).expect(200);
      expect(body.added).toMatchObject({ photos: archive.photos.length, recipes: 1 });
      const file = await other.api.get(`/api/v1/photos/${one.id}`).expect(200);
      expect((file.body as Buffer).toString('base64')).toBe(one.jpegBase64);
    } finally {
      await other.close();
    }
  });
});

describe('finishing recipes', () => {
  it('are kept whole, and refused with a reason', async () => {
    const { body } = await server.api.post('/api/v1/recipes').send(FIRST_RECIPES[1]).expect(201);
    const { body: found } = await server.api.get(`/api/v1/recipes/${body.id}`).expect(200);
    expect(found.steps).toEqual(JSON.parse(JSON.stringify(FIRST_RECIPES[1]?.steps)));
    const none = await server.api
      .post('/api/v1/recipes')
      .send({ name: 'Nothing', note: '', steps: [] })
      .expect(400);
    expect(none.body.error.fields).toEqual([{ path: 'steps', message: 'needs at least one step' }]);
  });
});

describe('a gold lining', () => {
  it('is told by charge and time', async () => {
    const { body } = await server.api
      .post('/api/v1/compute/plating')
      .send({ insideDiameterMm: 20, heightMm: 8, thicknessUm: 0.5, currentA: 0.1, efficiency: 1 })
      .expect(200);
    expect(body.minutes).toBeCloseTo(0.396, 2);
    await server.api.post('/api/v1/compute/plating').send({ insideDiameterMm: 20 }).expect(400);
  });
});
