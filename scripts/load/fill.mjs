import { join } from 'node:path';

/** Tables that are multiplied, and which of their columns name a thing that is multiplied with them. */
const TABLES = [
  ['plans', ['id']],
  ['rings', ['id', 'plan_id']],
  ['ring_events', ['id', 'ring_id']],
  ['people', ['id']],
  ['orders', ['id', 'person_id', 'ring_id', 'plan_id']],
  ['order_events', ['id', 'order_id']],
];

/**
 * @param {import('@electric-sql/pglite').PGlite} client
 * @param {string} table
 * @param {readonly string[]} ids columns that hold ids of multiplied things
 * @param {{ from: number, to: number, withRings: number }} copies `withRings`: so many of them have rings
 */
async function multiply(client, table, ids, { from, to, withRings }) {
  const { rows } = await client.query(
    `select column_name as name from information_schema.columns
     where table_schema = 'public' and table_name = $1 and column_name not in ('version', 'seq') and is_generated = 'NEVER'
     order by ordinal_position`,
    [table],
  );
  const names = rows.map(({ name }) => name);
  const idOf = (name) => {
    const id = `overlay(overlay(md5(${name}::text || n) placing '4' from 13) placing '8' from 17)::uuid`;
    // An order of which there are more than rings has none.
    return name === 'ring_id' || name === 'plan_id' ? `case when n <= ${withRings} then ${id} end` : id;
  };
  const values = names.map((name) =>
    ids.includes(name)
      ? idOf(name)
      : ['at', 'created_at', 'finished_at'].includes(name)
        ? `${name} - n * interval '11 hours'`
        : name === 'sizer_id'
          ? 'null'
          : `"${name}"`,
  );
  const columns = names.map((name) => `"${name}"`).join(', ');
  await client.exec(
    `insert into ${table} (${columns})
     select ${values.join(', ')} from (select * from ${table} where id in (select id from originals_${table})) t,
     generate_series(${from}, ${to}) n`,
  );
}

/**
 * Multiplies the made-up workshop in a data folder until it is ten years old.
 * @param {string} dataDir a folder that no server has open
 * @param {{ rings: number, pieces: number, orders: number }} wanted
 */
export async function fillFolder(dataDir, { rings, pieces, orders }) {
  const { PGlite } = await import('@electric-sql/pglite');
  const client = new PGlite(join(dataDir, 'database'));
  const count = async (table, where = 'true') =>
    (await client.query(`select count(*)::int as n from ${table} where ${where}`)).rows[0].n;
  for (const [table] of TABLES)
    await client.exec(`create temp table originals_${table} as select id from ${table}`);
  // Rings that are over, and what belongs to them; the bench keeps the few that are in work.
  await client.exec(
    `delete from originals_rings where id in (select id from rings where status = 'in-work')`,
  );
  await client.exec(`delete from originals_ring_events where id in
    (select e.id from ring_events e where e.ring_id not in (select id from originals_rings))`);
  // Old orders are closed.
  await client.exec(`delete from originals_orders where id not in
    (select order_id from order_events where body->>'to' in ('closed', 'sent', 'cancelled'))`);
  await client.exec(`delete from originals_orders where id in
    (select id from orders where ring_id is not null and ring_id not in (select id from originals_rings))`);
  await client.exec(`delete from originals_order_events where id in
    (select e.id from order_events e where e.order_id not in (select id from originals_orders))`);
  const copiesOf = async (table, total) =>
    Math.max(0, Math.ceil(total / (await count(`originals_${table}`))) - 1);
  const ofRings = await copiesOf('rings', rings);
  const ofOrders = await copiesOf('orders', orders);
  for (const [table, ids] of TABLES) {
    const isOfOrders = ['orders', 'order_events', 'people'].includes(table);
    const copies = isOfOrders ? ofOrders : ofRings;
    const step = table === 'ring_events' ? 2 : 20;
    for (let from = 1; from <= copies; from += step) {
      await multiply(client, table, ids, { from, to: Math.min(copies, from + step - 1), withRings: ofRings });
    }
  }
  const pieceCopies = Math.ceil(pieces / (await count('stock')));
  await client.exec(`create temp table originals_stock as select id from stock`);
  await multiply(client, 'stock', ['id'], { from: 1, to: pieceCopies, withRings: 0 });
  const filled = {
    rings: await count('rings'),
    events: await count('ring_events'),
    pieces: await count('stock'),
    orders: await count('orders'),
  };
  await client.exec('vacuum analyze');
  await client.close();
  return filled;
}
