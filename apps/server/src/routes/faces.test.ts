import { randomUUID } from 'node:crypto';
import sharp, { type Sharp } from 'sharp';
import { demoId } from '../demo/demo-id';
import { demoServer, testServer, type TestServer } from '../testing/test-server';

const COIN = demoId('stock', 1);
const path = `/api/v1/stock/${COIN}/faces`;

/** A round face on dark ground: its upper half light, its lower half red. */
function drawn(widthPx = 400, heightPx = 300, radius = 120) {
  return sharp(
    Buffer.from(
      `<svg width="${widthPx}" height="${heightPx}"><rect width="100%" height="100%" fill="#222"/>` +
        `<circle cx="${widthPx / 2}" cy="${heightPx / 2}" r="${radius}" fill="#c00"/>` +
        `<path d="M ${widthPx / 2 - radius} ${heightPx / 2} a ${radius} ${radius} 0 0 1 ${2 * radius} 0 Z" fill="#eee"/></svg>`,
    ),
  );
}

const base64 = async (image: Sharp) => (await image.toBuffer()).toString('base64');

const STRAIGHT = { centreX: 199.5, centreY: 149.5, radius: 120, tilt: { deg: 0, longestDeg: 0 }, topDeg: 0 };

async function input(file: string, rim: object = {}) {
  return { id: randomUUID(), picture: { base64: file, ...STRAIGHT, ...rim } };
}

/** Mean colour of a small patch of a kept face; 0.5, 0.5 is its middle. */
async function colourAt(id: string, across: number, down: number): Promise<readonly number[]> {
  const file = await server.api.get(`/api/v1/faces/${id}`).expect(200).expect('content-type', 'image/jpeg');
  const left = Math.round(across * 1024) - 10;
  const top = Math.round(down * 1024) - 10;
  const patch = await sharp(file.body as Buffer)
    .extract({ left, top, width: 20, height: 20 })
    .toBuffer();
  const { channels } = await sharp(patch).stats();
  return channels.map(({ mean }) => Math.round(mean));
}

const LIGHT = expect.closeTo(238, -1);
const LOW = expect.closeTo(0, -1.5);
const RED = [expect.closeTo(204, -1), LOW, LOW];

let server: TestServer;
beforeAll(async () => {
  server = await demoServer();
});
afterAll(() => server.close());

describe('faces of a piece', () => {
  it.each([
    ['JPEG', () => base64(drawn().jpeg())],
    ['PNG', () => base64(drawn().png())],
    ['WebP', () => base64(drawn().webp())],
    ['JPEG of four inks', () => base64(drawn().toColourspace('cmyk').jpeg())],
  ])('are taken out of a %s as a square from rim to rim', async (_name, file) => {
    const face = await input(await file());
    const answer = await server.api.put(`${path}/obverse`).send(face).expect(200);
    expect(answer.body).toMatchObject({ faceTurn: 'medal', obverse: { id: face.id, sidePx: 1024 } });
    const [red, green, blue] = await colourAt(face.id, 0.5, 0.1);
    expect(Math.min(red ?? 0, green ?? 0, blue ?? 0)).toBeGreaterThan(215);
    const below = await colourAt(face.id, 0.5, 0.9);
    expect(below[0]).toBeGreaterThan(160);
    expect(below[1]).toBeLessThan(60);
    // It goes to the very rim.
    const atRim = await colourAt(face.id, 0.5, 0.975);
    expect(atRim[0]).toBeGreaterThan(150);
  });

  it('are turned as the camera was held and as the maker says which way is up', async () => {
    const onItsSide = await input(await base64(drawn().withMetadata({ orientation: 6 }).jpeg()), {
      centreX: 149.5,
      centreY: 199.5,
    });
    await server.api.put(`${path}/obverse`).send(onItsSide).expect(200);
    // Shown turned a quarter clockwise: what was above is at the right.
    expect(await colourAt(onItsSide.id, 0.9, 0.5)).toEqual([LIGHT, LIGHT, LIGHT]);
    const turned = await input(await base64(drawn().jpeg()), { topDeg: 180 });
    await server.api.put(`${path}/obverse`).send(turned).expect(200);
    expect(await colourAt(turned.id, 0.5, 0.9)).toEqual([LIGHT, LIGHT, LIGHT]);
    expect(await colourAt(turned.id, 0.5, 0.1)).toEqual(RED);
  });

  it('seen from aside become round', async () => {
    // Looked at from 45° to the side, it is as high as before and less wide.
    const narrow = drawn().resize(283, 300, { fit: 'fill' });
    const face = await input(await base64(narrow.jpeg()), {
      centreX: 141,
      tilt: { deg: 45, longestDeg: 90 },
    });
    await server.api.put(`${path}/obverse`).send(face).expect(200);
    expect((await colourAt(face.id, 0.04, 0.45))[1]).toBeGreaterThan(200);
    expect((await colourAt(face.id, 0.96, 0.45))[1]).toBeGreaterThan(200);
  });

  it('are kept without what the camera wrote into them', async () => {
    const file = await drawn()
      .withExif({ IFD0: { Copyright: 'nobody' } })
      .jpeg()
      .toBuffer();
    const face = await input(file.toString('base64'));
    expect((await sharp(file).metadata()).exif).toBeDefined();
    await server.api.put(`${path}/reverse`).send(face).expect(200);
    const kept = await server.api.get(`/api/v1/faces/${face.id}`).expect(200);
    const { exif, width, height } = await sharp(kept.body as Buffer).metadata();
    expect([exif, width, height]).toEqual([undefined, 1024, 1024]);
  });

  it('are kept once, taken off and brought back by their id', async () => {
    const face = await input(await base64(drawn().jpeg()));
    const first = await server.api.put(`${path}/reverse`).send(face).expect(200);
    const again = await server.api.put(`${path}/reverse`).send(face).expect(200);
    expect(again.body).toEqual(first.body);
    await server.api.delete(`${path}/reverse`).expect(204);
    expect((await server.api.get(path).expect(200)).body.reverse).toBeNull();
    await server.api.put(`${path}/reverse`).send({ id: face.id }).expect(200);
    const piece = await server.api.get(`/api/v1/stock/${COIN}`).expect(200);
    expect(piece.body.reverseFaceId).toBe(face.id);
    // Writing the piece itself leaves its pictures alone.
    const { createdAt, updatedAt, version, obverseFaceId, reverseFaceId, ...same } = piece.body;
    const written = await server.api
      .put(`/api/v1/stock/${COIN}`)
      .send({ ...same, notes: 'Seen.' })
      .expect(200);
    expect(written.body).toMatchObject({ obverseFaceId, reverseFaceId, createdAt });
    expect(written.body.version).toBeGreaterThan(version);
    expect(updatedAt).toBeDefined();
  });

  it('are refused in clear words when they are no picture of a face', async () => {
    const said = async (body: object) => {
      const answer = await server.api.put(`${path}/obverse`).send(body).expect(400);
      return (answer.body.error.fields as { path: string; message: string }[])[0];
    };
    const jpeg = await drawn().jpeg().toBuffer();
    expect(await said(await input(Buffer.from('GIF89a, or so').toString('base64')))).toEqual({
      path: 'picture.base64',
      message: 'must be a JPEG, PNG or WebP file that can be read to its end',
    });
    expect(await said(await input(jpeg.subarray(0, jpeg.length / 2).toString('base64')))).toMatchObject({
      message: expect.stringContaining('read to its end'),
    });
    const dot = sharp({ create: { width: 1, height: 1, channels: 3, background: '#888' } }).png();
    expect(await said(await input(await base64(dot)))).toMatchObject({ path: 'picture.centreX' });
    const huge = sharp({
      create: { width: 10_000, height: 10_000, channels: 3, background: '#888' },
      limitInputPixels: false,
    }).png();
    expect(await said(await input(await base64(huge)))).toMatchObject({
      message: 'must be at most 64 million pixels: make it smaller first',
    });
    expect(await said(await input(jpeg.toString('base64'), { radius: 12 }))).toMatchObject({
      path: 'picture.radius',
      message: 'must be at least 40 px: go nearer',
    });
    expect(await said(await input(jpeg.toString('base64'), { centreX: 900 }))).toMatchObject({
      message: 'must lie in the picture, which is 400 by 300 px',
    });
  });

  it('belong to coins and medals; a picture that nobody knows is not set', async () => {
    await server.api.put(`${path}/obverse`).send({ id: randomUUID() }).expect(404);
    await server.api.get(`/api/v1/stock/${randomUUID()}/faces`).expect(404);
    await server.api.get(`/api/v1/faces/${randomUUID()}`).expect(404);
    const strips = await server.api.get('/api/v1/stock?kind=strip').expect(200);
    const strip = strips.body.items[0].id;
    const refused = await server.api.get(`/api/v1/stock/${strip}/faces`).expect(409);
    expect(refused.body.error.code).toBe('wrong-piece');
  });

  it('of the made-up workshop are drawn, both of every coin', async () => {
    const coins = await server.api.get('/api/v1/stock?kind=coin&limit=100').expect(200);
    const ids = (coins.body.items as { obverseFaceId: string; reverseFaceId: string; id: string }[])
      .filter(({ id }) => id !== COIN)
      .flatMap(({ obverseFaceId, reverseFaceId }) => [obverseFaceId, reverseFaceId]);
    expect(ids.length).toBeGreaterThan(40);
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('come along into an archive and out of it', async () => {
    const whole = await server.api.get('/api/v1/export').expect(200);
    const piece = (whole.body.stock as { id: string; obverseFaceId: string }[]).find(({ id }) => id === COIN);
    const face = (whole.body.faces as { id: string; jpegBase64: string }[]).find(
      ({ id }) => id === piece?.obverseFaceId,
    );
    const other = await testServer();
    await other.api.post('/api/v1/import').send(whole.body).expect(200);
    const back = await other.api.get(`/api/v1/faces/${face?.id}`).expect(200);
    expect((back.body as Buffer).toString('base64')).toBe(face?.jpegBase64);
    const there = await other.api.get(`/api/v1/stock/${COIN}/faces`).expect(200);
    expect(there.body.obverse.id).toBe(face?.id);
    await other.close();
  });
});

describe('the picture of a handle', () => {
  const OUTLINE = [
    { at: 0, left: 0, right: 0 },
    { at: 0.5, left: 0.06, right: 0.05 },
    { at: 1, left: 0.04, right: 0.04 },
  ];
  /** A bar on dark ground, red where its tip is. */
  const bar = () =>
    sharp(
      Buffer.from(
        '<svg width="400" height="300"><rect width="100%" height="100%" fill="#222"/>' +
          '<rect x="50" y="130" width="300" height="40" fill="#eee"/><rect x="50" y="130" width="60" height="40" fill="#c00"/></svg>',
      ),
    );
  const LYING = { tipX: 50, tipY: 150, endX: 350, endY: 150, acrossPx: 60 };
  const handles = async () =>
    (await server.api.get('/api/v1/stock?kind=handle').expect(200)).body.items as {
      id: string;
      name: string;
      topFaceId: string | null;
      topOutline: object | null;
    }[];
  const first = async () => {
    const [handle] = await handles();
    if (!handle) throw new Error('the drawer has silverware');
    return handle;
  };

  it('is laid straight, its tip at the left, and kept with its outline', async () => {
    const { id } = await first();
    const top = {
      id: randomUUID(),
      picture: { base64: await base64(bar().jpeg()), ...LYING },
      outline: OUTLINE,
    };
    const kept = await server.api.put(`/api/v1/stock/${id}/top`).send(top).expect(200);
    expect(kept.body).toMatchObject({ topFaceId: top.id, topOutline: OUTLINE });
    const { body } = await server.api.get(`/api/v1/faces/${top.id}`).expect(200);
    const { width, height } = await sharp(body as Buffer).metadata();
    expect([width, height]).toEqual([1400, 280]);
    const meanOf = async (left: number, top_: number) => {
      const patch = await sharp(body as Buffer)
        .extract({ left, top: top_, width: 20, height: 20 })
        .toBuffer();
      return (await sharp(patch).stats()).channels.map(({ mean }) => Math.round(mean));
    };
    expect(await meanOf(100, 130)).toEqual(RED);
    expect(await meanOf(1200, 130)).toEqual([LIGHT, LIGHT, LIGHT]);
    expect((await meanOf(700, 5))[0]).toBeLessThan(60);
  });

  it('stays when the piece is written, goes when it is taken off, and comes back by its id', async () => {
    const { topOutline, topFaceId } = await first();
    const { id } = await first();
    const { body } = await server.api.get(`/api/v1/stock/${id}`).expect(200);
    const { createdAt: _c, updatedAt: _u, version: _v, topFaceId: _f, topOutline: _o, ...piece } = body;
    await server.api
      .put(`/api/v1/stock/${id}`)
      .send({ ...piece, notes: 'polished' })
      .expect(200);
    expect(await first()).toMatchObject({ topFaceId, topOutline, notes: 'polished' });
    await server.api.delete(`/api/v1/stock/${id}/top`).expect(204);
    expect(await first()).toMatchObject({ topFaceId: null, topOutline: null });
    await server.api.put(`/api/v1/stock/${id}/top`).send({ id: topFaceId, outline: topOutline }).expect(200);
    expect(await first()).toMatchObject({ topFaceId, topOutline });
  });

  it('says what is wrong with it', async () => {
    const { id } = await first();
    const said = async (change: object, outline: object = OUTLINE) => {
      const picture = { base64: await base64(bar().jpeg()), ...LYING, ...change };
      const top = { id: randomUUID(), picture, outline };
      const { body } = await server.api.put(`/api/v1/stock/${id}/top`).send(top).expect(400);
      return body.error.fields[0];
    };
    expect(await said({ endX: 120 })).toMatchObject({ path: 'picture.endX' });
    expect(await said({ endX: 420 })).toMatchObject({
      message: 'both ends must lie in the picture, which is 400 by 300 px',
    });
    expect(await said({ acrossPx: 320 })).toMatchObject({ path: 'picture.acrossPx' });
    expect(await said({}, [...OUTLINE].reverse())).toMatchObject({
      path: 'outline',
      message: 'must run from the tip to the other end',
    });
    await server.api
      .put(`/api/v1/stock/${COIN}/top`)
      .send({ id: randomUUID(), outline: OUTLINE })
      .expect(409);
    await server.api.put(`/api/v1/stock/${id}/top`).send({ id: randomUUID(), outline: OUTLINE }).expect(404);
  });

  it('of the made-up workshop is drawn for each, and comes along into an archive', async () => {
    const all = await handles();
    expect(all.length).toBeGreaterThan(2);
    const whole = await server.api.get('/api/v1/export').expect(200);
    const other = await testServer();
    await other.api.post('/api/v1/import').send(whole.body).expect(200);
    const there = await other.api.get('/api/v1/stock?kind=handle').expect(200);
    const seen = ({ name, topFaceId, topOutline }: (typeof all)[number]) => ({ name, topFaceId, topOutline });
    expect(there.body.items.map(seen)).toEqual(all.map(seen));
    for (const { topFaceId } of all) await other.api.get(`/api/v1/faces/${topFaceId}`).expect(200);
    await other.close();
  });
});
