import { csvImportResultSchema, type CsvTableName } from '@round-mint/contract/csv';
import { demoServer, type TestServer } from '../testing/test-server';

let server: TestServer;
beforeAll(async () => {
  server = await demoServer();
});
afterAll(() => server.close());

/** Where each table lies. */
const rootOf = (name: CsvTableName) => `/api/v1/${name === 'supplies' ? 'consumables' : name}`;

async function csvOf(name: CsvTableName): Promise<string> {
  return (await server.api.get(`${rootOf(name)}.csv`).expect(200)).text;
}

async function take(name: CsvTableName, csv: string, dryRun = false) {
  const path = `${rootOf(name)}/import${dryRun ? '?dryRun=1' : ''}`;
  return csvImportResultSchema.parse((await server.api.post(path).send({ csv }).expect(200)).body);
}

const actions = ({ rows }: Awaited<ReturnType<typeof take>>) => [
  ...new Set(rows.map(({ action }) => action)),
];

describe.each([
  ['stock', 20],
  ['kit', 20],
  ['people', 5],
  ['orders', 5],
  ['scrap', 5],
  ['supplies', 5],
] as const)('%s as CSV', (name, atLeast) => {
  it('comes back as it went out', async () => {
    const csv = await csvOf(name);
    const result = await take(name, csv);
    expect(result.rows.filter(({ action }) => action === 'refused')).toEqual([]);
    expect(actions(result)).toEqual(['same']);
    expect(result.rows.length).toBeGreaterThanOrEqual(atLeast);
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

  it('stops at the hundredth row that is refused, and takes no more rows than can be looked through', async () => {
    const [head = ''] = (await csvOf('people')).split('\r\n');
    const name = head.split(',').indexOf('name');
    const line = (value: string) =>
      head
        .split(',')
        .map((_column, i) => (i === name ? value : ''))
        .join(',');
    const file = (rows: readonly string[]) => [head, ...rows.map(line)].join('\n');
    const tooLong = 'x'.repeat(500);
    const result = await take('people', file(['Ada', ...Array<string>(130).fill(tooLong), 'Bela']));
    expect(result).toMatchObject({ taken: false, unread: 31 });
    expect(result.rows).toHaveLength(101);
    const many = file(Array.from({ length: 5001 }, (_, i) => `P${i}`));
    const { body } = await server.api.post('/api/v1/people/import').send({ csv: many }).expect(400);
    expect(body.error.message).toContain('at most 5000');
  });

  it('keeps a test’s findings when the rest is changed by a table', async () => {
    const { items } = (await server.api.get('/api/v1/stock?q=Sterling wire, 3').expect(200)).body;
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

describe('what happens around the bench, as tables', () => {
  it('people come with their fingers, orders find their person by name', async () => {
    const people = [
      'name,email,fingers',
      'Orla Venn,orla@example.test,right:ring:P½:18.2:gauge:4:; left:middle:R:19:told::20.1',
    ].join('\n');
    expect(await take('people', people)).toMatchObject({ taken: true, rows: [{ action: 'add' }] });
    const { items } = (await server.api.get('/api/v1/people?q=Orla').expect(200)).body;
    expect(items[0]).toMatchObject({
      email: 'orla@example.test',
      phone: '',
      fingers: [
        { hand: 'right', finger: 'ring', sizeText: 'P½', gaugeWidthMm: 4, knuckleInsideDiameterMm: null },
        { hand: 'left', measuredBy: 'told', gaugeWidthMm: null, knuckleInsideDiameterMm: 20.1 },
      ],
    });
    const order = [
      'name,person,hand,finger,sizeText,insideDiameterMm,measuredBy,wishKind,wishFinish,stockFrom,approvalWanted',
      'Ring of Orla,Orla Venn,right,ring,P½,18.2,gauge,coin,as-formed,ours,yes',
      'Ring of nobody,Nobody,right,ring,P½,18.2,gauge,coin,as-formed,ours,yes',
    ].join('\n');
    const preview = await take('orders', order, true);
    expect(preview.rows.map(({ action }) => action)).toEqual(['add', 'refused']);
    expect(preview.rows[1]?.problems).toContainEqual({ path: 'personId', message: 'must be a UUID' });
    const [head = '', good = ''] = order.split('\n');
    expect((await take('orders', `${head}\n${good}\n`)).taken).toBe(true);
    const made = (await server.api.get('/api/v1/orders?q=Ring of Orla').expect(200)).body.items;
    expect(made[0]).toMatchObject({
      personId: items[0].id,
      state: 'asked',
      wish: { kind: 'coin', wall: 'straight', year: null, lining: 'none' },
      exchange: null,
    });
  });

  it('a row of scrap without an id is new, however alike', async () => {
    const csv = 'kind,metal,massG\noffcut,silver-925,2.4\n';
    expect(await take('scrap', csv)).toMatchObject({ taken: true, rows: [{ action: 'add' }] });
    expect(await take('scrap', csv)).toMatchObject({ taken: true, rows: [{ action: 'add' }] });
    const { items } = (await server.api.get('/api/v1/scrap').expect(200)).body;
    expect(items.filter(({ massG }: { massG: number }) => massG === 2.4)).toHaveLength(2);
  });

  it('a supply that is counted in a table is counted now; what is worked out is not taken in', async () => {
    const [head = '', first = ''] = (await csvOf('supplies')).split('\r\n');
    const id = first.split(',')[0] ?? '';
    expect(head).toContain('leftAmount');
    const before = Date.now();
    const { rows, taken } = await take('supplies', `id,countedAmount,leftAmount\n${id},777,3\n`);
    expect(taken).toBe(true);
    expect(rows[0]?.changes.map(({ column }) => column).sort()).toEqual(['countedAmount']);
    const { items } = (await server.api.get('/api/v1/consumables').expect(200)).body;
    const supply = items.find((item: { id: string }) => item.id === id);
    expect(supply).toMatchObject({ countedAmount: 777, leftAmount: 777 });
    expect(Date.parse(supply.countedAt)).toBeGreaterThanOrEqual(before);
    const unknown = await take('supplies', 'id,countedAmount\nmoon-dust,1\n');
    expect(unknown.rows[0]).toMatchObject({ action: 'refused', name: 'moon-dust' });
  });
});
