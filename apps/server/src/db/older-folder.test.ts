import { PGlite } from '@electric-sql/pglite';
import { archiveSchema, type Archive } from '@round-mint/contract/archive';
import { ringState } from '@round-mint/core/ring';
import { drizzle } from 'drizzle-orm/pglite';
import { migrate } from 'drizzle-orm/pglite/migrator';
import { cp, mkdir, mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { gunzipSync } from 'node:zlib';
import { testServer } from '../testing/test-server';

type Row = Readonly<Record<string, unknown>>;

const fileOf = (name: string) => fileURLToPath(new URL(name, import.meta.url));

/** Migrations that the version before had. */
const MIGRATIONS_BEFORE = 6;

/** Every row of a made-up workshop as the version before kept it; tables in the order in which they refer to each other. */
async function rowsBefore(): Promise<ReadonlyMap<string, readonly Row[]>> {
  const file = await readFile(fileOf('fixtures/workshop-of-migration-5.json.gz'));
  return new Map(Object.entries(JSON.parse(gunzipSync(file).toString('utf8')) as Record<string, Row[]>));
}

/** Writes a data folder just as the version before left it. */
async function writeFolder(dataDir: string, tables: ReadonlyMap<string, readonly Row[]>): Promise<void> {
  const migrations = join(dataDir, 'migrations-before');
  await cp(fileOf('migrations'), migrations, { recursive: true });
  const journal = join(migrations, 'meta/_journal.json');
  const { entries, ...rest } = JSON.parse(await readFile(journal, 'utf8')) as { entries: unknown[] };
  await writeFile(journal, JSON.stringify({ ...rest, entries: entries.slice(0, MIGRATIONS_BEFORE) }));
  const client = new PGlite(join(dataDir, 'database'));
  await migrate(drizzle(client), { migrationsFolder: migrations });
  for (const [name, rows] of tables) {
    await client.query(
      `insert into ${name} select (json_populate_record(null::${name}, row)).* from json_array_elements($1::json) as row`,
      [JSON.stringify(rows)],
    );
  }
  for (const name of ['ring_events', 'order_events']) {
    await client.query(
      `select setval(pg_get_serial_sequence('${name}', 'seq'), (select max(seq) from ${name}))`,
    );
  }
  await client.close();
}

const standing = (rows: readonly Row[] = []) => rows.filter((row) => row['deleted_at'] === null);
const idsOf = (rows: readonly { readonly id?: unknown }[]) => rows.map(({ id }) => id).sort();

describe('a data folder of the version before', () => {
  let folder: string;
  let before: ReadonlyMap<string, readonly Row[]>;
  let archive: Archive;
  let nextEventStatus: number;
  beforeAll(async () => {
    folder = await mkdtemp(join(tmpdir(), 'round-mint-older-'));
    await mkdir(join(folder, 'data'));
    before = await rowsBefore();
    await writeFolder(join(folder, 'data'), before);
    const server = await testServer({ dataDir: join(folder, 'data') });
    archive = archiveSchema.parse((await server.api.get('/api/v1/export').expect(200)).body);
    const ring = archive.rings.find(({ status }) => status === 'in-work');
    const event = {
      id: '00000099-0000-4000-8000-000000000001',
      at: '2026-11-30T08:00:00.000Z',
      body: { kind: 'note', text: 'On with it.' },
    };
    const answer = await server.api.post(`/api/v1/rings/${ring?.id}/events`).send({ events: [event] });
    nextEventStatus = answer.status;
    await server.close();
  });
  afterAll(() => rm(folder, { recursive: true, force: true }));

  it.each([
    ['stock', 'stock', 34],
    ['kit', 'kit', 39],
    ['plans', 'plans', 55],
    ['rings', 'rings', 53],
    ['people', 'people', 8],
    ['orders', 'orders', 13],
    ['sizers', 'sizers', 12],
    ['scrap', 'scrap', 102],
    ['dieCharts', 'die_charts', 5],
    ['photos', 'photos', 2],
  ] as const)('keeps every one of its %s', (part, table, count) => {
    const kept: readonly { readonly id: string }[] = archive[part];
    expect(idsOf(kept)).toEqual(idsOf(standing(before.get(table))));
    expect(kept).toHaveLength(count);
  });

  it('keeps what happened, in its order', () => {
    const inOrder = (name: string, owner: string, ownerId: string) =>
      (before.get(name) ?? [])
        .filter((row) => row[owner] === ownerId)
        .sort((a, b) => Number(a['seq']) - Number(b['seq']))
        .map(({ id }) => id);
    for (const { id: ringId } of archive.rings) {
      const events = archive.events.filter((event) => event.ringId === ringId);
      expect(events.map(({ id }) => id)).toEqual(inOrder('ring_events', 'ring_id', ringId));
    }
    for (const { id: orderId } of archive.orders) {
      const events = archive.orderEvents.filter((event) => event.orderId === orderId);
      expect(events.map(({ id }) => id)).toEqual(inOrder('order_events', 'order_id', orderId));
    }
    expect(archive.events.length).toBeGreaterThan(1000);
    expect(nextEventStatus).toBe(200);
  });

  it('knows the moves and the piece states of its rings under their new names', () => {
    const text = JSON.stringify([archive.rings, archive.events]);
    expect(text).not.toContain('"stand":');
    expect(text).not.toContain('"way":');
    const old = (before.get('rings') ?? []).map((row) => row['promise'] as Record<string, unknown>);
    const told = old.filter((promise) => promise['way'] !== undefined).length;
    expect(told).toBeGreaterThan(40);
    expect(archive.rings.filter((ring) => ring.kind === 'coin' && ring.moves !== undefined)).toHaveLength(
      told,
    );
    const rerouted = archive.events.flatMap(({ body }) => (body.kind === 'rerouted' ? body.steps : []));
    expect(rerouted).toHaveLength(4);
    expect(
      rerouted.every(({ pieceState }) => pieceState?.stage === 'to-size' || pieceState?.stage === 'curled'),
    ).toBe(true);
  });

  it('follows each ring to where it was', () => {
    const stepOf = (id: string, steps: Parameters<typeof ringState>[0]['steps']) => {
      const events = archive.events.filter(({ ringId }) => ringId === id);
      return ringState({ steps, mandrel: { mmPerUsSize: 12.7 } }, events).step;
    };
    const inWork = archive.rings.filter(({ status }) => status === 'in-work');
    expect(inWork).toHaveLength(4);
    for (const ring of inWork) expect(stepOf(ring.id, ring.steps)).toBeLessThan(ring.steps.length);
    const finished = archive.rings.find(({ status }) => status === 'finished');
    expect(finished && stepOf(finished.id, finished.steps)).toBe(finished?.steps.length);
  });

  it('keeps what orders, buttons and letters point at', () => {
    const wished = archive.orders.find(({ stockId, sizerId }) => stockId !== null && sizerId !== null);
    expect(wished?.name).toBe('A ring of her birth year');
    expect(archive.stock.some(({ id }) => id === wished?.stockId)).toBe(true);
    expect(archive.sizers.some(({ id }) => id === wished?.sizerId)).toBe(true);
    const [second, first] = archive.scrap
      .filter(({ kind }) => kind === 'button')
      .sort((a, b) => b.at.localeCompare(a.at));
    expect(first?.meltedIntoId).toBe(second?.id);
    const letter = archive.messages.find(({ subject }) => subject === 'Your ring so far');
    const [early, late] = [...archive.photos].sort((a, b) => a.at.localeCompare(b.at));
    expect(letter?.photoIds).toEqual([late?.id, early?.id]);
    expect(archive.settings.workshopName).toBe('The old folder');
  });
});
