import { PGlite } from '@electric-sql/pglite';
import express from 'express';

// What anything of the same kind has to do at least: a query of fifty rows, or an insert, and JSON.
const [folder] = process.argv.slice(2);
const client = new PGlite(folder);
await client.exec(
  'create table if not exists things (id int primary key, name text, data jsonb, at timestamptz default now())',
);
await client.exec(
  `insert into things select g, 'Thing ' || g, jsonb_build_object('a', g, 'b', repeat('x', 200)) from generate_series(1, 20000) g on conflict do nothing`,
);
await client.exec('create table if not exists events (id bigserial primary key, body jsonb)');
const app = express();
app.use(express.json());
app.get('/things', async (_request, response) => {
  const { rows } = await client.query('select * from things order by id desc limit 50');
  response.json({ items: rows });
});
app.post('/events', async (request, response) => {
  const { rows } = await client.query('insert into events (body) values ($1) returning id', [request.body]);
  response.json(rows[0]);
});
const server = app.listen(0, '127.0.0.1', () => {
  console.log(`Round Mint is ready at http://127.0.0.1:${server.address().port}`);
});
