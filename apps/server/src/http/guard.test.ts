import { hostname } from 'node:os';
import { demoServer, path, testServer, type TestServer } from '../testing/test-server';
import { keepApart } from '../demo/keep-apart';
import { DEMO_COINS } from '../demo/stock';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const TOOL = { name: 'half-inch punch', spec: { kind: 'punch', diameterMm: 12.7, selfCentring: true } };
const add = () => server.api.post(path('/kit'));

describe('who is answered', () => {
  it.each(['127.0.0.1:4173', 'localhost', '[::1]:4173', '192.168.7.20', `${hostname().toUpperCase()}:80`])(
    'under the name %s',
    async (host) => {
      await server.api.get(path('/health')).set('host', host).expect(200);
    },
  );

  it.each(['evil.example', 'localhost.evil.example', '127.0.0.1.evil.example:4173', ''])(
    'not under the foreign name “%s”',
    async (host) => {
      const { body } = await server.api.get(path('/stock')).set('host', host).expect(421);
      expect(body.error.code).toBe('unknown-host');
    },
  );

  it('under names that the maker allows', async () => {
    const own = await testServer(undefined, { allowedHosts: ['Bench.example'] });
    try {
      await own.api.get(path('/health')).set('host', 'bench.example:4173').expect(200);
      await own.api.get(path('/health')).set('host', 'other.example').expect(421);
    } finally {
      await own.close();
    }
  });
});

describe('what may write', () => {
  it('a script, and a page of the workshop itself', async () => {
    await add().send(TOOL).expect(201);
    await add()
      .set({ host: 'localhost:4173', origin: 'http://localhost:4173', 'sec-fetch-site': 'same-origin' })
      .send(TOOL)
      .expect(201);
  });

  it.each([
    { host: 'localhost:4173', origin: 'http://evil.example' },
    { host: 'localhost:4173', origin: 'http://localhost:8080' },
    { host: 'localhost:4173', origin: 'null' },
    { 'sec-fetch-site': 'cross-site' },
    { 'sec-fetch-site': 'same-site' },
  ])('no foreign page: %j', async (headers) => {
    const before = (await server.api.get(path('/kit'))).body.items.length;
    const { body } = await add().set(headers).send(TOOL).expect(403);
    expect(body.error.code).toBe('foreign-page');
    expect((await server.api.get(path('/kit'))).body.items).toHaveLength(before);
  });

  it.each(['text/plain', 'application/x-www-form-urlencoded', 'multipart/form-data; boundary=x'])(
    'nothing that comes as %s, which pages may send without asking',
    async (type) => {
      const { body } = await add().set('content-type', type).send(JSON.stringify(TOOL)).expect(415);
      expect(body.error.code).toBe('not-json');
    },
  );

  it('a call without a body needs no type', async () => {
    const { body } = await add().send(TOOL).expect(201);
    await server.api.delete(path(`/kit/${body.id}`)).expect(204);
  });
});

describe('two workshops', () => {
  it('are never mixed: each command opens its own kind', async () => {
    const made = await demoServer();
    try {
      await expect(keepApart(made.db, false)).rejects.toThrow(/made-up workshop: “npm run demo” opens it/);
      await expect(keepApart(made.db, true)).resolves.toBeUndefined();
    } finally {
      await made.close();
    }
    await add().send(TOOL).expect(201);
    await expect(keepApart(server.db, true)).rejects.toThrow(/a workshop of your own: “npm start” opens it/);
    await expect(keepApart(server.db, false)).resolves.toBeUndefined();
    const empty = await testServer();
    try {
      await expect(keepApart(empty.db, false)).resolves.toBeUndefined();
      expect((await empty.api.get(path('/health'))).body.demo).toBe(false);
      // Invented pieces that a maker takes into their own workshop do not make it the made-up one.
      const [first] = DEMO_COINS;
      await empty.api.post(path('/stock')).send(first).expect(201);
      await expect(keepApart(empty.db, false)).resolves.toBeUndefined();
      await expect(keepApart(empty.db, true)).rejects.toThrow(/of your own/);
    } finally {
      await empty.close();
    }
  });
});
