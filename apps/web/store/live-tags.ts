import type { Change } from '@round-mint/contract/access';
import type { api } from './api';

type Tag = Parameters<typeof api.util.invalidateTags>[0][number];

/** What follows from a ring's events. */
const OF_RINGS: readonly Tag[] = [
  ...([
    'Ring',
    'Stock',
    'Photo',
    'Log',
    'Learnt',
    'DayPlan',
    'Order',
    'ShelfRing',
    'Scrap',
    'Supply',
    'Shop',
  ] as const),
];

/** What a page that shows it fetches again, by what kind of thing another page has changed. */
const TAGS: Readonly<Record<string, readonly Tag[]>> = {
  stock: ['Stock'],
  kit: ['Kit'],
  plans: [],
  'die-charts': ['DieChart'],
  recipes: ['Recipe'],
  rings: OF_RINGS,
  photos: ['Photo', 'ShelfRing'],
  devices: ['Device'],
  people: ['Person'],
  orders: ['Order', 'ShelfRing', 'DayPlan', 'Shop'],
  shelf: ['ShelfRing', 'Order', 'Person', 'Scrap', 'Shop'],
  sizers: ['Sizer'],
  discounts: ['Discount'],
  scrap: ['Scrap', 'Order'],
  consumables: ['Supply'],
  outbox: ['Message', 'Order', 'DayPlan'],
  'day-plan': ['DayPlan'],
  settings: ['Settings', 'Spot', 'Learnt'],
  learnt: ['Learnt'],
  access: ['Access'],
  backups: ['Backup'],
};

/** Everything that is fetched: after a time without the stream, or a change that this page does not know. */
export const ALL_TAGS: readonly Tag[] = [...new Set([...Object.values(TAGS).flat()])];

/** What another page's change makes old here. */
export function tagsOf({ resource }: Pick<Change, 'resource'>): readonly Tag[] {
  return TAGS[resource] ?? ALL_TAGS;
}
