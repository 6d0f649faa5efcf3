import { archiveSchema } from '@round-mint/contract/archive';
import { DEFAULT_SETTINGS } from '@round-mint/contract/settings';
import { ENDPOINTS } from '@round-mint/contract/endpoints';
import { sql } from 'drizzle-orm';
import Papa from 'papaparse';
import { demoId } from '../demo/demo-id';
import { demoServer, path, testServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await demoServer();
});
afterAll(() => server.close());

/** The made-up workshop has a name, and leaves everything else as it is. */
const DEMO_SETTINGS = { ...DEFAULT_SETTINGS, workshopName: 'The Quay Workshop' };

describe('settings', () => {
  it('start from defaults and change one by one', async () => {
    const before = await server.api.get('/api/v1/settings').expect(200);
    expect(before.body).toEqual(DEMO_SETTINGS);
    await server.api.patch('/api/v1/settings').send({ light: 'torch' }).expect(200);
    const after = await server.api.patch('/api/v1/settings').send({ primarySystem: 'eu' }).expect(200);
    expect(after.body).toEqual({ ...DEMO_SETTINGS, light: 'torch', primarySystem: 'eu' });
  });

  it('refuse what is not offered', async () => {
    await server.api.patch('/api/v1/settings').send({ light: 'disco' }).expect(400);
    await server.api.patch('/api/v1/settings').send({ volume: 11 }).expect(400);
  });
});

describe('the log', () => {
  it('is CSV that reads back', async () => {
    const { text, headers } = await server.api.get('/api/v1/log.csv').expect(200);
    expect(headers['content-type']).toMatch(/text\/csv/);
    const { data } = Papa.parse<Record<string, string>>(text, { header: true });
    const { body } = await server.api.get('/api/v1/log').expect(200);
    expect(data.map(({ ringId }) => ringId)).toEqual(
      body.items.map(({ ringId }: { ringId: string }) => ringId),
    );
    expect(Number(data[0]?.['predictedWidthMm'])).toBeCloseTo(body.items[0].predictedWidthMm, 3);
  });
});

describe('export and import', () => {
  it('carries the whole workshop to an empty one', async () => {
    const { body } = await server.api.get('/api/v1/export').expect(200);
    const archive = archiveSchema.parse(body);
    expect(archive.stock.length).toBeGreaterThanOrEqual(24);
    const empty = await testServer();
    try {
      const dry = await empty.api.post('/api/v1/import?dryRun=1').send(archive).expect(200);
      expect(dry.body).toMatchObject({
        dryRun: true,
        added: { stock: archive.stock.length, rings: archive.rings.length },
      });
      expect((await empty.api.get('/api/v1/stock')).body.items).toEqual([]);
      await empty.api.post('/api/v1/import').send(archive).expect(200);
      const back = (await empty.api.get('/api/v1/export').expect(200)).body;
      expect({ ...back, exportedAt: '' }).toEqual({ ...archive, exportedAt: '' });
      const again = await empty.api.post('/api/v1/import').send(archive).expect(200);
      expect(Object.values(again.body.added)).toEqual(Object.values(again.body.added).map(() => 0));
      expect(again.body).toMatchObject({ collided: { count: 0, items: [] } });
      expect(again.body.same).toBeGreaterThan(archive.stock.length);
      // A file from before there were recipes, photos and learnt values.
      const { recipes: _recipes, photos: _photos, settings, ...older } = archive;
      const { useLearnt: _useLearnt, standardFor: _standardFor, ...olderSettings } = settings;
      await empty.api
        .post('/api/v1/import')
        .send({ ...older, settings: olderSettings })
        .expect(200);
      const kept = await empty.api.get('/api/v1/settings').expect(200);
      expect(kept.body).toMatchObject({ useLearnt: settings.useLearnt, standardFor: [] });
    } finally {
      await empty.close();
    }
  });

  it('keeps an order whose ring was archived, without it', async () => {
    const ringId = demoId('ring', 5);
    const exported = async () =>
      archiveSchema.parse((await server.api.get('/api/v1/export').expect(200)).body);
    const before = await exported();
    const order = before.orders.find((one) => one.ringId === ringId);
    await server.api.delete(`/api/v1/rings/${ringId}`).expect(204);
    const after = await exported();
    expect(after.orders).toHaveLength(before.orders.length);
    expect(after.orders.find(({ id }) => id === order?.id)).toMatchObject({
      ringId: null,
      name: order?.name,
    });
    await server.api.post(`/api/v1/rings/${ringId}/restore`).expect(200);
    expect((await exported()).orders).toEqual(before.orders);
  });

  it('goes out as a zip where it is too large for one JSON text', async () => {
    const large = await demoServer();
    try {
      await large.db.execute(sql`
        insert into ring_events (id, ring_id, at, body)
        select gen_random_uuid(), (select id from rings limit 1), now(), '{"kind":"note","text":"said again"}'
        from generate_series(1, 25000)`);
      const { body } = await large.api.get(path('/export')).expect(409);
      expect(body.error).toMatchObject({ code: 'too-much-for-json' });
      expect(body.error.message).toContain('/export.zip');
    } finally {
      await large.close();
    }
  });

  it('takes nothing in when the file refers to what it does not hold', async () => {
    const { body } = await server.api.get('/api/v1/export').expect(200);
    const empty = await testServer();
    try {
      const refused = await empty.api
        .post('/api/v1/import')
        .send({ ...body, stock: [] })
        .expect(400);
      expect(refused.body.error.message).toMatch(/does not hold/);
      expect((await empty.api.get('/api/v1/kit')).body.items).toEqual([]);
      await empty.api.post('/api/v1/import').send({ format: 'other' }).expect(400);
    } finally {
      await empty.close();
    }
  });
});

describe('the interface about itself', () => {
  it('is well', async () => {
    const { body } = await server.api.get('/api/v1/health').expect(200);
    expect(body).toEqual({
      ok: true,
      version: 'test',
      database: 'pglite',
      demo: true,
      warning: null,
      schema: expect.any(Number),
    });
    expect(body.schema).toBeGreaterThanOrEqual(1);
  });

  it('lists the metals with their refusals', async () => {
    const { body } = await server.api.get('/api/v1/metals').expect(200);
    expect(body.items.find(({ id }: { id: string }) => id === 'zinc-core').refusal).toMatch(/cracks/);
    expect(body.items.find(({ id }: { id: string }) => id === 'silver-900').annealC).toEqual([600, 650]);
  });

  it('serves every call that the contract declares, and answers as declared', async () => {
    for (const { method, path, response, media } of ENDPOINTS) {
      const asked = path
        .replace('{device}', 'calliper')
        .replace('{id}', '00000000-0000-4000-8000-000000000000');
      // A stream never ends.
      if (media === 'text/event-stream') continue;
      const { status, body } = await server.api[method](`/api/v1${asked}`).send({});
      expect([method, path, body.error?.code]).not.toEqual([method, path, 'unknown-call']);
      if (method === 'get' && response && status === 200) response.parse(body);
    }
  });

  it('takes a file of an earlier version in under the names of today', async () => {
    const { body } = await server.api.get('/api/v1/export').expect(200);
    const archive = archiveSchema.parse(body);
    const older = JSON.parse(
      JSON.stringify(archive).replaceAll('"pieceState":', '"stand":').replaceAll('"moves":', '"way":'),
    );
    const empty = await testServer();
    try {
      await empty.api.post('/api/v1/import').send(older).expect(200);
      const back = archiveSchema.parse((await empty.api.get('/api/v1/export').expect(200)).body);
      expect(back.rings).toEqual(archive.rings);
      expect(back.rings.some((ring) => ring.kind === 'coin' && (ring.moves ?? []).length > 0)).toBe(true);
    } finally {
      await empty.close();
    }
  });

  it('describes every call of the contract', async () => {
    const { body } = await server.api.get('/api/v1/openapi.json').expect(200);
    expect(body.openapi).toBe('3.1.0');
    for (const { path, method } of ENDPOINTS) expect(body.paths[path]).toHaveProperty(method);
    const ids = Object.values(body.paths as Record<string, Record<string, { operationId: string }>>).flatMap(
      (calls) => Object.values(calls).map(({ operationId }) => operationId),
    );
    expect(new Set(ids).size).toBe(ids.length);
  });

  it('answers an unknown call with the error body and sends the security headers', async () => {
    const { body, headers } = await server.api.get('/api/v1/nothing').expect(404);
    expect(body.error.code).toBe('unknown-call');
    expect(headers['content-security-policy']).toMatch(/default-src 'self'/);
  });
});
