import { randomUUID } from 'node:crypto';
import pg from 'pg';

/** Makes an empty database on a PostgreSQL server. @returns its address */
export async function newPostgresDatabase(server: string): Promise<string> {
  const name = `test_${randomUUID().replaceAll('-', '')}`;
  const client = new pg.Client({ connectionString: server });
  await client.connect();
  try {
    await client.query(`create database ${name}`);
  } finally {
    await client.end();
  }
  const url = new URL(server);
  url.pathname = `/${name}`;
  return url.href;
}
