import type { CoinStockInput } from '@round-mint/contract/stock';
import { randomUUID } from 'node:crypto';
import { testServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const PIECE: CoinStockInput = {
  kind: 'coin',
  name: 'Tarn 20 tarns, 1929',
  issuer: 'Tarn',
  year: 1929,
  metal: 'silver-720',
  diameterMm: 30,
  rimThicknessMm: 2,
  massG: 12.9,
  form: 'round',
  edge: 'lettered',
  outsideFace: 'obverse',
  grade: 'very fine',
  origin: '',
  price: 19,
  legalNote: '',
  notes: '',
  quantity: 2,
};

async function add(change: Partial<CoinStockInput> = {}) {
  const { body } = await server.api
    .post('/api/v1/stock')
    .send({ ...PIECE, ...change })
    .expect(201);
  return body;
}

describe('a plain resource', () => {
  it('adds, reads, changes, archives and brings back', async () => {
    const piece = await add();
    const path = `/api/v1/stock/${piece.id}`;
    expect((await server.api.get(path).expect(200)).body).toEqual(piece);
    const changed = await server.api
      .put(path)
      .send({ ...PIECE, quantity: 5 })
      .expect(200);
    expect(changed.body.quantity).toBe(5);
    await server.api.delete(path).expect(204);
    expect((await server.api.get(path).expect(404)).body.error.code).toBe('not-found');
    await server.api.delete(path).expect(404);
    expect((await server.api.post(`${path}/restore`).expect(200)).body.quantity).toBe(5);
    await server.api.get(path).expect(200);
  });

  it('adds nothing twice for the same client-made id', async () => {
    const id = randomUUID();
    await add({ id, name: 'once' });
    const again = await add({ id, name: 'twice' });
    expect(again.name).toBe('once');
  });

  it('is not added under the id of one that was archived, nor brought back by that', async () => {
    const piece = await add({ name: 'put away' });
    await server.api.delete(`/api/v1/stock/${piece.id}`).expect(204);
    const { body } = await server.api
      .post('/api/v1/stock')
      .send({ ...PIECE, id: piece.id })
      .expect(409);
    expect(body.error.code).toBe('id-taken');
    await server.api.get(`/api/v1/stock/${piece.id}`).expect(404);
  });

  it('leaves out a mass that is not known', async () => {
    const { massG: _mass, ...withoutMass } = PIECE;
    const { body } = await server.api.post('/api/v1/stock').send(withoutMass).expect(201);
    expect(body).not.toHaveProperty('massG');
  });

  it.each([
    [{ diameterMm: 'thirty' }, 'diameterMm'],
    [{ name: '   ' }, 'name'],
    [{ metal: 'unobtainium' }, 'metal'],
    [{ quantity: -1 }, 'quantity'],
    [{ id: 'seven' }, 'id'],
    [{ shine: true }, 'shine'],
  ])('refuses %j and names the field', async (change, path) => {
    const { body } = await server.api
      .post('/api/v1/stock')
      .send({ ...PIECE, ...change })
      .expect(400);
    expect(body.error.fields.map((field: { path: string }) => field.path)).toContain(path);
  });

  it('says not found for an id that cannot be', async () => {
    await server.api.get('/api/v1/stock/seven').expect(404);
  });
});

describe('lists', () => {
  it('search, sort and page', async () => {
    await add({ name: 'Heron alpha', issuer: 'Listland', diameterMm: 21 });
    await add({ name: 'Heron beta', issuer: 'Listland', diameterMm: 22 });
    await add({ name: 'Heron gamma 100%', issuer: 'Listland', diameterMm: 23 });
    const list = async (query: string) => (await server.api.get(`/api/v1/stock?${query}`).expect(200)).body;
    const names = ({ items }: { items: { name: string }[] }) => items.map(({ name }) => name);

    expect(names(await list('q=heron listland&sort=-diameterMm'))).toEqual([
      'Heron gamma 100%',
      'Heron beta',
      'Heron alpha',
    ]);
    expect(names(await list('q=100%25'))).toEqual(['Heron gamma 100%']);
    const first = await list('q=heron&sort=name&limit=2');
    expect(names(first)).toEqual(['Heron alpha', 'Heron beta']);
    const second = await list(`q=heron&sort=name&limit=2&cursor=${first.nextCursor}`);
    expect(names(second)).toEqual(['Heron gamma 100%']);
    expect(second.nextCursor).toBeNull();
  });

  it.each(['sort=shine', 'limit=0', 'limit=many', 'cursor=!!!', 'colour=red'])('refuse %s', async (query) => {
    const { body } = await server.api.get(`/api/v1/stock?${query}`).expect(400);
    expect(body.error.code).toBe('invalid');
  });
});
