import pg from 'pg';
import { newPostgresDatabase } from '../testing/postgres';
import { path, testServer } from '../testing/test-server';
import { openDatabase } from './database';

/** Named by `npm run test:postgres`; without one, these wait. */
const SERVER = process.env.TEST_POSTGRES;
const onPostgres = SERVER === undefined ? describe.skip : describe;

onPostgres('a PostgreSQL server', () => {
  it('is brought up to date once by servers that start at once', async () => {
    const url = await newPostgresDatabase(SERVER ?? '');
    const opened = await Promise.all([1, 2, 3].map(() => openDatabase({ url })));
    expect(new Set(opened.map(({ schemaVersion }) => schemaVersion)).size).toBe(1);
    await Promise.all(opened.map((one) => one.close()));
  });

  it('may lose its connections: the next call is answered again', async () => {
    const url = await newPostgresDatabase(SERVER ?? '');
    const server = await testServer({ url });
    try {
      await server.api.get(path('/kit')).expect(200);
      const client = new pg.Client({ connectionString: SERVER });
      await client.connect();
      await client.query('select pg_terminate_backend(pid) from pg_stat_activity where datname = $1', [
        new URL(url).pathname.slice(1),
      ]);
      await client.end();
      // A call that meets the loss itself says that it is away.
      const { status } = await server.api.get(path('/kit'));
      expect([200, 503]).toContain(status);
      await server.api.get(path('/kit')).expect(200);
    } finally {
      await server.close();
    }
  });
});
