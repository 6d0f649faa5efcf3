import { priceRing, type SaleWay } from '@round-mint/core/trade';
import { asc, eq } from 'drizzle-orm';
import type { Database } from '../db/database';
import { ringCosts } from '../services/costs';
import { createShelf, logShelfEvents } from '../services/shelf';
import { sellRing } from '../services/shelf-sale';
import { rings, shelf } from '../db/schema';
import { demoId } from './demo-id';
import { DEMO_PEOPLE } from './people';

const DAY_MS = 86_400_000;
/** Rings of the first year stand at these places of their list, by when they were finished. */
const FIRST_INDEX = 100;

/** What became of rings that nobody ordered: sold after so many days by a way; or what else. */
type Fate =
  readonly [days: number, way: SaleWay] | 'here' | 'reserved' | 'given-away' | 'taken-apart' | 'free';

/** One for each ring of the first year, in the order they were finished. */
const FATES: readonly Fate[] = [
  ...([[12, 'market'], [33, 'own-page'], [9, 'market'], 'given-away', [61, 'other']] as const),
  ...([
    [18, 'market'],
    [25, 'own-page'],
    [7, 'market'],
    [88, 'own-page'],
    [14, 'market'],
  ] as const),
  ...([[41, 'own-page'], 'taken-apart', [22, 'market'], [30, 'market'], [11, 'own-page']] as const),
  ...([
    [52, 'other'],
    [16, 'market'],
    [8, 'market'],
    [73, 'own-page'],
    [27, 'market'],
  ] as const),
  ...(['here', [19, 'own-page'], [35, 'market'], [13, 'market'], 'here'] as const),
  ...([[44, 'own-page'], [21, 'market'], 'here', [10, 'market'], [29, 'own-page']] as const),
  ...(['here', [15, 'market'], [24, 'own-page'], 'reserved', [17, 'market']] as const),
  ...(['here', [6, 'market'], 'here', 'free', 'free'] as const),
];

const STORIES = [
  'The first of a pair; the other one left with a ferryman.',
  'Made on the longest day, beside an open door.',
  'A piece from the bottom of an old purse.',
  '',
] as const;

/** Puts a ring up a day after it was finished, at what its rates say. */
async function putUp(tx: Database, ringId: string, index: number): Promise<string> {
  const [ring] = await tx.select({ finishedAt: rings.finishedAt }).from(rings).where(eq(rings.id, ringId));
  if (!ring?.finishedAt) throw new Error('a ring of the first year is not finished');
  const at = new Date(Date.parse(ring.finishedAt) + DAY_MS).toISOString();
  const { price } = priceRing(await ringCosts(tx, ringId));
  const id = demoId('shelf', index);
  const story = STORIES[index % STORIES.length] ?? '';
  const { events } = await createShelf(tx).create({ id, ringId, price, story, texts: null });
  await tx
    .update(shelf)
    .set({ createdAt: at, events: events.map((event) => ({ ...event, at })) })
    .where(eq(shelf.id, id));
  return at;
}

async function befall(tx: Database, index: number, fate: Fate, putUpAt: string): Promise<void> {
  const id = demoId('shelf', index);
  const after = (days: number) => new Date(Date.parse(putUpAt) + days * DAY_MS).toISOString();
  const tell = (body: Parameters<typeof logShelfEvents>[2][number]['body'], days: number) =>
    logShelfEvents(tx, id, [{ id: demoId('shelf', index * 1000 + 1), at: after(days), body }]);
  if (typeof fate === 'object') {
    const [days, way] = fate;
    const item = await createShelf(tx).get(id);
    const named = way === 'market' ? undefined : DEMO_PEOPLE[index % DEMO_PEOPLE.length];
    await sellRing(tx, id, {
      ...{ id: demoId('shelf', index * 1000 + 1), orderId: demoId('order', 1000 + index), at: after(days) },
      ...{ personId: named?.id ?? null, price: item.price, way, post: way === 'market' ? 0 : 7.5 },
      handedOver: true,
    });
  } else if (fate === 'reserved') {
    const until = new Date(Date.now() + 6 * DAY_MS).toISOString().slice(0, 10);
    await tell({ kind: 'reserved', until, who: 'Orrin Quell' }, 20);
  } else if (fate === 'given-away') await tell({ kind: 'given-away', who: 'the ferry museum' }, 40);
  else if (fate === 'taken-apart') await tell({ kind: 'taken-apart', massG: 7.4 }, 120);
}

/** Rings of the first year that nobody ordered: on the shelf, sold from it, or otherwise gone. */
export async function loadShelf(tx: Database): Promise<void> {
  const made = await tx
    .select({ id: rings.id })
    .from(rings)
    .where(eq(rings.status, 'finished'))
    .orderBy(asc(rings.finishedAt));
  const firstYear = made.filter(({ id }) => id >= demoId('ring', FIRST_INDEX));
  for (const [index, { id }] of firstYear.entries()) {
    const fate = FATES[index] ?? 'free';
    if (fate !== 'free') await befall(tx, index, fate, await putUp(tx, id, index));
  }
}
