import { chmod, mkdtemp, readdir, rm, writeFile, symlink } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { createApp } from '../app';
import { demoServer, FROM_NETWORK, path, type TestServer } from '../testing/test-server';
import request from 'supertest';
import { isDue, outlived } from './backup-keeping';
import { createBackups, type Backups } from './backups';
import { missingSince } from './lost-rows';

let base: string;
let folder: string;
let server: TestServer;
let backups: Backups;
let api: ReturnType<typeof request>;

beforeAll(async () => {
  base = await mkdtemp(join(tmpdir(), 'round-mint-backups-'));
  folder = join(base, 'backups');
  server = await demoServer();
  const database = { db: server.db, kind: 'pglite', schemaVersion: 1, close: server.close } as const;
  backups = createBackups({ database, folder, program: 'test' });
  api = request(createApp({ database, version: 'test', backups }));
});
afterAll(async () => {
  await server.close();
  await rm(base, { recursive: true });
});

describe('backups', () => {
  it('are made, read back and listed with what they hold', async () => {
    const { body: none } = await api.get(path('/backups')).expect(200);
    expect(none).toMatchObject({ items: [], lastGoodAt: null, problem: null, running: null });
    const { body: made } = await api.post(path('/backups')).expect(201);
    expect(made).toMatchObject({ kind: 'asked', check: { ok: true, problem: null }, restorable: true });
    expect(made.counts.stock).toBeGreaterThan(20);
    const { body: list } = await api.get(path('/backups')).expect(200);
    expect(list).toMatchObject({ items: [made], lastGoodAt: made.at, folder });
    await api
      .get(path(`/backups/${made.id}/file.zip`))
      .expect(200)
      .expect('content-type', 'application/zip');
    await api.get(path('/backups/20200101T000000000Z-daily/file.zip')).expect(404);
    await api.get(path('/backups/..%2f..%2fetc/file.zip')).expect(404);
  });

  it('are restored after a look, and after a backup of what was there', async () => {
    const { body: made } = await api.post(path('/backups')).expect(201);
    const { body: kit } = await api.get(path('/kit')).expect(200);
    await api.delete(path(`/kit/${kit.items[0].id}`)).expect(204);
    const look = await api.post(path(`/backups/${made.id}/restore?dryRun=1`)).expect(200);
    expect(look.body).toMatchObject({ dryRun: true, before: null, changes: { kit: { changed: 1 } } });
    expect((await api.get(path('/kit')).expect(200)).body.items).toHaveLength(kit.items.length - 1);
    const done = await api.post(path(`/backups/${made.id}/restore`)).expect(200);
    expect((await api.get(path('/kit')).expect(200)).body.items).toHaveLength(kit.items.length);
    // And back again: nothing that was there is lost by a restore.
    await api.post(path(`/backups/${done.body.before}/restore`)).expect(200);
    expect((await api.get(path('/kit')).expect(200)).body.items).toHaveLength(kit.items.length - 1);
  });

  it('are one thing at a time', async () => {
    const [first, second] = await Promise.all([api.post(path('/backups')), api.post(path('/backups'))]);
    expect([first.status, second.status].toSorted((a, b) => a - b)).toEqual([201, 409]);
    expect([first.body, second.body].find(({ error }) => error)?.error.code).toBe('backup-running');
  });

  it('are copied to a second folder, which only the machine itself chooses', async () => {
    const second = join(base, 'stick');
    await api.patch(path('/backups')).set(FROM_NETWORK).send({ secondFolder: second }).expect(401);
    const { body: refused } = await api.patch(path('/backups')).send({ secondFolder: 'stick' }).expect(400);
    expect(refused.error.message).toMatch(/whole path/);
    const { body } = await api.patch(path('/backups')).send({ secondFolder: second }).expect(200);
    expect(body.secondFolder).toBe(second);
    expect(await readdir(second)).toHaveLength(1);
    const { body: made } = await api.post(path('/backups')).expect(201);
    expect(await readdir(second)).toContain(`${made.id}.zip`);
    await writeFile(join(base, 'file'), '');
    await api
      .patch(path('/backups'))
      .send({ secondFolder: join(base, 'file', 'x') })
      .expect(400);
    await api.patch(path('/backups')).send({ secondFolder: null }).expect(200);
  });

  it('leave no half a file, and say what went wrong until one is good', async () => {
    await writeFile(join(folder, '20260101T000000000Z-daily.zip.part'), 'cut off');
    await backups.clearParts();
    expect((await readdir(folder)).filter((name) => name.endsWith('.part'))).toEqual([]);
    const gone = new AbortController();
    gone.abort(new Error('the caller has gone'));
    await expect(backups.make('asked', gone.signal)).rejects.toThrow(/gone/);
    expect((await readdir(folder)).filter((name) => name.endsWith('.part'))).toEqual([]);
    await rm(folder, { recursive: true });
    await writeFile(folder, 'a file in its place');
    const { body } = await api.post(path('/backups')).expect(409);
    expect(body.error).toMatchObject({ code: 'backup-failed' });
    expect((await api.get(path('/backups')).expect(200)).body.problem).toMatch(/last backup failed/);
    await rm(folder);
    await api.post(path('/backups')).expect(201);
    expect((await api.get(path('/backups')).expect(200)).body.problem).toBeNull();
    await chmod(folder, 0o700);
  });

  it('list one that was damaged since as what it is', async () => {
    const id = '20260102T000000000Z-daily';
    await writeFile(join(folder, `${id}.zip`), 'half a z');
    const { body } = await api.get(path('/backups')).expect(200);
    const found = body.items.find((one: { id: string }) => one.id === id);
    expect(found).toMatchObject({
      check: { ok: false, problem: expect.stringMatching(/zip/) },
      restorable: false,
    });
    await api.post(path(`/backups/${id}/restore`)).expect(409);
    await rm(join(folder, `${id}.zip`));
  });

  it('leave one out that is taken away while they are listed', async () => {
    const { body: before } = await api.get(path('/backups')).expect(200);
    // A name whose file is gone by the time that it is looked at.
    const gone = join(folder, '20260101T000000000Z-asked.zip');
    await symlink(join(folder, 'gone'), gone);
    const { body: after } = await api.get(path('/backups')).expect(200);
    expect(after.items).toEqual(before.items);
    await api.get(path('/backups/20260101T000000000Z-asked/file.zip')).expect(404);
    await rm(gone);
  });

  it('of the day are made once', async () => {
    const now = new Date();
    await backups.makeIfDue(now);
    await backups.makeIfDue(now);
    const { items } = await backups.list();
    expect(items.filter(({ kind }) => kind === 'daily')).toHaveLength(1);
  });

  it('are none where the workshop has no folder', async () => {
    await server.api.post(path('/backups')).expect(409);
    expect((await server.api.get(path('/backups')).expect(200)).body).toMatchObject({
      folder: null,
      items: [],
    });
  });
});

describe('what is kept', () => {
  const daily = (day: string) => ({ id: day, at: `${day}T10:00:00.000Z`, kind: 'daily' as const });
  const days = Array.from({ length: 400 }, (_one, i) =>
    daily(new Date(Date.UTC(2026, 10, 28) - i * 86_400_000).toISOString().slice(0, 10)),
  );

  it('is seven days, four weeks and twelve months', () => {
    const gone = new Set(outlived(days).map(({ id }) => id));
    const kept = days.map(({ id }) => id).filter((id) => !gone.has(id));
    expect(kept.slice(0, 7)).toEqual(days.slice(0, 7).map(({ id }) => id));
    // Saturday the 28th: the weeks before end on Sundays.
    expect(kept).toEqual(
      expect.arrayContaining(['2026-11-22', '2026-11-15', '2026-11-08', '2026-10-31', '2025-12-31']),
    );
    expect(kept).toHaveLength(7 + 2 + 11);
  });

  it('is one for each day, the last of it, and the last five made for a reason', () => {
    const two = [
      daily('2026-11-28'),
      { ...daily('2026-11-28'), id: 'earlier', at: '2026-11-28T01:00:00.000Z' },
    ];
    expect(outlived(two).map(({ id }) => id)).toEqual(['earlier']);
    const asked = days.slice(0, 8).map((one) => ({ ...one, kind: 'asked' as const }));
    expect(outlived(asked)).toEqual(asked.slice(5));
  });

  it('is due once a day', () => {
    expect(isDue([], new Date('2026-11-28T09:00:00Z'))).toBe(true);
    expect(isDue([daily('2026-11-28')], new Date('2026-11-28T23:00:00Z'))).toBe(false);
    expect(isDue([daily('2026-11-28')], new Date('2026-11-29T01:00:00Z'))).toBe(true);
    const asked = { ...daily('2026-11-28'), kind: 'asked' as const };
    expect(isDue([asked], new Date('2026-11-28T23:00:00Z'))).toBe(true);
  });
});

describe('what is missing', () => {
  const backup = {
    ...{ id: 'x', at: '2026-11-27T10:00:00.000Z', kind: 'daily' as const, bytes: 1, restorable: true },
    check: { ok: true, problem: null },
    counts: { rings: 9, scrap: 4 },
  };

  it('is told against the last backup; the scrap tin may shrink', () => {
    expect(missingSince([backup], { rings: 9, scrap: 0 })).toBeNull();
    expect(missingSince([backup], { rings: 7, scrap: 0 })).toMatch(/2026-11-27 .* 2 of 9 rings/);
    expect(missingSince([], { rings: 0 })).toBeNull();
  });

  it('is nothing where the workshop was put back since', () => {
    const before = { ...backup, kind: 'before-restore' as const, counts: { rings: 12 } };
    expect(missingSince([before, backup], { rings: 9 })).toBeNull();
  });
});
