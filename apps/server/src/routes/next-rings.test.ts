import { nextListSchema } from '@round-mint/contract/shelf';
import { path, testServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await testServer();
});
afterAll(() => server.close());

const STRIP = {
  ...{ kind: 'strip', name: 'Silver strip', metal: 'silver-925', section: 'rect' },
  ...{ thicknessMm: 1.5, widthMm: 6, lengthMm: 150, price: 30, quantity: 1 },
  ...{ issuer: '', year: null, grade: '', origin: '', legalNote: '', notes: '' },
};

async function addStock(change: object): Promise<string> {
  const { body } = await server.api
    .post(path('/stock'))
    .send({ ...STRIP, ...change })
    .expect(201);
  return body.id;
}

const next = async (query: string) =>
  nextListSchema.parse((await server.api.get(path(`/next-rings?${query}`)).expect(200)).body).items;

describe('what to make next of other stock than coins', () => {
  it('is nothing of an empty drawer', async () => {
    expect(await next('months=3&count=6')).toEqual([]);
  });

  it('is bands and spinners, as many as a strip is long enough for, each at its share of the strip', async () => {
    const silver = await addStock({});
    const brass = await addStock({ name: 'Brass strip', metal: 'brass', thicknessMm: 1, widthMm: 5 });
    const items = await next('months=6&count=12');
    expect(items.length).toBeGreaterThan(2);
    expect(items.every(({ kind, wall }) => ['strip', 'spinner'].includes(kind) && wall === null)).toBe(true);
    expect(items.every(({ kind, work }) => work?.kind === kind)).toBe(true);
    expect(items.filter(({ kind }) => kind === 'spinner').every(({ otherName }) => otherName !== null)).toBe(
      true,
    );
    // What one band takes at the least: its middle once round.
    const usedMm = items
      .filter(({ stockId, kind }) => stockId === silver && kind === 'strip')
      .reduce((sum, { insideDiameterMm }) => sum + Math.PI * (insideDiameterMm + STRIP.thicknessMm), 0);
    expect(usedMm).toBeGreaterThan(0);
    expect(usedMm).toBeLessThan(STRIP.lengthMm);
    await server.api.delete(path(`/stock/${brass}`)).expect(204);
    // Dearer by 30 for 150 mm, of which a band takes less than half: its price is dearer by less.
    const best = async () => (await next('months=6&count=1'))[0]!;
    const cheap = await best();
    await server.api.delete(path(`/stock/${silver}`)).expect(204);
    await addStock({ price: 60 });
    const dear = await best();
    expect(dear.price - cheap.price).toBeGreaterThan(10);
    expect(dear.price - cheap.price).toBeLessThan(30);
  });
});
