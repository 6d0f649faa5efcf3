import { csvImportResultSchema } from '@round-mint/contract/csv';
import { demoServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await demoServer();
});
afterAll(() => server.close());

async function csvOf(name: 'stock' | 'kit'): Promise<string> {
  return (await server.api.get(`/api/v1/${name}.csv`).expect(200)).text;
}

async function take(name: 'stock' | 'kit', csv: string, dryRun = false) {
  const path = `/api/v1/${name}/import${dryRun ? '?dryRun=1' : ''}`;
  return csvImportResultSchema.parse((await server.api.post(path).send({ csv }).expect(200)).body);
}

const actions = ({ rows }: Awaited<ReturnType<typeof take>>) => [
  ...new Set(rows.map(({ action }) => action)),
];

describe.each(['stock', 'kit'] as const)('%s as CSV', (name) => {
  it('comes back as it went out', async () => {
    const csv = await csvOf(name);
    const result = await take(name, csv);
    expect(actions(result)).toEqual(['same']);
    expect(result.rows.length).toBeGreaterThan(20);
    expect(await csvOf(name)).toBe(csv);
  });
});

describe('taking a file in', () => {
  it('tells what will change before anything does', async () => {
    const preview = await take(
      'stock',
      'name,quantity,notes\r\n"Brennac Union 20 brenn, 1948",9,counted\r\n',
      true,
    );
    expect(preview).toMatchObject({ dryRun: true, taken: false });
    expect(preview.rows[0]).toMatchObject({ row: 2, action: 'change' });
    expect(preview.rows[0]?.changes).toContainEqual({
      column: 'notes',
      from: 'The workhorse: any size from small to large.',
      to: 'counted',
    });
    expect(await csvOf('stock')).not.toContain('counted');
    expect(
      (await take('stock', 'name,quantity,notes\r\n"Brennac Union 20 brenn, 1948",9,counted\r\n')).taken,
    ).toBe(true);
    expect(await csvOf('stock')).toContain('counted');
  });

  it('adds pieces of any kind', async () => {
    const csv = [
      'name,kind,metal,stations,enamel,quantity',
      'New spoon,handle,silver-925,0:2.4:18; 60:2:9,2-10,3',
    ].join('\n');
    const { taken, rows } = await take('stock', csv);
    expect(taken).toBe(true);
    expect(rows[0]).toMatchObject({ action: 'add' });
    const { items } = (await server.api.get('/api/v1/stock?q=New spoon').expect(200)).body;
    expect(items[0]).toMatchObject({
      kind: 'handle',
      stations: [
        { atMm: 0, thicknessMm: 2.4, widthMm: 18 },
        { atMm: 60, thicknessMm: 2, widthMm: 9 },
      ],
      enamel: [{ fromMm: 2, toMm: 10 }],
    });
  });

  it('takes nothing in while a row is refused, and says which and why', async () => {
    const before = await csvOf('kit');
    const csv = 'name,kind,diameterMm,selfCentring\nGood punch,punch,13,no\nBad punch,punch,wide,no\n';
    const result = await take('kit', csv);
    expect(result.taken).toBe(false);
    expect(result.rows.map(({ action }) => action)).toEqual(['add', 'refused']);
    expect(result.rows[1]?.problems[0]?.message).toContain('length from 2 to 60');
    expect(await csvOf('kit')).toBe(before);
  });

  it.each([
    ['name,colour\nA,red\n', 'colour'],
    ['', 'name'],
  ])('names the columns that it knows for %j', async (csv, word) => {
    const { error } = (await server.api.post('/api/v1/stock/import').send({ csv }).expect(400)).body;
    expect(error.message).toContain(word);
    expect(error.message).toContain('diameterMm');
  });

  it('keeps a test’s findings when the rest is changed by a table', async () => {
    const { items } = (await server.api.get('/api/v1/stock?q=Sterling wire').expect(200)).body;
    const [wire] = items;
    const { createdAt: _c, updatedAt: _u, ...input } = wire;
    await server.api
      .put(`/api/v1/stock/${wire.id}`)
      .send({ ...input, evidence: { magnet: 'none' } })
      .expect(200);
    await take('stock', 'name,notes\n"Sterling wire, 3 mm round",tested\n');
    expect((await server.api.get(`/api/v1/stock/${wire.id}`)).body).toMatchObject({
      notes: 'tested',
      evidence: { magnet: 'none' },
    });
  });
});
