import { ARCHIVE_PARTS } from '@round-mint/contract/archive-zip';
import { count } from 'drizzle-orm';
import { createWriteStream } from 'node:fs';
import { mkdtemp, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { stock } from '../db/schema';
import { harmZip } from '../testing/harm-zip';
import { smallJpeg } from '../testing/small-jpeg';
import { demoServer, path, testServer, type TestServer } from '../testing/test-server';
import { importArchive } from './import-archive';
import { readEverything } from './read-lines';
import { compareWithArchive, restoreArchive } from './restore-archive';
import { writeArchive } from './write-archive';
import { openZip, type ZipSource } from './zip-source';

let folder: string;
let server: TestServer;
let archive: string;
const opened: ZipSource[] = [];

async function zip(file: string): Promise<ZipSource> {
  const source = await openZip(file);
  opened.push(source);
  return source;
}

async function write(name: string, onProgress: () => void = () => undefined): Promise<string> {
  const file = join(folder, name);
  const database = { db: server.db, kind: 'pglite' } as const;
  await writeArchive(database, createWriteStream(file), { program: 'test', onProgress });
  return file;
}

async function itemsOf(source: ZipSource, part: (typeof ARCHIVE_PARTS)[number]) {
  const items = [];
  for await (const line of source.lines(part)) items.push(line);
  return items;
}

const unchanged = Object.fromEntries(
  ARCHIVE_PARTS.map((part) => [part, { added: 0, changed: 0, removed: 0 }]),
);

beforeAll(async () => {
  folder = await mkdtemp(join(tmpdir(), 'round-mint-archive-'));
  server = await demoServer();
  // Something archived, which goes along.
  const { body } = await server.api.get(path('/stock')).expect(200);
  await server.api.delete(path(`/stock/${body.items[0].id}`)).expect(204);
  const [ring] = (await server.api.get(path('/rings/in-full')).expect(200)).body.items;
  const photo = {
    id: '00000009-0000-4000-8000-0000000000bb',
    at: '2026-11-28T10:00:00.000Z',
    part: 'before',
  };
  await server.api
    .post(path(`/rings/${ring.id}/photos`))
    .send({ ...photo, widthPx: 8, heightPx: 8, jpegBase64: smallJpeg() })
    .expect(201);
  archive = await write('whole.zip');
});
afterAll(async () => {
  for (const source of opened) source.close();
  await server.close();
  await rm(folder, { recursive: true });
});

describe('an archive of format 2', () => {
  it('holds every table and every file, counted and whole', async () => {
    const source = await zip(archive);
    await source.verify();
    expect(source.manifest).toMatchObject({ format: 'round-mint-archive', version: 2, program: 'test' });
    const [row] = await server.db.select({ n: count() }).from(stock);
    expect(source.counts?.stock).toBe(row?.n);
    const pieces = await itemsOf(source, 'stock');
    expect(pieces.filter(({ archivedAt }) => archivedAt !== null)).toHaveLength(1);
    expect(source.counts?.photos).toBeGreaterThan(0);
    expect(await compareWithArchive(server.db, source)).toEqual(unchanged);
  });

  it('carries the workshop to an empty one, whole and once', async () => {
    const empty = await testServer();
    try {
      const dry = await importArchive(empty.db, await zip(archive), true);
      expect((await empty.api.get(path('/stock'))).body.items).toEqual([]);
      const done = await importArchive(empty.db, await zip(archive), false);
      expect(done).toEqual({ ...dry, dryRun: false });
      expect(await compareWithArchive(empty.db, await zip(archive))).toEqual(unchanged);
      const again = await importArchive(empty.db, await zip(archive), false);
      expect(Object.values(again.added).every((n) => n === 0)).toBe(true);
      expect(again.collided).toEqual({ count: 0, items: [] });
    } finally {
      await empty.close();
    }
  });

  it('tells which ids stand for something else here, and leaves those as they are', async () => {
    const other = await testServer();
    try {
      await importArchive(other.db, await zip(archive), false);
      const { items } = (await other.api.get(path('/kit')).expect(200)).body;
      const { id, spec } = items[0];
      await other.api
        .put(path(`/kit/${id}`))
        .send({ name: 'Renamed here', spec })
        .expect(200);
      const { body } = await other.api.get(path('/rings')).expect(200);
      const ring = body.items.find((one: { status: string }) => one.status === 'in-work');
      const note = { id: '00000009-0000-4000-8000-000000000001', at: '2026-11-28T10:00:00.000Z' };
      await other.api
        .post(path(`/rings/${ring.id}/events`))
        .send({ events: [{ ...note, body: { kind: 'spoilt', cause: 'crack-at-cut-edge' } }] })
        .expect(200);
      const result = await importArchive(other.db, await zip(archive), false);
      expect(result.collided.count).toBe(2);
      expect(result.collided.items.map(({ part, id: named }) => [part, named])).toEqual([
        ['kit', id],
        ['rings', ring.id],
      ]);
      expect((await other.api.get(path(`/kit/${id}`))).body.name).toBe('Renamed here');
    } finally {
      await other.close();
    }
  });

  it('is of one moment, its end: what changes while it is written counts as it was last', async () => {
    const { items } = (await server.api.get(path('/kit')).expect(200)).body;
    const tool = items[0];
    const added = '00000009-0000-4000-8000-0000000000aa';
    let pending: Promise<unknown> = Promise.resolve();
    let calls = 0;
    // Some way in, when some tables were read and others were not.
    const file = await write('moving.zip', () => {
      calls += 1;
      if (calls !== 12) return;
      pending = Promise.all([
        server.api.put(path(`/kit/${tool.id}`)).send({ name: 'While it ran', spec: tool.spec }),
        server.api.post(path('/people')).send({
          ...{ id: added, name: 'Came meanwhile', email: '', phone: '', address: '', notes: '', fingers: [] },
        }),
      ]);
    });
    await pending;
    const source = await zip(file);
    await source.verify();
    const tools = await itemsOf(source, 'kit');
    expect(tools.filter(({ item }) => item.id === tool.id)).toMatchObject([
      { item: { name: 'While it ran' } },
    ]);
    expect((await itemsOf(source, 'people')).filter(({ item }) => item.id === added)).toHaveLength(1);
    expect(await compareWithArchive(server.db, source)).toEqual(unchanged);
  });

  it('is refused when it is cut off, damaged, or none at all', async () => {
    const bytes = await readFile(archive);
    const cut = join(folder, 'cut.zip');
    await writeFile(cut, bytes.subarray(0, bytes.length - 200));
    await expect(openZip(cut)).rejects.toThrow(/cut off/);
    const harmed = join(folder, 'harmed.zip');
    await harmZip(archive, harmed, 'tables/kit.ndjson');
    await expect((await zip(harmed)).verify()).rejects.toThrow();
    const other = join(folder, 'other.zip');
    await writeFile(other, 'no zip');
    await expect(openZip(other)).rejects.toThrow(/zip file/);
  });

  it('comes in and goes out over HTTP as one file', async () => {
    const asBytes = (response: NodeJS.ReadableStream, done: (error: null, body: Buffer) => void) => {
      const chunks: Buffer[] = [];
      response.on('data', (chunk: Buffer) => chunks.push(chunk));
      response.on('end', () => done(null, Buffer.concat(chunks)));
    };
    const { body, headers } = await server.api
      .get(path('/export.zip'))
      .buffer(true)
      .parse(asBytes as never)
      .expect(200);
    expect(headers['content-disposition']).toMatch(/round-mint-workshop\.zip/);
    const empty = await testServer();
    try {
      const send = (query: string) =>
        empty.api
          .post(path(`/import${query}`))
          .set('content-type', 'application/zip')
          .send(body);
      expect((await send('?dryRun=1').expect(200)).body.dryRun).toBe(true);
      const { body: done } = await send('').expect(200);
      expect(done.added.stock).toBeGreaterThan(20);
      const { body: refused } = await empty.api
        .post(path('/import'))
        .set('content-type', 'application/zip')
        .send(Buffer.from('no zip'))
        .expect(400);
      expect(refused.error.message).toMatch(/zip file/);
      // Nothing else takes a zip.
      await empty.api
        .post(path('/stock/import'))
        .set('content-type', 'application/zip')
        .send(body)
        .expect(415);
    } finally {
      await empty.close();
    }
  });
});

describe('a workshop put back to an archive', () => {
  it('tells beforehand what changes, and is then what the archive holds', async () => {
    const copy = await testServer();
    try {
      await importArchive(copy.db, await zip(archive), false);
      const { items } = (await copy.api.get(path('/people')).expect(200)).body;
      const [person] = items;
      await copy.api.delete(path(`/people/${person.id}`)).expect(204);
      await copy.api
        .post(path('/people'))
        .send({ name: 'Came later', email: '', phone: '', address: '', notes: '', fingers: [] })
        .expect(201);
      expect((await compareWithArchive(copy.db, await zip(archive))).people).toEqual({
        added: 0,
        changed: 1,
        removed: 1,
      });
      await restoreArchive(copy.db, await zip(archive));
      expect(await compareWithArchive(copy.db, await zip(archive))).toEqual(unchanged);
      const now = (await copy.api.get(path('/people')).expect(200)).body.items;
      expect(now.map(({ id }: { id: string }) => id)).toContain(person.id);
    } finally {
      await copy.close();
    }
  });

  it('stays as it was when the archive is damaged', async () => {
    const copy = await testServer();
    try {
      await importArchive(copy.db, await zip(archive), false);
      const before = (await copy.api.get(path('/stock')).expect(200)).body.items.length;
      const source = await zip(archive);
      const broken = { ...source, counts: { ...source.counts, stock: 1 } };
      await expect(restoreArchive(copy.db, broken)).rejects.toThrow(/all of its stock/);
      expect((await copy.api.get(path('/stock')).expect(200)).body.items).toHaveLength(before);
    } finally {
      await copy.close();
    }
  });

  it('finds a row that is not what its table holds', async () => {
    const copy = await testServer();
    try {
      await importArchive(copy.db, await zip(archive), false);
      await expect(readEverything(copy.db)).resolves.toBeUndefined();
      const [piece] = (await copy.api.get(path('/kit')).expect(200)).body.items;
      await copy.db.execute(`update kit set spec = '{"kind":"nothing"}' where id = '${piece.id}'`);
      await expect(readEverything(copy.db)).rejects.toThrow(
        `A row of the table “kit” cannot be read (${piece.id})`,
      );
    } finally {
      await copy.close();
    }
  });
});
