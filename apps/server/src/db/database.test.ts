import { PGlite } from '@electric-sql/pglite';
import { execFileSync } from 'node:child_process';
import { existsSync } from 'node:fs';
import { mkdir, mkdtemp, readdir, readFile, rm, writeFile } from 'node:fs/promises';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { loadDemo } from '../demo/load';
import { TEST_DEMO } from '../testing/make-templates';
import { makeDemoFolder, templateOf, testServer } from '../testing/test-server';
import { folderProblem, needRoom } from './folder-check';
import { FolderInUseError, lockFolder } from './folder-lock';

/** As a killed process does: a socket with nobody listening, which the next one takes over. */
function leaveSocket(folder: string): void {
  const script =
    "require('net').createServer().listen('lock.sock', () => process.kill(process.pid, 'SIGKILL'));";
  expect(() => execFileSync(process.execPath, ['-e', script], { cwd: folder })).toThrow();
}

async function inFolder<T>(work: (folder: string) => Promise<T>): Promise<T> {
  const folder = await mkdtemp(join(tmpdir(), 'round-mint-test-'));
  try {
    return await work(folder);
  } finally {
    await rm(folder, { recursive: true, force: true });
  }
}

describe('the data folder', () => {
  it('keeps everything from one start to the next', () =>
    inFolder(async (dataDir) => {
      await makeDemoFolder(dataDir);
      const first = await testServer({ dataDir });
      // Something of this start, too.
      await first.api.patch('/api/v1/settings').send({ workshopName: 'The Far Quay' }).expect(200);
      const before = (await first.api.get('/api/v1/export')).body;
      await first.close();
      const second = await testServer({ dataDir });
      const after = (await second.api.get('/api/v1/export')).body;
      await second.close();
      expect({ ...after, exportedAt: '' }).toEqual({ ...before, exportedAt: '' });
    }));

  it('has one writer only: a second server is refused in words, and let in when the first is gone', () =>
    inFolder(async (dataDir) => {
      await makeDemoFolder(dataDir);
      const first = await testServer({ dataDir });
      await expect(testServer({ dataDir })).rejects.toThrow(/Another Round Mint server is already using/);
      await first.close();
      const second = await testServer({ dataDir });
      await second.close();
    }));

  it('is not locked by a server that was killed, and by one of two that start at once', () =>
    inFolder(async (folder) => {
      const unlock = await lockFolder(folder);
      await expect(lockFolder(folder)).rejects.toBeInstanceOf(FolderInUseError);
      await unlock();
      leaveSocket(folder);
      expect(await readdir(folder)).toEqual(['lock.sock']);
      const taken = await Promise.allSettled([lockFolder(folder), lockFolder(folder), lockFolder(folder)]);
      const won = taken.flatMap((one) => (one.status === 'fulfilled' ? [one.value] : []));
      expect(won).toHaveLength(1);
      await won[0]?.();
      // Nothing is left of it that a copy of the folder would trip over.
      expect(await readdir(folder)).toEqual([]);
    }));

  it('is not locked for long by a server that was killed while it took the folder over', () =>
    inFolder(async (folder) => {
      leaveSocket(folder);
      await mkdir(join(folder, 'lock.taking'));
      const unlock = await lockFolder(folder);
      await unlock();
      expect(await readdir(folder)).toEqual([]);
    }));

  it('is locked however long its name is', () =>
    inFolder(async (folder) => {
      const long = join(folder, 'a'.repeat(120), 'b'.repeat(120));
      await mkdir(long, { recursive: true });
      const unlock = await lockFolder(long);
      await expect(lockFolder(long)).rejects.toBeInstanceOf(FolderInUseError);
      await unlock();
    }));

  it('is not touched when a newer program has written to it', () =>
    inFolder(async (dataDir) => {
      await makeDemoFolder(dataDir);
      const client = new PGlite(join(dataDir, 'database'));
      await client.exec(
        "insert into drizzle.__drizzle_migrations (hash, created_at) values ('of tomorrow', 99999999999999)",
      );
      await client.close();
      await expect(testServer({ dataDir })).rejects.toThrow(
        /opened by a newer Round Mint .* nothing was changed/,
      );
      // Nor is it kept locked.
      const unlock = await lockFolder(dataDir);
      await unlock();
    }));

  it('says in words what is wrong with it before anything is loaded', () =>
    inFolder(async (folder) => {
      const file = join(folder, 'file');
      await writeFile(file, '');
      await expect(testServer({ dataDir: file })).rejects.toThrow(/is a file, not a folder.* DATA_DIR/);
      await expect(testServer({ dataDir: join(file, 'below') })).rejects.toThrow(/is a file, not a folder/);
    }));
});

describe('what is wrong with a folder', () => {
  it.each([
    ['EACCES', /may not be read and written by you/],
    ['EROFS', /read-only/],
    ['ENOSPC', /is full/],
    ['ENOTDIR', /is a file/],
  ])('is told for %s', (code, words) => {
    const problem = folderProblem('/data', Object.assign(new Error('no'), { code }));
    expect(problem?.message).toMatch(words);
    expect(problem?.message).toContain('/data');
  });

  it('is not made up for other failures', () => {
    expect(folderProblem('/data', new Error('no'))).toBeUndefined();
  });

  it('is too little room', () => {
    expect(() => needRoom('/data', 63 * 1_048_576)).toThrow(/has 63 MB left, and 64 are needed/);
    expect(() => needRoom('/data', 64 * 1_048_576)).not.toThrow();
  });
});

describe('plans made before there were kinds', () => {
  it('keep what was chosen when the database moves on', async () => {
    const folder = fileURLToPath(new URL('migrations', import.meta.url));
    const files = (await readdir(folder)).filter((name) => name.endsWith('.sql')).sort();
    const kinds = files.findIndex((name) => name.includes('kinds_of_work'));
    // Emptied, it is as good as a new one, which takes ten seconds to make.
    const copyOf = await templateOf('empty');
    const db = new PGlite(copyOf ? { loadDataDir: copyOf } : {});
    await db.exec('drop schema drizzle cascade; drop schema public cascade; create schema public;');
    const run = async (names: readonly string[]) => {
      for (const name of names) {
        const text = await readFile(join(folder, name), 'utf8');
        for (const statement of text.split('--> statement-breakpoint')) await db.exec(statement);
      }
    };
    await run(files.slice(0, kinds));
    const id = '00000003-0000-4000-8000-000000000001';
    await db.exec(`insert into stock (id, name, issuer, metal, diameter_mm, form, edge, outside_face, grade, origin, legal_note, notes, quantity)
      values ('${id}', '20 tarns', 'Tarn', 'silver-900', 30, 'round', 'plain', 'either', '', '', '', '', 1);
      insert into plans (id, name, stock_id, hole_mm, target_inside_diameter_mm, wall, curl_deg, finish, school)
      values ('${id}', 'Old', '${id}', 12.7, 18.9, 'rounded', 25, 'dark', 'leave');`);
    await run(files.slice(kinds));
    const { rows } = await db.query<{ kind: string; choices: unknown }>('select kind, choices from plans');
    await db.close();
    expect(rows).toEqual([
      { kind: 'coin', choices: { holeMm: 12.7, wall: 'rounded', curlDeg: 25, school: 'leave' } },
    ]);
  });
});

/** Where Debian and others put a PostgreSQL server's programs. */
async function postgresPrograms(): Promise<string | undefined> {
  const root = '/usr/lib/postgresql';
  if (!existsSync(root)) return undefined;
  const versions = await readdir(root);
  return versions.map((version) => join(root, version, 'bin')).find((bin) => existsSync(join(bin, 'initdb')));
}

describe('a PostgreSQL server', () => {
  it('serves the same interface, where one is installed', async () => {
    const bin = await postgresPrograms();
    if (!bin) {
      console.warn('No PostgreSQL is installed: this check was not made.');
      return;
    }
    await inFolder(async (folder) => {
      // PostgreSQL will not run as root; the same test runs for either kind of user.
      const asRoot = process.getuid?.() === 0;
      const run = (program: string, args: readonly string[]) => {
        const command = [join(bin, program), ...args];
        const [file, ...rest] = asRoot ? ['runuser', '-u', 'postgres', '--', ...command] : command;
        execFileSync(file as string, rest, { stdio: 'ignore', cwd: '/' });
      };
      if (asRoot) execFileSync('chown', ['postgres', folder]);
      const data = join(folder, 'pg');
      run('initdb', ['-D', data, '-A', 'trust', '-U', 'maker']);
      run('pg_ctl', ['-D', data, '-w', '-o', `-k ${folder} -h ''`, '-l', join(folder, 'log'), 'start']);
      try {
        const server = await testServer({ url: `postgres://maker@/postgres?host=${folder}` });
        try {
          expect(await loadDemo(server.db, TEST_DEMO)).toBe(true);
          const health = await server.api.get('/api/v1/health').expect(200);
          expect(health.body.database).toBe('postgres');
          const { body } = await server.api.get('/api/v1/stock?q=marenza&sort=-diameterMm').expect(200);
          expect(body.items.map(({ diameterMm }: { diameterMm: number }) => diameterMm)).toEqual([
            34.6, 31.4, 23.1,
          ]);
        } finally {
          await server.close();
        }
      } finally {
        run('pg_ctl', ['-D', data, '-m', 'fast', 'stop']);
      }
    });
  });
});
